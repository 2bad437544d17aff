import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Plan } from '../../api/types';
import type { Problem } from '../../api/problems';
import type { BenchState, BenchStore } from './benchStore';

export const BenchContext = createContext<BenchStore | null>(null);

export function useBench<T>(select: (state: BenchState) => T): T {
  const store = useContext(BenchContext);
  if (!store) throw new Error('useBench needs a <BenchContext> above it');
  return useStore(store, select);
}

/** The plan last computed, and what is wrong with the brief that was computed after it, if anything. */
export interface Computed {
  plan: Plan | undefined;
  problem: Problem | undefined;
}

export const ComputedContext = createContext<Computed>({ plan: undefined, problem: undefined });

export const useComputed = (): Computed => useContext(ComputedContext);

/** What the server said about one field of the brief. */
export const useFieldError = (field: string): string | undefined =>
  useComputed().problem?.at(field)?.message;
