// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { fromPolar, hairlineAt, toPolar } from './polar';

/** A ring of 100 mm, from the front by way of her right; y up, as the server sends it. */
const RING = Array.from({ length: 91 }, (_, i) => {
  const t = (2 * Math.PI * i) / 90;
  return [100 * Math.sin(t), 100 * Math.cos(t)];
}).flat();

describe('polar places', () => {
  it('know how far out the hairline lies, all round', () => {
    for (const deg of [0, 33, 90, 179, -179, -90, -1, 181]) {
      expect(hairlineAt(RING, deg)).toBeCloseTo(100, 0);
    }
  });

  it('are 0° in front, positive to her right', () => {
    expect(toPolar(RING, [{ x: 0, y: -50 }])).toEqual([0, expect.closeTo(0.5, 2)]);
    expect(toPolar(RING, [{ x: 50, y: 0 }])[0]).toBe(90);
    expect(toPolar(RING, [{ x: -50, y: 0 }])[0]).toBe(-90);
  });

  it('come back as they were drawn', () => {
    const drawn = [
      { x: 12, y: -40 },
      { x: -60, y: 30 },
      { x: 0.5, y: 88 },
    ];
    fromPolar(RING, toPolar(RING, drawn)).forEach((p, i) => {
      expect(p.x).toBeCloseTo(drawn[i]?.x ?? NaN, 0);
      expect(p.y).toBeCloseTo(drawn[i]?.y ?? NaN, 0);
    });
  });

  it('are drawn in to the hairline where they lie beyond it', () => {
    expect(toPolar(RING, [{ x: 400, y: 0 }])).toEqual([90, 1]);
  });
});
