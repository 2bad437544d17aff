// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { moved, seen, wholeView, zoomed, type Frame, type MapView } from './useMapView';

const SHEET: Frame = { x: -172, y: -180, width: 344, height: 378 };

/** Views by chance, always the same. */
function byChance(count: number): MapView[] {
  let seed = 7;
  const next = () => {
    seed = (seed * 16_807) % 2_147_483_647;
    return seed / 2_147_483_647;
  };
  return Array.from({ length: count }, () => ({
    zoom: 1 + 5 * next(),
    x: -300 + 600 * next(),
    y: -300 + 600 * next(),
  }));
}

describe('looking into a map', () => {
  it('begins with all of it', () => {
    expect(seen(SHEET, wholeView(SHEET))).toEqual(SHEET);
  });

  it('never shows what lies beside it', () => {
    for (const view of byChance(200)) {
      const f = seen(SHEET, view);
      expect(f.x).toBeGreaterThanOrEqual(SHEET.x - 1e-9);
      expect(f.y).toBeGreaterThanOrEqual(SHEET.y - 1e-9);
      expect(f.x + f.width).toBeLessThanOrEqual(SHEET.x + SHEET.width + 1e-9);
      expect(f.y + f.height).toBeLessThanOrEqual(SHEET.y + SHEET.height + 1e-9);
      expect(f.width / f.height).toBeCloseTo(SHEET.width / SHEET.height, 9);
    }
  });

  it('keeps the place under the fingers while it grows', () => {
    const at = { x: 20, y: -30 };
    const before = wholeView(SHEET);
    const after = zoomed(SHEET, before, 3, at);
    const place = (view: MapView) => {
      const f = seen(SHEET, view);
      return [(at.x - f.x) / f.width, (at.y - f.y) / f.height] as const;
    };
    expect(place(after)[0]).toBeCloseTo(place(before)[0], 9);
    expect(place(after)[1]).toBeCloseTo(place(before)[1], 9);
    expect(zoomed(SHEET, after, 1, at).zoom).toBe(1);
    expect(zoomed(SHEET, after, 99, at).zoom).toBe(6);
  });

  it('moves by as much as it is drawn, until its edge', () => {
    const near = zoomed(SHEET, wholeView(SHEET), 3, { x: 0, y: 0 });
    const f = seen(SHEET, near);
    const g = seen(SHEET, moved(SHEET, near, 10, -5));
    expect(g.x - f.x).toBeCloseTo(-10, 9);
    expect(g.y - f.y).toBeCloseTo(5, 9);
    expect(seen(SHEET, moved(SHEET, near, 9_999, 0)).x).toBeCloseTo(SHEET.x, 9);
  });
});
