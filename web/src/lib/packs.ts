import { plural } from './time';

/** Hair as far as it matters to how it is counted. */
interface Counted {
  isLooped: boolean;
  gramsPerLoop: number;
}

/** How large a pack is: by its loops, or by weight where the fibre comes loose. */
export const packSize = (hair: Counted, loops: number): string =>
  hair.isLooped ? `${loops}` : `${Math.round(loops * hair.gramsPerLoop)} g`;

/** The same with what is counted. */
export const packWords = (hair: Counted, loops: number): string =>
  hair.isLooped ? plural(loops, 'loop') : packSize(hair, loops);

/** So many loops, or tufts of what comes loose. */
export const pieces = (hair: Counted, count: number): string =>
  plural(count, hair.isLooped ? 'loop' : 'tuft');
