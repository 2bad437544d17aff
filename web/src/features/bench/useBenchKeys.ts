import { useEffect } from 'react';
import { usePrefs } from '../../ui/prefs';
import type { BenchStore } from './draft/benchStore';
import type { Step } from './draft/benchState';

/** Letters from the trade, each to its step. */
export const STEP_KEYS: Record<string, Step> = {
  c: 'client',
  h: 'head',
  p: 'parts',
  r: 'foundation',
  l: 'hair',
  k: 'knots',
  w: 'wear',
  n: 'counts',
};

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');

/** Keys of the whole bench; `onHelp` opens the list of them. */
export function useBenchKeys(store: BenchStore, onHelp: () => void): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const bench = store.getState();
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z') {
        e.preventDefault();
        if (e.shiftKey) bench.redo();
        else bench.undo();
        return;
      }
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'y') {
        e.preventDefault();
        bench.redo();
        return;
      }
      if (isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      const step = STEP_KEYS[e.key];
      if (step) bench.go(step);
      else if (e.key === 't') usePrefs.getState().set({ isTurned: !usePrefs.getState().isTurned });
      else if (e.key === '?') onHelp();
      else if (e.key === 'Escape') {
        if (bench.tool) bench.take(undefined);
        else bench.holdRow(undefined);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store, onHelp]);
}
