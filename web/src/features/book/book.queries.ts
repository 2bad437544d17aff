import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';

export const clientsQuery = () => queryOptions({ queryKey: ['clients'], queryFn: api.clients });

/** Every plan with as much of it as a tile shows. */
export const tilesQuery = () =>
  queryOptions({ queryKey: ['plans', 'tiles'], queryFn: api.planTiles });
