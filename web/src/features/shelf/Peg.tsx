import type { ColourStock } from '../../api/types';
import { sayLoops } from '../../lib/amount';

const MAX_HANKS = 8;
const MAX_BEADS = 16;

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
    <div className="py-0.5">
      <p className="flex items-center gap-2 text-sm">
        <span
          className="size-3 shrink-0 rounded-full border border-edge"
          style={{ background: tint }}
          aria-hidden="true"
        />
        <span className="min-w-0 flex-1 truncate">{s.colour}</span>
        <span className="text-soft tabular-nums">
          {words.length > 0 ? words.join(', ') : 'none'}
        </span>
      </p>
      {words.length > 0 && (
        <svg
          viewBox="0 0 200 20"
          preserveAspectRatio="xMinYMid"
          className="h-5 w-full"
          aria-hidden="true"
        >
          {Array.from({ length: Math.min(packs, MAX_HANKS) }, (_, i) => (
            <path
              key={`p${i}`}
              d={`M${3 + i * 8} 1v13c0 4 4 4 4 0V1`}
              fill="none"
              stroke={tint}
              strokeWidth={2.6}
            />
          ))}
          {Array.from({ length: Math.min(Math.ceil(open / 2), MAX_BEADS) }, (_, i) => (
            <circle
              key={`o${i}`}
              cx={8 + Math.min(packs, MAX_HANKS) * 8 + i * 5}
              cy={10}
              r={2}
              fill={tint}
            />
          ))}
          {washed > 0 && (
            <path
              d="M182 5h12l2 12c0 3-16 3-16 0z"
              fill="var(--well)"
              stroke={tint}
              strokeWidth={1.6}
            />
          )}
        </svg>
      )}
    </div>
  );
}
