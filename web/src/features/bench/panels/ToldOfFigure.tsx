import type { Brief, Comparison } from '../../../api/types';
import { Reckoned, Steps } from '../../../why';
import { useBench } from '../draft/useBench';
import type { Figure } from './figureWords';

interface Props {
  compared: Comparison;
  figure: Figure;
  /** Of which of the plans that were compared. */
  index: number;
}

/** How a figure of one of the compared plans comes about. */
export function ToldOfFigure({ compared, figure, index }: Props) {
  const planId = useBench((b) => b.planId);
  const brief = compared.plans[index]?.brief as Brief | undefined;
  return figure.reckoned && brief ? (
    <Reckoned figure={figure.reckoned} brief={brief} planId={planId} />
  ) : (
    <Steps steps={figure.why[index] ?? []} />
  );
}
