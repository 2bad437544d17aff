import type { Guess } from '../../../api/types';

const WIDTH = 440;
const HEIGHT = 200;
const LEFT = 70;
const RIGHT = 16;
const TOP = 18;
const BOTTOM = 28;
/** What is further off than this is drawn at the edge. */
const MAX = 100;
/** Within this a guess is as good as a plan's own figure, percent. */
const NEAR = 15;

/** Guesses one after the other: above the line too much was said, below it too little; the thread is where the last few lie. */
export function GuessPlot({ guesses, words }: { guesses: Guess[]; words: string }) {
  const last = guesses.at(-1);
  if (!last) return null;
  const lately = `Lately ${last.lately}.`;
  const x = (i: number) =>
    LEFT + ((i + 0.5) / Math.max(6, guesses.length)) * (WIDTH - LEFT - RIGHT);
  const middle = TOP + (HEIGHT - TOP - BOTTOM) / 2;
  const y = (over: number) =>
    middle - (Math.max(-MAX, Math.min(MAX, over)) / MAX) * ((HEIGHT - TOP - BOTTOM) / 2);
  const near = guesses.filter((g) => Math.abs(g.overPercent) <= NEAR).length;
  return (
    <figure>
      <figcaption className="font-semibold">{words}</figcaption>
      <p className="text-soft">{lately}</p>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`${guesses.length} guesses, ${near} of them within ${NEAR} percent. ${lately}`}
      >
        <rect
          x={LEFT}
          y={y(NEAR)}
          width={WIDTH - LEFT - RIGHT}
          height={y(-NEAR) - y(NEAR)}
          fill="var(--well)"
        />
        <path d={`M${LEFT} ${middle}H${WIDTH - RIGHT}`} stroke="var(--edge)" />
        <g fontSize={13} fill="var(--soft)" textAnchor="end">
          <text x={LEFT - 8} y={y(50) + 4}>
            50 % over
          </text>
          <text x={LEFT - 8} y={middle + 4}>
            so
          </text>
          <text x={LEFT - 8} y={y(-50) + 4}>
            under
          </text>
          <text x={WIDTH - RIGHT} y={HEIGHT - 8}>
            guess by guess
          </text>
        </g>
        <path
          d={`M${guesses.map((g, i) => `${x(i)} ${y(g.latelyPercent)}`).join('L')}`}
          fill="none"
          stroke="var(--thread)"
          strokeWidth={4}
          strokeLinejoin="round"
        />
        {guesses.map((g, i) => (
          <circle
            key={g.at}
            cx={x(i)}
            cy={y(g.overPercent)}
            r={4.5}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={2}
          >
            <title>{`said ${g.said}, planned ${g.isSo}`}</title>
          </circle>
        ))}
      </svg>
    </figure>
  );
}
