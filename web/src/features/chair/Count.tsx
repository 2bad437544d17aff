import { PackageOpen } from 'lucide-react';
import { lazy, Suspense } from 'react';
import type { Outlook, WorkSheet } from '../../api/types';
import { sayLoops } from '../../lib/amount';
import { formatMinutes, plural } from '../../lib/time';
import { Steps, WhyKey } from '../../why';
import { isToDo, loopsIn, loopsToDo, nextSteps, sideCount, type WorkState } from './visit/fold';
import type { RecordEvents } from './visit/recordEvents';
import type { Shown } from './visit/visitStore';

const ForecastLine = lazy(() => import('./ForecastLine'));

interface Props {
  shown: Shown;
  outlook: Outlook | undefined;
  record: RecordEvents;
  onOptions: () => void;
}

/** Done and to go, left against right, loops, bundles and minutes, and what it will come to. */
export function Count({ shown, outlook, record, onOptions }: Props) {
  const { visit, state } = shown;
  if (!visit || !state) return null;
  const minutes = outlook?.minutesLeft.likely ?? plannedLeft(visit.sheet, state);
  return (
    <div className="flex flex-col">
      <div className="border-b border-line px-4 py-3">
        <p className="text-sm text-soft">to go</p>
        <p className="text-5xl leading-none font-semibold tracking-tight">
          {formatMinutes(Math.round(minutes))}
        </p>
        {outlook && (
          <p className="mt-1 flex justify-between gap-2 text-sm text-soft">
            {outlook.minutesLeft.high - outlook.minutesLeft.low >= 10 && (
              <span>
                {formatMinutes(Math.round(outlook.minutesLeft.low))} to{' '}
                {formatMinutes(Math.round(outlook.minutesLeft.high))}
              </span>
            )}
            <WhyKey words="minutes to go" told={<Steps steps={outlook.whyMinutes} />} />
          </p>
        )}
      </div>
      <Callout shown={shown} outlook={outlook} onOptions={onOptions} />
      <Sides state={state} />
      {visit.sheet.supplies.map(
        (s, k) =>
          s.cutFrom === null && (
            <Hank key={k} shown={shown} supply={k} outlook={outlook} record={record} />
          ),
      )}
      {outlook && (
        <Suspense fallback={null}>
          <ForecastLine outlook={outlook} />
        </Suspense>
      )}
    </div>
  );
}

/** Minutes by the plan, for as long as no server says more. */
function plannedLeft(sheet: WorkSheet, state: WorkState): number {
  return nextSteps(sheet, state)
    .map((s) => {
      const open = s.shares.filter((ref) => isToDo(state.shares.get(ref))).length;
      return s.minutesLikely * (s.shares.length === 0 ? 1 : open / s.shares.length);
    })
    .reduce((a, b) => a + b, 0);
}

/** Left and right must come out even: two columns of beads beside each other. */
function Sides({ state }: { state: WorkState }) {
  const sides = [
    { words: 'left', ...sideCount(state, 'LEFT') },
    { words: 'middle', ...sideCount(state, 'MIDDLE') },
    { words: 'right', ...sideCount(state, 'RIGHT') },
  ].filter((s) => s.done + s.open > 0);
  const most = Math.max(1, ...sides.map((s) => s.done + s.open));
  return (
    <dl
      className="grid grid-flow-col gap-3 border-b border-line px-4 py-3"
      aria-label="Shares by side"
    >
      {sides.map((s) => (
        <div key={s.words}>
          <dt className="text-sm text-soft">{s.words}</dt>
          <dd className="leading-none">
            <span className="text-3xl font-semibold">{s.done}</span>
            <span className="text-soft"> of {s.done + s.open}</span>
            <span className="mt-2 block h-2" aria-hidden="true">
              <span
                className="block h-2 rounded-full bg-edge/50"
                style={{ width: `${(100 * (s.done + s.open)) / most}%` }}
              >
                <span
                  className="block h-2 rounded-full bg-thread"
                  style={{ width: `${(100 * s.done) / Math.max(1, s.done + s.open)}%` }}
                />
              </span>
            </span>
          </dd>
        </div>
      ))}
    </dl>
  );
}

