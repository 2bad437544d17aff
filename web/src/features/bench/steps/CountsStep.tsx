import type { Plan } from '../../../api/types';
import { formatAmounts, formatMoney, type Money } from '../../../lib/money';
import { packSize, pieces } from '../../../lib/packs';
import { formatMinutes, plural } from '../../../lib/time';
import { Still } from '../../../stills';
import { Fold } from '../../../ui/Fold';
import { useLengths } from '../../../ui/prefs';
import { useComputed } from '../draft/useBench';
import { BalancePanel } from './counts/BalancePanel';
import { useBench } from '../draft/useBench';
import { LearnedNote } from './learned/LearnedNote';

const ORDINALS = ['first', 'second', 'third', 'fourth'];

/** What to buy and prepare, how the time goes, what it costs; and the head balanced for a wish. */
export function CountsStep() {
  const home = useBench((b) => b.home);
  const planId = useBench((b) => b.planId);
  const { plan } = useComputed();
  const lengths = useLengths();
  if (!plan) return null;
  const { stages, currency } = plan.ledger;
  const { needs, hairs, quote } = plan;
  return (
    <>
      <section aria-label="Quote" className="flex items-end gap-3">
        {home === 'bench' && <Still plan={planId} alt="What it will look like" className="w-24" />}
        <p className="flex flex-1 flex-wrap items-baseline justify-between gap-1">
          <span className="font-semibold">Quote, in all</span>
          <strong className="text-3xl leading-none">{formatAmounts(quote.totals)}</strong>
        </p>
      </section>
      <Fold
        id="counts quote"
        title="What is in it"
        tells={`hair ${formatAmounts([quote.materials])}`}
      >
        <Line words="hair" amounts={[quote.materials]} />
        {quote.others.map((o) => (
          <Line key={o.what} words={o.what} amounts={[o.cost]} />
        ))}
        <Line words="margin" amounts={quote.margins} />
        <Line words="time in the chair" amounts={[quote.chair]} />
        <p className="mt-2 text-xs text-soft">
          Times and loops for fills are estimates; yours will be learned from recorded visits.
          {plan.method.reservePercent} % kept back, {plan.method.marginPercent} % on hair and
          materials, and {formatMoney(plan.method.hourMinor ?? 0, quote.chair.currency)} an hour are
          by {plan.method.name} method.
        </p>
      </Fold>
      {home === 'bench' && <LearnedNote />}
      {hairs.map((h, i) => (
        <section key={`${h.name} ${h.colour} ${i}`} aria-label={`${h.name}, ${h.colour}`}>
          <h3 className="flex justify-between border-b border-edge font-semibold">
            <span>
              {h.name} <span className="font-normal text-soft">{h.colour}</span>
            </span>
            <span>{formatMoney(h.costMinor, currency)}</span>
          </h3>
          <p className="py-1 text-sm text-soft">
            {h.isCutOfMain ? (
              `${plural(h.placedLoops, 'piece')} of half the length, two from each tuft above`
            ) : (
              <Bought hair={h} />
            )}
          </p>
          <ul aria-label="Split before the chair, hang sorted">
            {h.shares.map((s, turn) => (
              <li key={s.parts} className="flex items-baseline gap-2 border-b border-line py-1">
                <span className="w-10 text-right text-2xl leading-none font-semibold">
                  {s.loops}
                </span>
                <span>
                  {s.parts === 1
                    ? `${s.loops === 1 ? 'loop' : 'loops'} left whole`
                    : `${s.loops === 1 ? 'loop' : 'loops'} into ${s.parts} each: ${s.shares} used`}
                  <span className="block text-sm text-soft">
                    hang {ORDINALS[turn] ?? 'last'}: taken from step {s.firstStep} on
                  </span>
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
      ))}
      {needs.length > 0 && (
        <Fold id="counts needs" title="Besides loops" tells={plural(needs.length, 'thing')}>
          <ul>
            {needs.map((n) => (
              <li key={n.what} className="flex justify-between gap-2 border-b border-line py-1">
                <span>{n.what}</span>
                <span className="font-semibold whitespace-nowrap">
                  {lengths.sentence([{ text: null, kind: n.kind, value: n.amount.likely }])}
                </span>
              </li>
            ))}
          </ul>
        </Fold>
      )}
      <Fold
        id="counts time"
        title="Time"
        tells={`${formatMinutes(plan.ledger.chairMinutes.likely)} in the chair`}
      >
        <ul>
          {stages.map((s) => (
            <li key={s.words} className="flex justify-between gap-2 border-b border-line py-1">
              <span className={s.isInChair ? '' : 'text-soft'}>{s.words}</span>
              <span className="font-semibold">{formatMinutes(s.minutes.likely)}</span>
            </li>
          ))}
        </ul>
      </Fold>
      <Fold id="counts balance" title="Balance" tells="fewest loops, or best for what is there">
        <BalancePanel plan={plan} />
      </Fold>
    </>
  );
}

/** What is placed, kept back and bought of one hair: by loops, or by weight where it comes loose. */
function Bought({ hair }: { hair: Plan['hairs'][number] }) {
  return (
    <>
      {hair.placedLoops} placed
      {!hair.isLooped &&
        ` in tufts of ${hair.gramsPerLoop} g, ${Math.round(hair.gramsPlaced)} g,`}{' '}
      + {hair.reserveLoops} for fills
      {hair.shelfLoops > 0 && `, ${hair.shelfLoops} in hand first`};{' '}
      {hair.bought.length === 0
        ? 'nothing to buy'
        : `buy ${hair.bought
            .map((b) => `${plural(b.count, 'pack')} of ${packSize(hair, b.loopsPerPack)}`)
            .join(' and ')}`}
      , {pieces(hair, hair.leftOverLoops)} left over
    </>
  );
}

function Line({ words, amounts }: { words: string; amounts: readonly Money[] }) {
  return (
    <p className="flex justify-between border-b border-line py-1">
      <span>{words}</span>
      <span className="font-semibold">{formatAmounts(amounts)}</span>
    </p>
  );
}

const pluralShare = (words: string): string => (words === 'half' ? 'halves' : `${words}s`);
