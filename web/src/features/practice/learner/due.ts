import type { Skill } from '../../../api/types';

const DAY_MS = 86_400_000;

/** When something is to be asked again, as one says it. */
export function dueWords({ dueAt, isDue }: Pick<Skill, 'dueAt' | 'isDue'>, now: number): string {
  if (dueAt === null) return 'new';
  if (isDue) return 'due';
  const days = Math.round((dueAt - now) / DAY_MS);
  if (days < 1) return 'again today';
  if (days === 1) return 'again tomorrow';
  return days < 60 ? `again in ${days} days` : `again in ${Math.round(days / 30)} months`;
}

/** Where a drill is asked at a level; by what is due next, one after the other, if it says so. */
export const drillAddress = (kind: string, level: number, isByDue = false): string =>
  `/practice/drill/${kind}?level=${level}${isByDue ? '&next=due' : ''}`;
