/** Hair as it is drawn, in the colours that names of colours suggest; the first that fits is taken. */
const TINTS: [RegExp, string][] = [
  [/copper|rust/, '#8f4524'],
  [/ash|grey/, '#8d8a86'],
  [/honey|sand/, '#b58a4c'],
  [/chestnut|brown/, '#5b3524'],
  [/cork/, '#3e2f27'],
];
const INK = '#1d1715';

export const tintOf = (colour: string): string =>
  TINTS.find(([name]) => name.test(colour.toLowerCase()))?.[1] ?? INK;
