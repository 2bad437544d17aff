import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Problem } from '../api/problems';
import type {
  Brief,
  Client,
  Drawn,
  Fills,
  HairLine,
  Plan,
  PlanTile,
  Read,
  SavedPlan,
  Stopping,
  Words,
  Worn,
} from '../api/types';
import { createBench } from '../features/bench/draft/benchStore';
import { BenchContext, ComputedContext, ReadContext } from '../features/bench/draft/useBench';
import { WornContext } from '../features/bench/plan/useWorn';
import { WordsContext } from '../words';
import answers from './answers.json';

interface Answers {
  savedPlan: SavedPlan;
  plan: { drawn: Drawn; read: Read };
  tile: PlanTile;
  worn: Worn;
  fills: Fills;
  stopping: Stopping;
  words: Words;
  hairLines: HairLine[];
  client: Client;
}

const all = answers as unknown as Answers;

/** What the server truly answers to one small plan of the demo studio; the plan with both its answers in one. */
export const sample = {
  ...all,
  plan: { ...all.plan.drawn, ...all.plan.read } as Plan,
  answer: { ...all.plan, worn: null },
};

/** A sentence without figures. */
export const said = (text: string) => [{ text, kind: null, value: null }];

/** A refusal of one field of the brief. */
export const refusedAt = (field: string, message: string, range?: { min: number; max: number }) =>
  new Problem(422, 'Some entries cannot be used.', [
    {
      field,
      message,
      min: range?.min ?? null,
      max: range?.max ?? null,
      unit: range ? 'mm' : '',
      words: [],
    },
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
  const store = createBench(
    { ...savedPlan, brief: around.brief?.(savedPlan.brief) ?? savedPlan.brief },
    sample.words.planFormat,
  );
  const plan = 'plan' in around ? around.plan : sample.plan;
  render(
    <WithWords>
      <BenchContext value={store}>
        <ComputedContext value={{ plan, problem: around.problem }}>
          <ReadContext value={plan}>
            <WornContext value={around.worn}>{piece}</WornContext>
          </ReadContext>
        </ComputedContext>
      </BenchContext>
    </WithWords>,
  );
  return store;
}

/** What everything is called, and a memory for what the server answers. */
export const WithWords = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={newQueries()}>
    <WordsContext value={sample.words}>{children}</WordsContext>
  </QueryClientProvider>
);

const newQueries = () => new QueryClient({ defaultOptions: { queries: { retry: false } } });
