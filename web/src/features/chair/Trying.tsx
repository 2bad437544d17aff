import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Outlook } from '../../api/types';
import { plural } from '../../lib/time';
import { useLengths } from '../../ui/prefs';
import { useWords, wordOf } from '../../words';
import { chairFillsQuery } from './chair.queries';
import { Place } from './place/Place';
import type { RecordEvents } from './visit/recordEvents';
import type { Shown } from './visit/visitStore';

interface Props {
  id: string;
  shown: Shown;
  record: RecordEvents;
}

/** Every part and way tried on what was really hooked; what shows is marked, and fills are put in one by one. */
export function Trying({ id, shown, record }: Props) {
  const { sentence } = useLengths();
  const { shares } = useWords();
  const { visit, state } = shown;
  const tried = useQuery({ ...chairFillsQuery(id, shown.arrived), enabled: !shown.isAway });
  const [chosen, setChosen] = useState(0);
  const trial = tried.data?.trials[chosen];
  if (!visit || !state) return null;
  const isTried = (t: { way: string; part: number }) =>
    state.tries.some(({ worn: w }) => (w.part ?? -1) === t.part && w.way === t.way);
  return (
    <div className="flex h-full min-h-0 flex-col gap-2">
      <div role="radiogroup" aria-label="Try" className="flex flex-wrap gap-1.5">
        {tried.data?.trials.map((t, i) => (
          <button
            key={t.words}
            type="button"
            role="radio"
            aria-checked={i === chosen}
            onClick={() => setChosen(i)}
            className="min-h-12 rounded-md border border-edge bg-sheet px-3 hover:bg-well aria-checked:border-thread-deep aria-checked:bg-thread/30"
          >
            {isTried(t) ? '✓ ' : ''}
            {t.words}
          </button>
        ))}
      </div>
      <div className="min-h-0 flex-1">
        <Place
          sheet={visit.sheet}
          state={state}
          step={undefined}
          gaps={trial?.shown ?? []}
          fills={tried.data?.fills ?? []}
          className="h-full w-full"
        />
      </div>
      {trial && (
        <div className="flex items-center gap-3">
          <p className="mr-auto">
            {trial.gaps === 0
              ? 'Nothing shows.'
              : `${plural(trial.gaps, 'place')} where skin shows, ${gaps(trial.shown, sentence)}.`}
          </p>
          <button
            type="button"
            onClick={() =>
              void record([
                {
                  kind: 'TRIED',
                  worn: { way: trial.way, part: trial.part >= 0 ? trial.part : null, gap: null },
                  showed: gaps(trial.shown, sentence),
                },
              ])
            }
            className="h-12 shrink-0 rounded-md border border-edge bg-sheet px-4 hover:bg-well"
          >
            tried
          </button>
        </div>
      )}
      {tried.data?.fills.length === 0 && <p className="text-soft">No fill is needed.</p>}
      <ul className="flex max-h-40 flex-col gap-1.5 overflow-y-auto">
        {tried.data?.fills.map((f) => (
          <li key={`${f.row}/${f.at}`} className="flex items-center gap-3">
            <span className="mr-auto">
              A {wordOf(shares, f.shareParts)} on row {f.row}: {sentence(f.why)}
            </span>
            <button
              type="button"
              onClick={() => void record([f.what])}
              className="h-12 shrink-0 rounded-md border border-thread-deep bg-thread px-4 font-semibold text-[#11201a]"
            >
              put in
            </button>
          </li>
        ))}
      </ul>
      {shown.isAway && (
        <p className="text-soft">What shows is worked out once the server answers.</p>
      )}
    </div>
  );
}

const gaps = (
  shown: NonNullable<Outlook['now']>['gaps'],
  sentence: ReturnType<typeof useLengths>['sentence'],
) => shown.map((g) => sentence(g.place)).join('; ');
