import { queryOptions } from '@tanstack/react-query';
import { api } from '../../../api/client';

/** What can be drilled; the same until the product is another. */
export const drillsQuery = () =>
  queryOptions({ queryKey: ['drills'], queryFn: api.drills, staleTime: Infinity });

const SEEDS = 2 ** 31;

/** A drill that was most likely never asked before. */
export const anySeed = () => Math.floor(Math.random() * SEEDS);
