import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../../api/problems';

interface Result<Q, A> {
  answer: A | undefined;
  /** The question that was answered. */
  of: Q | undefined;
  problem: Problem | undefined;
}

const RETRY_MS = 3000;

/** While one answer is drawn, the next is worked out already; more would only be answers that nobody waits for. */
const MAX_OPEN = 2;

/** What is known of the requests, from one drawing to the next. */
interface Desk<Q, A> {
  newest: Q | undefined;
  ask: (question: Q) => Promise<A>;
  asked: Q | undefined;
  open: number;
  /** Requests are numbered, so that a late answer does not take the place of a newer one. */
  sent: number;
  shown: number;
  timer: number | undefined;
  isGone: boolean;
}

/**
 * The answer to a question that changes while it is dragged: at most two requests at a time, and after each the newest question.
 * The last good answer stays while the newest question has none. Nothing is asked while there is no question.
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
  const desk = useRef<Desk<Q, A>>({
    newest: question,
    ask,
    asked: undefined,
    open: 0,
    sent: 0,
    shown: 0,
    timer: undefined,
    isGone: false,
  });

  useEffect(() => {
    const d = desk.current;
    d.newest = question;
    d.ask = ask;
    window.clearTimeout(d.timer);

    const send = async (asked: Q) => {
      d.asked = asked;
      d.open++;
      const number = ++d.sent;
      const show = (what: (r: Result<Q, A>) => Result<Q, A>) => {
        if (number < d.shown) return;
        d.shown = number;
        setResult(what);
      };
      try {
        const answer = await d.ask(asked);
        show(() => ({ answer, of: asked, problem: undefined }));
      } catch (thrown) {
        const problem = thrown instanceof Problem ? thrown : new Problem(0, String(thrown));
        show((r) => ({ ...r, problem }));
        if (problem.isAway && !d.isGone) {
          window.clearTimeout(d.timer);
          d.timer = window.setTimeout(again, RETRY_MS);
        }
      }
      d.open--;
      sendNewest();
    };
    const sendNewest = () => {
      if (d.newest !== undefined && d.newest !== d.asked && d.open < MAX_OPEN) void send(d.newest);
    };
    const again = () => {
      d.asked = undefined;
      sendNewest();
    };

    sendNewest();
  }, [question, ask]);

  useEffect(() => {
    const d = desk.current;
    d.isGone = false;
    return () => {
      d.isGone = true;
      window.clearTimeout(d.timer);
    };
  }, []);

  return result;
}
