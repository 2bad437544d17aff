import type { ColourStock } from '../../api/types';
import { sayLoops } from './amounts';

const MOST_HANKS = 8;
const MOST_BEADS = 16;

/** What hangs on the peg of one colour: hanks for whole packs, beads for what is open, a bag for what is washed. */
export function Peg({ stock: s }: { stock: ColourStock }) {
  const tint = s.tint ?? 'var(--plait-lit)';
  const packs = s.packs.reduce((sum, p) => sum + p.count, 0);
  const open = s.open.reduce((sum, o) => sum + o.loops, 0);
  const washed = s.washed.reduce((sum, w) => sum + w.loops, 0);
  const words = [
    packs > 0 && `${packs} ${packs === 1 ? 'pack' : 'packs'}`,
    open > 0 && `${sayLoops(open)} loose`,
    washed > 0 && `${sayLoops(washed)} washed`,
    s.weftCm > 0 && `${Math.round(s.weftCm)} cm weft`,
  ].filter(Boolean);
  return (
    <div className="flex items-center gap-2 py-0.5">
      <span
        className="size-3 shrink-0 rounded-full border border-edge"
        style={{ background: tint }}
        aria-hidden="true"
      />
      <span className="w-24 shrink-0 truncate text-sm">{s.colour}</span>
      <svg viewBox="0 0 120 22" className="h-5.5 min-w-0 flex-1" aria-hidden="true">
        {Array.from({ length: Math.min(packs, MOST_HANKS) }, (_, i) => (
          <path
            key={`p${i}`}
            d={`M${3 + i * 8} 1v14c0 4 4 4 4 0V1`}
            fill="none"
            stroke={tint}
            strokeWidth={2.6}
          />
        ))}
        {Array.from({ length: Math.min(Math.ceil(open / 2), MOST_BEADS) }, (_, i) => (
          <circle
            key={`o${i}`}
            cx={5 + Math.min(packs, MOST_HANKS) * 8 + i * 4}
            cy={11}
            r={1.7}
            fill={tint}
          />
        ))}
        {washed > 0 && (
          <path
            d="M102 6h12l2 12c0 3-16 3-16 0z"
            fill="var(--well)"
            stroke={tint}
            strokeWidth={1.6}
          />
        )}
      </svg>
      <span className="shrink-0 text-sm text-soft tabular-nums">
        {words.length > 0 ? words.join(', ') : 'none'}
      </span>
    </div>
  );
}
