import type { HandsTried } from '../../../api/types';

const WIDTH = 640;
const HEIGHT = 190;
const LEFT = 64;
const RIGHT = 16;
const TOP = 16;
const BOTTOM = 26;

/** Seconds for each piece that held, run after run, against what usual hands take. */
export function HandsCurve({ hands, words }: { hands: HandsTried[]; words: string }) {
  const held = hands.flatMap((h) =>
    h.secondsEach === null ? [] : [{ ...h, each: h.secondsEach }],
  );
  const last = held[held.length - 1];
  const usual = hands[0]?.usual;
  if (!usual) return <p className="text-soft">Nothing of this kind was timed yet.</p>;
  if (!last) return <p className="text-soft">None held so far: draw the next ones down further.</p>;
  const most = 1.15 * Math.max(usual.high, ...held.map((h) => h.each));
  const x = (i: number) => LEFT + ((i + 0.5) / Math.max(6, held.length)) * (WIDTH - LEFT - RIGHT);
  const y = (s: number) => HEIGHT - BOTTOM - (s / most) * (HEIGHT - TOP - BOTTOM);
  return (
    <figure>
      <figcaption>
        <span className="font-semibold">{words}</span>:{' '}
        <strong className="text-2xl tabular-nums">{last.each.toFixed(0)}</strong>{' '}
        <span className="text-soft">
          s each that held; usual hands take {usual.low.toFixed(0)} to {usual.high.toFixed(0)}
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full max-w-3xl"
        role="img"
        aria-label={`Seconds each, run by run: ${held.map((h) => h.each.toFixed(0)).join(', ')}`}
      >
        <rect
          x={LEFT}
          y={y(usual.high)}
          width={WIDTH - LEFT - RIGHT}
          height={y(usual.low) - y(usual.high)}
          fill="var(--well)"
        />
        <path
          d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}H${WIDTH - RIGHT}`}
          fill="none"
          stroke="var(--edge)"
        />
        <g fontSize={13} fill="var(--soft)">
          <text x={LEFT - 8} y={y(usual.high) + 4} textAnchor="end">
            {usual.high.toFixed(0)} s
          </text>
          <text x={LEFT - 8} y={y(usual.low) + 4} textAnchor="end">
            {usual.low.toFixed(0)} s
          </text>
          <text x={WIDTH - RIGHT - 6} y={y(usual.high) + 15} textAnchor="end">
            usual hands
          </text>
          <text x={WIDTH - RIGHT} y={HEIGHT - 8} textAnchor="end">
            run by run
          </text>
        </g>
        <path
          d={`M${held.map((h, i) => `${x(i)} ${y(h.each)}`).join('L')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        {held.map((h, i) => (
          <circle
            key={h.at}
            cx={x(i)}
            cy={y(h.each)}
            r={5}
            fill={i === held.length - 1 ? 'var(--thread)' : 'var(--sheet)'}
            stroke="var(--ink)"
            strokeWidth={2}
          />
        ))}
      </svg>
    </figure>
  );
}
