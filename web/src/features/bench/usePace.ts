import { useLayoutEffect, useRef } from 'react';

/** A plan that does not come within this time is waited for no longer. */
const PATIENCE_MS = 90;

interface Pace {
  /** Does it now, or once the plan of the move before has come; the newest takes the place of one that waits. */
  move: (how: () => void) => void;
  /** Does what still waits: the hand lets go where it is. */
  finish: () => void;
  /** Forgets what still waits. */
  drop: () => void;
}

/**
 * Moves what is dragged no faster than its plans come. A pointer tells where it is sixty times a second and a plan takes longer
 * than that; moves in between would only take the time from drawing the plan.
 */
export function usePace(plan: unknown): Pace {
  const waiting = useRef<(() => void) | undefined>(undefined);
  const moved = useRef({ plan: undefined as unknown, at: 0 });
  const now = useRef(plan);

  const run = () => {
    const how = waiting.current;
    waiting.current = undefined;
    moved.current = { plan: now.current, at: performance.now() };
    how?.();
  };
  // Before the plan is painted, so that it and the next move are painted as one.
  useLayoutEffect(() => {
    now.current = plan;
    if (waiting.current) run();
  }, [plan]);

  return {
    move: (how) => {
      waiting.current = how;
      const { plan: before, at } = moved.current;
      if (before !== now.current || performance.now() - at > PATIENCE_MS) run();
    },
    finish: () => {
      if (waiting.current) run();
    },
    drop: () => {
      waiting.current = undefined;
    },
  };
}
