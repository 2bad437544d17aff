import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** Where she stands. */
export type Stance = 'behind' | 'her left' | 'facing' | 'her right';

export const STANCES: Stance[] = ['behind', 'her left', 'facing', 'her right'];

interface ChairPrefs {
  stance: Stance;
  /** On oneself: as it is seen in the mirror. */
  isMirrored: boolean;
  /** Whether the big key counts one share, not the rest of the row. */
  isEach: boolean;
  isSpoken: boolean;
  /** The name that stands for a caution that was read. */
  name: string;
  set: (change: Partial<Omit<ChairPrefs, 'set'>>) => void;
}

export const useChairPrefs = create<ChairPrefs>()(
  persist(
    (set) => ({
      stance: 'behind',
      isMirrored: false,
      isEach: false,
      isSpoken: false,
      name: '',
      set: (change) => set(change),
    }),
    { name: 'gyrotaxis-chair' },
  ),
);
