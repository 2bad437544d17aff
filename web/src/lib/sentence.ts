import { formatLength, MM_PER_CM, mmPer, type LengthUnit } from './length';

/** A piece of a sentence as the server tells it: words, or a figure with what it measures. */
export interface Piece {
  text: string | null;
  kind:
    | 'LENGTH_MM'
    | 'AREA_MM2'
    | 'GRAMS'
    | 'GRAMS_PER_CM'
    | 'MINUTES'
    | 'PART'
    | 'COUNT'
    | 'TIMES'
    | null;
  value: number | null;
}

const SQUARE: Record<LengthUnit, string> = { cm: 'cm²', in: 'sq in', fingers: 'square fingers' };
const ONE: Record<LengthUnit, string> = { cm: 'cm', in: 'inch', fingers: 'finger' };

/** A sentence with its figures in the reader's unit. */
export function sentence(pieces: Piece[], unit: LengthUnit, fingerMm: number): string {
  return pieces.map((p) => p.text ?? figure(p, unit, fingerMm)).join('');
}

function figure({ kind, value }: Piece, unit: LengthUnit, fingerMm: number): string {
  const v = value ?? 0;
  const one = mmPer(unit, fingerMm);
  switch (kind) {
    case 'LENGTH_MM':
      return formatLength(v, unit, fingerMm);
    case 'AREA_MM2':
      return `${(v / one ** 2).toFixed(1)} ${SQUARE[unit]}`;
    case 'GRAMS':
      return `${Math.round(v)} g`;
    case 'GRAMS_PER_CM':
      return `${((v * one) / MM_PER_CM).toFixed(1)} g on every ${ONE[unit]}`;
    case 'MINUTES':
      return Math.round(v) === 1 ? '1 minute' : `${Math.round(v)} minutes`;
    case 'PART':
      return `${Math.round(v * 100)} %`;
    case 'TIMES':
      return `${v.toFixed(1)} times`;
    default:
      return String(Math.round(v));
  }
}
