import { queryOptions } from '@tanstack/react-query';
import { api } from '../../../api/client';

/** Other devices book too. */
const LOOKED_AT_MS = 60_000;

/** Some days of the book, from one on; from today if none is named. */
export const diaryQuery = (from: string | undefined, days: number) =>
  queryOptions({
    queryKey: ['diary', from ?? 'today', days],
    queryFn: () => api.diary(from, days),
    refetchInterval: LOOKED_AT_MS,
  });

export const followUpsQuery = (until: string) =>
  queryOptions({ queryKey: ['follow-ups', until], queryFn: () => api.followUps(until) });

/** How far ahead the day looks for what is missing. */
export const SHOP_DAYS = 7;

export const shoppingQuery = (days: number) =>
  queryOptions({ queryKey: ['shopping', days], queryFn: () => api.shopping(days) });

export const peopleQuery = () => queryOptions({ queryKey: ['people'], queryFn: api.people });
