import { useState } from 'react';
import type { SheetStep } from '../../../api/types';
import { plural } from '../../../lib/time';
import { useLengths } from '../../../ui/prefs';
import { Place } from '../place/Place';
import { Turner } from '../place/Turner';
import { stage } from '../visit/visitEvent';
import type { RecordEvents } from '../visit/recordEvents';
import type { Shown } from '../visit/visitStore';
import { Afterwards } from './Afterwards';

interface Props {
  shown: Shown;
  record: RecordEvents;
  onClose: () => void;
}

const NO_STEP: SheetStep = {
  number: 0,
  stage: 'TAKE_DOWN',
  rows: [],
  shares: [],
  words: [],
  minutesLow: 0,
  minutesLikely: 0,
  minutesHigh: 0,
  loops: 0,
  cautions: [],
};

/** The work run backward: every tail is found and marked first, then row by row, then what was seen. */
export function TakingDown({ shown, record, onClose }: Props) {
  const { visit, state } = shown;
  const lengths = useLengths();
  const [isAfter, setAfter] = useState(false);
  if (!visit || !state) return null;
  const { sheet } = visit;
  const down = state.takedown;
  const clock = state.stages.get('TAKE_DOWN');
  const isBegun = clock !== undefined;
  const tails = sheet.tails.filter((t) => !down.found.has(t.row));
  const rows = sheet.takedown.filter((r) => !down.undone.has(r));
  const wordsOf = (id: string) => sheet.rows.find((r) => r.id === id)?.words ?? id;
  const inHand = tails[0]?.row ?? rows[0];
  const begin = isBegun
    ? clock.runsSince === undefined
      ? [stage('STAGE_RESUMED', 'TAKE_DOWN')]
      : []
    : [stage('STAGE_BEGUN', 'TAKE_DOWN')];
  return (
    <div className="grid min-h-0 flex-1 grid-cols-1 gap-px overflow-y-auto bg-line lg:grid-cols-[3fr_4fr]">
      <section aria-label="Place" className="relative min-h-72 bg-ground p-3">
        <Place
          sheet={sheet}
          state={state}
          step={inHand ? { ...NO_STEP, rows: [inHand] } : undefined}
          className="h-full w-full"
        />
        <Turner />
      </section>
      <section className="flex flex-col gap-4 bg-sheet p-6">
        <div className="flex items-baseline gap-3">
          <h2 className="mr-auto text-2xl font-semibold">Taking down</h2>
          <button type="button" onClick={onClose} className="underline">
            back to what it came to
          </button>
        </div>
        {tails.length > 0 ? (
          <>
            <p className="border-l-4 border-chalk pl-3 text-lg">
              Every tail can be taken for fibre. Find and mark each before the first cut.
            </p>
            <p className="text-3xl leading-none font-semibold tabular-nums">
              {down.found.size}
              <span className="text-lg font-normal text-soft"> of {sheet.tails.length} found</span>
            </p>
            <ul aria-label="Tails" className="flex flex-col gap-2">
              {tails.map((t) => (
                <li key={t.row}>
                  <button
                    type="button"
                    onClick={() => void record([...begin, { kind: 'TAIL_FOUND', row: t.row }])}
                    className="flex min-h-14 w-full items-center gap-4 rounded-lg border-2 border-edge bg-ground px-4 text-left hover:border-thread-deep"
                  >
                    <Stitch />
                    <span className="min-w-0 flex-1">
                      <span className="block text-lg leading-tight font-semibold">
                        {wordsOf(t.row)}
                      </span>
                      <span className="text-soft">{lengths.sentence(t.place)}</span>
                    </span>
                    <span className="font-semibold">found</span>
                  </button>
                </li>
              ))}
            </ul>
          </>
        ) : rows.length > 0 && !isAfter ? (
          <>
            <p className="text-lg">
              Pull each share straight out from the head, cut it close to the row, never the row
              itself, and draw the rest out from beneath. Then undo the row.
            </p>
            <p className="text-3xl leading-tight font-semibold">{wordsOf(rows[0] ?? '')}</p>
            <p className="text-soft">
              {plural(rows.length, 'row')} to go
              {rows[1] && `; then ${wordsOf(rows[1])}`}
            </p>
            <button
              type="button"
              onClick={() => void record([...begin, { kind: 'ROW_UNDONE', row: rows[0] ?? '' }])}
              className="h-20 rounded-lg border-2 border-thread-deep bg-thread text-xl font-semibold text-[#11201a]"
            >
              It is out
            </button>
            <button type="button" onClick={() => setAfter(true)} className="self-start underline">
              All is out: go on
            </button>
          </>
        ) : (
          <Afterwards shown={shown} record={record} onClose={onClose} />
        )}
      </section>
    </div>
  );
}

/** A tail is a cross-stitch to be found. */
function Stitch() {
  return (
    <svg viewBox="0 0 20 20" className="size-7 shrink-0" aria-hidden="true">
      <path d="M3 3l14 14M17 3L3 17" stroke="var(--tail)" strokeWidth={3} strokeLinecap="round" />
    </svg>
  );
}
