import type { HairLine } from '../../api/types';
import { formatMoney } from '../../lib/money';
import { plural } from '../../lib/time';
import { useLengths } from '../../ui/prefs';
import { Swatch } from '../../viz/Swatch';

const BEADS_A_STRING = 24;

/** One hair line: its swatch, what a pack is, and what is in hand as beads on a string. */
export function LinePanel({ line, onWrite }: { line: HairLine; onWrite: () => void }) {
  const lengths = useLengths();
  const about = (guess: HairLine['guessed'][number]) =>
    line.guessed.includes(guess) ? 'about ' : '';
  return (
    <li className="flex flex-col rounded-lg border border-line bg-sheet p-3">
      <Swatch texture={line.texture} lengthMm={line.lengthMm} colours={line.colours} />
      <h2 className="mt-1 text-lg leading-tight font-semibold">{line.name}</h2>
      <p className="text-sm text-soft">
        {line.textureWords}, {lengths.say(line.lengthMm)}
        {line.hasBead && ', bead'}
        {line.isCoated && ', coated'}
      </p>
      <p className="text-sm text-soft">
        {about('LOOPS')}
        {plural(line.loopsPerPack, 'loop')} a pack, {about('PRICE')}
        {formatMoney(line.priceMinor, line.currency)}
        {line.supplier && `, ${line.supplier}`}
      </p>
      <div className="mt-auto flex items-end gap-3 pt-2">
        <p className="text-3xl leading-none font-semibold">
          {line.loopsOnShelf}
          <span className="ml-1 text-sm font-normal text-soft">
            {line.loopsOnShelf === 1 ? 'loop' : 'loops'} in hand
          </span>
        </p>
        <button
          type="button"
          onClick={onWrite}
          aria-label={`Change ${line.name}`}
          className="ml-auto rounded px-2 py-0.5 text-sm underline hover:bg-well"
        >
          change
        </button>
      </div>
      <Beads count={line.loopsOnShelf} />
    </li>
  );
}

function Beads({ count }: { count: number }) {
  const shown = Math.min(count, BEADS_A_STRING);
  return (
    <svg viewBox="0 0 246 12" className="mt-2 w-full" aria-hidden="true">
      <path d="M0 6H246" stroke="var(--edge)" strokeWidth={1} />
      {Array.from({ length: shown }, (_, i) => (
        <circle key={i} cx={6 + i * 10} cy={6} r={4} fill="var(--ink)" />
      ))}
    </svg>
  );
}
