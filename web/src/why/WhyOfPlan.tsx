import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Brief, ReckonedFigure } from '../api/types';
import { Steps, WhyKey } from './WhyKey';

interface Props {
  figure: ReckonedFigure;
  /** What the figure is called. */
  words: string;
  /** What stands on the key. */
  children?: string;
  /** What the plan is made of; that of the kept plan if left out. */
  brief?: Brief;
  planId?: string | undefined;
  isInColumn?: boolean;
}

/** A key beside a figure of a plan that tells how it comes about, with the values it was reckoned from. */
export function WhyOfPlan({ figure, words, children, brief, planId, isInColumn }: Props) {
  return (
    <WhyKey
      isInColumn={isInColumn}
      words={words}
      told={<Reckoned figure={figure} brief={brief} planId={planId} />}
    >
      {children}
    </WhyKey>
  );
}

/** What a figure of a plan was reckoned from, asked when it is shown. */
export function Reckoned({
  figure,
  brief,
  planId,
}: {
  figure: ReckonedFigure;
  brief: Brief | undefined;
  planId: string | undefined;
}) {
  const { data, error } = useQuery({
    queryKey: ['reckonings', brief ?? planId],
    queryFn: async () =>
      api.reckonings(brief ?? (await api.savedPlan(planId as string)).brief, planId),
    gcTime: 0,
    retry: false,
  });
  const steps = data?.find((r) => r.figure === figure)?.steps;
  if (error) {
    return (
      <p role="alert" className="mt-1 font-medium text-chalk">
        ✕ {error.message}
      </p>
    );
  }
  return steps ? (
    <Steps steps={steps} />
  ) : (
    <p role="status" className="mt-1 text-soft">
      Looking it up…
    </p>
  );
}
