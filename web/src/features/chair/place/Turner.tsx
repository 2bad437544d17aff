import { FlipHorizontal2, RotateCw } from 'lucide-react';
import { STANCES, useChairPrefs } from '../chairPrefs';

/** Turns the map the way she stands, and over as in a mirror. */
export function Turner() {
  const { stance, isMirrored, set } = useChairPrefs();
  const next = STANCES[(STANCES.indexOf(stance) + 1) % STANCES.length] ?? 'behind';
  return (
    <div className="absolute bottom-2 left-2 flex gap-2">
      <button
        type="button"
        onClick={() => set({ stance: next })}
        className="flex h-12 items-center gap-2 rounded-md border border-edge bg-sheet px-3 hover:bg-well"
      >
        <RotateCw size={18} aria-hidden />{' '}
        <span className="max-sm:sr-only">
          {stance === 'facing' ? 'facing the client' : `I stand ${WHERE[stance]}`}
        </span>
      </button>
      <button
        type="button"
        aria-pressed={isMirrored}
        onClick={() => set({ isMirrored: !isMirrored })}
        className="flex h-12 items-center gap-2 rounded-md border border-edge bg-sheet px-3 hover:bg-well aria-pressed:border-thread-deep aria-pressed:bg-thread/30"
      >
        <FlipHorizontal2 size={18} aria-hidden /> <span className="max-sm:sr-only">mirror</span>
      </button>
    </div>
  );
}

const WHERE = {
  behind: 'behind',
  'her left': 'at the left',
  'her right': 'at the right',
} as const;
