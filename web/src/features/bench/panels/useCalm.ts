import { useEffect, useRef, useState } from 'react';

const CALM_MS = 300;

/**
 * The newest value, but while something is in the hand only now and then: for what is glanced at, so that the time goes into
 * what is looked at. Once nothing moves it is the newest at once.
 */
export function useCalm<T>(value: T, isMoving: boolean, everyMs = CALM_MS): T {
  const [shown, setShown] = useState(value);
  const newest = useRef(value);
  const timer = useRef<number>(undefined);

  // A value that was shown while nothing moved is where the next move starts from.
  if (!isMoving && shown !== value) setShown(value);
  useEffect(() => {
    newest.current = value;
    if (!isMoving) return;
    timer.current ??= window.setTimeout(() => {
      timer.current = undefined;
      setShown(newest.current);
    }, everyMs);
  }, [value, isMoving, everyMs]);
  useEffect(() => () => window.clearTimeout(timer.current), []);

  return isMoving ? shown : value;
}
