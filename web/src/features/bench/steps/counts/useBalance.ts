import { useEffect, useRef, useState } from 'react';
import { api } from '../../../../api/client';
import { Problem } from '../../../../api/problems';
import type { BalanceAsked, BalanceLine } from '../../../../api/types';

interface State {
  isRunning: boolean;
  done: number;
  result: BalanceLine['result'];
  problem: Problem | undefined;
  /** What this came of. */
  asked: BalanceAsked | undefined;
}

const AT_REST: State = {
  isRunning: false,
  done: 0,
  result: null,
  problem: undefined,
  asked: undefined,
};

/** One balancing at a time; it can be stopped, and is when its panel is left. */
export function useBalance() {
  const [state, setState] = useState<State>(AT_REST);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);

  const stop = () => {
    running.current?.abort();
    setState(AT_REST);
  };
  const run = async (asked: BalanceAsked) => {
    running.current?.abort();
    const own = new AbortController();
    running.current = own;
    setState({ ...AT_REST, isRunning: true, asked });
    try {
      await api.balance(
        asked,
        (line) => {
          if (own.signal.aborted) return;
          const problem = line.problem ? new Problem(422, line.problem) : undefined;
          const isLast = line.result !== null || problem !== undefined;
          setState({ isRunning: !isLast, done: line.done, result: line.result, problem, asked });
        },
        own.signal,
      );
    } catch (thrown) {
      if (own.signal.aborted) return;
      const problem = thrown instanceof Problem ? thrown : new Problem(0, String(thrown));
      setState({ ...AT_REST, problem, asked });
    }
  };
  return { state, run, stop, forget: () => setState(AT_REST) };
}
