import { ToggleGroup } from 'radix-ui';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly { value: T; words: string }[];
  onChoose: (value: T) => void;
}

/** A few choices side by side, one of them taken. */
export function Switch<T extends string>({ label, value, options, onChoose }: Props<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(v) => v && onChoose(v as T)}
      className="inline-flex max-w-full shrink-0 overflow-hidden rounded-md border border-edge"
    >
      {options.map((o) => (
        <ToggleGroup.Item
          key={o.value}
          value={o.value}
          className="px-2.5 py-1 text-sm not-first:border-l not-first:border-edge hover:bg-well data-[state=on]:bg-ink data-[state=on]:text-sheet"
        >
          {o.words}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
