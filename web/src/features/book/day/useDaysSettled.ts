import { useQueries, useQuery } from '@tanstack/react-query';
import { diaryQuery, followUpsQuery, SHOP_DAYS, shoppingQuery } from './diary.queries';

/** Whether the day and its lists are as high as they will be: all of them came, or will not. */
export function useDaysSettled(): boolean {
  const now = useQuery(diaryQuery(undefined, 1));
  const today = now.data?.today ?? '';
  const lists = useQueries({
    queries: [
      { ...diaryQuery(today, 1), enabled: today !== '' },
      { ...diaryQuery(today, 2), enabled: today !== '' },
      { ...followUpsQuery(today), enabled: today !== '' },
      { ...shoppingQuery(SHOP_DAYS), enabled: today !== '' },
    ],
    combine: (all) => all.every((one) => !one.isPending),
  });
  return now.isError || (now.isSuccess && lists);
}
