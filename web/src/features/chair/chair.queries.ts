import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';

export const visitsQuery = () => queryOptions({ queryKey: ['visits'], queryFn: api.visits });

/** What it will come to, asked anew whenever something more has arrived at the server. */
export const outlookQuery = (id: string, arrived: number) =>
  queryOptions({
    queryKey: ['outlook', id, arrived],
    queryFn: () => api.outlook(id),
    staleTime: Infinity,
    retry: false,
    placeholderData: (before) => before,
  });

export const chairFillsQuery = (id: string, arrived: number) =>
  queryOptions({
    queryKey: ['chair-fills', id, arrived],
    queryFn: () => api.chairFills(id),
    staleTime: Infinity,
    retry: false,
    placeholderData: (before) => before,
  });

/** What a visit came to, as of the last thing that arrived. */
export const accountQuery = (id: string, arrived: number) =>
  queryOptions({ queryKey: ['visits', id, 'account', arrived], queryFn: () => api.account(id) });
