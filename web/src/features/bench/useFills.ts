import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { Fills } from '../../api/types';
import { useBench } from './useBench';

interface Asked {
  fills: Fills | undefined;
  problem: Error | null;
}

/** Where fills and wisps go; every part and way is tried only while that is looked at. */
export function useFills(): Asked {
  const brief = useBench((b) => b.brief);
  const isLookedAt = useBench((b) => b.step === 'knots' && b.knotTab === 'fills');
  const { data, error } = useQuery({
    queryKey: ['fills', brief],
    queryFn: () => api.fills(brief),
    enabled: isLookedAt,
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  return { fills: isLookedAt ? data : undefined, problem: error };
}
