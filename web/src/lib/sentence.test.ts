import { expect, test } from 'vitest';
import { sentence, type Piece } from './sentence';

const words = (text: string): Piece => ({ text, kind: null, value: null });
const figure = (kind: Piece['kind'], value: number): Piece => ({ text: null, kind, value });

test('writes every figure in the unit of the reader', () => {
  const said = [words('Part 1 shows only '), figure('LENGTH_MM', 25.4), words(' of scalp.')];
  expect(sentence(said, 'cm', 18)).toBe('Part 1 shows only 2.5 cm of scalp.');
  expect(sentence(said, 'in', 18)).toBe('Part 1 shows only 1 in of scalp.');
  expect(sentence(said, 'fingers', 12.7)).toBe('Part 1 shows only 2.0 fingers of scalp.');
});

test('turns areas and weights on a row over too', () => {
  expect(sentence([figure('AREA_MM2', 645.16)], 'in', 18)).toBe('1.0 sq in');
  expect(sentence([figure('AREA_MM2', 645.16)], 'cm', 18)).toBe('6.5 cm²');
  expect(sentence([figure('GRAMS_PER_CM', 2)], 'in', 18)).toBe('5.1 g on every inch');
  expect(sentence([figure('GRAMS_PER_CM', 2)], 'fingers', 20)).toBe('4.0 g on every finger');
});

test('what has no unit of its own is the same for everybody', () => {
  const all = [
    figure('PART', 0.126),
    words(', '),
    figure('TIMES', 2.94),
    words(', '),
    figure('MINUTES', 74.6),
    words(', '),
    figure('COUNT', 3),
    words(', '),
    figure('GRAMS', 11.6),
  ];
  expect(sentence(all, 'in', 18)).toBe('13 %, 2.9 times, 75 minutes, 3, 12 g');
});
