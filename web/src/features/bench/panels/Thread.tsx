import { memo, type ComponentType } from 'react';
import { STEPS, type Step } from '../draft/benchState';
import { ClientStep } from '../steps/ClientStep';
import { CountsStep } from '../steps/CountsStep';
import { FoundationStep } from '../steps/FoundationStep';
import { HairStep } from '../steps/HairStep';
import { HeadStep } from '../steps/HeadStep';
import { KnotsStep } from '../steps/KnotsStep';
import { PartsStep } from '../steps/PartsStep';
import { WearStep } from '../steps/WearStep';
import { STEP_KEYS } from '../useBenchKeys';
import { ComputedContext, useBench, useComputed, useRead } from '../draft/useBench';
import { useCalm } from './useCalm';

const NAMES: Record<Step, string> = {
  client: 'Client',
  head: 'Head',
  parts: 'Parts',
  foundation: 'Rows',
  hair: 'Hair',
  knots: 'Knots',
  wear: 'Wear',
  counts: 'Counts',
};

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

/** Steps that are not worked on yet: their knot stays open. */
const OPEN: readonly Step[] = [];

const STEP_OF_PLACE = {
  MEASURE: 'head',
  PART: 'parts',
  ROW: 'foundation',
  HEAD: 'client',
  REGION: 'head',
  RIM: 'foundation',
  HAIR: 'hair',
  ZONE: 'wear',
  STATION: 'knots',
} as const;

/** The steps and their controls. While something is dragged on the map they follow the brief at once, the plan now and then. */
export const Thread = memo(function Thread() {
  const isMoving = useBench((b) => b.before !== undefined);
  const calm = useCalm(useComputed(), isMoving);
  return (
    <ComputedContext value={calm}>
      <Steps />
    </ComputedContext>
  );
});

/** The steps in the order of the trade, as knots on a line; under it the controls of the one she is on. */
const Steps = memo(function Steps() {
  const step = useBench((b) => b.step);
  const go = useBench((b) => b.go);
  const snags = useSnags();
  const Controls = CONTROLS[step];
  const letter = (s: Step) => Object.entries(STEP_KEYS).find(([, to]) => to === s)?.[0];

  return (
    <aside className="flex w-72 shrink-0 flex-col border-r border-line bg-sheet">
      <nav aria-label="Steps of the plan" className="px-3 pt-3">
        <ol className="relative grid grid-cols-4 gap-y-1">
          {STEPS.map((s) => (
            <li key={s}>
              <button
                type="button"
                aria-current={s === step ? 'step' : undefined}
                title={`${NAMES[s]} (${letter(s)})`}
                onClick={() => go(s)}
                className="group flex w-full flex-col items-center gap-0.5 rounded-md py-1 text-sm hover:bg-well aria-[current=step]:font-semibold"
              >
                <Knot
                  state={snags.has(s) ? 'snagged' : OPEN.includes(s) ? 'open' : 'tied'}
                  isHere={s === step}
                />
                {NAMES[s]}
              </button>
            </li>
          ))}
        </ol>
      </nav>
      <div className="mt-2 flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto border-t border-line px-4 py-3">
        <Controls />
      </div>
    </aside>
  );
});

/** Steps that a grave finding, or an entry that cannot be used, points at. */
function useSnags(): Set<Step> {
  const { problem } = useComputed();
  const read = useRead();
  const texts = useBench((b) => b.texts);
  const snags = new Set<Step>();
  for (const f of read?.findings ?? []) {
    if (f.severity !== 'HINT') snags.add(STEP_OF_PLACE[f.place.kind]);
  }
  const fields = [...(problem?.fields.map((f) => f.field) ?? []), ...Object.keys(texts)];
  for (const field of fields) {
    if (field.startsWith('head.')) snags.add('head');
    else if (field.startsWith('ownHair.') || field.startsWith('consultation.')) snags.add('client');
    else if (field.startsWith('foundation.parts')) snags.add('parts');
    else if (field.startsWith('foundation.')) snags.add('foundation');
    // Which hair, and how it is mixed and cut, is asked one step before the knots.
    else if (field.startsWith('hooking.') && !/^hooking\.(mix|cutZones|tuftGrams)/.test(field))
      snags.add('knots');
    else snags.add('hair');
  }
  return snags;
}

type KnotState = 'open' | 'tied' | 'snagged';

const KNOT_WORDS: Record<KnotState, string> = {
  open: 'open',
  tied: 'tied',
  snagged: 'snagged by a finding',
};

function Knot({ state, isHere }: { state: KnotState; isHere: boolean }) {
  return (
    <svg viewBox="0 0 60 20" className="h-5 w-full" role="img" aria-label={KNOT_WORDS[state]}>
      <path d="M0 10H60" stroke="var(--edge)" strokeWidth={1.6} />
      {isHere && <circle cx={30} cy={10} r={9} fill="var(--thread)" />}
      {state === 'open' ? (
        <circle cx={30} cy={10} r={4.5} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.6} />
      ) : (
        <circle cx={30} cy={10} r={5} fill={state === 'tied' ? 'var(--ink)' : 'var(--chalk)'} />
      )}
      {state === 'snagged' && (
        <path d="M22 2l16 16M38 2L22 18" stroke="var(--chalk)" strokeWidth={2} />
      )}
    </svg>
  );
}
