import type { Plan } from '../../../../api/types';
import { formatMinutes, plural } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { useBench, useComputed } from '../../draft/useBench';
import { TurnList } from '../TurnList';
import { ByMethod } from './ByMethod';
import { WhenToStop } from './WhenToStop';

type Note = Plan['notes'][number];

const BEFORE: Note['moment'][] = ['BEFORE', 'CHAIR'];
const AFTER: Note['moment'][] = ['TRYING', 'FINISHING', 'HOME', 'TAKEDOWN'];

/** The hooking in the order it is worked, left and right by turns; rows kept for parts wait, marked. */
export function WorkTab() {
  const { plan } = useComputed();
  const showKnots = useBench((b) => b.showKnots);
  if (!plan) return null;
  const name = (id: string) => plan.rows.find((r) => r.id === id)?.words ?? id;
  const stages = [...new Set(plan.work.map((w) => w.stage))];
  return (
    <>
      <ByMethod fields={['order']} />
      <Notes of={plan.notes} moments={BEFORE} />
      {stages.map((stage) => {
        const steps = plan.work.filter((w) => w.stage === stage);
        const minutes = steps.reduce((sum, w) => sum + w.minutes.likely, 0);
        return (
          <section key={stage} aria-label={stage}>
            <h3 className="flex justify-between border-b border-edge font-semibold">
              <span className="first-letter:uppercase">{stage}</span>
              <span>{formatMinutes(minutes)}</span>
            </h3>
            <TurnList
              plan={plan}
              turns={steps.map((w) => ({
                number: w.number,
                row: w.row,
                twin: w.twin ?? undefined,
                name: w.twin ? bothNames(name(w.row), w.twin) : name(w.row),
                aside: `${plural(w.stations.length, 'share')}, ${Math.max(1, Math.round(w.minutes.likely))} min`,
                words: w.words,
                mark: w.isMarked ? 'kept for the part: marked' : undefined,
              }))}
            />
          </section>
        );
      })}
      <WhenToStop />
      <Button className="self-start" onClick={() => showKnots('fills')}>
        Where the fills go
      </Button>
      <Notes of={plan.notes} moments={AFTER} />
    </>
  );
}

/** "front row 3 and 12" is one name for two rows worked in turn. */
const bothNames = (name: string, twin: string): string =>
  `${name.replace(/ (\d+)$/, 's $1')} and ${twin.replace(/^[A-Z]+/, '')}`;

/** What goes with the plan besides the hooking, moment by moment. */
function Notes({ of, moments }: { of: Note[]; moments: Note['moment'][] }) {
  return moments.map((moment) => {
    const lines = of.filter((n) => n.moment === moment);
    return (
      <section key={moment} aria-label={lines[0]?.momentWords}>
        <details>
          <summary className="cursor-pointer border-b border-edge hover:bg-well">
            <h3 className="inline-block font-semibold first-letter:uppercase">
              {lines[0]?.momentWords}
            </h3>{' '}
            <span className="float-right text-sm text-soft">{plural(lines.length, 'thing')}</span>
          </summary>
          <ul className="flex flex-col gap-1 py-1 text-sm leading-snug">
            {lines.map((n) => (
              <li key={n.words} className="border-l-2 border-line pl-2">
                {n.words}
              </li>
            ))}
          </ul>
        </details>
      </section>
    );
  });
}
