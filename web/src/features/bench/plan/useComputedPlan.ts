import { useCallback, useMemo, useRef } from 'react';
import { api } from '../../../api/client';
import type { Problem } from '../../../api/problems';
import type { Brief, Drawn, Plan, Read, Worn, WornAs } from '../../../api/types';
import { sharing } from './sharing';
import { useNewest } from './useNewest';

interface Result {
  /** What is drawn, and what is read as far as it has come. */
  plan: Plan | undefined;
  /** What is read: while something is held it comes only now and then. */
  read: Read | undefined;
  /** How it looks as it is worn, if that was asked for. */
  worn: Worn | undefined;
  /** The brief that `plan` was computed from, once all of it is there. */
  of: Brief | undefined;
  problem: Problem | undefined;
}

interface Asked {
  brief: Brief;
  worn: WornAs | undefined;
  isHeld: boolean;
}

interface Answer {
  plan: Plan;
  read: Read;
  worn: Worn | undefined;
}

/** While something is held, words and figures are asked for this often; what is drawn, at every move. */
const READ_EVERY_MS = 300;

/**
 * The plan that a brief comes to, kept up with while the brief is dragged; and how it is worn, for as long as `worn` is given.
 * While something is held only what is drawn is asked for, and what is read now and then. What is the same as in the plan before
 * is the same object, so that only what moved is drawn anew.
 */
export function useComputedPlan(
  brief: Brief,
  planId: string,
  worn?: WornAs,
  isHeld = false,
): Result {
  const drawn = useRef<Drawn>(undefined);
  const read = useRef<Read>(undefined);
  const readAt = useRef(0);
  const asked = useMemo(() => ({ brief, worn, isHeld }), [brief, worn, isHeld]);
  const ask = useCallback(
    async (question: Asked): Promise<Answer> => {
      const withRead =
        !question.isHeld || !read.current || performance.now() - readAt.current > READ_EVERY_MS;
      if (withRead) readAt.current = performance.now();
      const answer = await api.plan({
        brief: question.brief,
        worn: question.worn ?? null,
        withRead,
        withSides: !question.isHeld,
        planId,
      });
      drawn.current = sharing(answer.drawn, drawn.current);
      if (answer.read) read.current = sharing(answer.read, read.current);
      if (!read.current) throw new Error('the first answer must hold what is read');
      return {
        plan: { ...drawn.current, ...read.current },
        read: read.current,
        worn: answer.worn ?? undefined,
      };
    },
    [planId],
  );
  const { answer, of, problem } = useNewest(asked, ask);
  // The same object until there is another answer: the brief changes far more often, and whoever draws the plan need not know.
  return useMemo(
    () => ({
      plan: answer?.plan,
      read: answer?.read,
      worn: answer?.worn,
      of: of?.isHeld ? undefined : of?.brief,
      problem,
    }),
    [answer, of, problem],
  );
}
