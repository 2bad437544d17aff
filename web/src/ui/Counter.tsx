import { Minus, Plus } from 'lucide-react';

interface Props {
  label: string;
  value: number;
  min: number;
  max: number;
  step?: number;
  /** The figure as it is said; the number itself if not given. */
  figure?: string;
  error?: string | undefined;
  onChange: (value: number) => void;
}

/** A small whole figure with a key on either side. */
export function Counter({ label, value, min, max, step = 1, figure, error, onChange }: Props) {
  const nudge = (by: number) => onChange(Math.max(min, Math.min(max, value + by)));
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <span>{label}</span>
        <span className="flex items-center gap-1" role="group" aria-label={label}>
          <button
            type="button"
            aria-label={`less: ${label}`}
            disabled={value <= min}
            onClick={() => nudge(-step)}
            className="grid size-7 place-items-center rounded-md border border-edge hover:bg-well disabled:opacity-40"
          >
            <Minus size={14} />
          </button>
          <output className="min-w-12 text-center text-lg leading-none font-semibold">
            {figure ?? value}
          </output>
          <button
            type="button"
            aria-label={`more: ${label}`}
            disabled={value >= max}
            onClick={() => nudge(step)}
            className="grid size-7 place-items-center rounded-md border border-edge hover:bg-well disabled:opacity-40"
          >
            <Plus size={14} />
          </button>
        </span>
      </div>
      {error && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {error}
        </p>
      )}
    </div>
  );
}
