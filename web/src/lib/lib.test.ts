// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { parseAmount } from './amount';
import { chevrons, pathData, points } from './curve';
import { formatMoney, parseMoney, plainMoney } from './money';
import { formatMinutes, plural } from './time';

describe('parseAmount', () => {
  it.each([
    ['6', 6],
    ['4,5', 4.5],
    ['2 ½', 2.5],
    ['½', 0.5],
    ['6 %', 6],
    ['', null],
    ['some', undefined],
    ['1/0', undefined],
  ])('reads “%s” as %s', (text, value) => expect(parseAmount(text)).toBe(value));
});

describe('curve', () => {
  it('turns y over, once', () => {
    expect(points([1, 2, 3, 4])).toEqual([
      { x: 1, y: -2 },
      { x: 3, y: -4 },
    ]);
    expect(pathData([0, 0, 1, 1], true)).toBe('M0 0L1 -1Z');
  });

  it('draws a chevron for every pitch, pointing the way the row runs', () => {
    const down = chevrons([0, 0, 0, -100], 10);
    const strokes = down.split('M').filter(Boolean);
    expect(strokes).toHaveLength(18);
    // The tip of each lies further along (lower on the picture) than its two ends.
    for (const stroke of strokes) {
      const [a, tip, b] = stroke.split('L').map((p) => Number(p.split(' ')[1]));
      expect(tip).toBeGreaterThan(a as number);
      expect(tip).toBeGreaterThan(b as number);
    }
    expect(chevrons([0, 0, 0, 0], 10)).toBe('');
  });
});

describe('money', () => {
  it('is written and read in any currency', () => {
    expect(formatMoney(4680, 'EUR')).toBe('€46.80');
    expect(formatMoney(4680, 'JPY')).toBe('JP¥4,680');
    expect(parseMoney('46,80', 'EUR')).toBe(4680);
    expect(parseMoney('4680', 'JPY')).toBe(4680);
    for (const text of ['€ 12.50', '12,50', '12.50 €', 'EUR 12.5', '€12.50'])
      expect(parseMoney(text, 'EUR')).toBe(1250);
    expect(plainMoney(4250, 'EUR')).toBe('42.50');
    expect(plainMoney(4250, 'JPY')).toBe('4250');
    expect(parseMoney(plainMoney(4255, 'EUR'), 'EUR')).toBe(4255);
    expect(parseMoney('a few', 'EUR')).toBeNull();
    expect(parseMoney('-3', 'EUR')).toBeNull();
  });
});

describe('time', () => {
  it('is rounded to five minutes', () => {
    expect(formatMinutes(99)).toBe('1 h 40');
    expect(formatMinutes(121)).toBe('2 h');
    expect(formatMinutes(1)).toBe('5 min');
    expect(formatMinutes(62.4)).toBe('1 h');
  });

  it('pluralises', () => {
    expect(plural(1, 'pack')).toBe('1 pack');
    expect(plural(0, 'pack')).toBe('0 packs');
  });
});