interface HankProps {
  shown: Shown;
  supply: number;
  outlook: Outlook | undefined;
  record: RecordEvents;
}

/** The hair of one line: what is in, what it comes to, what is there; the open bundle as a hank that grows thin. */
function Hank({ shown, supply, outlook, record }: HankProps) {
  const { visit, state } = shown;
  const s = visit?.sheet.supplies[supply];
  if (!state || !s) return null;
  const hair = outlook?.hair.find((h) => h.supply === supply);
  const inLoops = loopsIn(state, supply);
  const total = hair?.total.likely ?? inLoops + loopsToDo(state, supply);
  const there = hair?.there ?? s.shelfLoops + s.boughtLoops;
  const end = Math.max(total, there, 1);
  const counted = state.counted.get(supply);
  const at = (v: number) => `${Math.min(100, (100 * v) / end)}%`;
  return (
    <section
      aria-label={`Hair: ${s.hair.name}, ${s.colour}`}
      className="border-b border-line px-4 py-3"
    >
      <p className="flex items-baseline justify-between gap-2 text-sm text-soft">
        <span className="truncate">
          {s.hair.name}, {state.replaced.get(supply)?.colour || s.colour}
        </span>
        <span className="shrink-0">{Math.round(there)} there</span>
      </p>
      <p className="leading-none">
        <span className="text-3xl font-semibold">{sayLoops(inLoops)}</span>
        <span className="text-soft"> of about {Math.round(total)} loops in </span>
        {hair && (
          <WhyKey words={`${s.hair.name}, loops in the end`} told={<Steps steps={hair.why} />} />
        )}
      </p>
      <div className="relative mt-2 h-3 rounded-full bg-well" aria-hidden="true">
        <span
          className="absolute inset-y-0 left-0 rounded-full bg-edge/45"
          style={{ width: at(total) }}
        />
        <span
          className="absolute inset-y-0 left-0 rounded-full bg-thread"
          style={{ width: at(inLoops) }}
        />
        <span
          className="absolute -inset-y-1 w-1 rounded bg-ink"
          style={{ left: `calc(${at(there)} - 4px)` }}
        />
      </div>
      <div className="mt-2 flex items-center gap-3">
        <p className="mr-auto text-sm text-soft">
          {counted?.bundles
            ? `${plural(counted.bundles, 'bundle')} opened${
                hair ? `, about ${Math.ceil(hair.bundles.likely)} in all` : ''
              }`
            : 'no bundle opened yet'}
        </p>
        <button
          type="button"
          onClick={() => void record([{ kind: 'BUNDLE_OPENED', supply, lot: '', loops: null }])}
          className="flex h-12 items-center gap-2 rounded-md border border-edge bg-ground px-3 hover:bg-well"
        >
          <PackageOpen size={18} aria-hidden /> opened one
        </button>
      </div>
    </section>
  );
}

/** Whether it will come out, or is done already. */
function Callout({
  shown,
  outlook,
  onOptions,
}: Pick<Props, 'outlook' | 'onOptions'> & { shown: Shown }) {
  const scarce = outlook?.hair.find((h) => h.lasts !== 'YES');
  const state = shown.state;
  if (!outlook || !state || (!scarce && !outlook.mayStop)) return null;
  const end = scarce?.endsBefore ? state.shares.get(scarce.endsBefore)?.as : undefined;
  return (
    <button
      type="button"
      onClick={onOptions}
      className={`border-b px-4 py-3 text-left ${
        scarce ? 'border-chalk bg-chalk-wash' : 'border-thread-deep bg-thread/25'
      }`}
    >
      {outlook.mayStop && (
        <span className="block font-semibold">You may stop here: it covers.</span>
      )}
      {scarce && (
        <span className="block font-semibold">
          {scarce.lasts === 'NO'
            ? `At this pace the hair runs out${end ? ` on row ${end.row}` : ''}.`
            : 'The hair may run out.'}
        </span>
      )}
      <span className="text-sm underline">See what you can do</span>
    </button>
  );
}
