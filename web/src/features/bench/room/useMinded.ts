import type { Step } from '../draft/benchState';
import { useBench, useComputed, useRead } from '../draft/useBench';
import { stepOf, stepOfField } from './stepNames';

/** What is to be minded at a step. */
export interface Minded {
  count: number;
  /** Whether any of it is more than a note, or keeps the plan from being made. */
  isGrave: boolean;
}

/** How much is to be minded at each step: findings, and entries that cannot be used. */
export function useMinded(): Partial<Record<Step, Minded>> {
  const { problem } = useComputed();
  const read = useRead();
  const texts = useBench((b) => b.texts);
  const all: Partial<Record<Step, Minded>> = {};
  const add = (step: Step, isGrave: boolean) => {
    const was = all[step];
    all[step] = { count: (was?.count ?? 0) + 1, isGrave: isGrave || was?.isGrave === true };
  };
  for (const f of read?.findings ?? []) add(stepOf(f), f.severity !== 'HINT');
  const fields = new Set([...(problem?.fields.map((f) => f.field) ?? []), ...Object.keys(texts)]);
  for (const field of fields) add(stepOfField(field), true);
  return all;
}
