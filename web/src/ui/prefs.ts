import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { formatLength, lengthParts, type LengthUnit } from '../lib/length';
import { sentence, type Piece } from '../lib/sentence';

import { spelt, type English } from '../lib/english';

export type Theme = 'light' | 'dark';

interface Prefs {
  unit: LengthUnit;
  /** Width of this stylist's finger, mm. */
  fingerMm: number;
  theme: Theme;
  /** Fringe or bangs, fibre or fiber. */
  english: English;
  /** Whether the map is turned over for somebody who faces the client. */
  isTurned: boolean;
  /** Which of the skin tones a head is drawn in. */
  skin: string;
  /** Whether she holds the hook in her left hand. */
  isLeftHanded: boolean;
  /** Who practises on this device; null if nobody said. */
  learner: string | null;
  /** Whether she was shown round the bench, or did not want to be. */
  isShownRound: boolean;
  /** Folds that this stylist keeps open. */
  folds: Record<string, boolean>;
  set: (change: Partial<Omit<Prefs, 'set'>>) => void;
}

export const usePrefs = create<Prefs>()(
  persist(
    (set) => ({
      unit: 'cm',
      fingerMm: 18,
      theme: 'light',
      english: 'GB',
      isTurned: false,
      skin: 'umber',
      isLeftHanded: false,
      learner: null,
      isShownRound: false,
      folds: {},
      set: (change) => set(change),
    }),
    { name: 'gyrotaxis-prefs' },
  ),
);

/** Spells the page's own words in the studio's English. */
export function useSpelt(): (words: string) => string {
  const english = usePrefs((p) => p.english);
  return (words) => spelt(words, english);
}

/** Larger than any rounding error of the arithmetic, smaller than any step. */
const TINY = 1e-9;
const roundUp = (value: number) => Math.ceil(value - TINY);
const roundDown = (value: number) => Math.floor(value + TINY);

/** Lengths in the unit this stylist speaks in. */
export function useLengths() {
  const unit = usePrefs((p) => p.unit);
  const fingerMm = usePrefs((p) => p.fingerMm);
  const english = usePrefs((p) => p.english);
  return {
    unit,
    fingerMm,
    say: (mm: number) => formatLength(mm, unit, fingerMm),
    /** Both ends of a range, rounded inward, so that the limits shown are accepted. */
    sayRange: (min: number, max: number) =>
      `between ${formatLength(min, unit, fingerMm, roundUp)} and ${formatLength(max, unit, fingerMm, roundDown)}`,
    parts: (mm: number) => lengthParts(mm, unit, fingerMm),
    /** A sentence of the server with its figures in this unit. */
    sentence: (pieces: Piece[]) => spelt(sentence(pieces, unit, fingerMm), english),
    /** What the server said about a field: with its figures in this unit, where it has any. */
    told: (refused: { message: string; words: Piece[] }) =>
      spelt(
        refused.words.length > 0 ? sentence(refused.words, unit, fingerMm) : refused.message,
        english,
      ),
  };
}
