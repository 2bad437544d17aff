import { ToggleGroup } from 'radix-ui';

interface Props<T extends string> {
  label: string;
  values: readonly T[];
  options: readonly { value: T; words: string }[];
  onChoose: (values: T[]) => void;
}

/** Choices of which any number may be taken. */
export function Chips<T extends string>({ label, values, options, onChoose }: Props<T>) {
  return (
    <div className="flex flex-col gap-1">
      <p className="text-sm text-soft">{label}</p>
      <ToggleGroup.Root
        type="multiple"
        aria-label={label}
        value={[...values]}
        onValueChange={(v) => onChoose(v as T[])}
        className="flex flex-wrap gap-1"
      >
        {options.map((o) => (
          <ToggleGroup.Item
            key={o.value}
            value={o.value}
            className="rounded-full border border-edge px-2.5 py-0.5 text-sm hover:bg-well data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-sheet"
          >
            {o.words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
