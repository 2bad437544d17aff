import { api } from '../../api/client';
import type { Problem } from '../../api/problems';
import type { Brief, Plan } from '../../api/types';
import { useNewest } from './useNewest';

interface Result {
  plan: Plan | undefined;
  /** The brief that `plan` was computed from. */
  of: Brief | undefined;
  problem: Problem | undefined;
}

/** The plan that a brief comes to, kept up with while the brief is dragged. */
export function useComputedPlan(brief: Brief): Result {
  const { answer, of, problem } = useNewest(brief, api.compute);
  return { plan: answer, of, problem };
}
