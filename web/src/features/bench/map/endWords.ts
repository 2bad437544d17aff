import type { Plan } from '../../../api/types';

/** Where a row's end goes, in short. */
export function endWords(plan: Plan, id: string, joins: string | null): string {
  const name = (to: string) => plan.rows.find((r) => r.id === to)?.words ?? to;
  if (plan.rows.find((r) => r.id === id)?.use === 'MESH') return 'in the mesh';
  if (joins) return `joins ${name(joins)}`;
  const tail = plan.tails.find((t) => t.row === id);
  if (!tail) return 'loose';
  return tail.into ? `${tail.endWords} ${name(tail.into)}` : tail.endWords;
}
