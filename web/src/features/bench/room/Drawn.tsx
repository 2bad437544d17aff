import { useDrag } from '@use-gesture/react';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useBench } from '../draft/useBench';

/** The three heights of the sheet, lowest first: the figures alone, a step under the map, all of the step. */
const HEIGHTS = ['3.75rem', '54%', 'calc(100% - 3.5rem)'] as const;
const LOWEST = 0;
const MIDDLE = 1;
const HIGHEST = HEIGHTS.length - 1;

/** Drawn further than this it goes to the next height, px; a flick does as well. */
const FAR = 40;
const FLICK = 0.5;

interface Props {
  figures: ReactNode;
  children: ReactNode;
}

/** A sheet under the map that the thumb draws up: figures, step, all. */
export function Drawn({ figures, children }: Props) {
  const [height, setHeight] = useState<number>(LOWEST);
  const [by, setBy] = useState(0);
  const step = useBench((b) => b.step);
  const picked = useBench((b) => b.pickedStation);
  const [seen, setSeen] = useState({ step, picked });
  // Whoever goes to a step, or picks a share, wants to see it.
  if (seen.step !== step || seen.picked !== picked) {
    setSeen({ step, picked });
    setHeight(Math.max(height, MIDDLE));
  }
  const to = (n: number) => setHeight(Math.max(LOWEST, Math.min(HIGHEST, n)));
  const draw = useDrag(
    ({ last, movement: [, y], velocity: [, v], direction: [, d], tap }) => {
      if (tap) return;
      setBy(last ? 0 : y);
      if (last && (Math.abs(y) > FAR || v > FLICK)) to(height + (y < 0 || d < 0 ? 1 : -1));
    },
    { axis: 'y', filterTaps: true },
  );
  const isHighest = height === HIGHEST;
  return (
    <section
      aria-label="Step and figures"
      style={{ height: `clamp(3.75rem, calc(${HEIGHTS[height] ?? ''} - ${by}px), 100%)` }}
      className={`z-10 flex shrink-0 flex-col rounded-t-xl border-t border-edge bg-sheet shadow-[0_-4px_16px_rgb(0_0_0/0.18)] ${by === 0 ? 'transition-[height] duration-200 motion-reduce:transition-none' : ''}`}
    >
      <div {...draw()} className="flex shrink-0 touch-none items-stretch">
        <div className="min-w-0 flex-1">{figures}</div>
        <button
          type="button"
          aria-label={isHighest ? 'Lay the sheet down' : 'Draw the sheet up'}
          aria-expanded={height > LOWEST}
          onClick={() => to(isHighest ? LOWEST : height + 1)}
          className="grid w-12 place-items-center rounded-tr-xl border-l border-line hover:bg-well"
        >
          {isHighest ? <ChevronDown size={22} aria-hidden /> : <ChevronUp size={22} aria-hidden />}
        </button>
      </div>
      {/* What lies under the edge of the screen is not walked by the keyboard. */}
      <div className="flex min-h-0 flex-1 flex-col" inert={height === LOWEST}>
        {children}
      </div>
    </section>
  );
}
