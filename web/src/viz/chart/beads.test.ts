// @vitest-environment node
import { describe, expect, it } from 'vitest';
import type { PlanStation, StationKind } from '../../api/types';
import { beadOf, kindOf } from './beads';

const KNOTS: StationKind['knot'][] = [
  'REGULAR',
  'INVISIBLE',
  'DOUBLE_ENTRY',
  'TWIST_FIRST',
  'BEAD',
];

const station = (towardX: number, towardY: number) =>
  ({ id: 'F1/1', x: 10, y: 20, towardX, towardY, kind: 0 }) as PlanStation;
const kind = (knot: StationKind['knot'], shareParts = 1) => ({ knot, shareParts }) as StationKind;

/** All coordinates of a line of the drawing, without the radii and flags of its arcs. */
function places(d: string): { x: number; y: number }[] {
  const ends = d.replace(/A[\d.]+ [\d.]+ 0 \d \d /g, 'L').match(/-?[\d.]+ -?[\d.]+/g);
  return (ends ?? []).map((p) => {
    const [x = 0, y = 0] = p.split(' ').map(Number);
    return { x, y };
  });
}
const farthest = (d: string) => Math.max(...places(d).map((p) => Math.hypot(p.x - 10, p.y + 20)));

describe('beadOf', () => {
  it.each(KNOTS)('draws %s round the place of the station, y turned over once', (knot) => {
    const { outline } = beadOf(station(0, 1), kind(knot));
    expect(outline.endsWith('Z')).toBe(true);
    expect(farthest(outline)).toBeGreaterThan(2);
    expect(farthest(outline)).toBeLessThan(5);
  });

  it('gives a share an area in proportion', () => {
    const whole = farthest(beadOf(station(0, 1), kind('REGULAR')).outline);
    for (const parts of [2, 4, 8]) {
      const share = farthest(beadOf(station(0, 1), kind('REGULAR', parts)).outline);
      expect((whole / share) ** 2).toBeCloseTo(parts, 0);
    }
  });

  it.each([
    [1, 0],
    [0, 1],
    [-1, 0],
    [0.6, -0.8],
  ])('points its barb the way the hook goes in: %f, %f', (x, y) => {
    const [from, to] = places(beadOf(station(x, y), kind('REGULAR')).barb);
    const length = Math.hypot((to?.x ?? 0) - (from?.x ?? 0), (to?.y ?? 0) - (from?.y ?? 0));
    expect(((to?.x ?? 0) - (from?.x ?? 0)) / length).toBeCloseTo(x, 2);
    expect(((to?.y ?? 0) - (from?.y ?? 0)) / length).toBeCloseTo(-y, 2);
  });

  it('grows its barb with the room to the next share, within limits', () => {
    const long = (room: number) => farthest(beadOf(station(0, 1), kind('REGULAR'), room).barb);
    expect(long(4)).toBe(long(0));
    expect(long(18)).toBeGreaterThan(1.5 * long(0));
    expect(long(60)).toBe(long(30));
  });

  it('has strokes within only where the knot has some', () => {
    const inner = KNOTS.filter((k) => beadOf(station(0, 1), kind(k)).inner !== '');
    expect(inner).toEqual(['TWIST_FIRST', 'BEAD']);
  });
});

describe('kindOf', () => {
  it('finds what a station is, and says which one is of no kind', () => {
    expect(kindOf({ kinds: [kind('BEAD')] }, station(0, 1)).knot).toBe('BEAD');
    expect(() => kindOf({ kinds: [] }, station(0, 1))).toThrow('F1/1');
  });
});
