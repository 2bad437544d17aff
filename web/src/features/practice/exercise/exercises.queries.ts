import { queryOptions } from '@tanstack/react-query';
import { api } from '../../../api/client';

/** Drills that were made of plans. */
export const exercisesQuery = () =>
  queryOptions({ queryKey: ['exercises'], queryFn: api.exercises });
