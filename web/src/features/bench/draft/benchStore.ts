import { createStore } from 'zustand/vanilla';
import type { SavedPlan } from '../../../api/types';
import type { BenchState, DraftState } from './benchState';
import { draftSlice } from './draftSlice';
import { historySlice } from './historySlice';
import { viewSlice } from './viewSlice';

export type BenchStore = ReturnType<typeof createBench>;

/**
 * One opened plan: the draft of it, the way it came, and what is looked at.
 *
 * @param format the format in which the server tells briefs; a history in another is not taken up
 */
export function createBench(
  plan: SavedPlan,
  format: number,
  { home = 'bench', now = Date.now }: { home?: DraftState['home']; now?: () => number } = {},
) {
  return createStore<BenchState>()((...a) => {
    const draft = draftSlice(plan, format, home)(...a);
    return {
      ...draft,
      ...historySlice(plan.id, format, draft.brief, now)(...a),
      ...viewSlice(plan.brief)(...a),
    };
  });
}
