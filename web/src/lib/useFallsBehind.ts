import { useEffect, useState } from 'react';

/** A browser that keeps up draws every 17 ms. */
const SLOW_MS = 21;
const FRAMES = 12;

/**
 * Whether the browser falls behind while something is held: half of its last frames came late. A screen without a graphics card
 * then rather draws without smooth edges than late. It stays so, for what was slow once will be again.
 */
export function useFallsBehind(isHeld: boolean): boolean {
  const [isBehind, setBehind] = useState(false);
  useEffect(() => {
    if (!isHeld || isBehind) return;
    const took: number[] = [];
    let last: number | undefined;
    let next = requestAnimationFrame(function look(now) {
      if (last !== undefined) took.push(now - last);
      last = now;
      if (took.length > FRAMES) took.shift();
      if (took.length === FRAMES && took.filter((ms) => ms > SLOW_MS).length > FRAMES / 2) {
        setBehind(true);
        return;
      }
      next = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(next);
  }, [isHeld, isBehind]);
  return isHeld && isBehind;
}
