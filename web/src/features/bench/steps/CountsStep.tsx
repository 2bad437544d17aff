import { formatMinutes, plural } from '../../../lib/time';
import { useComputed } from '../useBench';

/** What to prepare, and how the time goes. */
export function CountsStep() {
  const { plan } = useComputed();
  if (!plan) return null;
  const { shares, stages } = plan.ledger;
  const { needs } = plan;
  return (
    <>
      <section>
        <h3 className="mb-1 text-sm text-soft">Split before the chair, hang sorted</h3>
        <ul>
          {shares.map((s) => (
            <li key={s.parts} className="flex items-baseline gap-2 border-b border-line py-1.5">
              <span className="w-10 text-right text-2xl leading-none font-semibold">{s.loops}</span>
              <span>
                {s.parts === 1
                  ? `${s.loops === 1 ? 'loop' : 'loops'} left whole`
                  : `${s.loops === 1 ? 'loop' : 'loops'} into ${s.parts} each: ${s.shares} used`}
                {s.leftOver > 0 && (
                  <span className="block text-sm text-soft">
                    {plural(s.leftOver, s.words, pluralShare(s.words))} over, for wisps
                  </span>
                )}
              </span>
            </li>
          ))}
        </ul>
      </section>
      {needs.length > 0 && (
        <section aria-label="Besides loops">
          <h3 className="mb-1 text-sm text-soft">Besides loops</h3>
          <ul>
            {needs.map((n) => (
              <li key={n.what} className="flex justify-between gap-2 border-b border-line py-1">
                <span>{n.what}</span>
                <span className="font-semibold whitespace-nowrap">
                  {Math.round(n.amount.likely)} {n.unit}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h3 className="mb-1 text-sm text-soft">Time</h3>
        <ul>
          {stages.map((s) => (
            <li key={s.words} className="flex justify-between gap-2 border-b border-line py-1">
              <span className={s.isInChair ? '' : 'text-soft'}>{s.words}</span>
              <span className="font-semibold">{formatMinutes(s.minutes.likely)}</span>
            </li>
          ))}
        </ul>
        <p className="mt-2 text-xs text-soft">
          Estimates from usual speeds; yours will be learned from recorded visits.
        </p>
      </section>
    </>
  );
}

const pluralShare = (words: string): string => (words === 'half' ? 'halves' : `${words}s`);
