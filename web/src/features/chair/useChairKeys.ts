import { useEffect, useLayoutEffect, useRef } from 'react';

interface Keys {
  /** Off while a dialog is open. */
  isOn: boolean;
  press: () => void;
  back: () => void;
  undo: () => void;
  help: () => void;
}

/** Whether a key belongs to what has the focus: writing, choosing, or a button that space would press. */
const isTaken = (e: KeyboardEvent) =>
  e.target instanceof HTMLElement &&
  (e.target.closest('input, textarea, select, [role=dialog]') !== null ||
    (e.key === ' ' && e.target.closest('button, a') !== null && !e.target.closest('[data-key]')));

/** Walks along the beads of the row; the focus is where one is. */
function walk(by: number) {
  const beads = [...document.querySelectorAll<HTMLElement>('[data-bead]')];
  const at = beads.findIndex((b) => b === document.activeElement);
  beads[at < 0 ? 0 : Math.max(0, Math.min(beads.length - 1, at + by))]?.focus();
}

/** A finger that pressed something leaves it again, or the next press of a pedal that sends a space would press it once more. */
function letGo(e: MouseEvent) {
  const held = document.activeElement;
  const isPointer = e.detail > 0;
  if (isPointer && held instanceof HTMLButtonElement && !held.closest('[role=dialog]')) held.blur();
}

/** Keys, and whatever sends keys: a foot pedal, a page turner. */
export function useChairKeys(keys: Keys) {
  const now = useRef(keys);
  // Together with what is drawn: a pedal that is pressed in the same frame means what is seen.
  useLayoutEffect(() => {
    now.current = keys;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const k = now.current;
      if (!k.isOn || e.ctrlKey || e.metaKey || e.altKey || isTaken(e)) return;
      const does = {
        ' ': k.press,
        PageDown: k.press,
        PageUp: k.back,
        u: k.undo,
        U: k.undo,
        '?': k.help,
        ArrowRight: () => walk(1),
        ArrowLeft: () => walk(-1),
      }[e.key];
      if (!does) return;
      e.preventDefault();
      // A pedal that is held down sends its key again and again: it was pressed once.
      if (!e.repeat) does();
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('click', letGo);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('click', letGo);
    };
  }, []);
}
