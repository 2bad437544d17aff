// @vitest-environment node
import { describe, expect, it } from 'vitest';
import type { Brief } from '../../../../api/types';
import {
  backOf,
  movedBy,
  rimOf,
  withBack,
  withEdit,
  withMoveTo,
  withoutTail,
  withRim,
  withTail,
} from './foundationEdits';
import { hairlineOf, withHairline, withRegion, withRegions } from './headEdits';

const BRIEF = {
  head: { roundMm: 565, hairline: null, regions: null },
  foundation: { frontRows: 14, back: null, rim: null, edits: [], tails: [] },
} as unknown as Brief;

const RANGE = { min: -40, max: 40 };

describe('foundation edits', () => {
  it('fill in what an older plan does not say, and keep the rest', () => {
    expect(backOf(BRIEF).family).toBe('STRAIGHT');
    expect(rimOf(BRIEF).perimeter).toBe('NOWHERE');
    const passes = withBack(withBack(BRIEF, { family: 'SWITCHBACK' }), { levels: 5 });
    expect(passes.foundation.back).toMatchObject({ family: 'SWITCHBACK', levels: 5 });
    expect(withRim(BRIEF, { perimeterMm: 12 }).foundation.rim).toMatchObject({
      perimeter: 'NOWHERE',
      perimeterMm: 12,
    });
    expect(BRIEF.foundation.back).toBeNull();
  });

  it('let moves of one row take each other’s place, but not those of another', () => {
    const once = withMoveTo(BRIEF, 'F3', 4, RANGE);
    const twice = withMoveTo(once, 'F3', movedBy(once, 'F3') + 4, RANGE);
    expect(twice.foundation.edits).toEqual([{ row: 'F3', kind: 'MOVE', amount: 8 }]);
    expect(withMoveTo(twice, 'F4', -2, RANGE).foundation.edits).toHaveLength(2);
    expect(movedBy(twice, 'F4')).toBe(0);
    expect(withMoveTo(twice, 'F3', 0, RANGE).foundation.edits).toEqual([]);
    expect(withMoveTo(twice, 'F3', 400, RANGE).foundation.edits[0]?.amount).toBe(40);
  });

  it('add edits in the order they were made', () => {
    const b = withEdit(withEdit(BRIEF, { row: 'F3', kind: 'SPLIT', amount: 0 }), {
      row: 'F4',
      kind: 'REVERSE',
      amount: 0,
    });
    expect(b.foundation.edits.map((e) => e.kind)).toEqual(['SPLIT', 'REVERSE']);
  });

  it('send a tail to one place at a time', () => {
    const fed = withTail(BRIEF, 'B1', 'FED', 'B2');
    expect(fed.foundation.tails).toEqual([{ row: 'B1', end: 'FED', into: 'B2', at: 0.75 }]);
    const stitched = withTail(fed, 'B1', 'STITCHED', null);
    expect(stitched.foundation.tails).toEqual([{ row: 'B1', end: 'STITCHED', into: null, at: 0 }]);
    expect(withoutTail(stitched, 'B1').foundation.tails).toEqual([]);
    expect(withoutTail(stitched, 'B9').foundation.tails).toHaveLength(1);
  });
});

describe('head edits', () => {
  it('start from the usual hairline', () => {
    expect(hairlineOf(BRIEF).nape).toBe('ROUND');
    expect(withHairline(BRIEF, { leftTempleMm: 6 }).head.hairline).toMatchObject({
      leftTempleMm: 6,
      rightTempleMm: 0,
    });
  });

  it('change one region and leave the others', () => {
    const two = withRegions(BRIEF, [
      { kind: 'THIN', name: 'crown', rim: [0, 0.1] },
      { kind: 'SCAR', name: 'left', rim: [9, 0.9] },
    ]);
    const named = withRegion(two, 1, { name: 'behind the left ear' });
    expect(named.head.regions?.map((r) => r.name)).toEqual(['crown', 'behind the left ear']);
    expect(named.head.regions?.[1]?.rim).toEqual([9, 0.9]);
    expect(withRegion(BRIEF, 0, { name: 'nowhere' }).head.regions).toEqual([]);
  });
});
