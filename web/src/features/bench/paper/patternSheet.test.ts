import { describe, expect, it } from 'vitest';
import { setSteps, wrap } from './patternSheet';
import answers from '../../../testing/answers.json';
import { toScene } from '../../../lib/scene';

describe('wrap', () => {
  const text = 'Front row 3: from the hairline straight back; it runs on into back row 1.';

  it('breaks between words and loses none', () => {
    for (const most of [12, 20, 62, 200]) {
      const lines = wrap(text, most);
      expect(lines.join(' ')).toBe(text);
      expect(Math.max(...lines.map((l) => l.length))).toBeLessThanOrEqual(most);
    }
  });

  it('leaves a word longer than the line whole', () => {
    expect(wrap('Castellane-Brightwater', 5)).toEqual(['Castellane-Brightwater']);
    expect(wrap('', 5)).toEqual([]);
  });
});

describe('setSteps', () => {
  const group = (n: number) => ({
    from: n,
    to: n,
    words: `Front row ${n}: from the hairline straight back; it runs on into back row 1, and its end is kept out.`,
  });

  it('says what is alike together, in a type that fits its page, for few groups and for many', () => {
    expect(setSteps(answers.plan.read.groups).typeMm).toBe(3.3);
    for (const n of [1, 8, 16, 26]) {
      const { lines, typeMm, pitchMm } = setSteps(
        Array.from({ length: n }, (_, i) => group(i + 1)),
      );
      expect(lines.filter((l) => l.number !== '')).toHaveLength(n);
      expect(187 + 3 + Math.ceil(lines.length / 2) * pitchMm).toBeLessThanOrEqual(297 - 12);
      expect(pitchMm).toBeGreaterThan(typeMm);
    }
  });
});

describe('toScene', () => {
  it('turns the head’s frame into one with y up that looks along −z', () => {
    // To her right, forward, up.
    expect([...toScene([1, 0, 0])]).toEqual([-1, 0, 0]);
    expect([...toScene([0, 1, 0])].map(Math.abs)).toEqual([0, 0, 1]);
    expect([...toScene([0, 0, 1])].map(Math.abs)).toEqual([0, 1, 0]);
  });

  it('keeps handedness, so that left stays left', () => {
    const axes = [toScene([1, 0, 0]), toScene([0, 1, 0]), toScene([0, 0, 1])];
    const [a, b, c, d, e, f, g, h, i] = axes.flatMap((axis) => [...axis]);
    const det =
      (a ?? 0) * ((e ?? 0) * (i ?? 0) - (f ?? 0) * (h ?? 0)) -
      (b ?? 0) * ((d ?? 0) * (i ?? 0) - (f ?? 0) * (g ?? 0)) +
      (c ?? 0) * ((d ?? 0) * (h ?? 0) - (e ?? 0) * (g ?? 0));
    expect(det).toBe(1);
  });
});
