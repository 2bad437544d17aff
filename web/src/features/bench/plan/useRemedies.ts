import { useQuery } from '@tanstack/react-query';
import isEqual from 'fast-deep-equal';
import { useEffect, useState } from 'react';
import { api } from '../../../api/client';
import type { Finding } from '../../../api/types';
import { useBench } from '../draft/useBench';

/** Remedies are tried once nothing has changed for so long. */
const REST_MS = 350;

/**
 * Findings with those remedies only that help. To know that, each is planned by the server; until it has, they stand as they came with
 * the plan, and while something moves nothing is asked.
 */
export function useRemedies(findings: Finding[], isAsked: boolean): Finding[] {
  const brief = useBench((b) => b.brief);
  const planId = useBench((b) => b.planId);
  const isMoving = useBench((b) => b.before !== undefined);
  const [rested, setRested] = useState<typeof brief>();
  useEffect(() => {
    const timer = window.setTimeout(() => setRested(brief), REST_MS);
    return () => window.clearTimeout(timer);
  }, [brief]);
  const hasAny = findings.some((f) => f.remedies.length > 0);
  const { data } = useQuery({
    queryKey: ['findings', rested],
    queryFn: () => api.findings(brief, planId),
    enabled: isAsked && hasAny && !isMoving && rested === brief,
    gcTime: 0,
    retry: false,
  });
  if (!data || rested !== brief) return findings;
  return findings.map(
    (f) => data.find((j) => j.code === f.code && isEqual(j.reason, f.reason)) ?? f,
  );
}
