import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';

export const plansQuery = () => queryOptions({ queryKey: ['plans'], queryFn: api.plans });

/** Fetched anew whenever a bench is opened, since the draft is judged against its version. */
export const planQuery = (id: string) =>
  queryOptions({
    queryKey: ['plans', id],
    queryFn: () => api.plan(id),
    staleTime: Infinity,
    gcTime: 0,
    retry: false,
  });

export const hairLinesQuery = () =>
  queryOptions({ queryKey: ['hair-lines'], queryFn: api.hairLines });

export const patternsQuery = () => queryOptions({ queryKey: ['patterns'], queryFn: api.patterns });

export const clientQuery = (id: string) =>
  queryOptions({ queryKey: ['clients', id], queryFn: () => api.client(id) });

export const methodsQuery = () => queryOptions({ queryKey: ['methods'], queryFn: api.methods });

/** Where practitioners differ; never changes while the server runs. */
export const methodQuestionsQuery = () =>
  queryOptions({
    queryKey: ['method-questions'],
    queryFn: api.methodQuestions,
    staleTime: Infinity,
  });
