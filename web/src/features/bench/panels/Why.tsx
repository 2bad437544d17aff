import type { ReckonedFigure } from '../../../api/types';
import { WhyOfPlan } from '../../../why';
import { useBench } from '../draft/useBench';

interface Props {
  figure: ReckonedFigure;
  /** What the figure is called. */
  words: string;
  /** What stands on the key. */
  children?: string;
}

/** How a figure of the plan on the bench comes about, as it stands there now. */
export function Why(props: Props) {
  const brief = useBench((b) => b.brief);
  const planId = useBench((b) => b.planId);
  return <WhyOfPlan isInColumn brief={brief} planId={planId} {...props} />;
}
