import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';

/** All that is on the shelf; every change answers it anew. */
export const stockQuery = () => queryOptions({ queryKey: ['stock'], queryFn: api.stock });

export const movesQuery = (line: string | undefined) =>
  queryOptions({ queryKey: ['stock-moves', line ?? 'all'], queryFn: () => api.stockMoves(line) });

export const shoppingQuery = (days: number) =>
  queryOptions({ queryKey: ['shopping', days], queryFn: () => api.shopping(days) });

export const ordersQuery = () => queryOptions({ queryKey: ['orders'], queryFn: api.orders });
