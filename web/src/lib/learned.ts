/** How something that visits teach is measured. */
export type Scale = 'FACTOR' | 'PERCENT' | 'PASSES' | 'WEEKS';

/** A figure that was learned, as one says it: a factor in per cent, passes with their sign, weeks. */
export function sayLearned(scale: Scale, value: number): string {
  switch (scale) {
    case 'FACTOR':
      return `${Math.round(100 * value)} %`;
    case 'PERCENT':
      return `${Math.round(value)} %`;
    case 'PASSES':
      return `${value > 0 ? '+' : ''}${Math.round(10 * value) / 10}`;
    default:
      return `${Math.round(10 * value) / 10} weeks`;
  }
}
