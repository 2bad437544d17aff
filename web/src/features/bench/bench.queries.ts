import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import { keepDraft, putDraftBy, readDraft } from './draft/keptHere';

/** The plan last worked on, if there is any. */
export const lastPlanQuery = () =>
  queryOptions({ queryKey: ['plans', 'last'], queryFn: () => api.plans(1) });

/** A draft that was kept here before briefs were told as they are today is brought up to date first. */
async function openDraft(id: string, format: number): Promise<void> {
  const draft = readDraft(id);
  if (!draft || draft.format === format) return;
  try {
    const brief = await api.opened({ format: draft.format ?? 1, ...draft.brief });
    keepDraft(id, { ...draft, brief, format });
  } catch (thrown) {
    // What nobody can read must not bar the way to the plan that is kept; it is put by, not thrown away.
    if (!(thrown instanceof Problem) || thrown.isAway) throw thrown;
    putDraftBy(id);
  }
}

/** Fetched anew whenever a bench is opened, since the draft is judged against its version. */
export const planQuery = (id: string, format: number) =>
  queryOptions({
    queryKey: ['plans', id],
    queryFn: async () => {
      await openDraft(id, format);
      return api.savedPlan(id);
    },
    staleTime: Infinity,
    gcTime: 0,
    retry: false,
  });

export const hairLinesQuery = () =>
  queryOptions({ queryKey: ['hair-lines'], queryFn: api.hairLines });

export const patternsQuery = () => queryOptions({ queryKey: ['patterns'], queryFn: api.patterns });

export const methodsQuery = () => queryOptions({ queryKey: ['methods'], queryFn: api.methods });
