import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Truck } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Shopping } from '../../api/types';
import { newId } from '../../lib/id';
import { plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { ordersQuery } from './shelf.queries';

/** Orders what is to be bought of one supplier, less what is on its way already. */
export function OrderKey({ list }: { list: Shopping['suppliers'][number] }) {
  const queries = useQueryClient();
  const orders = useQuery(ordersQuery());
  // Sent again after a failure it is the same order, and ordered once.
  const [id, setId] = useState(newId);
  const coming = orders.data?.onTheWay ?? [];
  const items = list.buys
    .filter((b) => !coming.some((c) => c.lineId === b.lineId && c.colour === b.colour))
    .flatMap((b) =>
      b.sizes.map((s) => ({ lineId: b.lineId, colour: b.colour, packs: s.count, loops: s.loops })),
    );
  const order = useMutation({
    mutationFn: () => api.order({ id, supplier: list.supplier, items }),
    onSuccess: (now) => {
      setId(newId());
      queries.setQueryData(ordersQuery().queryKey, now);
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
      {packs === 0 ? (
        <p className="text-sm text-soft">All of it is ordered.</p>
      ) : (
        <Button disabled={order.isPending} onClick={() => order.mutate()}>
          <Truck size={16} aria-hidden />{' '}
          {order.isPending ? 'Asking…' : `Order ${plural(packs, 'pack')}`}
        </Button>
      )}
      {problem && (
        <p role="alert" className="mt-1 font-medium text-chalk">
          ✕ {problem}
        </p>
      )}
    </div>
  );
}
