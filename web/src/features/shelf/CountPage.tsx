import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../api/problems';
import type { Stock } from '../../api/types';
import { parseAmount, sayLoops } from '../../lib/amount';
import { newId } from '../../lib/id';
import { Button } from '../../ui/Button';
import { CONTROL } from '../../ui/Field';
import { stockQuery } from './shelf.queries';
import { hairLinesQuery } from '../../api/queries';
import { CountByTable } from './CountByTable';
import { ShelfLinks } from './ShelfLinks';
import { useStock } from './useStock';

type Good = NonNullable<Parameters<ReturnType<typeof useStock>['count']['mutate']>[0]['good']>;

interface Row {
  key: string;
  words: string;
  unit: string;
  there: number;
  good: Good;
}

const NO_GOOD = { lineId: null, colour: null, lot: null, packLoops: null, grade: null, what: null };

/** A counting day: what the book says beside what is counted; what differs is put down as a count. */
export function CountPage() {
  const stock = useQuery(stockQuery());
  const lines = useQuery(hairLinesQuery());
  const nameOf = (id: string) => lines.data?.find((l) => l.id === id)?.name ?? '';
  const rows = stock.data ? rowsOf(stock.data, nameOf) : [];
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">Count</h1>
          <p className="mt-1 text-soft">
            What the book says, and what is really there. What differs is put down as a count.
          </p>
        </div>
        <ShelfLinks />
      </header>
      <CountByTable />
      {rows.length === 0 && <p className="text-soft">There is nothing to count yet.</p>}
      <ul className="flex max-w-3xl flex-col divide-y divide-line">
        {rows.map((r) => (
          <CountRow key={r.key} row={r} />
        ))}
      </ul>
    </main>
  );
}

function CountRow({ row: r }: { row: Row }) {
  const [text, setText] = useState('');
  const [id, setId] = useState(newId);
  const { count } = useStock();
  const counted = parseAmount(text) ?? null;
  const problem = count.error instanceof Problem ? count.error : undefined;
  const off = counted === null ? 0 : counted - r.there;
  return (
    <li className="grid grid-cols-[1fr_5rem_6rem_9rem] items-center gap-3 py-1.5">
      <span>{r.words}</span>
      <span className="text-right text-lg font-semibold tabular-nums">{sayLoops(r.there)}</span>
      <input
        aria-label={`Counted: ${r.words}`}
        inputMode="decimal"
        placeholder={r.unit}
        className={CONTROL}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <span className="flex items-center gap-2">
        {counted !== null && (
          <Button
            disabled={count.isPending}
            onClick={() =>
              count.mutate(
                { id, good: r.good, counted, stylistId: null },
                {
                  onSuccess: () => {
                    setId(newId());
                    setText('');
                  },
                },
              )
            }
          >
            {off === 0 ? 'right' : off > 0 ? `${sayLoops(off)} more` : `${sayLoops(-off)} less`}
          </Button>
        )}
        {count.isSuccess && text === '' && <span role="status">put down</span>}
        {problem && <span className="text-sm text-chalk">✕ {problem.message}</span>}
      </span>
    </li>
  );
}

function rowsOf(stock: Stock, nameOf: (id: string) => string): Row[] {
  const lot = (of: string) => (of ? `, ${of}` : '');
  return [
    ...stock.hair.flatMap((h): Row[] => {
      const name = `${nameOf(h.lineId)}, ${h.colour}`;
      const good = { ...NO_GOOD, lineId: h.lineId, colour: h.colour };
      return [
        ...h.packs.map((p) => ({
          key: `${h.lineId}${h.colour}p${p.lot}${p.loops}`,
          words: `${name}: packs of ${p.loops}${lot(p.lot)}`,
          unit: 'packs',
          there: p.count,
          good: { ...good, kind: 'PACKS' as const, lot: p.lot, packLoops: p.loops },
        })),
        ...h.open.map((o) => ({
          key: `${h.lineId}${h.colour}o${o.lot}`,
          words: `${name}: loose${lot(o.lot)}`,
          unit: 'loops',
          there: o.loops,
          good: { ...good, kind: 'LOOPS' as const, lot: o.lot, grade: 'NEW' as const },
        })),
        ...h.washed.map((w) => ({
          key: `${h.lineId}${h.colour}w${w.grade}`,
          words: `${name}: ${w.words}`,
          unit: 'loops',
          there: w.loops,
          good: { ...good, kind: 'LOOPS' as const, lot: '', grade: w.grade },
        })),
      ];
    }),
    ...stock.things.map((t) => ({
      key: t.kind + t.what,
      words: t.what ? `${t.words}, ${t.what}` : t.words,
      unit: t.unit,
      there: t.amount,
      good: { ...NO_GOOD, kind: t.kind, what: t.what },
    })),
  ];
}
