import type { Comparison } from '../../../api/types';
import { formatMoney } from '../../../lib/money';
import { formatMinutes } from '../../../lib/time';
import { useLengths } from '../../../ui/prefs';

export type Figure = Comparison['figures'][number];

/** Says a figure that is compared, in the reader's unit and the plans' currency. */
export function useFigureWords(currency: string): (kind: Figure['kind'], value: number) => string {
  const lengths = useLengths();
  return (kind, value) => {
    switch (kind) {
      case 'LENGTH_MM':
        return lengths.say(value);
      case 'MINUTES':
        return formatMinutes(value);
      case 'MONEY':
        return formatMoney(value, currency);
      case 'PERCENT':
        return `${value.toFixed(1)} %`;
      case 'RATIO':
        return value.toFixed(1);
      case 'COUNT':
        return String(Math.round(value));
    }
  };
}

/** The value to be wished for, if one is. */
export const bestOf = ({ better, values, differs }: Figure): number | undefined =>
  !differs || better === 'NEITHER'
    ? undefined
    : better === 'LESS'
      ? Math.min(...values)
      : Math.max(...values);
