import type { Drill, Verdict } from '../../../api/types';

/** What is answered so far. */
export interface Given {
  /** What was chosen, in the order in which it was. */
  ids: string[];
  /** From straight to the face round by her right, rad. */
  towardRad: number | null;
  number: number | null;
  /** A number for each thing that is asked about, as far as it is said. */
  numbers: (number | null)[];
}

export const NOTHING: Given = { ids: [], towardRad: null, number: null, numbers: [] };

/** The same with the number of one of several things. */
export function numbered(given: Given, of: number, at: number, number: number | null): Given {
  const numbers = Array.from({ length: of }, (_, i) => given.numbers[i] ?? null);
  numbers[at] = number;
  return { ...given, numbers };
}

/** Chosen, or no longer; where one alone is right it takes the place of another. */
export function touched(given: Given, id: string, isOne: boolean): Given {
  if (given.ids.includes(id)) return { ...given, ids: given.ids.filter((i) => i !== id) };
  return { ...given, ids: isOne ? [id] : [...given.ids, id] };
}

/** Whether enough is said to be judged. */
export function isWhole({ ask }: Drill, given: Given): boolean {
  switch (ask.form) {
    case 'AIM':
      return given.towardRad !== null;
    case 'NUMBER':
      return given.number !== null;
    case 'NUMBERS':
      return ask.numbers.every((_, i) => (given.numbers[i] ?? null) !== null);
    case 'ORDER':
      return given.ids.length === ask.choices.length;
    case 'PICK':
    case 'TURNS':
      return given.ids.length > 0;
  }
}

/** In which of four ways a choice stands once it is judged. */
export type Stands = 'right' | 'wrong' | 'missed' | 'rest';

export function stands(id: string, given: Given, verdict: Verdict): Stands {
  const isRight = verdict.ids?.includes(id) ?? false;
  if (given.ids.includes(id)) return isRight ? 'right' : 'wrong';
  return isRight ? 'missed' : 'rest';
}

const FULL_TURN = 2 * Math.PI;

/** The same direction in (−π, π]. */
export const turned = (rad: number): number => rad - FULL_TURN * Math.ceil(rad / FULL_TURN - 0.5);

const EIGHTHS = [
  'to the face',
  'to the face and her right',
  'to her right',
  'to the back and her right',
  'to the back',
  'to the back and her left',
  'to her left',
  'to the face and her left',
] as const;

/** A direction on the map in words. */
export function wayWords(rad: number): string {
  const eighth = Math.round(turned(rad) / (Math.PI / 4));
  return EIGHTHS[(eighth + EIGHTHS.length) % EIGHTHS.length] ?? EIGHTHS[0];
}
