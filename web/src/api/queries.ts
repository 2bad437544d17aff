import { queryOptions } from '@tanstack/react-query';
import { api } from './client';

/** One client, for every place that shows her. */
export const clientQuery = (id: string) =>
  queryOptions({ queryKey: ['clients', id], queryFn: () => api.client(id) });
