import { useRef, useState } from 'react';

/** Things that are done one after the other, each of which takes its time: how far it is, and what stopped it. */
export function useOneByOne<T>(one: (thing: T) => Promise<unknown>) {
  const [done, setDone] = useState(0);
  const [of, setOf] = useState(0);
  const [isRunning, setRunning] = useState(false);
  const [problem, setProblem] = useState<string>();
  const isStopped = useRef(false);

  /** Does them from one of them on. */
  const run = async (things: T[], from = 0) => {
    isStopped.current = false;
    setOf(things.length);
    setDone(from);
    setProblem(undefined);
    setRunning(true);
    try {
      for (const [i, thing] of things.entries()) {
        if (i < from) continue;
        if (isStopped.current) break;
        await one(thing);
        setDone(i + 1);
      }
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    } finally {
      setRunning(false);
    }
  };
  return {
    run,
    stop: () => (isStopped.current = true),
    isRunning,
    done,
    of,
    problem,
  };
}
