import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { SavedPlan } from '../../api/types';
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

/** Made-up heads with plans to try things out on; what is changed on them stays on this device. */
export const practiceHeadsQuery = () =>
  queryOptions({ queryKey: ['practice', 'heads'], queryFn: api.practiceHeads });

/** One of them, as if it were a plan that is kept. */
export const practicePlanQuery = (id: string, format: number) =>
  queryOptions({
    queryKey: ['practice', 'heads', id],
    queryFn: async (): Promise<SavedPlan> => {
      await openDraft(id, format);
      const head = (await api.practiceHeads()).find((h) => h.id === id);
      if (!head?.brief) throw new Problem(404, 'There is no such practice head.');
      return {
        id,
        clientId: '',
        clientName: 'Practice head',
        headId: '',
        name: head.name,
        brief: head.brief,
        version: 0,
        updatedAt: '',
      };
    },
    staleTime: Infinity,
    gcTime: 0,
    retry: false,
  });

export const patternsQuery = () => queryOptions({ queryKey: ['patterns'], queryFn: api.patterns });

export const methodsQuery = () => queryOptions({ queryKey: ['methods'], queryFn: api.methods });
