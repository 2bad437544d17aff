interface Currency {
  format: Intl.NumberFormat;
  /** By what its smallest unit is divided to be written. */
  minors: number;
}

/** They are slow to make, and few are ever used. */
const currencies = new Map<string, Currency>();

function currencyOf(letters: string): Currency {
  const known = currencies.get(letters);
  if (known) return known;
  const format = new Intl.NumberFormat('en-GB', { style: 'currency', currency: letters });
  const made = { format, minors: 10 ** (format.resolvedOptions().maximumFractionDigits ?? 2) };
  currencies.set(letters, made);
  return made;
}

/** An amount in a currency's smallest unit, as people write it. */
export function formatMoney(minor: number, currency: string): string {
  const { format, minors } = currencyOf(currency);
  return format.format(minor / minors);
}

/** An amount in the smallest unit of its currency. */
export interface Money {
  minor: number;
  currency: string;
}

/** Amounts in several currencies, side by side: no rate is known. */
export const formatAmounts = (amounts: readonly Money[]): string =>
  amounts.map((m) => formatMoney(m.minor, m.currency)).join(' + ');

/** Whether it has the form of a currency code: three letters. Which codes exist, the server knows. */
export function isCurrency(code: string): boolean {
  try {
    currencyOf(code);
    return true;
  } catch {
    return false;
  }
}

/** An amount without its currency, as it is typed: 35, or 42.50. */
export function plainMoney(minor: number, currency: string): string {
  const { format, minors } = currencyOf(currency);
  const isWhole = minor % minors === 0;
  return (minor / minors).toFixed(isWhole ? 0 : format.resolvedOptions().maximumFractionDigits);
}

/** The amount that is written the same in another currency: 35 euros as 35 yen. No rate is applied. */
export const sameFigure = (minor: number, from: string, to: string): number =>
  parseMoney(plainMoney(minor, from), to) ?? minor;

/** What was written as an amount, in the smallest unit: "12.50", "12,50", "€ 12.50"; null if it cannot be read. */
export function parseMoney(text: string, currency: string): number | null {
  const cleaned = text
    .replace(/^\s*(\p{Sc}|[A-Za-z]{3})|(\p{Sc}|[A-Za-z]{3})\s*$/gu, '')
    .trim()
    .replace(',', '.');
  if (!/^\d+(\.\d+)?$/.test(cleaned)) return null;
  return Math.round(Number(cleaned) * currencyOf(currency).minors);
}
