// @vitest-environment node
import { describe, expect, it } from 'vitest';
import type { Brief, PlanStation } from '../../../../api/types';
import {
  hookingOf,
  withHooking,
  withMethod,
  withMix,
  withStationEdit,
  withZone,
  wishOf,
} from './hookingEdits';

const BRIEF = { fullness: 1, hooking: null } as unknown as Brief;

describe('edits to the hooking', () => {
  it('read an older brief as the usual hooking', () => {
    expect(hookingOf(BRIEF)).toMatchObject({ method: null, zones: [], edits: [] });
    expect(wishOf(BRIEF, 'BACK')).toEqual({ zone: 'BACK', closer: 1, shareParts: null });
  });

  it('change one zone and leave the others and the old brief alone', () => {
    const front = withZone(BRIEF, 'FRONT', { closer: 1.2 });
    const both = withZone(front, 'BACK', { shareParts: 2 });
    const again = withZone(both, 'FRONT', { shareParts: 4 });
    expect(again.hooking?.zones).toHaveLength(2);
    expect(wishOf(again, 'FRONT')).toEqual({ zone: 'FRONT', closer: 1.2, shareParts: 4 });
    expect(wishOf(again, 'BACK')).toEqual({ zone: 'BACK', closer: 1, shareParts: 2 });
    expect(BRIEF.hooking).toBeNull();
  });

  it('name the place of a station, not its number', () => {
    const station = { row: 'F3', at: 0.4, id: 'F3/2' } as PlanStation;
    const once = withStationEdit(BRIEF, station, 'KNOT', 1);
    const twice = withStationEdit(once, station, 'PASSES', 3);
    expect(twice.hooking?.edits).toEqual([
      { row: 'F3', at: 0.4, kind: 'KNOT', amount: 1 },
      { row: 'F3', at: 0.4, kind: 'PASSES', amount: 3 },
    ]);
  });

  it('keep what a method and a mix say beside what changes', () => {
    const method = withMethod(withMethod(BRIEF, { back: 'FINE' }), { reservePercent: 15 });
    expect(method.hooking?.method).toMatchObject({ back: 'FINE', reservePercent: 15 });
    const strand = { hairLineId: 'l1', colour: 'ink', percent: 20, zone: null };
    const mixed = withHooking(withMix(method, [strand]), { usesBaseHair: true });
    expect(mixed.hooking).toMatchObject({
      usesBaseHair: true,
      mix: { how: 'RATIO', seed: 1, others: [strand] },
      method: { back: 'FINE' },
    });
  });
});
