import { useEffect } from 'react';

/** Keeps the screen awake while something runs; browsers that cannot are left as they are. */
export function useAwake(isOn: boolean) {
  useEffect(() => {
    if (!isOn || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let isGone = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (l) => {
          if (isGone) void l.release();
          else lock = l;
        },
        () => {
          // A flat battery forbids it: then the screen goes dark as it always does.
        },
      );
    };
    ask();
    // The browser lets go of it whenever the page is hidden.
    document.addEventListener('visibilitychange', ask);
    return () => {
      isGone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isOn]);
}
