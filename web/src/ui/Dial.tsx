import { Slider } from 'radix-ui';
import { useId, type ReactNode } from 'react';

interface Props {
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  /** The figure as it is said. */
  figure: string;
  unit?: string;
  onChange: (value: number) => void;
  /** The stop is taken by pointer, and let go. */
  onTake?: () => void;
  onLetGo?: () => void;
  error?: string | undefined;
  hint?: ReactNode;
  /** Named places along the scale. */
  marks?: { at: number; words: string }[];
}

/** A figure on a scale: take the stop, or press the keys beside the figure. */
export function Dial({
  label,
  value,
  min,
  max,
  step,
  figure,
  unit,
  onChange,
  onTake,
  onLetGo,
  error,
  hint,
  marks,
}: Props) {
  const id = useId();
  const nudge = (by: number) => {
    const to = Math.round((value + by) / step) * step;
    onChange(Math.max(min, Math.min(max, Number(to.toFixed(6)))));
  };
  const part = (at: number) => `${(100 * (at - min)) / (max - min || 1)}%`;
  return (
    <div className="flex flex-col gap-1">
      <div className="flex items-baseline justify-between gap-2">
        <span id={id} className="text-sm text-soft">
          {label}
        </span>
        <span className="flex items-center gap-1">
          <Nudge
            words={`less: ${label}`}
            sign="−"
            onPress={() => nudge(-step)}
            off={value <= min}
          />
          <output className="min-w-14 text-center text-2xl leading-none font-semibold">
            {figure}
            {unit && <span className="ml-0.5 text-sm font-normal text-soft">{unit}</span>}
          </output>
          <Nudge words={`more: ${label}`} sign="+" onPress={() => nudge(step)} off={value >= max} />
        </span>
      </div>
      <Slider.Root
        className="slider relative flex h-6 touch-none items-center select-none"
        value={[value]}
        min={min}
        max={max}
        step={step}
        onPointerDown={() => onTake?.()}
        onValueChange={([v]) => v !== undefined && onChange(v)}
        onValueCommit={() => onLetGo?.()}
      >
        <Slider.Track className="relative h-1.5 grow rounded-full border border-edge bg-well">
          <Slider.Range className="absolute h-full rounded-full bg-soft" />
        </Slider.Track>
        <Slider.Thumb
          aria-labelledby={id}
          aria-valuetext={`${figure} ${unit ?? ''}`.trim()}
          className="block h-5 w-3 rounded-sm border-2 border-ink bg-thread"
        />
      </Slider.Root>
      {marks && (
        <div className="relative mx-1.5 h-4 text-xs text-soft">
          {marks.map((m) => (
            <span
              key={m.words}
              className="absolute -translate-x-1/2 whitespace-nowrap"
              style={{ left: part(m.at) }}
            >
              {m.words}
            </span>
          ))}
        </div>
      )}
      {error ? (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {error}
        </p>
      ) : (
        hint && <p className="text-sm text-soft">{hint}</p>
      )}
    </div>
  );
}

function Nudge(props: { words: string; sign: string; onPress: () => void; off: boolean }) {
  return (
    <button
      type="button"
      aria-label={props.words}
      disabled={props.off}
      onClick={props.onPress}
      className="grid size-7 place-items-center rounded-md border border-edge bg-sheet text-lg leading-none hover:bg-well disabled:opacity-40"
    >
      {props.sign}
    </button>
  );
}
