import type { Learned, Words } from '../../../../api/types';

/** What is known of her hands, whatever hair they hook; null if nothing is. */
export function handsAlone(
  learned: Learned | null | undefined,
  known: Words['known'],
): Learned | null {
  const values = (learned?.values ?? []).filter(
    (v) => known.find((k) => k.value === v.what)?.of === 'STYLIST',
  );
  return learned && values.length > 0 ? { ...learned, values } : null;
}
