import { describe, expect, it } from 'vitest';
import type { Brief, PlanStation } from '../../../../api/types';
import { sample } from '../../../../testing/onBench';
import {
  withHooking,
  withMethod,
  withMix,
  withStationEdit,
  withZone,
  wishOf,
} from './hookingEdits';

const BRIEF: Brief = {
  ...sample.savedPlan.brief,
  hooking: { ...sample.savedPlan.brief.hooking, zones: [], edits: [], mix: null },
};

describe('edits to the hooking', () => {
  it('take what is not wished for as usual', () => {
    expect(wishOf(BRIEF, 'BACK')).toEqual({ zone: 'BACK', closer: 1, shareParts: null });
  });

  it('change one zone and leave the others and the old brief alone', () => {
    const front = withZone(BRIEF, 'FRONT', { closer: 1.2 });
    const both = withZone(front, 'BACK', { shareParts: 2 });
    const again = withZone(both, 'FRONT', { shareParts: 4 });
    expect(again.hooking.zones).toHaveLength(2);
    expect(wishOf(again, 'FRONT')).toEqual({ zone: 'FRONT', closer: 1.2, shareParts: 4 });
    expect(wishOf(again, 'BACK')).toEqual({ zone: 'BACK', closer: 1, shareParts: 2 });
    expect(BRIEF.hooking.zones).toEqual([]);
  });

  it('name the place of a station, not its number', () => {
    const station = { row: 'F3', at: 0.4, id: 'F3/2' } as PlanStation;
    const once = withStationEdit(BRIEF, station, { kind: 'KNOT', knot: 'INVISIBLE' });
    const twice = withStationEdit(once, station, { kind: 'PASSES', passes: 3 });
    expect(twice.hooking.edits).toMatchObject([
      { row: 'F3', at: 0.4, kind: 'KNOT', knot: 'INVISIBLE', passes: null },
      { row: 'F3', at: 0.4, kind: 'PASSES', knot: null, passes: 3 },
    ]);
  });

  it('keep what a method and a mix say beside what changes', () => {
    const method = withMethod(withMethod(BRIEF, { back: 'FINE' }), { reservePercent: 15 });
    expect(method.hooking.method).toMatchObject({ back: 'FINE', reservePercent: 15 });
    const strand = { hairLineId: 'l1', colour: 'ink', percent: 20, zone: null };
    const mixed = withHooking(withMix(method, [strand]), { usesBaseHair: true });
    expect(mixed.hooking).toMatchObject({
      usesBaseHair: true,
      mix: { how: 'RATIO', seed: 1, others: [strand] },
      method: { back: 'FINE' },
    });
  });
});
