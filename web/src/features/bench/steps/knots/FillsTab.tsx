import { useLengths } from '../../../../ui/prefs';
import type { Fills } from '../../../../api/types';
import { plural } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { useBench, useComputed } from '../../draft/useBench';
import { useFills } from '../../plan/useFills';

/** What is kept back, and where it goes once every part and way of wearing was tried. */
export function FillsTab() {
  const { fills, isOfNow, problem } = useFills();
  const { plan } = useComputed();
  const apply = useBench((b) => b.apply);
  if (problem) {
    return (
      <p role="alert" className="text-sm font-medium text-chalk">
        ✕ {problem.message}
      </p>
    );
  }
  if (!fills) {
    return (
      <p role="status" className="text-sm text-soft">
        Trying every part…
      </p>
    );
  }
  return (
    <>
      <p className="flex items-baseline justify-between gap-2">
        <span>
          <strong className="text-3xl leading-none">{fills.usedLoops}</strong>{' '}
          <span className="text-sm text-soft">
            of {plural(fills.reserveLoops, 'loop')} kept back
          </span>
        </span>
        <span className="text-sm font-semibold">{countWords(fills)}</span>
      </p>
      {plan && (
        <p className="text-sm text-soft">
          {plan.method.reservePercent} % of what is placed is kept back, by {plan.method.name}{' '}
          method.
        </p>
      )}
      <Trials fills={fills} />
      <Left fills={fills} />
      {fills.fills.length === 0 ? (
        <p className="text-sm text-soft">
          Nothing shows that a fill would hide. Keep the reserve for the check after a week.
        </p>
      ) : (
        <>
          <Button
            look="main"
            disabled={!isOfNow}
            onClick={() => apply('fills', fills.change)}
            title="They become shares of the plan, and another reserve is kept back"
          >
            Hook them in now
          </Button>
          <Places fills={fills} />
        </>
      )}
      <p className="text-sm text-soft">
        Put them in after separating, one trial after the other, or the day after. An estimate: look
        before you hook.
      </p>
    </>
  );
}

/** The gaps that stay open all the same, and how much more would close them. */
function Left({ fills }: { fills: Fills }) {
  const { sentence } = useLengths();
  if (fills.left.length === 0) return null;
  return (
    <section
      aria-label="Gaps that stay open"
      className="rounded-md border border-chalk p-2 text-sm"
    >
      <ul>
        {fills.left.map((l) => {
          const said = `${fills.trials[l.trial]?.words}: ${sentence(l.words)}`;
          return (
            <li key={said} className="first-letter:uppercase">
              {said}
            </li>
          );
        })}
      </ul>
      {fills.wouldDoLoops !== null && (
        <p className="mt-1 font-semibold">
          {plural(fills.wouldDoLoops, 'loop')} kept back would do.
        </p>
      )}
    </section>
  );
}

/** How many of each size, wisps last. */
function countWords({ fills }: Fills): string {
  const wisps = fills.filter((f) => f.kind === 'WISP').length;
  const sizes = [...new Set(fills.filter((f) => f.kind !== 'WISP').map((f) => f.shareWords))];
  const count = (size: string) =>
    fills.filter((f) => f.kind !== 'WISP' && f.shareWords === size).length;
  return [
    ...sizes.map((size) => `${count(size)} × ${size}`),
    ...(wisps > 0 ? [plural(wisps, 'wisp')] : []),
  ].join(', ');
}

/** Touching a trial wears the plan that way. */
function Trials({ fills }: { fills: Fills }) {
  const wear = useBench((b) => b.wear);
  const how = useBench((b) => b.worn);
  return (
    <section aria-label="Trials">
      <h3 className="flex justify-between border-b border-edge text-sm text-soft">
        <span>worn</span>
        <span>skin that shows, and after</span>
      </h3>
      <ul>
        {fills.trials.map((t) => (
          <li key={t.words}>
            <button
              type="button"
              aria-pressed={how.way === t.way && how.part === t.part}
              onClick={() => wear({ way: t.way, part: t.part })}
              className="flex w-full items-baseline justify-between rounded px-1 py-1 text-left text-sm hover:bg-well aria-pressed:font-semibold"
            >
              <span className="first-letter:uppercase">{t.words}</span>
              <span>
                {t.exposedBeforePercent.toFixed(1)} % →{' '}
                <strong>{t.exposedAfterPercent.toFixed(1)} %</strong>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Places({ fills }: { fills: Fills }) {
  const holdRow = useBench((b) => b.holdRow);
  const { sentence } = useLengths();
  return (
    <ol aria-label="Fills and wisps">
      {fills.fills.map((f, i) => (
        <li key={`${f.row}/${f.x}/${f.y}`}>
          <button
            type="button"
            onClick={() => holdRow(f.row)}
            className="flex w-full gap-2 rounded px-1 py-1 text-left text-sm leading-snug hover:bg-well"
          >
            <span className="w-6 shrink-0 text-right text-lg leading-none font-semibold">
              {i + 1}
            </span>
            <span className="first-letter:uppercase">
              {f.kind === 'WISP' ? 'wisp' : f.shareWords} on {f.rowWords}: {sentence(f.why)}
              <span className="block text-soft">{fills.trials[f.trial]?.words}</span>
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
