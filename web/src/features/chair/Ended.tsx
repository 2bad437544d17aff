import { useQuery } from '@tanstack/react-query';
import { FileDown } from 'lucide-react';
import type { Outlook } from '../../api/types';
import { accountQuery } from './chair.queries';
import { WhatItCameTo } from './WhatItCameTo';
import { sayLoops } from '../../lib/amount';
import { exactMinutes, formatWeekday, plural } from '../../lib/time';
import { loopsIn, type WorkState } from './visit/fold';
import type { RecordEvents } from './visit/recordEvents';
import type { Shown } from './visit/visitStore';
import { Picture } from './more/Picture';
import { Place } from './place/Place';
import { FileOut } from '../../ui/FileIn';
import { useWords, wordOf } from '../../words';

interface Props {
  shown: Shown;
  outlook: Outlook | undefined;
  record: RecordEvents;
  onDown: () => void;
}

/** What it came to, and the way back if something is to be filled the next day. */
export function Ended({ shown, outlook, record, onDown }: Props) {
  const { stages } = useWords();
  const { visit, state } = shown;
  const account = useQuery({
    ...accountQuery(visit?.visit.id ?? '', shown.arrived),
    enabled: !!visit && !shown.isAway,
  });
  if (!visit || !state) return null;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-1 gap-px overflow-y-auto bg-line lg:grid-cols-[3fr_4fr]">
      <section className="min-h-72 bg-ground p-3">
        <Place sheet={visit.sheet} state={state} step={undefined} className="h-full w-full" />
      </section>
      <section className="flex flex-col gap-5 bg-sheet p-6">
        <h2 className="text-2xl font-semibold">Finished</h2>
        {account.data && <WhatItCameTo account={account.data} />}
        {!shown.isAway && (
          <p className="self-start">
            <FileOut href={`/api/visits/${visit.visit.id}/worksheet.json`}>
              <FileDown size={16} aria-hidden /> The worksheet as a file
            </FileOut>
          </p>
        )}
        <dl className="grid grid-cols-[auto_auto_auto] items-baseline gap-x-6 gap-y-1 self-start">
          <dt className="sr-only">What</dt>
          {!account.data &&
            visit.sheet.supplies.map((s, k) => (
              <Line
                key={k}
                name={`${s.hair.name}, ${s.colour}`}
                planned={`${s.placedLoops} loops planned`}
                came={`${sayLoops(loopsIn(state, k))} hooked`}
              />
            ))}
          {[...state.stages]
            .map(([of, t]) => ({ of, likely: plannedMinutes(shown, of), came: t.spentMs / 60_000 }))
            .filter(({ likely, came }) => likely >= 0.5 || came >= 0.5)
            .map(({ of, likely, came }) => (
              <Line
                key={of}
                name={wordOf(stages, of)}
                planned={`${exactMinutes(likely)} planned`}
                came={exactMinutes(came)}
              />
            ))}
        </dl>
        {outlook?.now && (
          <p>
            {outlook.now.covers
              ? 'It covers however it is worn.'
              : `${plural(outlook.now.gaps.length, 'place')} where skin shows, worn ${outlook.now.wayWords}.`}
          </p>
        )}
        {outlook && outlook.due.length > 0 && <Due due={outlook.due} />}
        <Written state={state} />
        {state.pictures.length > 0 && (
          <ul className="flex flex-wrap gap-2">
            {state.pictures.map((p) => (
              <li key={p.picture}>
                <Picture visitId={visit.visit.id} id={p.picture} />
              </li>
            ))}
          </ul>
        )}
        <div className="flex flex-wrap gap-3">
          <button
            type="button"
            onClick={onDown}
            className="h-14 rounded-lg border-2 border-edge bg-ground px-6 text-lg hover:bg-well"
          >
            {state.takedown.isOver ? 'How it came out' : 'Take it down'}
          </button>
          {!state.takedown.isOver && (
            <button
              type="button"
              onClick={() => void record([{ kind: 'REOPENED' }])}
              className="h-14 rounded-lg border-2 border-edge bg-ground px-6 text-lg hover:bg-well"
            >
              Open once more
            </button>
          )}
        </div>
      </section>
    </div>
  );
}

/** What comes next, and on which day. */
function Due({ due }: { due: Outlook['due'] }) {
  return (
    <section aria-label="What comes next">
      <h3 className="mb-1 text-lg font-semibold">What comes next</h3>
      <ol className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {due.map((d) => (
          <li key={d.day + d.words} className="col-span-2 grid grid-cols-subgrid items-baseline">
            <time dateTime={d.day} className="text-lg font-semibold whitespace-nowrap">
              {formatWeekday(d.day)}
            </time>
            <span>{d.words}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function plannedMinutes(shown: Shown, of: string): number {
  return (shown.visit?.sheet.steps ?? [])
    .filter((s) => s.stage === of)
    .reduce((sum, s) => sum + s.minutesLikely, 0);
}

function Line({ name, planned, came }: { name: string; planned: string; came: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd className="text-soft">{planned}</dd>
      <dd className="text-lg font-semibold">{came}</dd>
    </>
  );
}

/** What was put down in words. */
function Written({ state }: { state: WorkState }) {
  const slipped = [...state.shares.values()].filter((w) => w.done === 'SLIPPED').length;
  const out = [...state.shares.values()].filter((w) => w.done === 'TAKEN_OUT').length;
  const left = [...state.shares.values()].filter((w) => w.done === 'LEFT_OUT').length;
  const lines = [
    state.fills.length > 0 && plural(state.fills.length, 'fill'),
    slipped > 0 && `${plural(slipped, 'share')} slipped`,
    out > 0 && `${plural(out, 'share')} taken out`,
    left > 0 && `${plural(left, 'share')} left out`,
  ].filter(Boolean);
  return (
    <>
      {lines.length > 0 && <p>{lines.join(', ')}.</p>}
      {state.notes.map((n, i) => (
        <p key={i} className="border-l-4 border-thread pl-3">
          {n.words}
        </p>
      ))}
    </>
  );
}
