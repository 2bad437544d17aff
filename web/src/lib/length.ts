import { parseNumber, writtenOut } from './amount';

/** The units a stylist speaks in. One finger is as wide as her own. */
export type LengthUnit = 'cm' | 'in' | 'fingers';

export const MM_PER_CM = 10;
export const MM_PER_INCH = 25.4;

export const mmPer = (unit: LengthUnit, fingerMm: number): number =>
  unit === 'cm' ? MM_PER_CM : unit === 'in' ? MM_PER_INCH : fingerMm;

const NAMES: Record<LengthUnit, string> = { cm: 'cm', in: 'in', fingers: 'fingers' };

/** How a figure is rounded to what is written: to the nearest, up or down. */
export type Rounding = (value: number) => number;

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** From two inches on, a tape is read to a quarter of an inch; below that, to an eighth. */
const QUARTERS_FROM = 2;

/** Inches as they stand on a tape: "22 ¼", "⅝", "0". */
function onTape(inches: number, round: Rounding): string {
  const step = Math.abs(inches) < QUARTERS_FROM ? 1 : 2;
  const signed = round((inches * 8) / step) * step;
  const eighths = Math.abs(signed);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? '';
  const figure = whole > 0 && part ? `${whole} ${part}` : part || String(whole);
  return signed < 0 ? `-${figure}` : figure;
}

/** The number alone, to a tenth, or as it stands on a tape in inches; unit beside it. */
export function lengthParts(
  mm: number,
  unit: LengthUnit,
  fingerMm: number,
  round: Rounding = Math.round,
): { figure: string; unit: string } {
  const value = mm / mmPer(unit, fingerMm);
  if (unit === 'in') return { figure: onTape(value, round), unit: NAMES.in };
  const figure = (round(value * 10) / 10 + 0).toFixed(1);
  const name = unit === 'fingers' && figure === '1.0' ? 'finger' : NAMES[unit];
  return { figure, unit: name };
}

export function formatLength(
  mm: number,
  unit: LengthUnit,
  fingerMm: number,
  round: Rounding = Math.round,
): string {
  const parts = lengthParts(mm, unit, fingerMm, round);
  return `${parts.figure} ${parts.unit}`;
}

const SPELLED: [RegExp, LengthUnit | 'mm'][] = [
  [/^(mm|millimet(er|re)s?)$/, 'mm'],
  [/^(cm|centimet(er|re)s?)$/, 'cm'],
  [/^(in|inch|inches|"|″)$/, 'in'],
  [/^(f|fingers?)$/, 'fingers'],
];

/**
 * What a stylist wrote as a length, in mm: "56.5", "2 fingers", "3/4 in", "22 1/4 in", "2 ½", "-1 cm".
 * A bare number is in the unit shown. Null if it cannot be read as a length.
 */
export function parseLength(text: string, unit: LengthUnit, fingerMm: number): number | null {
  const trimmed = writtenOut(text.trim().toLowerCase().replace('−', '-'));
  const match = /^(-?)\s*([\d.,/\s]*\d)\s*([a-z"″]*)$/.exec(trimmed);
  if (!match) return null;
  const number = parseNumber((match[2] ?? '').trim());
  if (number === null) return null;
  const word = match[3] ?? '';
  const spelled = word === '' ? unit : SPELLED.find(([pattern]) => pattern.test(word))?.[1];
  if (!spelled) return null;
  const mm = number * (spelled === 'mm' ? 1 : mmPer(spelled, fingerMm));
  // To a hundredth of a millimetre: what is entered in inches comes back as entered.
  return (Math.round(mm * 100) / 100) * (match[1] ? -1 : 1) + 0;
}
