import { queryOptions, skipToken, useQuery, useQueryClient } from '@tanstack/react-query';
import DataLoader from 'dataloader';
import { api } from '../api/client';
import type { ThumbnailView } from '../api/types';
import { handsOff } from '../lib/handsOff';
import { usePrefs } from '../ui/prefs';
import { canDrawApart } from '../viz/round/drawnApart';
import { make, usualSight } from './make';

/** Pictures that a page asks for within so long are asked for at once. */
const TOGETHER_MS = 15;
const MAX_AT_ONCE = 100;

/** Whoever works goes first: nothing is drawn until the hands are off for so long. */
const HANDS_OFF_MS = 2500;

const loader = new DataLoader<string, ThumbnailView | null>(
  async (plans) => {
    const known = await api.stills([...plans]);
    return plans.map((id) => known.find((s) => s.plan === id) ?? null);
  },
  {
    cache: false,
    maxBatchSize: MAX_AT_ONCE,
    batchScheduleFn: (load) => setTimeout(load, TOGETHER_MS),
  },
);

/** What is known of a plan's picture. */
export const stillQuery = (plan: string) =>
  queryOptions({ queryKey: ['still', plan], queryFn: () => loader.load(plan) });

let before: Promise<unknown> = Promise.resolve();

/** One after the other. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const next = before.then(work);
  before = next.catch(() => undefined);
  return next;
}

/**
 * Where the picture of a plan is, if there is one; an old one until the new one is drawn. Whoever looks at a plan without a picture draws
 * it for everybody, as soon as the hands are off.
 */
export function useStill(plan: string): string | undefined {
  const client = useQueryClient();
  const still = useQuery(stillQuery(plan)).data;
  const wanted = still && still.kept?.of !== still.now ? still : undefined;
  useQuery({
    queryKey: ['still drawn', plan, wanted?.now],
    retry: false,
    staleTime: Infinity,
    queryFn:
      wanted && canDrawApart()
        ? ({ signal }) =>
            inTurn(async () => {
              await handsOff(HANDS_OFF_MS);
              // Nobody waits for it any more.
              signal.throwIfAborted();
              const sight = wanted.kept?.seen ?? usualSight(usePrefs.getState().skin);
              const made = await make(wanted, sight, wanted.kept?.isPinned ?? false);
              client.setQueryData(stillQuery(plan).queryKey, made);
              return true;
            })
        : skipToken,
  });
  return still?.kept ? `/api/plans/${plan}/still?at=${still.kept.keptAt}` : undefined;
}
