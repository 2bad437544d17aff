import { useId } from 'react';
import type { Frame, Mark } from './frames';

interface Props {
  frame: Frame;
  /** Whether it is drawn for somebody who holds the hook in her left hand. */
  isLeft: boolean;
  /** Whether what is new in it comes to lie as one looks; nobody who wants no motion is shown any. */
  isMoving?: boolean;
  className?: string;
}

/** One step of a knot: a row in section on the scalp, the line that is seen to its left, and what is done. */
export function KnotFrame({ frame, isLeft, isMoving = false, className = '' }: Props) {
  const isLifted = frame.marks.some((m) => m.is === 'row' && m.lifted === true);
  const tip = useId();
  return (
    <svg viewBox="0 0 260 190" className={className} role="img" aria-label={frame.words}>
      <marker
        id={tip}
        viewBox="0 0 8 8"
        refX={4}
        refY={4}
        markerWidth={4}
        markerHeight={4}
        orient="auto"
      >
        <path d="M0 0L8 4L0 8Z" fill="var(--thread-deep)" />
      </marker>
      <g transform={isLeft ? 'translate(260 0) scale(-1 1)' : undefined}>
        <path
          d={
            isLifted
              ? 'M0 156 H84 C104 156 108 138 130 138 C152 138 156 156 176 156 H260 V190 H0Z'
              : 'M0 156H260V190H0Z'
          }
          fill="var(--clay)"
        />
        <path d="M10 160v22M16 160v22" stroke="var(--sheet)" strokeWidth={2} />
        {frame.marks.map((m, i) => (
          <Drawn key={i} mark={m} isMoving={isMoving} tip={tip} />
        ))}
      </g>
    </svg>
  );
}

const HAIR = { A: 'var(--fibre-dark)', B: 'var(--fibre-light)' } as const;

function Drawn({ mark: m, isMoving, tip }: { mark: Mark; isMoving: boolean; tip: string }) {
  switch (m.is) {
    case 'row':
      return <RowInSection y={m.lifted === true ? 92 : 118} />;
    case 'hair':
      return (
        <g fill="none" strokeLinecap="round">
          <path
            d={m.path}
            stroke="var(--sheet)"
            strokeWidth={(m.thick ?? 6) + 3}
            strokeLinecap="butt"
          />
          <path
            d={m.path}
            stroke={HAIR[m.leg]}
            strokeWidth={m.thick ?? 6}
            pathLength={1}
            className={isMoving && m.isNew === true ? 'comes-to-lie' : undefined}
          />
        </g>
      );
    case 'hook':
      return <Hook isOpen={m.latch === 'open'} isOut={m.out === true} />;
    case 'knot':
      return (
        <g
          transform={`translate(${m.x} ${m.y}) scale(${m.size ?? 1})`}
          fill="none"
          strokeLinecap="round"
        >
          <circle
            r={11}
            fill={m.slack ? 'var(--sheet)' : 'var(--fibre-dark)'}
            stroke="var(--sheet)"
            strokeWidth={2}
          />
          <circle
            r={11}
            stroke="var(--fibre-dark)"
            strokeWidth={3}
            strokeDasharray={m.slack ? '5 5' : undefined}
          />
          <path d="M-6 -5L6 5M-8 2L2 9M-2 -9L8 -2" stroke="var(--fibre-light)" strokeWidth={2.5} />
        </g>
      );
    case 'bead':
      return (
        <g transform={`translate(${m.x} ${m.y})`}>
          <circle r={9} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={3} />
          <circle r={3} fill="var(--ink)" />
        </g>
      );
    case 'finger':
      return (
        <g transform={`translate(${m.x} ${m.y}) rotate(24)`}>
          <path
            d="M-11 -60V0A11 11 0 0 0 11 0V-60"
            fill="var(--well)"
            stroke="var(--ink)"
            strokeWidth={2}
          />
          <path d="M-6 -1a6 7 0 0 0 12 0" fill="none" stroke="var(--edge)" strokeWidth={1.5} />
        </g>
      );
    case 'comb':
      return (
        <g transform={`translate(${m.x} ${m.y}) rotate(-30)`} stroke="var(--ink)" strokeWidth={2.5}>
          <path d="M-34 -8H34" strokeWidth={9} />
          <path d="M-28 -6V18M-20 -6V18M-12 -6V18M-4 -6V18M4 -6V18M12 -6V18M20 -6V18M28 -6V18" />
        </g>
      );
    case 'caught':
      return (
        <path
          d="M156 124 C174 120 190 116 204 104M150 130 C172 130 190 122 206 106"
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={2.5}
        />
      );
    case 'arrow':
      return (
        <path d={m.path} stroke="var(--thread-deep)" strokeWidth={3.5} markerEnd={`url(#${tip})`} />
      );
  }
}

/** A row across: three strands that lie round each other. */
function RowInSection({ y }: { y: number }) {
  return (
    <g transform={`translate(130 ${y})`} stroke="var(--sheet)" strokeWidth={2} fill="var(--plait)">
      <ellipse rx={30} ry={21} />
      <path
        d="M-24 -10C-8 -2 -6 10 -16 18M24 -10C8 -2 6 10 16 18M-13 -18C-4 -6 4 -6 13 -18"
        fill="none"
      />
    </g>
  );
}

/** A hook with its latch: under the row with its tip toward the line that is seen, or drawn out on the far side. */
function Hook({ isOpen, isOut }: { isOpen: boolean; isOut: boolean }) {
  return (
    <g
      transform={isOut ? 'translate(122 -30)' : undefined}
      fill="none"
      stroke="var(--steel)"
      strokeLinecap="round"
      strokeWidth={5}
    >
      <path d="M256 56L190 138Q182 147 166 147L96 147Q82 147 82 136Q82 127 91 129" />
      {isOpen ? (
        <path d="M112 145L124 130" strokeWidth={3.5} stroke="var(--chalk)" />
      ) : (
        <path d="M112 145L92 131" strokeWidth={3.5} />
      )}
    </g>
  );
}
