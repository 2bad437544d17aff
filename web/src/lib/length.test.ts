// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { formatLength, lengthParts, parseLength } from './length';

describe('parseLength', () => {
  it.each([
    ['56.5', 565],
    ['56,5 cm', 565],
    ['565 mm', 565],
    ['22 1/4 in', 565.15],
    ['3/4 in', 19.05],
    ['3/4"', 19.05],
    ['2 ½', 25],
    ['22¼ in', 565.15],
    ['½ in', 12.7],
    ['1/2 in', 12.7],
    ['2 fingers', 36],
    ['1 finger', 18],
    [' .5 ', 5],
    ['-1 cm', -10],
    ['−1', -10],
    ['0', 0],
  ])('reads %s', (text, mm) => {
    expect(parseLength(text, 'cm', 18)).toBeCloseTo(mm, 6);
  });

  it.each(['', 'wide', '5 hands', '1/0 in', '5 5', '--3', '1.2.3', 'NaN', 'Infinity', '1e3'])(
    'refuses %s',
    (text) => {
      expect(parseLength(text, 'cm', 18)).toBeNull();
    },
  );

  it('takes a bare number in the unit shown', () => {
    expect(parseLength('2', 'in', 18)).toBeCloseTo(50.8);
    expect(parseLength('2', 'fingers', 17)).toBeCloseTo(34);
  });

  it('reads back what it wrote, to a tenth of the unit', () => {
    for (const unit of ['cm', 'fingers'] as const) {
      for (let mm = 0; mm < 700; mm += 13.7) {
        const back = parseLength(formatLength(mm, unit, 18), unit, 18);
        expect(Math.abs((back ?? NaN) - mm)).toBeLessThan(1.3);
      }
    }
  });

  it('reads back what it wrote in inches, to an eighth below two of them and to a quarter above', () => {
    for (let mm = -60; mm < 700; mm += 1.3) {
      const back = parseLength(formatLength(mm, 'in', 18), 'in', 18);
      const half = Math.abs(mm) < 2 * 25.4 ? 25.4 / 16 : 25.4 / 8;
      expect(Math.abs((back ?? NaN) - mm)).toBeLessThanOrEqual(half + 0.01);
    }
  });
});

describe('formatLength', () => {
  it('says one finger, two fingers', () => {
    expect(formatLength(18, 'fingers', 18)).toBe('1.0 finger');
    expect(formatLength(36, 'fingers', 18)).toBe('2.0 fingers');
  });

  it.each([
    [565.15, '22 ¼ in'],
    [563, '22 ¼ in'],
    [25.4, '1 in'],
    [38.1, '1 ½ in'],
    [9.5, '⅜ in'],
    [50.7, '2 in'],
    [0.4, '0 in'],
    [-0.4, '0 in'],
    [-12.7, '-½ in'],
    [-563, '-22 ¼ in'],
  ])('writes %s mm as it stands on a tape in inches: %s', (mm, written) => {
    expect(formatLength(mm, 'in', 18)).toBe(written);
  });

  it('rounds as it is told', () => {
    expect(formatLength(430, 'in', 18, Math.ceil)).toBe('17 in');
    expect(formatLength(690, 'in', 18, Math.floor)).toBe('27 in');
    expect(formatLength(254, 'in', 18, Math.ceil)).toBe('10 in');
    expect(formatLength(-12, 'in', 18, Math.ceil)).toBe('-⅜ in');
    expect(formatLength(43.21, 'cm', 18, Math.ceil)).toBe('4.4 cm');
  });

  it('never writes minus nought', () => {
    expect(lengthParts(-0.2, 'cm', 18).figure).toBe('0.0');
  });
});
