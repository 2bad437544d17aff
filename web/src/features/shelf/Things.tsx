import { useState } from 'react';
import { Problem } from '../../api/problems';
import type { Stock } from '../../api/types';
import { parseAmount, sayLoops } from '../../lib/amount';
import { newId } from '../../lib/id';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { useStock } from './useStock';

/** What is used besides hair: caps, bands, thread, lotion, hooks. */
export function Things({ stock }: { stock: Stock }) {
  const [kind, setKind] = useState(stock.kinds[0]?.kind ?? 'CAP');
  const [what, setWhat] = useState('');
  const [amount, setAmount] = useState('');
  const [id, setId] = useState(newId);
  const { move } = useStock();
  const figure = parseAmount(amount) ?? null;
  const unit = stock.kinds.find((k) => k.kind === kind)?.unit ?? '';
  const problem = move.error instanceof Problem ? move.error : undefined;
  const put = (why: 'BOUGHT' | 'USED') => {
    if (figure === null) return;
    move.mutate(
      {
        id,
        good: { kind, lineId: null, colour: null, lot: null, packLoops: null, grade: null, what },
        why,
        amount: figure,
        stylistId: null,
        note: null,
      },
      {
        onSuccess: () => {
          setId(newId());
          setAmount('');
        },
      },
    );
  };
  return (
    <section aria-label="Besides hair" className="mt-6 rounded-lg border border-line bg-sheet p-4">
      <h2 className="text-xl font-semibold">Besides hair</h2>
      {stock.things.length === 0 && <p className="text-soft">Nothing is written down yet.</p>}
      <ul className="mt-2 flex flex-wrap gap-x-8 gap-y-2">
        {stock.things.map((t) => (
          <li key={t.kind + t.what}>
            <span className="text-2xl leading-none font-semibold tabular-nums">
              {sayLoops(t.amount)}
            </span>
            <span className="ml-1 text-sm text-soft">
              {t.unit === 'piece' ? '' : `${t.unit} `}
              {t.words}
              {t.what && `, ${t.what}`}
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Choice
          label="What"
          value={kind}
          options={stock.kinds.map((k) => ({ value: k.kind, words: k.words }))}
          onChoose={setKind}
        />
        <TextField
          label="Which"
          placeholder="13 mm, clear"
          value={what}
          onChange={(e) => setWhat(e.target.value)}
          error={problem?.at('good.what')?.message}
        />
        <TextField
          label={`How many${unit && unit !== 'piece' ? ` ${unit}` : ''}`}
          inputMode="decimal"
          value={amount}
          onChange={(e) => setAmount(e.target.value)}
          error={problem?.at('amount')?.message}
        />
        <Button disabled={figure === null || move.isPending} onClick={() => put('BOUGHT')}>
          came
        </Button>
        <Button disabled={figure === null || move.isPending} onClick={() => put('USED')}>
          used
        </Button>
      </div>
    </section>
  );
}
