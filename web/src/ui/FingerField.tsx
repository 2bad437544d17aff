import { useId, useState } from 'react';
import { parseAmount } from '../lib/amount';
import { parseLength } from '../lib/length';
import { usePrefs } from './prefs';

/** A finger is no narrower and no wider than this, mm. */
const NARROWEST = 10;
const WIDEST = 30;

/** How wide this stylist's finger is; a bare number is in millimetres. What cannot be one is said so, and stays as typed. */
export function FingerField() {
  const { fingerMm, set } = usePrefs();
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const id = useId();
  const read = (text: string) => {
    setTyped(text);
    const mm = parseAmount(text) ?? parseLength(text, 'cm', fingerMm) ?? NaN;
    const isFinger = mm >= NARROWEST && mm <= WIDEST;
    setProblem(
      isFinger
        ? undefined
        : Number.isNaN(mm)
          ? 'Write how wide it is, such as 18 or 1.8 cm.'
          : `A finger is between ${NARROWEST} and ${WIDEST} mm wide.`,
    );
    if (isFinger) set({ fingerMm: mm });
  };
  return (
    <div className="relative mr-2">
      <label className="flex items-center gap-1.5 text-sm text-soft">
        my finger
        <input
          inputMode="decimal"
          value={typed ?? String(fingerMm)}
          aria-invalid={problem !== undefined}
          aria-describedby={problem ? id : undefined}
          onChange={(e) => read(e.target.value)}
          onBlur={() => problem === undefined && setTyped(undefined)}
          className="w-16 rounded-md border border-edge bg-sheet px-1 py-0.5 text-ink aria-invalid:border-2 aria-invalid:border-chalk"
        />
        mm
      </label>
      {problem && (
        <p
          id={id}
          role="alert"
          className="absolute top-full right-0 z-40 mt-1 w-56 rounded-md border border-chalk bg-sheet px-2 py-1 text-sm font-medium text-chalk"
        >
          ✕ {problem}
        </p>
      )}
    </div>
  );
}
