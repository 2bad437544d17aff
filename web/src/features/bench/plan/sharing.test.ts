// @vitest-environment node
import { describe, expect, it } from 'vitest';
import type { Plan } from '../../../api/types';
import { sharing } from './sharing';

const plan = (far: number) =>
  structuredClone({
    rows: [{ path: [0, 1] }, { path: [far, 1] }],
    tails: [{ row: 'F1' }],
    parts: [],
    views: [{ from: 'back', rim: [far] }],
    map: { outline: [1, 2, 3] },
    ledger: { loops: far },
  }) as unknown as Plan;

describe('sharing', () => {
  it('is the plan, whatever was before', () => {
    expect(sharing(plan(1), undefined)).toEqual(plan(1));
    expect(sharing(plan(2), plan(1))).toEqual(plan(2));
  });

  it('keeps the very objects of what did not move', () => {
    const before = plan(1);
    const after = sharing(plan(2), before);
    expect(after.rows[0]).toBe(before.rows[0]);
    expect(after.rows[1]).not.toBe(before.rows[1]);
    expect(after.map).toBe(before.map);
    expect(after.tails[0]).toBe(before.tails[0]);
    expect(after.views[0]).not.toBe(before.views[0]);
  });

  it('keeps the head from its sides where a plan comes without', () => {
    const rough = { ...plan(2), views: [] };
    expect(sharing(rough, plan(1)).views).toEqual(plan(1).views);
    expect(sharing(rough, undefined).views).toEqual([]);
  });

  it('does not mind rows that came or went', () => {
    const more = plan(1);
    more.rows.push({ path: [9, 9] } as Plan['rows'][number]);
    expect(sharing(more, plan(1))).toEqual(more);
    expect(sharing(plan(1), more)).toEqual(plan(1));
  });
});
