import { useFrame, useThree } from '@react-three/fiber';
import { useCallback, useEffect, useRef, useState } from 'react';

/** Smoothness while it is turned comes before sharpness: these parts of a point are drawn, the first as long as it is fast enough. */
const SHARPNESS = [1, 0.8, 0.6, 0.42, 0.32] as const;
const SLOW_MS = 55;
const FAST_MS = 20;
const USUAL_MS = 40;
const SMOOTHED_OVER = 8;
const STILL_AFTER_MS = 400;
/** Standing still it is drawn twice as fine, which smooths its edges. */
const SHARPENS_AFTER_MS = 350;
const SHARPEST = 2;

const ownDpr = () => Math.min(SHARPEST, window.devicePixelRatio);

/**
 * Whether the head is being turned; while it is, it is drawn as coarsely as this machine needs it to be smooth.
 *
 * @param isQuick whether it is drawn so quickly as it is that it need be neither coarser nor finer
 */
export function useTurning(isQuick: boolean): {
  isTurning: boolean;
  /** It was turned. */
  turned: () => void;
  /** It is held, or let go. */
  hold: (isHeld: boolean) => void;
} {
  const [isTurning, setTurning] = useState(false);
  const { setDpr, invalidate } = useThree();
  const level = useRef(2);
  const timer = useRef<number | undefined>(undefined);
  const last = useRef(0);
  const pace = useRef({ frames: 0, ms: USUAL_MS });

  const isHeld = useRef(false);

  const turned = useCallback(() => {
    invalidate();
    if (isQuick) return;
    setTurning(true);
    window.clearTimeout(timer.current);
    // Held still it may be turned on at any moment: a picture in all its bands would keep that waiting.
    if (isHeld.current) return;
    timer.current = window.setTimeout(() => {
      setTurning(false);
      last.current = 0;
    }, STILL_AFTER_MS);
  }, [isQuick, invalidate]);
  const hold = useCallback(
    (held: boolean) => {
      isHeld.current = held;
      if (!held) turned();
    },
    [turned],
  );

  useEffect(() => () => window.clearTimeout(timer.current), []);

  useEffect(() => {
    setDpr(ownDpr() * (isTurning ? (SHARPNESS[level.current] ?? 1) : 1));
    invalidate();
    if (isTurning || isQuick) return;
    const sharpen = window.setTimeout(() => {
      setDpr(SHARPEST);
      invalidate();
    }, SHARPENS_AFTER_MS);
    return () => window.clearTimeout(sharpen);
  }, [isTurning, isQuick, setDpr, invalidate]);

  useFrame(() => {
    if (!isTurning) return;
    const now = performance.now();
    const took = now - last.current;
    last.current = now;
    if (took > STILL_AFTER_MS) return;
    pace.current.frames++;
    pace.current.ms += (took - pace.current.ms) / SMOOTHED_OVER;
    const { frames, ms } = pace.current;
    // A new size costs a few pictures: it is tried seldom, and back to a finer one only where there is plenty of time.
    const by = frames < SMOOTHED_OVER ? 0 : ms > SLOW_MS ? 1 : ms < FAST_MS ? -1 : 0;
    const to = Math.max(0, Math.min(SHARPNESS.length - 1, level.current + by));
    if (to === level.current) return;
    level.current = to;
    pace.current = { frames: 0, ms: USUAL_MS };
    setDpr(ownDpr() * (SHARPNESS[to] ?? 1));
  });
  return { isTurning, turned, hold };
}
