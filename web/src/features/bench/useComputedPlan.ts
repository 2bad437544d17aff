import { useEffect, useRef, useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Brief, Plan } from '../../api/types';

interface Result {
  plan: Plan | undefined;
  /** The brief that `plan` was computed from. */
  of: Brief | undefined;
  problem: Problem | undefined;
}

const RETRY_MS = 3000;

/**
 * The plan that a brief comes to, kept up with while the brief is dragged: one request at a time, and after each the
 * newest brief. The last good plan stays while the newest brief cannot be computed.
 */
export function useComputedPlan(brief: Brief): Result {
  const [result, setResult] = useState<Result>({
    plan: undefined,
    of: undefined,
    problem: undefined,
  });
  const newest = useRef(brief);
  const isBusy = useRef(false);

  useEffect(() => {
    newest.current = brief;
    let isGone = false;
    let timer: number | undefined;

    const run = async () => {
      if (isBusy.current) return;
      isBusy.current = true;
      let asked: Brief;
      do {
        asked = newest.current;
        try {
          const plan = await api.compute(asked);
          setResult({ plan, of: asked, problem: undefined });
        } catch (thrown) {
          const problem = thrown instanceof Problem ? thrown : new Problem(0, String(thrown));
          setResult((r) => ({ ...r, problem }));
          if (problem.isAway && !isGone) timer = window.setTimeout(() => void run(), RETRY_MS);
        }
      } while (newest.current !== asked);
      isBusy.current = false;
    };

    void run();
    return () => {
      isGone = true;
      window.clearTimeout(timer);
    };
  }, [brief]);

  return result;
}
