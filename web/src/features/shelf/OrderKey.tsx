import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Truck } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Shopping } from '../../api/types';
import { newId } from '../../lib/id';
import { formatMoney } from '../../lib/money';
import { plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { ordersQuery } from './shelf.queries';

/** Orders what is to be bought of one supplier, and shows what the supplier has. */
export function OrderKey({ list }: { list: Shopping['suppliers'][number] }) {
  const queries = useQueryClient();
  const [isShown, setShown] = useState(false);
  // Sent again after a failure it is the same order, and ordered once.
  const [id, setId] = useState(newId);
  const items = list.buys.flatMap((b) =>
    b.sizes.map((s) => ({ lineId: b.lineId, colour: b.colour, packs: s.count, loops: s.loops })),
  );
  const order = useMutation({
    mutationFn: () => api.order({ id, supplier: list.supplier, items }),
    onSuccess: (now) => {
      setId(newId());
      queries.setQueryData(ordersQuery().queryKey, now);
      // What is on its way is no longer to be bought.
      void queries.invalidateQueries({ queryKey: ['shopping'] });
    },
  });
  if (!list.supplier) return null;
  const packs = items.reduce((sum, i) => sum + i.packs, 0);
  const problem =
    order.error instanceof Problem
      ? (order.error.at('items')?.message ?? order.error.message)
      : undefined;
  return (
    <div className="mt-2 border-t border-line pt-3">
      <div className="flex flex-wrap gap-2">
        <Button disabled={order.isPending} onClick={() => order.mutate()}>
          <Truck size={16} aria-hidden />{' '}
          {order.isPending ? 'Asking…' : `Order ${plural(packs, 'pack')}`}
        </Button>
        <Button look="quiet" aria-expanded={isShown} onClick={() => setShown(!isShown)}>
          What they have
        </Button>
      </div>
      {isShown && <Offers supplier={list.supplier} />}
      {problem && (
        <p role="alert" className="mt-1 font-medium text-chalk">
          ✕ {problem}
        </p>
      )}
    </div>
  );
}

/** What a supplier has, as it says now. */
function Offers({ supplier }: { supplier: string }) {
  const offers = useQuery({
    queryKey: ['catalogue', supplier],
    queryFn: () => api.catalogue(supplier),
    retry: false,
    gcTime: 0,
  });
  if (offers.error) {
    return (
      <p role="alert" className="mt-1 font-medium text-chalk">
        ✕ {offers.error.message}
      </p>
    );
  }
  if (!offers.data) return <p className="mt-1 text-sm text-soft">Asking…</p>;
  if (offers.data.length === 0) return <p className="mt-1 text-sm">They have none of it.</p>;
  return (
    <ul aria-label={`What ${supplier} has`} className="mt-1 text-sm">
      {offers.data.map((o) => (
        <li key={o.lineId + o.colour + o.loops} className="flex gap-3">
          <span className="w-20 text-right tabular-nums">{plural(o.packs, 'pack')}</span>
          <span className="min-w-0 flex-1">
            {o.lineName}, {o.colour}, of {o.loops}
          </span>
          <span className="tabular-nums">{formatMoney(o.priceMinor, o.currency)}</span>
        </li>
      ))}
    </ul>
  );
}
