import type { Plan } from '../../../../api/types';
import { useLengths } from '../../../../ui/prefs';
import { useComputed } from '../../draft/useBench';
import { TurnList } from '../TurnList';

const GRADES: Record<Plan['selfWork']['grade'], string> = {
  EASY: 'can be done on oneself',
  FAIR: 'takes patience on oneself',
  HARD: 'hard on oneself',
};

const KINDS: Record<Plan['steps'][number]['kind'], string> = {
  PART: 'part',
  BRAID: 'braid',
  THREAD: 'thread',
  SECURE: 'secure',
  MESH: 'sew',
};

/** A row takes few minutes: here they are not rounded to five. */
const sayMinutes = (minutes: number): string =>
  minutes < 1 ? 'under a minute' : `${Math.round(minutes)} min`;

/** The braiding in turn, by what is done; touching one shows its row on the map, and says all of it. */
export function OrderTab() {
  const { plan } = useComputed();
  const lengths = useLengths();
  if (!plan) return null;
  const { grade, reasons } = plan.selfWork;
  const name = (row: string | undefined) => plan.rows.find((r) => r.id === row)?.words;
  return (
    <>
      <p className="text-sm">
        <strong className="first-letter:uppercase">{GRADES[grade]}</strong>
        {reasons.length > 0 && <span className="text-soft">: {reasons.join('; ')}.</span>}
      </p>
      {runs(plan.steps).map((run) => (
        <section key={run[0]?.number} aria-label={KINDS[run[0]?.kind ?? 'BRAID']}>
          <h3 className="flex justify-between border-b border-edge font-semibold">
            <span className="first-letter:uppercase">{KINDS[run[0]?.kind ?? 'BRAID']}</span>
            <span>{sayMinutes(run.reduce((sum, s) => sum + s.minutes, 0))}</span>
          </h3>
          <TurnList
            plan={plan}
            turns={run.map((s) => ({
              number: s.number,
              row: s.rows[0],
              // What is about no row has only its words.
              name: name(s.rows[0]) ?? s.words,
              aside: s.lengthMm > 0 ? `${lengths.say(s.lengthMm)}, ${sayMinutes(s.minutes)}` : '',
              words: name(s.rows[0]) ? s.words : '',
            }))}
          />
        </section>
      ))}
    </>
  );
}

type Step = Plan['steps'][number];

/** Steps of one kind that follow each other. */
function runs(steps: readonly Step[]): Step[][] {
  const all: Step[][] = [];
  for (const s of steps) {
    const last = all.at(-1);
    if (last?.[0]?.kind === s.kind) last.push(s);
    else all.push([s]);
  }
  return all;
}
