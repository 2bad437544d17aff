import type { Label } from '../api/types';

/** Labels as they come out: what is read from afar is the biggest. */
export function LabelStrip({ labels, label }: { labels: Label[]; label: string }) {
  return (
    <ol aria-label={label} className="flex flex-wrap gap-2">
      {labels.map((l) => (
        <li
          key={l.number}
          className="w-44 rounded-sm border border-edge bg-white px-2.5 py-1.5 leading-tight text-[#11201a]"
        >
          <span className="flex items-baseline justify-between gap-2">
            <strong className="text-xl tabular-nums">{l.big}</strong>
            <span className="text-xs tabular-nums">
              {l.number}/{l.of}
            </span>
          </span>
          <span className="block text-sm font-semibold">{l.where}</span>
          <span className="block text-xs">{l.what}</span>
          <span className="block truncate text-xs">{l.whose}</span>
        </li>
      ))}
    </ol>
  );
}
