import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { Stock } from '../../api/types';
import { stockQuery } from './shelf.queries';

/** What changes the stock: each change answers all that is there then. */
export function useStock() {
  const queries = useQueryClient();
  const onSuccess = (all: Stock) => {
    queries.setQueryData(stockQuery().queryKey, all);
    for (const key of ['hair-lines', 'stock-moves', 'shopping', 'plans', 'packs-next'])
      void queries.invalidateQueries({ queryKey: [key] });
  };
  return {
    move: useMutation({ mutationFn: api.moveStock, onSuccess }),
    count: useMutation({ mutationFn: api.countStock, onSuccess }),
    aside: useMutation({
      mutationFn: ({ planId, ...body }: { planId: string } & Parameters<typeof api.setAside>[1]) =>
        api.setAside(planId, body),
      onSuccess,
    }),
    lead: useMutation({ mutationFn: api.leadDays, onSuccess }),
  };
}
