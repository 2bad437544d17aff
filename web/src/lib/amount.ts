/** Fractions that are written as one sign. */
const SIGNS: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** With every fraction that is one sign written out: "2½" as "2 1/2". */
export const writtenOut = (text: string): string =>
  text.replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (sign) => ` ${SIGNS[sign] ?? ''}`).trim();

/** A whole number, a decimal with point or comma, a fraction, or a whole number and a fraction; null if it is none. */
export function parseNumber(text: string): number | null {
  const mixed = /^(\d+)?\s*(?:(\d+)\/(\d+))?$/.exec(text);
  if (mixed && text !== '') {
    const whole = mixed[1] ? Number(mixed[1]) : 0;
    const part = mixed[2] && mixed[3] ? Number(mixed[2]) / Number(mixed[3]) : 0;
    return Number.isFinite(part) ? whole + part : null;
  }
  return /^\d*[.,]?\d+$/.test(text) ? Number(text.replace(',', '.')) : null;
}

/** What was written as a number: "6", "4,5", "2 ½", with or without %; null if nothing was, undefined if it cannot be read. */
export function parseAmount(text: string): number | null | undefined {
  const cleaned = writtenOut(text.replace('%', '').trim());
  return cleaned === '' ? null : (parseNumber(cleaned) ?? undefined);
}

/** How many of something there are, a thousand and more in threes. */
export const sayCount = (n: number): string => n.toLocaleString('en-GB');

/** An amount of loops as one says it: whole, or with its half. */
export const sayLoops = (loops: number): string => {
  const half = Math.round(loops * 2) / 2;
  return Number.isInteger(half) ? String(half) : `${Math.floor(half)}½`;
};
