import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../../../api/client';
import { useBench, useComputed } from '../draft/useBench';

/** Ways out are looked for once nothing has changed for so long: many briefs are planned for them. */
const REST_MS = 400;

/** What can be done about a brief that comes to no plan; nothing while it comes to one, or while something moves. */
export function useWaysOut() {
  const brief = useBench((b) => b.brief);
  const isMoving = useBench((b) => b.before !== undefined);
  const { problem } = useComputed();
  const [rested, setRested] = useState<typeof brief>();
  useEffect(() => {
    const timer = window.setTimeout(() => setRested(brief), REST_MS);
    return () => window.clearTimeout(timer);
  }, [brief]);
  const isStuck = problem !== undefined && problem.fields.length > 0 && !isMoving;
  const { data } = useQuery({
    queryKey: ['ways out', rested],
    queryFn: () => api.waysOut(brief),
    enabled: isStuck && rested === brief,
    gcTime: 0,
    retry: false,
  });
  return isStuck && rested === brief ? (data ?? []) : [];
}
