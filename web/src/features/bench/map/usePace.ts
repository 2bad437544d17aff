import { useLayoutEffect, useRef } from 'react';

/** A plan that does not come within this time is waited for no longer. */
const PATIENCE_MS = 90;

/** So many moves may be under way whose plan has not come: while one is drawn the next is worked out. */
const MAX_AHEAD = 2;

interface Pace {
  /** Does it now, or once enough plans of the moves before have come; the newest takes the place of one that waits. */
  move: (how: () => void) => void;
  /** Does what still waits: the hand lets go where it is. */
  finish: () => void;
  /** Forgets what still waits. */
  drop: () => void;
}

/**
 * Moves what is dragged no faster than its plans come, and no further ahead of them than one can be worked out while one is drawn.
 * A pointer tells where it is sixty times a second and a plan takes longer than that; more moves would only take the time from it.
 */
export function usePace(plan: unknown): Pace {
  const waiting = useRef<(() => void) | undefined>(undefined);
  const open = useRef({ moves: 0, last: 0 });
  const now = useRef(plan);

  const run = () => {
    const how = waiting.current;
    waiting.current = undefined;
    open.current = { moves: open.current.moves + 1, last: performance.now() };
    how?.();
  };
  // Before the plan is painted, so that it and the next move are painted as one.
  useLayoutEffect(() => {
    if (now.current === plan) return;
    now.current = plan;
    open.current.moves = Math.max(0, open.current.moves - 1);
    if (waiting.current) run();
  }, [plan]);

  return {
    move: (how) => {
      waiting.current = how;
      const { moves, last } = open.current;
      if (performance.now() - last > PATIENCE_MS) open.current.moves = 0;
      else if (moves >= MAX_AHEAD) return;
      run();
    },
    finish: () => {
      if (waiting.current) run();
    },
    drop: () => {
      waiting.current = undefined;
    },
  };
}
