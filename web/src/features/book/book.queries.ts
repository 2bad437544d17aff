import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';

/** What the page asked for before it was drawn is not asked for again by what is drawn. */
const JUST_ASKED_MS = 2_000;

export const clientsQuery = () =>
  queryOptions({ queryKey: ['clients'], queryFn: api.clients, staleTime: JUST_ASKED_MS });

/** Every plan with as much of it as a tile shows. */
export const tilesQuery = () =>
  queryOptions({
    queryKey: ['plans', 'tiles'],
    queryFn: api.planTiles,
    staleTime: JUST_ASKED_MS,
  });
