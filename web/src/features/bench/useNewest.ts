import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../api/problems';

interface Result<Q, A> {
  answer: A | undefined;
  /** The question that was answered. */
  of: Q | undefined;
  problem: Problem | undefined;
}

const RETRY_MS = 3000;

/**
 * The answer to a question that changes while it is dragged: one request at a time, and after each the newest question. The
 * last good answer stays while the newest question has none. Nothing is asked while there is no question.
 */
export function useNewest<Q, A>(
  question: Q | undefined,
  ask: (question: Q) => Promise<A>,
): Result<Q, A> {
  const [result, setResult] = useState<Result<Q, A>>({
    answer: undefined,
    of: undefined,
    problem: undefined,
  });
  const newest = useRef(question);
  const isBusy = useRef(false);
  const asking = useRef(ask);

  useEffect(() => {
    newest.current = question;
    asking.current = ask;
    let isGone = false;
    let timer: number | undefined;

    const run = async () => {
      if (isBusy.current) return;
      isBusy.current = true;
      for (
        let asked = newest.current;
        asked !== undefined;
        asked = newest.current === asked ? undefined : newest.current
      ) {
        try {
          const answer = await asking.current(asked);
          const of = asked;
          setResult({ answer, of, problem: undefined });
        } catch (thrown) {
          const problem = thrown instanceof Problem ? thrown : new Problem(0, String(thrown));
          setResult((r) => ({ ...r, problem }));
          if (problem.isAway && !isGone) timer = window.setTimeout(() => void run(), RETRY_MS);
        }
      }
      isBusy.current = false;
    };

    void run();
    return () => {
      isGone = true;
      window.clearTimeout(timer);
    };
  }, [question, ask]);

  return result;
}
