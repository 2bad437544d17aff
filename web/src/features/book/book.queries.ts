import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { SavedPlan } from '../../api/types';

export const clientsQuery = () => queryOptions({ queryKey: ['clients'], queryFn: api.clients });

export const plansQuery = () => queryOptions({ queryKey: ['plans'], queryFn: api.plans });

/** What a kept plan comes to; a plan of the same version always comes to the same, but for the shelf. */
export const computedQuery = (plan: SavedPlan) =>
  queryOptions({
    queryKey: ['computed', plan.id, plan.version],
    queryFn: () => api.compute(plan.brief),
    retry: false,
  });
