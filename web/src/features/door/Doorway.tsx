import type { ReactNode } from 'react';

const STRANDS = 9;
const PITCH = 40;
const LINK = 15;
const HIGH = 900;

/** A curtain of plaits with beads, as they hang in the doorway of a studio; what is asked stands beside it. */
export function Doorway({ isOver, children }: { isOver: boolean; children: ReactNode }) {
  return (
    <div
      className={`${isOver ? 'fixed inset-0 z-50' : 'h-full'} grid overflow-hidden bg-ground md:grid-cols-[minmax(12rem,2fr)_3fr]`}
    >
      <div aria-hidden className="relative hidden overflow-hidden bg-plait md:block">
        <svg
          viewBox={`0 0 ${STRANDS * PITCH} ${HIGH}`}
          preserveAspectRatio="xMidYMin slice"
          className="absolute inset-0 size-full"
        >
          {Array.from({ length: STRANDS }, (_, i) => (
            <Strand
              key={i}
              x={(i + 0.5) * PITCH}
              until={HIGH * (0.58 + (0.3 * Math.abs(i - 4)) / 4)}
            />
          ))}
        </svg>
      </div>
      <main className="grid min-h-0 place-items-center overflow-y-auto px-5 py-8">
        <div className="w-full max-w-md">{children}</div>
      </main>
    </div>
  );
}

function Strand({ x, until }: { x: number; until: number }) {
  const links = Math.floor(until / LINK);
  return (
    <g
      transform={`translate(${x} 0)`}
      fill="none"
      strokeWidth={5}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path
        stroke="var(--plait-lit)"
        d={Array.from({ length: links }, (_, i) => `M-9 ${i * LINK}l9 10 9-10`).join('')}
      />
      <circle cy={links * LINK + 10} r={7} fill="var(--thread)" />
      <circle cy={links * LINK + 26} r={7} fill="var(--bead)" />
    </g>
  );
}
