import { useRef, useState, type KeyboardEvent } from 'react';
import type { Point } from '../../../lib/curve';
import { mapFrame, mapPoint } from '../../../lib/mapPoint';
import { useBench, useComputed, useIsHeld } from '../draft/useBench';
import { usePace } from './usePace';

interface Props {
  at: Point;
  label: string;
  value: number;
  min: number;
  max: number;
  /** Its value as it is said, shown beside it while it is held. */
  words: string;
  isTurned: boolean;
  /** Drawn otherwise where a handle is no end of a part. */
  shape?: 'round' | 'square';
  onTake: () => void;
  /** By how much it was moved since it was taken, mm on the map; Alt refuses to snap. */
  onDrag: (by: Point, refuses: boolean) => void;
  /** One step by key: to her right and back are positive. */
  onStep: (right: number, back: number, isFine: boolean) => void;
  onRemove?: () => void;
}

/** Something on the map to be taken hold of, by pointer or by key; Escape lets go and restores. */
export function Grip(props: Props) {
  const { at, isTurned, shape = 'round' } = props;
  const { plan } = useComputed();
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const giveUp = useBench((b) => b.giveUp);
  const taken = useRef<{ from: Point; frame: DOMMatrix } | null>(null);
  const mark = useRef<SVGGElement>(null);
  const [isHeld, setHeld] = useState(false);
  const [isDragged, setDragged] = useState(false);
  const isStillHeld = useIsHeld();
  const pace = usePace(plan);
  const end = (how: () => void) => {
    if (how === letGo) pace.finish();
    else pace.drop();
    if (taken.current) how();
    taken.current = null;
    setHeld(false);
    setDragged(false);
  };
  const onKey = (e: KeyboardEvent) => {
    const turn = isTurned ? -1 : 1;
    const steps: Record<string, [number, number]> = {
      ArrowRight: [turn, 0],
      ArrowLeft: [-turn, 0],
      ArrowDown: [0, 1],
      ArrowUp: [0, -1],
    };
    const step = steps[e.key];
    if (step) props.onStep(step[0], step[1], e.shiftKey);
    else if (e.key === 'Escape' && taken.current) end(giveUp);
    else if ((e.key === 'Delete' || e.key === 'Backspace') && props.onRemove) props.onRemove();
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  const common = {
    tabIndex: 0,
    role: 'slider',
    'aria-label': props.label,
    'aria-valuenow': Math.round(props.value),
    'aria-valuemin': props.min,
    'aria-valuemax': props.max,
    'aria-valuetext': props.words,
    fill: 'var(--thread)',
    stroke: 'var(--plait)',
    strokeWidth: 1.2,
    className: 'cursor-grab',
    onKeyDown: onKey,
    onFocus: () => setHeld(true),
    onBlur: () => setHeld(taken.current !== null),
    onPointerDown: (e: React.PointerEvent<SVGElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      const frame = mapFrame(e);
      taken.current = { from: mapPoint(e, isTurned, frame), frame };
      setHeld(true);
      hold(plan?.ledger);
      setDragged(true);
      props.onTake();
    },
    onPointerMove: (e: React.PointerEvent<SVGElement>) => {
      if (!taken.current) return;
      if (!isStillHeld()) {
        end(giveUp);
        return;
      }
      const { from, frame } = taken.current;
      const p = mapPoint(e, isTurned, frame);
      // The mark goes with the finger at once; the map, which is computed anew, comes after it.
      mark.current?.setAttribute('transform', `translate(${p.x} ${p.y})`);
      const refuses = e.altKey;
      pace.move(() => props.onDrag({ x: p.x - from.x, y: p.y - from.y }, refuses));
    },
    onPointerUp: () => end(letGo),
    onPointerCancel: () => end(letGo),
  };
  return (
    <g>
      {shape === 'round' ? (
        <circle cx={at.x} cy={at.y} r={4.2} {...common} />
      ) : (
        <rect
          x={at.x - 3.8}
          y={at.y - 3.8}
          width={7.6}
          height={7.6}
          transform={`rotate(45 ${at.x} ${at.y})`}
          {...common}
        />
      )}
      {isDragged && (
        <g ref={mark} transform={`translate(${at.x} ${at.y})`} pointerEvents="none" data-mark>
          <circle r={7.5} fill="none" stroke="var(--ink)" strokeWidth={2.6} />
          <circle r={7.5} fill="none" stroke="var(--thread)" strokeWidth={1.4} />
        </g>
      )}
      {isHeld && (
        <text
          transform={`translate(${at.x} ${at.y - 8})${isTurned ? ' scale(-1 1)' : ''}`}
          fontSize={8.5}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--ink)"
          stroke="var(--sheet)"
          strokeWidth={3}
          paintOrder="stroke"
          strokeLinejoin="round"
          pointerEvents="none"
          fontFamily="var(--font-narrow)"
        >
          {props.words}
        </text>
      )}
    </g>
  );
}
