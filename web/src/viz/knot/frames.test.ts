import { describe, expect, it } from 'vitest';
import { HOLDS, KNOTS, type Frame, type Mark } from './frames';

const every: Frame[] = [
  ...Object.values(KNOTS).flatMap((k): Frame[] => [...k.frames, k.mistake]),
  ...Object.values(HOLDS),
];

const places = (m: Mark): number[][] => {
  if (m.is === 'hair' || m.is === 'arrow') {
    const all = (m.path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
    return all.flatMap((x, i) => (i % 2 === 0 ? [[x, all[i + 1] ?? NaN]] : []));
  }
  return 'x' in m ? [[m.x, m.y]] : [];
};

describe('pictures of knots', () => {
  it('keep to their frame, and all hair above the scalp', () => {
    for (const { marks } of every) {
      for (const [x = NaN, y = NaN] of marks.flatMap(places)) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(260);
        expect(y).toBeGreaterThan(20);
        expect(y).toBeLessThanOrEqual(160);
      }
    }
  });

  it('each has one row, and says what is done in a sentence', () => {
    for (const { marks, words } of every) {
      expect(marks.filter((m) => m.is === 'row')).toHaveLength(1);
      expect(words).toMatch(/^[A-Z].*\.$/);
    }
  });

  it('end each in a picture that no other knot and no mistake has', () => {
    const ends = Object.values(KNOTS).flatMap(({ frames, mistake }) => [
      JSON.stringify(frames[frames.length - 1]?.marks),
      JSON.stringify(mistake.marks),
    ]);
    expect(new Set(ends).size).toBe(ends.length);
  });

  it('show what the trade says of each', () => {
    const last = (k: keyof typeof KNOTS): readonly Mark[] => {
      const { frames } = KNOTS[k];
      return frames[frames.length - 1]?.marks ?? [];
    };
    const has = (marks: readonly Mark[], is: Mark['is']) => marks.some((m) => m.is === is);
    expect(has(last('DOUBLE_ENTRY'), 'knot')).toBe(false);
    expect(has(last('BEAD'), 'bead')).toBe(true);
    // The free leg of an invisible knot is painted last: it lies over row and knot.
    expect(last('INVISIBLE').at(-1)).toMatchObject({ is: 'hair', leg: 'B' });
    const turned = KNOTS.TWIST_FIRST.frames.findIndex((f) => f.words.startsWith('Turn the loop'));
    const passed = KNOTS.TWIST_FIRST.frames.findIndex((f) =>
      f.words.includes('through the turned'),
    );
    expect(turned).toBeGreaterThan(0);
    expect(passed).toBeGreaterThan(turned);
  });
});
