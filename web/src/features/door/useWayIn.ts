import { useState } from 'react';
import { Problem } from '../../api/problems';

/** One way in: what was refused, and whether it is being asked. */
export function useWayIn(onIn: () => Promise<void>) {
  const [problem, setProblem] = useState<Problem>();
  const [isAsked, setAsked] = useState(false);
  const go = async (way: () => Promise<unknown>) => {
    setAsked(true);
    setProblem(undefined);
    try {
      await way();
      await onIn();
    } catch (thrown) {
      setProblem(thrown instanceof Problem ? thrown : new Problem(0, String(thrown)));
    }
    setAsked(false);
  };
  /** What no field shows. */
  const said = problem && problem.fields.length === 0 ? problem.message : undefined;
  return { go, isAsked, problem, said };
}
