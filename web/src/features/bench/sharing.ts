import isEqual from 'fast-deep-equal';
import type { Plan } from '../../api/types';

/** Lists whose members are drawn one by one. */
const LISTS = ['rows', 'tails', 'parts', 'views'] as const;
/** Things that are drawn as a whole. */
const WHOLES = ['map', 'kinds', 'hairs', 'findings', 'work', 'steps', 'limits', 'gaps'] as const;

/** The plan with whatever is as it was before being the same object as before: only what moved need be drawn anew. */
export function sharing(plan: Plan, before: Plan | undefined): Plan {
  if (!before) return plan;
  const shared = { ...plan };
  for (const key of LISTS) share(shared, plan, before, key);
  for (const key of WHOLES) keep(shared, before, key);
  // While something is in the hand the sides do not come with it; they stay as they were.
  if (plan.views.length === 0) shared.views = before.views;
  return shared;
}

function share<K extends keyof Plan>(into: Plan, plan: Plan, before: Plan, key: K) {
  const old = before[key] as unknown[];
  const list = plan[key] as unknown[];
  into[key] = list.map((item, i) => (isEqual(item, old[i]) ? old[i] : item)) as Plan[K];
}

function keep<K extends keyof Plan>(into: Plan, before: Plan, key: K) {
  if (isEqual(into[key], before[key])) into[key] = before[key];
}
