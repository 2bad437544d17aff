import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { SavedPlan } from '../../api/types';

export const clientsQuery = () => queryOptions({ queryKey: ['clients'], queryFn: api.clients });

export const plansQuery = () => queryOptions({ queryKey: ['plans'], queryFn: api.plans });

/** What a tile shows of a kept plan; the same version always comes to the same, but for the shelf. */
export const summaryQuery = (plan: SavedPlan) =>
  queryOptions({
    queryKey: ['summary', plan.id, plan.version],
    queryFn: () => api.summary(plan.id),
    retry: false,
  });
