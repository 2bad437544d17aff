import { formatMoney } from '../lib/money';

/** What is wrong with an amount; its limits are said as amounts. */
export const moneyProblem = (
  label: string,
  refused: { message: string; min: number | null; max: number | null } | undefined,
  currency: string,
): string | undefined =>
  refused &&
  (refused.min !== null && refused.max !== null
    ? `${label} must be between ${formatMoney(refused.min, currency)} and ${formatMoney(refused.max, currency)}.`
    : refused.message);
