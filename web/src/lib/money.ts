/** An amount in a currency's smallest unit, as people write it. */
export function formatMoney(minor: number, currency: string): string {
  const format = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
  const digits = format.resolvedOptions().maximumFractionDigits ?? 2;
  return format.format(minor / 10 ** digits);
}

/** What was written as an amount, in the smallest unit; null if it cannot be read. */
export function parseMoney(text: string, currency: string): number | null {
  const cleaned = text.trim().replace(',', '.');
  if (!/^\d+(\.\d+)?$/.test(cleaned)) return null;
  const digits =
    new Intl.NumberFormat('en-GB', { style: 'currency', currency }).resolvedOptions()
      .maximumFractionDigits ?? 2;
  return Math.round(Number(cleaned) * 10 ** digits);
}
