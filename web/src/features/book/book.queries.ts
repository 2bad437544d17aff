import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { PlanTile } from '../../api/types';

/** What the page asked for before it was drawn is not asked for again by what is drawn. */
const JUST_ASKED_MS = 2_000;

/** As many clients as one looks through before one types. */
const AT_ONCE = 24;

/** What is being worked out is asked for again after so long. */
const WORKED_OUT_MS = 300;

/** Clients by any part of their names, piece by piece. */
export const clientsQuery = (typed = '') =>
  infiniteQueryOptions({
    queryKey: ['clients', 'list', typed],
    queryFn: ({ pageParam }) => api.clients(typed, pageParam, AT_ONCE),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const shown = all.reduce((sum, p) => sum + p.clients.length, 0);
      return last.clients.length > 0 && shown < last.count ? shown : undefined;
    },
    staleTime: JUST_ASKED_MS,
  });

/** Every plan of some clients with as much of it as a tile shows; asked again while any is being worked out. */
export const tilesQuery = (clients: string[]) =>
  queryOptions({
    queryKey: ['plans', 'tiles', ...clients],
    queryFn: () => (clients.length > 0 ? api.planTiles(clients) : ([] as PlanTile[])),
    staleTime: JUST_ASKED_MS,
    refetchInterval: (query) => (query.state.data?.some((p) => !p.isFresh) ? WORKED_OUT_MS : false),
  });
