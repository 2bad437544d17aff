import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { PackageOpen, Truck } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../api/client';
import type { Orders as All } from '../../api/types';
import { formatWeekday, plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';
import { ordersQuery } from './shelf.queries';

type Order = All['open'][number];
type Parcel = Order['parcels'][number];

/** What was ordered and is not all here; parcels that came are looked through before anything goes on the shelf. */
export function Orders() {
  const orders = useQuery(ordersQuery());
  const all = orders.data;
  if (!all || all.open.length + all.closed.length === 0) return null;
  return (
    <section aria-label="Ordered" className="mb-5 rounded-lg border border-line bg-sheet p-4">
      <h2 className="flex items-center gap-2 text-xl font-semibold">
        <Truck size={20} aria-hidden /> Ordered
      </h2>
      {all.open.length === 0 && <p className="text-soft">Nothing more is expected.</p>}
      <ul className="divide-y divide-line">
        {all.open.map((o) => (
          <Row key={o.id} order={o} />
        ))}
      </ul>
      {all.closed.some((o) => o.missing) && (
        <ul className="mt-2 border-t border-line pt-2 text-sm text-soft">
          {all.closed
            .filter((o) => o.missing)
            .map((o) => (
              <li key={o.id}>
                {o.supplier}, ordered {formatWeekday(o.orderedOn)}: {o.missing} did not come.
              </li>
            ))}
        </ul>
      )}
    </section>
  );
}

function useOrdered() {
  const queries = useQueryClient();
  return (now: All) => {
    queries.setQueryData(ordersQuery().queryKey, now);
    for (const key of ['stock', 'hair-lines', 'stock-moves', 'shopping', 'plans', 'packs-next'])
      void queries.invalidateQueries({ queryKey: [key] });
  };
}

function Row({ order: o }: { order: Order }) {
  const onSuccess = useOrdered();
  const close = useMutation({ mutationFn: () => api.closeOrder(o.id), onSuccess });
  const [isAsked, setAsked] = useState(false);
  return (
    <li className="py-3">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <strong className="text-lg">{o.supplier}</strong>
        <span className="text-soft">
          ordered {formatWeekday(o.orderedOn)}, promised for {formatWeekday(o.due)}
        </span>
        <Button
          look={isAsked ? 'grave' : 'quiet'}
          className="ml-auto"
          disabled={close.isPending}
          onBlur={() => setAsked(false)}
          onClick={() => (isAsked ? close.mutate() : setAsked(true))}
        >
          {isAsked ? 'Expect nothing more of it' : 'Close it'}
        </Button>
      </p>
      {o.late && <p className="font-medium text-chalk">▲ {o.late}</p>}
      <ul className="text-sm">
        {o.items.map((i) => (
          <li key={i.lineId + i.colour + i.loops}>
            {plural(i.packs, 'pack')} of {i.lineName}, {i.colour}
            {i.came > 0 && <span className="text-soft">, {i.came} of them here</span>}
          </li>
        ))}
      </ul>
      {o.parcels
        .filter((p) => !p.isLooked)
        .map((p) =>
          p.isHere ? (
            <Here key={p.number} order={o} parcel={p} />
          ) : (
            <p key={p.number} className="mt-1 text-sm text-soft">
              {o.parcels.length > 1 ? `Parcel ${p.number} of ${o.parcels.length} comes` : 'Comes'}{' '}
              on {formatWeekday(p.comes)}.
            </p>
          ),
        )}
      {close.error && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {close.error.message}
        </p>
      )}
    </li>
  );
}

/** A parcel on the table: what is kept goes on the shelf as what it is, the rest goes back. */
function Here({ order, parcel }: { order: Order; parcel: Parcel }) {
  const [back, setBack] = useState<number[]>(() =>
    parcel.items.flatMap((item, i) => (item.otherwise ? [i] : [])),
  );
  const onSuccess = useOrdered();
  const kept = parcel.items.map((_, i) => i).filter((i) => !back.includes(i));
  const look = useMutation({
    mutationFn: () => api.lookThrough(order.id, parcel.number, kept),
    onSuccess,
  });
  return (
    <section
      aria-label={`Parcel ${parcel.number} of ${order.supplier}`}
      className="mt-2 rounded-md border-l-4 border-thread bg-well px-3 py-2"
    >
      <p className="flex items-center gap-2 font-semibold">
        <PackageOpen size={18} aria-hidden />
        {order.parcels.length > 1
          ? `Parcel ${parcel.number} of ${order.parcels.length} is here`
          : 'The parcel is here'}
        {parcel.lot && <span className="text-sm font-normal text-soft">lot {parcel.lot}</span>}
      </p>
      {parcel.items.map((item, i) => (
        <Tick
          key={i}
          isOn={!back.includes(i)}
          onChange={(isOn) => setBack(isOn ? back.filter((b) => b !== i) : [...back, i])}
          words={
            <span>
              {plural(item.packs, 'pack')} of {item.lineName}, {item.colour}
              {item.otherwise && (
                <strong className="ml-2 font-medium text-chalk">▲ {item.otherwise}</strong>
              )}
              {back.includes(i) && <span className="ml-2 text-soft">goes back</span>}
            </span>
          }
        />
      ))}
      <Button look="main" className="mt-1" disabled={look.isPending} onClick={() => look.mutate()}>
        {kept.length === 0
          ? 'Send all of it back'
          : kept.length === parcel.items.length
            ? 'Put it on the shelf'
            : 'Put what is ticked on the shelf'}
      </Button>
      {look.error && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {look.error.message}
        </p>
      )}
    </section>
  );
}
