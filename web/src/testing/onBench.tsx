import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Problem } from '../api/problems';
import type { Brief, Client, Fills, HairLine, Plan, Question, SavedPlan, Worn } from '../api/types';
import { createBench } from '../features/bench/draft/benchStore';
import { BenchContext, ComputedContext } from '../features/bench/draft/useBench';
import { WornContext } from '../features/bench/plan/useWorn';
import answers from './answers.json';

interface Sample {
  savedPlan: SavedPlan;
  plan: Plan;
  worn: Worn;
  fills: Fills;
  questions: Question[];
  hairLines: HairLine[];
  client: Client;
}

/** What the server truly answers to one small plan of the demo studio. */
export const sample = answers as unknown as Sample;

/** A refusal of one field of the brief. */
export const refusedAt = (field: string, message: string, range?: { min: number; max: number }) =>
  new Problem(422, 'Some entries cannot be used.', [
    { field, message, min: range?.min ?? null, max: range?.max ?? null, unit: range ? 'mm' : '' },
  ]);

interface Around {
  plan?: Plan | undefined;
  worn?: Worn;
  problem?: Problem;
  /** The sample's brief, changed. */
  brief?: (brief: Brief) => Brief;
}

/** Shows a piece of the bench with the sample plan on it; returns the bench. */
export function onBench(piece: ReactNode, around: Around = {}) {
  localStorage.clear();
  const { savedPlan } = sample;
  const store = createBench({
    ...savedPlan,
    brief: around.brief?.(savedPlan.brief) ?? savedPlan.brief,
  });
  render(
    <QueryClientProvider client={newQueries()}>
      <BenchContext value={store}>
        <ComputedContext
          value={{ plan: 'plan' in around ? around.plan : sample.plan, problem: around.problem }}
        >
          <WornContext value={around.worn}>{piece}</WornContext>
        </ComputedContext>
      </BenchContext>
    </QueryClientProvider>,
  );
  return store;
}

export const newQueries = () => new QueryClient({ defaultOptions: { queries: { retry: false } } });
