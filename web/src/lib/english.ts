/** The studio's choice of English. */
export type English = 'GB' | 'US';

const US: [RegExp, string][] = [
  [/\b(A|The) fringe\b/g, 'Bangs'],
  [/\b(a|the) fringe\b/g, 'bangs'],
  [/fringe/g, 'bangs'],
  [/Fringe/g, 'Bangs'],
  [/olour/g, 'olor'],
  [/(f|F)ibre/g, '$1iber'],
  [/(m|M)oistur(is)/g, '$1oisturiz'],
  [/\b(g|G)rey\b/g, '$1ray'],
  [/(c|C)entre/g, '$1enter'],
];

/** Words as they are spelt, and what things are called, in the studio's English. */
export const spelt = (words: string, english: English): string =>
  english === 'GB' ? words : US.reduce((w, [from, to]) => w.replace(from, to), words);

/** The same for all words within a value that holds them, whatever its shape; keys and codes in capitals stay. */
export function speltThroughout<T>(value: T, english: English): T {
  if (english === 'GB') return value;
  if (typeof value === 'string') return spelt(value, english) as T;
  if (Array.isArray(value)) return value.map((v: unknown) => speltThroughout(v, english)) as T;
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(
      Object.entries(value).map(([key, v]) => [key, speltThroughout(v as unknown, english)]),
    ) as T;
  }
  return value;
}
