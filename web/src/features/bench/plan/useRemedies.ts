import { useMutation, useQuery } from '@tanstack/react-query';
import isEqual from 'fast-deep-equal';
import { useEffect, useState } from 'react';
import { api } from '../../../api/client';
import type { Finding } from '../../../api/types';
import { useBench } from '../draft/useBench';

/** Remedies are tried once nothing has changed for so long. */
const REST_MS = 350;

const isSame = (a: Finding, b: Finding) => a.code === b.code && isEqual(a.reason, b.reason);

/**
 * Findings with those remedies only that help. To know that, each is planned by the server; until it has, they stand as they came with
 * the plan, and while something moves nothing is asked. A plan with very many remedies has the rest tried when she asks for it.
 */
export function useRemedies(findings: Finding[], isAsked: boolean) {
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
  const [onWish, setOnWish] = useState<{ of: typeof brief; findings: Finding[] }>();
  const { mutate, isPending } = useMutation({
    mutationFn: (finding: Finding) =>
      api.findings(
        brief,
        planId,
        findings.findIndex((f) => isSame(f, finding)),
      ),
    onSuccess: (tried) =>
      setOnWish((w) => ({
        of: brief,
        findings: [...(w?.of === brief ? w.findings : []), ...tried],
      })),
  });
  const isKnown = data !== undefined && rested === brief;
  const known = [...(onWish?.of === brief ? onWish.findings : []), ...(isKnown ? data : [])];
  return {
    findings: isKnown ? findings.map((f) => known.find((j) => isSame(j, f)) ?? f) : findings,
    /** Tries what was left untried of one finding. */
    tryRest: mutate,
    isTrying: isPending,
  };
}
