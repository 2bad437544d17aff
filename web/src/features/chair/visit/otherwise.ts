import type { SheetShare, SheetStep, WorkSheet } from '../../../api/types';
import { plural } from '../../../lib/time';
import { isToDo, type WorkState } from './fold';

/** What knots and shares are called. */
export interface Named {
  knot: (k: SheetShare['knot']) => string;
  share: (parts: number) => string;
}

/** What of a step is done otherwise than its sentence says, since something was changed at the chair; empty if nothing is. */
export function otherwise(
  sheet: WorkSheet,
  state: WorkState,
  step: SheetStep,
  named: Named,
): string[] {
  const groups = new Map<string, number>();
  let left = 0;
  for (const ref of step.shares) {
    const now = state.shares.get(ref);
    const planned = sheet.shares.find((s) => s.ref === ref);
    if (now?.done === 'LEFT_OUT') left++;
    if (!now || !planned || !isToDo(now) || isAlike(now.as, planned)) continue;
    const words = said(sheet, now.as, planned, named);
    groups.set(words, (groups.get(words) ?? 0) + 1);
  }
  const lines = [...groups].map(([words, n]) => `${n} × ${words}`);
  return left > 0 ? [...lines, `${plural(left, 'share')} left out`] : lines;
}

const isAlike = (a: SheetShare, b: SheetShare) =>
  a.knot === b.knot &&
  a.passes === b.passes &&
  a.shareParts === b.shareParts &&
  a.supply === b.supply;

function said(sheet: WorkSheet, now: SheetShare, planned: SheetShare, named: Named): string {
  const passes = now.knot === 'DOUBLE_ENTRY' ? '' : `, ${plural(now.passes, 'pass', 'passes')}`;
  const hair =
    now.supply === planned.supply ? '' : ` of ${sheet.supplies[now.supply]?.colour ?? ''}`;
  return `${named.share(now.shareParts)}${hair} ${named.knot(now.knot)}${passes}`;
}
