import type { ReactNode } from 'react';

interface Props {
  label: string;
  /** A key that tells how the figure comes about. */
  why?: ReactNode;
  figure: string;
  unit: string;
  /** What belongs beside the figure, in small. */
  aside?: ReactNode;
  /** Where the stop stands, and where the tape ends, in the tape's own figures. */
  value: number;
  end: number;
  tick: number;
  /** The stretch that is likely or in hand. */
  band?: { from: number; to: number; words: string };
  /** Where the stop stood before this change. */
  before?: number | undefined;
}

/** A consequence on a measuring tape: the figure large, its place on the scale below. */
export function Tape({ label, why, figure, unit, aside, value, end, tick, band, before }: Props) {
  const at = (v: number) => `${Math.max(0, Math.min(100, (100 * v) / end))}%`;
  const ticks = Array.from({ length: Math.floor(end / tick) + 1 }, (_, i) => i * tick);
  return (
    <section aria-label={label} className="border-b border-line px-4 py-2">
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-sm text-soft">
          {label} {why}
        </h3>
        <p className="text-right text-sm text-soft">{aside}</p>
      </div>
      <p className="text-[2.1rem] leading-none font-semibold tracking-tight">
        {figure}
        <span className="ml-1 text-base font-normal tracking-normal text-soft">{unit}</span>
      </p>
      <div aria-hidden="true" className="relative mt-1.5 h-4 border-t border-edge">
        {band && (
          <span
            title={band.words}
            className="absolute top-0 h-1.5 bg-edge/45"
            style={{ left: at(band.from), width: `calc(${at(band.to)} - ${at(band.from)})` }}
          />
        )}
        {ticks.map((t) => (
          <span
            key={t}
            className="absolute top-0 w-px bg-edge"
            style={{ left: at(t), height: Math.round(t / tick) % 5 === 0 ? 9 : 5 }}
          />
        ))}
        {before !== undefined && before !== value && (
          <span
            className="absolute -top-1 h-4 w-1 -translate-x-1/2 rounded-sm border border-edge"
            style={{ left: at(before) }}
          />
        )}
        <span
          className="absolute -top-1 h-4 w-1.5 -translate-x-1/2 rounded-sm border border-ink bg-thread"
          style={{ left: at(value) }}
        />
      </div>
    </section>
  );
}
