import { useEffect } from 'react';
import type { BenchStore } from './benchStore';
import { keepHistory } from './keptHere';

const QUIET_MS = 250;

/** Keeps the way the plan came on this device, a moment after each step and when the page is left. */
export function useKeptHistory(store: BenchStore): void {
  useEffect(() => {
    let timer: number | undefined;
    const keep = () => {
      window.clearTimeout(timer);
      timer = undefined;
      const { planId, format, brief, past, future, beside } = store.getState();
      keepHistory(planId, { format, brief, past, future, beside });
    };
    const keepIfOpen = () => timer !== undefined && keep();
    const stop = store.subscribe((now, before) => {
      if (now.past === before.past && now.future === before.future && now.beside === before.beside)
        return;
      timer ??= window.setTimeout(keep, QUIET_MS);
    });
    window.addEventListener('pagehide', keepIfOpen);
    return () => {
      stop();
      window.removeEventListener('pagehide', keepIfOpen);
      keepIfOpen();
    };
  }, [store]);
}
