import { queryOptions } from '@tanstack/react-query';
import { api } from './client';

/** One client, for every place that shows her. */
export const clientQuery = (id: string) =>
  queryOptions({ queryKey: ['clients', id], queryFn: () => api.client(id) });

/** What was worked on one client, the latest first. */
export const clientVisitsQuery = (id: string) =>
  queryOptions({ queryKey: ['client-visits', id], queryFn: () => api.clientVisits(id) });

/** All lines of hair that the shelf knows. */
export const hairLinesQuery = () =>
  queryOptions({ queryKey: ['hair-lines'], queryFn: api.hairLines });
