import type { Plan } from '../../../../api/types';
import { useLengths } from '../../../../ui/prefs';
import { useBench, useComputed } from '../../draft/useBench';

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

/** The braiding as numbered steps; touching one shows its row on the map. */
export function OrderTab() {
  const { plan } = useComputed();
  const holdRow = useBench((b) => b.holdRow);
  const heldRow = useBench((b) => b.heldRow);
  const lengths = useLengths();
  if (!plan) return null;
  const { grade, reasons } = plan.selfWork;
  return (
    <>
      <p className="text-sm">
        <strong className="first-letter:uppercase">{GRADES[grade]}</strong>
        {reasons.length > 0 && <span className="text-soft">: {reasons.join('; ')}.</span>}
      </p>
      <ol className="flex flex-col">
        {plan.steps.map((s) => {
          const row = s.rows[0];
          const isHeld = row !== undefined && row === heldRow;
          return (
            <li key={s.number} className="border-b border-line">
              <button
                type="button"
                onClick={() => holdRow(row)}
                onMouseEnter={() => row && holdRow(row)}
                className={`grid w-full grid-cols-[1.8rem_1fr] gap-1 py-1 text-left text-sm leading-snug hover:bg-well ${isHeld ? 'bg-well' : ''}`}
              >
                <span className="text-lg leading-none font-semibold">{s.number}</span>
                <span>
                  {s.words}{' '}
                  <span className="text-soft">
                    {s.lengthMm > 0
                      ? `${lengths.say(s.lengthMm)}, ${sayMinutes(s.minutes)}`
                      : KINDS[s.kind]}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </>
  );
}
