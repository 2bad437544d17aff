import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../../../api/client';
import type { Fills } from '../../../api/types';
import { useBench } from '../draft/useBench';

interface Asked {
  fills: Fills | undefined;
  /** Whether they are of the brief as it is now, and not of the one before. */
  isOfNow: boolean;
  problem: Error | null;
}

/** Where fills and wisps go; every part and way is tried, so it is asked only by what shows them. */
export function useFills(): Asked {
  const brief = useBench((b) => b.brief);
  const { data, error, isPlaceholderData } = useQuery({
    queryKey: ['fills', brief],
    queryFn: () => api.fills(brief),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  return { fills: data, isOfNow: !isPlaceholderData, problem: error };
}
