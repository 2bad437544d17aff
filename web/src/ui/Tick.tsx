import type { ReactNode } from 'react';

/** Something that is so or not. */
export function Tick(props: {
  words: ReactNode;
  isOn: boolean;
  onChange: (isOn: boolean) => void;
}) {
  return (
    <label className="flex items-center gap-2 rounded px-1 py-0.5 hover:bg-well">
      <input
        type="checkbox"
        className="size-4 accent-ink"
        checked={props.isOn}
        onChange={(e) => props.onChange(e.target.checked)}
      />
      {props.words}
    </label>
  );
}
