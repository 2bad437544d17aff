import { useState } from 'react';
import type { BalanceAsked, Plan } from '../../../../api/types';
import { parseAmount } from '../../../../lib/amount';
import { packSize } from '../../../../lib/packs';
import { Button } from '../../../../ui/Button';
import { Choice, TextField } from '../../../../ui/Field';
import { useLengths } from '../../../../ui/prefs';
import { useBench } from '../../draft/useBench';
import { useBalance } from './useBalance';

const NOTHING: Omit<BalanceAsked, 'brief' | 'kind'> = {
  exposedPercent: null,
  packs: null,
  packLoops: null,
  zone: null,
  part: null,
  fuller: null,
};

/** The head balanced: fewest loops, best for what is in hand, or one place fuller or lighter. What comes of it is shown first. */
export function BalancePanel({ plan }: { plan: Plan }) {
  const brief = useBench((b) => b.brief);
  const { state, run, stop, forget } = useBalance();
  const [exposed, setExposed] = useState('6');
  const [packs, setPacks] = useState('4');
  const main = plan.hairs[0];
  const sizes = main?.packSizes ?? [];
  const [size, setSize] = useState<number>();
  const packLoops = size !== undefined && sizes.includes(size) ? size : (sizes[0] ?? null);
  const sizeWords = (loops: number) => (main ? packSize(main, loops) : '');
  const ask = (kind: BalanceAsked['kind'], more: Partial<typeof NOTHING>) =>
    void run({ ...NOTHING, ...more, brief, kind });
  const percent = parseAmount(exposed);
  const inHand = parseAmount(packs);
  return (
    <section aria-label="Balance" className="flex flex-col gap-2">
      <div className="flex items-end gap-2">
        <span className="w-24">
          <TextField
            label="May show, %"
            inputMode="decimal"
            value={exposed}
            onChange={(e) => setExposed(e.target.value)}
            error={
              percent === undefined
                ? 'Write a number, such as 6 or 4.5.'
                : state.problem?.at('exposedPercent')?.message
            }
          />
        </span>
        <Button
          className="grow"
          disabled={percent === undefined}
          onClick={() => ask('FEWEST', { exposedPercent: percent ?? null })}
        >
          Fewest loops
        </Button>
      </div>
      <div className="flex items-end gap-2">
        <span className="w-24">
          <TextField
            label={
              sizes.length === 1 ? `Packs of ${sizeWords(sizes[0] ?? 0)} in hand` : 'Packs in hand'
            }
            inputMode="numeric"
            value={packs}
            onChange={(e) => setPacks(e.target.value)}
            error={inHand === undefined ? 'Write a number.' : state.problem?.at('packs')?.message}
          />
        </span>
        {sizes.length > 1 && (
          <span className="w-20">
            <Choice
              label="of"
              value={String(packLoops ?? '')}
              options={sizes.map((n) => ({ value: String(n), words: sizeWords(n) }))}
              onChoose={(n) => setSize(Number(n))}
              error={state.problem?.at('packLoops')?.message}
            />
          </span>
        )}
        <Button
          className="grow"
          disabled={inHand === undefined}
          onClick={() => ask('PACKS', { packs: inHand ?? null, packLoops })}
        >
          Best for these
        </Button>
      </div>
      <div className="flex flex-col gap-1">
        {plan.ledger.zones.map((z) => (
          <span key={z.zone} className="flex items-center gap-1">
            <span className="grow text-sm">{z.words}</span>
            <Button
              aria-label={`make the ${z.words} lighter`}
              className="w-20"
              onClick={() => ask('ZONE', { zone: z.zone, fuller: false })}
            >
              lighter
            </Button>
            <Button
              aria-label={`make the ${z.words} fuller`}
              className="w-20"
              onClick={() => ask('ZONE', { zone: z.zone, fuller: true })}
            >
              fuller
            </Button>
          </span>
        ))}
        {plan.parts.map((p, i) => (
          <span key={p.index} className="flex items-center gap-1">
            <span className="grow text-sm">part {p.number}</span>
            <Button
              aria-label={`make part ${p.number} lighter`}
              className="w-20"
              onClick={() => ask('PART', { part: i, fuller: false })}
            >
              lighter
            </Button>
            <Button
              aria-label={`make part ${p.number} fuller`}
              className="w-20"
              onClick={() => ask('PART', { part: i, fuller: true })}
            >
              fuller
            </Button>
          </span>
        ))}
      </div>
      {state.isRunning && (
        <div className="flex items-center gap-2" role="status">
          <progress className="grow" value={state.done} max={1} aria-label="Balancing" />
          <Button onClick={stop}>Stop</Button>
        </div>
      )}
      {state.problem && !state.problem.fields.length && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {state.problem.message}
        </p>
      )}
      {state.result && state.asked && (
        <Outcome
          result={state.result}
          isOfNow={state.asked.brief === brief}
          onAgain={() => void run({ ...(state.asked as BalanceAsked), brief })}
          onDone={forget}
        />
      )}
    </section>
  );
}

type Result = NonNullable<ReturnType<typeof useBalance>['state']['result']>;

interface OutcomeProps {
  result: Result;
  /** Whether the plan is still the one that was balanced. */
  isOfNow: boolean;
  onAgain: () => void;
  onDone: () => void;
}

/** What would change, zone by zone, before it is taken; once the plan has changed since, it has to be asked anew. */
function Outcome({ result, isOfNow, onAgain, onDone }: OutcomeProps) {
  const apply = useBench((b) => b.apply);
  const lengths = useLengths();
  return (
    <div
      role="region"
      aria-label="What balancing came to"
      className={`rounded-md border p-2 text-sm ${result.isMet ? 'border-thread-deep' : 'border-chalk'}`}
    >
      <p>
        {!result.isMet && <strong className="text-chalk">▲ Not quite. </strong>}
        {result.words}
      </p>
      <table className="mt-2 w-full">
        <thead>
          <tr className="text-left text-xs text-soft">
            <th className="font-normal">zone</th>
            <th className="font-normal">before</th>
            <th className="font-normal">after</th>
            <th className="text-right font-normal">shows</th>
          </tr>
        </thead>
        <tbody>
          {result.zones.map((c) => (
            <tr key={c.zone} className="border-t border-line">
              <th className="text-left font-normal">{c.words}</th>
              <td className="text-soft">
                {lengths.say(c.spacingBefore)}
                <br />
                {c.shareBefore}
              </td>
              <td className={c.spacingAfter === c.spacingBefore ? '' : 'font-semibold'}>
                {lengths.say(c.spacingAfter)}
                <br />
                {c.shareAfter}
              </td>
              <td className="text-right">{c.exposedPercentAfter.toFixed(1)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
      {!isOfNow && (
        <p className="mt-2 text-sm" role="status">
          The plan has changed since. Balance it as it is now to take this up.
        </p>
      )}
      <div className="mt-2 flex gap-2">
        {!isOfNow ? (
          <Button look="main" className="grow" onClick={onAgain}>
            Balance it anew
          </Button>
        ) : result.isBetter ? (
          <Button
            look="main"
            className="grow"
            onClick={() => {
              apply('balance', result.change);
              onDone();
            }}
          >
            {result.isMet ? 'Hook it so' : 'Take the nearest'}
          </Button>
        ) : null}
        <Button onClick={onDone}>leave it</Button>
      </div>
    </div>
  );
}
