import { Progress } from 'radix-ui';

const PERCENT = 100;

/** How far something is that takes its time. */
export function Gauge({ label, fraction }: { label: string; fraction: number }) {
  const percent = Math.round(fraction * PERCENT);
  return (
    <div className="flex min-w-56 flex-1 items-center gap-3" role="status">
      <Progress.Root
        value={percent}
        aria-label={label}
        className="h-2 max-w-sm flex-1 overflow-hidden rounded-full bg-well"
      >
        <Progress.Indicator
          className="h-full bg-thread transition-[width]"
          style={{ width: `${percent}%` }}
        />
      </Progress.Root>
      <span className="text-sm tabular-nums">
        {label}… {percent} %
      </span>
    </div>
  );
}
