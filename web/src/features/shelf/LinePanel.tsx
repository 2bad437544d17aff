import type { ColourStock, HairLine } from '../../api/types';
import { formatMoney } from '../../lib/money';
import { plural } from '../../lib/time';
import { useLengths } from '../../ui/prefs';
import { Swatch } from '../../viz/Swatch';
import { Peg } from './Peg';

interface Props {
  line: HairLine;
  /** What there is of each of its colours. */
  stock: ColourStock[];
  onWrite: () => void;
  onMove: () => void;
}

/** One hair line: its swatch, what a pack is, and what is in hand as beads on a string. */
export function LinePanel({ line, stock, onWrite, onMove }: Props) {
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
        <span className="ml-auto flex gap-1">
          <button
            type="button"
            onClick={onMove}
            aria-label={`What came of ${line.name}, or went`}
            className="rounded px-2 py-0.5 text-sm underline hover:bg-well"
          >
            move
          </button>
          <button
            type="button"
            onClick={onWrite}
            aria-label={`Change ${line.name}`}
            className="rounded px-2 py-0.5 text-sm underline hover:bg-well"
          >
            change
          </button>
        </span>
      </div>
      <div className="mt-2 border-t border-line pt-1">
        {stock.map((s) => (
          <div key={s.colour}>
            <Peg stock={s} />
            {s.setAside.map((a) => (
              <p key={a.planId} className="pl-5 text-sm text-soft">
                {plural(a.loops, 'loop')} lie there for {a.clientName}
              </p>
            ))}
          </div>
        ))}
      </div>
    </li>
  );
}
