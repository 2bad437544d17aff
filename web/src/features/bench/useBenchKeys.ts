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

/** Figures, each to the first of what can be walked on the map. */
export const WALK_KEYS: Record<string, string> = {
  '1': 'parts',
  '2': 'rows',
  '3': 'shares',
  '4': 'ear line',
  '5': 'regions',
};

const FOCUSABLE = '[tabindex="0"]';

/** Leads the keyboard to the first handle of the map, or of one kind of them. */
export function toMap(walk?: string): void {
  const group = walk
    ? document.querySelector<SVGElement>(`#map [data-walk="${walk}"]`)
    : document.querySelector<SVGElement>('#map');
  const first = group?.matches(FOCUSABLE) ? group : group?.querySelector<SVGElement>(FOCUSABLE);
  first?.focus();
}

/** Leads the keyboard to the step, once it is drawn. */
function toStep(): void {
  requestAnimationFrame(() => document.getElementById('step')?.focus());
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');

/** Keys of the whole bench; `onHelp` opens the list of them. */
export function useBenchKeys(store: BenchStore, onHelp: () => void): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      // Behind an open dialog nothing of the bench moves.
      if (document.querySelector('[role=dialog][data-state=open]')) return;
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
      const walk = WALK_KEYS[e.key];
      if (step) {
        bench.go(step);
        toStep();
      } else if (e.key === 'm') toMap();
      else if (walk) toMap(walk);
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
