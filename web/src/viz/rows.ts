import type { Drawn, PlanRow } from '../api/types';

/** The rows that somebody braids: lines of holes in a cap or a piece of mesh are none. */
export const braided = (plan: Pick<Drawn, 'rows'>): PlanRow[] =>
  plan.rows.filter((r) => r.use !== 'MESH');

/** The lines of holes that loops are hooked to. */
export const meshLines = (plan: Pick<Drawn, 'rows'>): PlanRow[] =>
  plan.rows.filter((r) => r.use === 'MESH');
