import { FileDown, Printer } from 'lucide-react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Shopping } from '../../api/types';
import { newId } from '../../lib/id';
import { formatMoney } from '../../lib/money';
import { formatWeekday, plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { Switch } from '../../ui/Switch';
import { FileOut } from '../../ui/FileIn';
import { OrderKey } from './OrderKey';
import { Orders } from './Orders';
import { ShelfLinks } from './ShelfLinks';
import { ordersQuery, shoppingQuery } from './shelf.queries';
import { useStock } from './useStock';

const DAYS = [
  { value: '7', words: 'a week' },
  { value: '14', words: 'two' },
  { value: '28', words: 'four' },
] as const;

type Buy = Shopping['suppliers'][number]['buys'][number];

/** What is to be bought for what stands in the book, by supplier; and what happens if it comes late. */
export function BuyPage() {
  const [days, setDays] = useState<(typeof DAYS)[number]['value']>('14');
  const [came, setCame] = useState('');
  const shopping = useQuery(shoppingQuery(Number(days)));
  const all = shopping.data;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">To buy</h1>
          <p className="mt-1 text-soft">
            For the installs of the next weeks, less what is on the shelf.
          </p>
        </div>
        <ShelfLinks />
        <Switch label="For how long" value={days} options={DAYS} onChoose={setDays} />
      </header>
      {shopping.data && shopping.data.suppliers.length > 0 && (
        <div className="mb-4 flex flex-wrap gap-2">
          <FileOut href={`/api/shopping/list.pdf?days=${days}`}>
            <Printer size={16} aria-hidden /> The list on paper (PDF)
          </FileOut>
          <FileOut href={`/api/shopping/list.csv?days=${days}`}>
            <FileDown size={16} aria-hidden /> as a table (CSV)
          </FileOut>
        </div>
      )}
      {shopping.isError && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {shopping.error.message}
        </p>
      )}
      {came && (
        <p role="status" className="mb-4 font-medium">
          {came}
        </p>
      )}
      {all?.suppliers.length === 0 && (
        <p className="text-xl">
          {all.met.length > 0
            ? 'All that is planned is on the shelf, or on its way in time.'
            : 'No install with a plan stands in the book for these weeks.'}
        </p>
      )}
      <Orders />
      <div className="grid gap-5 lg:grid-cols-2">
        {all?.suppliers.map((s) => (
          <section
            key={s.supplier + s.currency}
            aria-label={s.supplier || 'Without a supplier'}
            className="rounded-lg border border-line bg-sheet p-4"
          >
            <header className="flex flex-wrap items-baseline gap-x-3">
              <h2 className="mr-auto text-xl font-semibold">
                {s.supplier || 'Wherever it is sold'}
              </h2>
              <LeadDays supplier={s.supplier} days={s.leadDays} />
              <span className="text-xl font-semibold tabular-nums">
                {formatMoney(s.costMinor, s.currency)}
              </span>
            </header>
            <ul className="mt-2 flex flex-col divide-y divide-line">
              {s.buys.map((b) => (
                <BuyRow key={b.lineId + b.colour} buy={b} currency={s.currency} onCame={setCame} />
              ))}
            </ul>
            <OrderKey list={s} />
          </section>
        ))}
      </div>
      {all && all.met.length > 0 && <Met all={all.met} />}
    </main>
  );
}

/** How long a supplier takes; what cannot be days is told here, and nothing is changed. */
function LeadDays({ supplier, days }: { supplier: string; days: number }) {
  const { lead } = useStock();
  const [typed, setTyped] = useState(String(days));
  const problem = /^\d+$/.test(typed.trim())
    ? lead.error?.message
    : 'Whole days from the order to the door, 3 say.';
  return (
    <span className="text-sm text-soft">
      <label>
        comes in{' '}
        <input
          aria-label={`Days until hair of ${supplier} comes`}
          aria-invalid={problem !== undefined}
          inputMode="numeric"
          className="w-10 rounded border border-edge bg-sheet px-1 text-center"
          value={typed}
          onChange={(e) => {
            lead.reset();
            setTyped(e.target.value);
          }}
          onBlur={() => {
            if (!problem && Number(typed) !== days)
              lead.mutate({ name: supplier, leadDays: Number(typed) });
          }}
        />{' '}
        days
      </label>
      {problem && (
        <span role="alert" className="block font-medium text-chalk">
          ✕ {problem}
        </span>
      )}
    </span>
  );
}

