import type { ReactNode } from 'react';

/** A key that makes a number a little more or less. */
export function NudgeKey(props: {
  words: string;
  isOff: boolean;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={props.words}
      disabled={props.isOff}
      onClick={props.onPress}
      className="grid size-12 place-items-center rounded-md border border-edge bg-sheet hover:bg-well disabled:opacity-40"
    >
      {props.children}
    </button>
  );
}
