import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { formatLength, lengthParts, type LengthUnit } from '../lib/length';
import { sentence, type Piece } from '../lib/sentence';

export type Theme = 'light' | 'dark';

interface Prefs {
  unit: LengthUnit;
  /** Width of this stylist's finger, mm. */
  fingerMm: number;
  theme: Theme;
  /** Whether the map is turned over for somebody who faces the client. */
  isTurned: boolean;
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
      isTurned: false,
      folds: {},
      set: (change) => set(change),
    }),
    { name: 'gyrotaxis-prefs' },
  ),
);

/** Lengths in the unit this stylist speaks in. */
export function useLengths() {
  const unit = usePrefs((p) => p.unit);
  const fingerMm = usePrefs((p) => p.fingerMm);
  return {
    unit,
    fingerMm,
    say: (mm: number) => formatLength(mm, unit, fingerMm),
    parts: (mm: number) => lengthParts(mm, unit, fingerMm),
    /** A sentence of the server with its figures in this unit. */
    sentence: (pieces: Piece[]) => sentence(pieces, unit, fingerMm),
    /** What the server said about a field: with its figures in this unit, where it has any. */
    told: (refused: { message: string; words: Piece[] }) =>
      refused.words.length > 0 ? sentence(refused.words, unit, fingerMm) : refused.message,
  };
}
