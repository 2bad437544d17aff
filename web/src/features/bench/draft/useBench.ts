import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Plan, Read } from '../../../api/types';
import type { Problem } from '../../../api/problems';
import { useLengths } from '../../../ui/prefs';
import type { BenchState } from './benchState';
import type { BenchStore } from './benchStore';

export const BenchContext = createContext<BenchStore | null>(null);

export function useBench<T>(select: (state: BenchState) => T): T {
  const store = useContext(BenchContext);
  if (!store) throw new Error('useBench needs a <BenchContext> above it');
  return useStore(store, select);
}

/**
 * Asks, at the moment, whether what was taken hold of is still held: a second finger that comes down looks into the map, and lets go.
 */
export function useIsHeld(): () => boolean {
  const store = useContext(BenchContext);
  return () => store?.getState().before !== undefined;
}

/** The plan last computed, and what is wrong with the brief that was computed after it, if anything. */
export interface Computed {
  plan: Plan | undefined;
  problem: Problem | undefined;
}

export const ComputedContext = createContext<Computed>({ plan: undefined, problem: undefined });

export const useComputed = (): Computed => useContext(ComputedContext);

/** What is read of the plan: for panels, which need not follow every move of a handle. */
export const ReadContext = createContext<Read | undefined>(undefined);

export const useRead = (): Read | undefined => useContext(ReadContext);

/** What the server said about one field of the brief, in the reader's unit. */
export function useFieldError(field: string): string | undefined {
  const refused = useComputed().problem?.at(field);
  const { told } = useLengths();
  return refused && told(refused);
}
