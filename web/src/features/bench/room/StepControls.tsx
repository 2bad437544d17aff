import { memo, type ComponentType } from 'react';
import type { Step } from '../draft/benchState';
import { ComputedContext, useBench, useComputed } from '../draft/useBench';
import { useCalm } from '../panels/useCalm';
import { ClientStep } from '../steps/ClientStep';
import { CountsStep } from '../steps/CountsStep';
import { FoundationStep } from '../steps/FoundationStep';
import { HairStep } from '../steps/HairStep';
import { HeadStep } from '../steps/HeadStep';
import { KnotsStep } from '../steps/KnotsStep';
import { PartsStep } from '../steps/PartsStep';
import { WearStep } from '../steps/WearStep';
import { Findings } from '../panels/Findings';
import { WordsOf } from '../../../glossary';
import { STEP_NAMES } from './stepNames';
import { STEP_WORDS } from './stepWords';

const CONTROLS: Record<Step, ComponentType> = {
  client: ClientStep,
  head: HeadStep,
  parts: PartsStep,
  foundation: FoundationStep,
  hair: HairStep,
  knots: KnotsStep,
  wear: WearStep,
  counts: CountsStep,
};

interface Props {
  className?: string;
  /** Whether what is to be minded at the step stands here too, because it has no column of its own. */
  hasFindings?: boolean;
}

/** The controls of the step she is on. While something is dragged on the map they follow the brief at once, the plan now and then. */
export const StepControls = memo(function StepControls({
  className = '',
  hasFindings = false,
}: Props) {
  const isMoving = useBench((b) => b.before !== undefined);
  const step = useBench((b) => b.step);
  const calm = useCalm(useComputed(), isMoving);
  const Controls = CONTROLS[step];
  return (
    <ComputedContext value={calm}>
      <section
        // Another step is read from its top, however far down the last one was.
        key={step}
        id="step"
        tabIndex={-1}
        aria-label={`${STEP_NAMES[step]}, this step`}
        className={`@container min-h-0 overflow-y-auto bg-sheet px-4 py-3 outline-none ${className}`}
      >
        <h2 className="sr-only">{STEP_NAMES[step]}</h2>
        {hasFindings && <Findings isCompact />}
        <div className="step-list">
          <Controls />
        </div>
        <WordsOf ids={STEP_WORDS[step]} className="mt-5 border-t border-line pt-3" />
      </section>
    </ComputedContext>
  );
});
