import { formatMinutes } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { useBench, useComputed } from '../../useBench';

/** The hooking in the order it is worked, left and right by turns; rows kept for parts wait, marked. */
export function WorkTab() {
  const { plan } = useComputed();
  const heldRow = useBench((b) => b.heldRow);
  const holdRow = useBench((b) => b.holdRow);
  const showKnots = useBench((b) => b.showKnots);
  if (!plan) return null;
  const stages = [...new Set(plan.work.map((w) => w.stage))];
  return (
    <>
      {stages.map((stage) => {
        const steps = plan.work.filter((w) => w.stage === stage);
        const minutes = steps.reduce((sum, w) => sum + w.minutes.likely, 0);
        return (
          <section key={stage} aria-label={stage}>
            <h3 className="flex justify-between border-b border-edge font-semibold">
              <span className="first-letter:uppercase">{stage}</span>
              <span>{formatMinutes(minutes)}</span>
            </h3>
            <ol>
              {steps.map((w) => (
                <li key={w.number}>
                  <button
                    type="button"
                    aria-pressed={heldRow === w.row}
                    onClick={() => holdRow(w.row)}
                    className="flex w-full gap-2 rounded px-1 py-1 text-left text-sm leading-snug hover:bg-well aria-pressed:bg-thread/25"
                  >
                    <span className="w-6 shrink-0 text-right text-lg leading-none font-semibold">
                      {w.number}
                    </span>
                    <span>
                      <span className="first-letter:uppercase">{w.words}</span>
                      {w.isMarked && (
                        <span className="block text-soft">kept for the part: marked</span>
                      )}
                    </span>
                  </button>
                </li>
              ))}
            </ol>
          </section>
        );
      })}
      <p className="text-sm text-soft">
        Then separate, try every part and way of wearing, and put the fills where something shows.
      </p>
      <Button className="self-start" onClick={() => showKnots('fills')}>
        Where the fills go
      </Button>
    </>
  );
}
