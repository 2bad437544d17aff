import { useCallback, useMemo, useRef } from 'react';
import { api } from '../../api/client';
import type { Problem } from '../../api/problems';
import type { Brief, Plan, Worn, WornAs } from '../../api/types';
import { sharing } from './sharing';
import { useNewest } from './useNewest';

interface Result {
  plan: Plan | undefined;
  /** How it looks as it is worn, if that was asked for. */
  worn: Worn | undefined;
  /** The brief that `plan` was computed from. */
  of: Brief | undefined;
  problem: Problem | undefined;
}

interface Asked {
  brief: Brief;
  worn: WornAs | undefined;
}

interface Answer {
  plan: Plan;
  worn: Worn | undefined;
}

const ask = async ({ brief, worn }: Asked): Promise<Answer> =>
  worn
    ? api.computeWorn({ brief, worn, withHair: false })
    : { plan: await api.compute(brief), worn: undefined };

/**
 * The plan that a brief comes to, kept up with while the brief is dragged; and how it is worn, for as long as `worn` is given.
 * What is the same as in the plan before is the same object, so that only what moved is drawn anew.
 */
export function useComputedPlan(brief: Brief, worn?: WornAs): Result {
  const last = useRef<Plan>(undefined);
  const asked = useMemo(() => ({ brief, worn }), [brief, worn]);
  const askSharing = useCallback(async (question: Asked) => {
    const { plan, worn } = await ask(question);
    last.current = sharing(plan, last.current);
    return { plan: last.current, worn };
  }, []);
  const { answer, of, problem } = useNewest(asked, askSharing);
  // The same object until there is another answer: the brief changes far more often, and whoever draws the plan need not know.
  return useMemo(
    () => ({ plan: answer?.plan, worn: answer?.worn, of: of?.brief, problem }),
    [answer, of, problem],
  );
}
