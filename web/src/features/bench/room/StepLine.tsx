import { plural } from '../../../lib/time';
import { useBench } from '../draft/useBench';
import { STEPS, type Step } from '../draft/benchState';
import { STEP_KEYS } from '../useBenchKeys';
import { STEP_NAMES } from './stepNames';
import { useMinded, type Minded } from './useMinded';

/** The steps in the order of the trade, as knots on a line: down the side of a desk, across everything smaller. */
export function StepLine({ isUpright = false }: { isUpright?: boolean }) {
  const step = useBench((b) => b.step);
  const go = useBench((b) => b.go);
  const minded = useMinded();
  return (
    <nav
      aria-label="Steps of the plan"
      className={`shrink-0 bg-sheet ${isUpright ? 'w-18 border-r border-line py-2' : 'border-y border-line px-1'}`}
    >
      <ol
        className={`relative isolate grid before:absolute before:-z-10 before:bg-edge ${
          isUpright
            ? 'h-full max-h-160 auto-rows-fr before:inset-y-6 before:left-1/2 before:w-px'
            : 'auto-cols-fr grid-flow-col before:inset-x-4 before:top-4 before:h-px'
        }`}
      >
        {STEPS.map((s) => (
          <li key={s} className="min-w-0">
            <StepKey step={s} isHere={s === step} minded={minded[s]} onGo={() => go(s)} />
          </li>
        ))}
      </ol>
    </nav>
  );
}

interface KeyProps {
  step: Step;
  isHere: boolean;
  minded: Minded | undefined;
  onGo: () => void;
}

function StepKey({ step, isHere, minded, onGo }: KeyProps) {
  const letter = Object.entries(STEP_KEYS).find(([, to]) => to === step)?.[0];
  const words = minded
    ? minded.isGrave
      ? `, ${plural(minded.count, 'thing')} to mind`
      : `, ${plural(minded.count, 'note')}`
    : '';
  return (
    <button
      type="button"
      aria-current={isHere ? 'step' : undefined}
      aria-label={`${STEP_NAMES[step]}${words}`}
      title={`${STEP_NAMES[step]} (${letter})`}
      onClick={onGo}
      className="flex h-full min-h-12 w-full min-w-0! flex-col items-center justify-center gap-0.5 rounded-md py-1 text-sm -outline-offset-2 hover:bg-well aria-[current=step]:font-semibold"
    >
      <span className="relative" aria-hidden="true">
        <Knot isGrave={minded?.isGrave === true} isHere={isHere} />
        {minded && (
          <span
            className={`absolute -top-1 left-full ml-0.5 rounded-full px-1 text-xs leading-tight font-semibold ${
              minded.isGrave ? 'bg-chalk text-sheet' : 'bg-well text-ink'
            }`}
          >
            {minded.count}
          </span>
        )}
      </span>
      <span className="max-w-full truncate bg-sheet px-0.5">{STEP_NAMES[step]}</span>
    </button>
  );
}

function Knot({ isGrave, isHere }: { isGrave: boolean; isHere: boolean }) {
  return (
    <svg viewBox="0 0 20 20" className="size-5">
      <circle cx={10} cy={10} r={9} fill={isHere ? 'var(--thread)' : 'var(--sheet)'} />
      <circle cx={10} cy={10} r={5} fill={isGrave ? 'var(--chalk)' : 'var(--ink)'} />
      {isGrave && <path d="M3 3l14 14M17 3L3 17" stroke="var(--chalk)" strokeWidth={2} />}
    </svg>
  );
}
