import type { KnotTried } from '../../../api/types';

interface Side {
  name: string;
  passes: number;
  tried: KnotTried | undefined;
}

const WIDTH = 640;
const HEIGHT = 220;
const LEFT = 40;
const BOTTOM = 34;
const TOP = 12;

/** What more passes are worth: for how long each side's knot holds against how long it takes to tie, pass by pass. */
export function Tradeoff({ sides, weeks }: { sides: Side[]; weeks: number }) {
  const shown = sides.flatMap((s) => (s.tried ? [{ ...s, tried: s.tried }] : []));
  if (shown.length === 0) return null;
  const most = Math.max(20, ...shown.flatMap((s) => s.tried.byPasses.map((p) => p.seconds)));
  const mostWeeks = Math.max(...shown.map((s) => s.tried.mostWeeks));
  const x = (seconds: number) => LEFT + (seconds / most) * (WIDTH - LEFT - 24);
  const y = (of: number) => HEIGHT - BOTTOM - (of / mostWeeks) * (HEIGHT - BOTTOM - TOP);
  return (
    <figure className="md:col-span-2">
      <figcaption className="pb-1 font-semibold">What each pass is worth</figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full max-w-3xl"
        role="img"
        aria-label={shown.map((s) => `${s.name}: ${told(s.tried)}`).join('; ')}
      >
        <g stroke="var(--edge)" strokeWidth={1} fill="none">
          <path d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}H${WIDTH - 8}`} />
          <path d={`M${LEFT} ${y(weeks)}H${WIDTH - 8}`} strokeDasharray="5 4" />
        </g>
        <g fontSize={12} fill="var(--soft)">
          {[0, 4, 8, 12, 16].map((w) => (
            <text key={w} x={LEFT - 6} y={y(w) + 4} textAnchor="end">
              {w}
            </text>
          ))}
          {[0, 10, 20, 30, 40, 50, 60]
            .filter((s) => s <= most)
            .map((s) => (
              <text key={s} x={x(s)} y={HEIGHT - BOTTOM + 16} textAnchor="middle">
                {s}
              </text>
            ))}
          <text x={LEFT + 6} y={TOP + 6}>
            weeks it holds
          </text>
          <text x={WIDTH - 8} y={HEIGHT - 3} textAnchor="end">
            seconds to tie it
          </text>
          <text x={WIDTH - 8} y={y(weeks) - 4} textAnchor="end">
            wished
          </text>
        </g>
        {shown.map((s, i) => (
          <g key={s.name} stroke="var(--ink)" strokeWidth={2}>
            <path
              fill="none"
              strokeDasharray={i === 0 ? undefined : '7 4'}
              d={`M${s.tried.byPasses.map((p) => `${x(p.seconds)} ${y(p.weeks)}`).join('L')}`}
            />
            {s.tried.byPasses.map((p) => {
              const isIt = p.passes === s.passes || s.tried.byPasses.length === 1;
              return (
                <g key={p.passes} transform={`translate(${x(p.seconds)} ${y(p.weeks)})`}>
                  {i === 0 ? (
                    <circle r={isIt ? 9 : 4} fill={isIt ? 'var(--thread)' : 'var(--sheet)'} />
                  ) : (
                    <rect
                      x={isIt ? -8 : -4}
                      y={isIt ? -8 : -4}
                      width={isIt ? 16 : 8}
                      height={isIt ? 16 : 8}
                      fill={isIt ? 'var(--thread)' : 'var(--sheet)'}
                    />
                  )}
                  {isIt && (
                    <text
                      y={4}
                      textAnchor="middle"
                      fontSize={11}
                      fontWeight={700}
                      fill="#11201a"
                      stroke="none"
                    >
                      {s.name}
                    </text>
                  )}
                </g>
              );
            })}
          </g>
        ))}
      </svg>
    </figure>
  );
}

const told = (tried: KnotTried) =>
  tried.byPasses
    .map((p) => `${p.passes} ${p.passes === 1 ? 'pass' : 'passes'} ${p.weeks} weeks`)
    .join(', ');