/** Hair that was ordered came: as much as was to be bought is put down, when it is tapped once more. */
function Came({ buy: b, onCame }: { buy: Buy; onCame: (words: string) => void }) {
  const { move } = useStock();
  // Told again after a failure it is the same, and put down once.
  const [ids, setIds] = useState(() => b.sizes.map(newId));
  // Rows move up when one is gone; the next tap must not put down another's.
  const [isAsked, setAsked] = useState(false);
  const words = isAsked ? `${plural(b.packs, 'pack')} came` : 'It came';
  const come = async () => {
    for (const [i, size] of b.sizes.entries())
      await move.mutateAsync({
        id: ids[i] ?? newId(),
        good: {
          kind: 'PACKS',
          lineId: b.lineId,
          colour: b.colour,
          lot: '',
          packLoops: size.loops,
          grade: null,
          what: null,
        },
        why: 'BOUGHT',
        amount: size.count,
        stylistId: null,
        note: null,
      });
    setIds(b.sizes.map(newId));
    onCame(`${plural(b.packs, 'pack')} of ${b.lineName}, ${b.colour}: put down as bought.`);
  };
  return (
    <>
      <Button
        look={isAsked ? 'main' : 'plain'}
        aria-label={`${b.lineName}, ${b.colour}: ${words}`}
        disabled={move.isPending}
        onBlur={() => setAsked(false)}
        onClick={() => {
          setAsked(!isAsked);
          if (isAsked) void come().catch(() => undefined);
        }}
      >
        {words}
      </Button>
      {move.error && (
        <span role="alert" className="font-medium text-chalk">
          ✕ {move.error.message}
        </span>
      )}
    </>
  );
}

interface RowProps {
  buy: Buy;
  currency: string;
  onCame: (words: string) => void;
}

function BuyRow({ buy: b, currency, onCame }: RowProps) {
  const orders = useQuery(ordersQuery());
  const coming = (orders.data?.onTheWay ?? []).filter(
    (c) => c.lineId === b.lineId && c.colour === b.colour,
  );
  return (
    <li className="py-3">
      <p className="flex items-baseline gap-3">
        <span className="w-16 shrink-0 text-3xl leading-none font-semibold tabular-nums">
          {b.packs}
        </span>
        <span className="min-w-0 flex-1">
          <span className="text-lg leading-tight font-semibold">
            {b.lineName}, {b.colour}
          </span>
          <span className="block text-sm text-soft">
            {plural(b.packs, 'pack')}: {b.packWords}, for the {plural(b.missingLoops, 'loop')}{' '}
            missing
          </span>
        </span>
        <span className="tabular-nums">{formatMoney(b.costMinor, currency)}</span>
        {/* What was ordered comes in a parcel, and must not be put down twice. */}
        {coming.length === 0 && <Came buy={b} onCame={onCame} />}
      </p>
      {coming.map((c, i) => (
        <p key={i} className="mt-1 ml-19 font-medium">
          {plural(c.packs, 'pack')} of {c.loops} on their way, promised for {formatWeekday(c.due)}
        </p>
      ))}
      <p className={`mt-1 ml-19 ${b.isLate ? 'font-medium text-chalk' : 'text-soft'}`}>
        {b.isLate ? '▲ ' : `Order by ${formatWeekday(b.orderBy)}. `}
        {b.late}
      </p>
      <ul className="ml-19 text-sm text-soft">
        {b.forWhom.map((f) => (
          <li key={f.planId}>
            <Link to={`/bench/${f.planId}/counts`} className="hover:underline">
              {f.clientName}
            </Link>
            , {plural(f.missingLoops, 'loop')} by {formatWeekday(f.ready)}
          </li>
        ))}
      </ul>
      {b.instead.length > 0 && (
        <p className="mt-1 ml-19 text-sm">
          Cannot be had? Nearest:{' '}
          {b.instead
            .map(
              (i) =>
                `${i.isSameLine ? '' : `${i.lineName} `}${i.colour}${i.loops > 0 ? ` (${i.loops} there)` : ''}`,
            )
            .join(', ')}
        </p>
      )}
    </li>
  );
}

/** How far the shelf meets each head that is planned. */
function Met({ all }: { all: Shopping['met'] }) {
  return (
    <section aria-label="Heads that are planned" className="mt-6">
      <h2 className="text-xl font-semibold">Heads that are planned</h2>
      <ul className="mt-2 flex flex-col gap-1.5">
        {all.map((m) => (
          <li
            key={m.planId + m.lineId + m.colour}
            className="grid grid-cols-[6rem_1fr_8rem] items-center gap-3"
          >
            <span className="text-soft">{formatWeekday(m.ready)}</span>
            <span className="min-w-0">
              <span className="font-semibold">{m.clientName}</span>{' '}
              <span className="text-sm text-soft">
                {m.lineName}, {m.colour}
              </span>
              <span className="mt-0.5 block h-2 rounded-full bg-well" aria-hidden="true">
                <span
                  className={`block h-2 rounded-full ${m.missing > 0 ? 'bg-chalk' : 'bg-plait-lit'}`}
                  style={{
                    width: `${m.neededLoops === 0 ? 100 : (100 * m.fromShelf) / m.neededLoops}%`,
                  }}
                />
              </span>
            </span>
            <span className="text-right tabular-nums">
              {m.fromShelf} of {m.neededLoops}
              {m.coming > 0 && <span className="block text-sm text-soft">{m.coming} coming</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
