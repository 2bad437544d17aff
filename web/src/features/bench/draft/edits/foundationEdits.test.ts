import { describe, expect, it } from 'vitest';
import { sample } from '../../../../testing/onBench';
import {
  movedBy,
  withBack,
  withEdit,
  withMoveTo,
  withoutTail,
  withRim,
  withTail,
} from './foundationEdits';
import { withHairline, withRegion, withRegions } from './headEdits';

const BRIEF = sample.savedPlan.brief;

const RANGE = { min: -40, max: 40 };

describe('foundation edits', () => {
  it('change what they name and keep the rest', () => {
    const levels = withBack(withBack(BRIEF, { family: 'SWITCHBACK' }), { levels: 5 });
    expect(levels.foundation.back).toEqual({
      ...BRIEF.foundation.back,
      family: 'SWITCHBACK',
      levels: 5,
    });
    expect(withRim(BRIEF, { perimeterMm: 12 }).foundation.rim).toEqual({
      ...BRIEF.foundation.rim,
      perimeterMm: 12,
    });
  });

  it('let moves of one row take each other’s place, but not those of another', () => {
    const once = withMoveTo(BRIEF, 'F3', 4, RANGE);
    const twice = withMoveTo(once, 'F3', movedBy(once, 'F3') + 4, RANGE);
    expect(twice.foundation.edits).toEqual([
      { row: 'F3', kind: 'MOVE', moveMm: 8, factor: null, endsAt: null },
    ]);
    expect(withMoveTo(twice, 'F4', -2, RANGE).foundation.edits).toHaveLength(2);
    expect(movedBy(twice, 'F4')).toBe(0);
    expect(withMoveTo(twice, 'F3', 0, RANGE).foundation.edits).toEqual([]);
    expect(withMoveTo(twice, 'F3', 400, RANGE).foundation.edits[0]?.moveMm).toBe(40);
  });

  it('add edits in the order they were made', () => {
    const b = withEdit(withEdit(BRIEF, 'F3', { kind: 'SPLIT' }), 'F4', { kind: 'REVERSE' });
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
  it('change the hairline where it is taken hold of', () => {
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
    expect(named.head.regions.map((r) => r.name)).toEqual(['crown', 'behind the left ear']);
    expect(named.head.regions[1]?.rim).toEqual([9, 0.9]);
    expect(withRegion(withRegions(BRIEF, []), 0, { name: 'nowhere' }).head.regions).toEqual([]);
  });
});
