import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../../../../api/client';
import type { Stopping } from '../../../../api/types';
import { formatMinutes, plural } from '../../../../lib/time';
import { useBench } from '../../draft/useBench';

/** How the head fills as it is hooked, and from which loop on nothing shows any more. */
export function WhenToStop() {
  const brief = useBench((b) => b.brief);
  const { data, error } = useQuery({
    queryKey: ['stopping', brief],
    queryFn: () => api.stopping(brief),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  return (
    <section aria-label="When to stop" className="flex flex-col gap-2">
      <h3 className="border-b border-edge font-semibold">When to stop</h3>
      {error && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {error.message}
        </p>
      )}
      {!data && !error && (
        <p role="status" className="text-sm text-soft">
          Hooking it share by share…
        </p>
      )}
      {data && <Told stopping={data} />}
    </section>
  );
}

function Told({ stopping }: { stopping: Stopping }) {
  const { points, mayStop, savedLoops } = stopping;
  const last = points.at(-1);
  const stop = mayStop === null ? undefined : points[mayStop];
  if (!last) return null;
  return (
    <>
      {stop ? (
        <p className="text-sm leading-snug">
          <strong className="text-3xl leading-none">{stop.loops}</strong>{' '}
          {savedLoops > 0
            ? `of ${plural(last.loops, 'loop')} cover it: you may stop there`
            : 'loops cover it, no fewer'}
          {savedLoops > 0 && (
            <span className="block text-soft">
              {plural(savedLoops, 'loop')} and {formatMinutes(stop.minutesLeft)} less;{' '}
              {Math.round(stop.fullnessPercent)} % as full as a full head
            </span>
          )}
        </p>
      ) : (
        <p className="text-sm leading-snug">
          Even all {plural(last.loops, 'loop')} leave {last.exposedPercent} % to be seen: see where
          the fills go.
        </p>
      )}
      <Curve points={points} stop={mayStop ?? undefined} />
      <ol className="text-sm leading-snug">
        {points
          .filter((p, i) => p.stage !== 'REST' || i === mayStop)
          .map((p) => (
            <li key={p.shares} className="flex justify-between gap-2 border-b border-line py-1">
              <span className="first-letter:uppercase">{p.words}</span>
              <span className="text-right whitespace-nowrap">
                {p.loops} loops, <strong>{p.exposedPercent} %</strong> shows
              </span>
            </li>
          ))}
      </ol>
      {stop && stop.nextHidesCm2 > 0 && (
        <p className="text-xs text-soft">
          From there the next share hides {stop.nextHidesCm2} cm² more. Low and behind first, then
          the front, then wherever a share hides most.
        </p>
      )}
    </>
  );
}

const WIDTH = 240;
const HEIGHT = 64;

/** Skin that shows against loops hooked; the place where it may be stopped is marked. */
function Curve({ points, stop }: { points: Stopping['points']; stop: number | undefined }) {
  const most = Math.max(...points.map((p) => p.exposedPercent), 1);
  const loops = Math.max(...points.map((p) => p.loops), 1);
  const x = (n: number) => (n / loops) * WIDTH;
  const y = (percent: number) => HEIGHT * (1 - percent / most);
  const at = stop === undefined ? undefined : points[stop];
  const line = points.map((p) => `${x(p.loops)},${y(p.exposedPercent)}`).join(' ');
  return (
    <svg
      role="img"
      aria-label={`What shows as loops go in, from ${points[0]?.exposedPercent ?? 0} % to ${points.at(-1)?.exposedPercent ?? 0} %`}
      viewBox={`0 -6 ${WIDTH} ${HEIGHT + 12}`}
      className="w-full overflow-visible"
    >
      {at && (
        <rect
          x={x(at.loops)}
          y={0}
          width={WIDTH - x(at.loops)}
          height={HEIGHT}
          className="fill-thread/25"
        />
      )}
      <line x1={0} x2={WIDTH} y1={HEIGHT} y2={HEIGHT} className="stroke-edge" />
      <polyline points={line} fill="none" strokeWidth={2.5} className="stroke-ink" />
      {points.map((p) => (
        <circle
          key={p.shares}
          cx={x(p.loops)}
          cy={y(p.exposedPercent)}
          r={2.5}
          className="fill-ink"
        />
      ))}
      {at && (
        <circle
          cx={x(at.loops)}
          cy={y(at.exposedPercent)}
          r={5}
          strokeWidth={2}
          className="fill-thread stroke-ink"
        />
      )}
    </svg>
  );
}
