import { Check, CornerUpLeft, Hand } from 'lucide-react';
import type { SheetShare, SheetStep, WorkSheet, Words } from '../../api/types';
import { plural } from '../../lib/time';
import { useLengths } from '../../ui/prefs';
import { useWords, wordOf } from '../../words';
import { useChairPrefs } from './chairPrefs';
import { Beads } from './place/Beads';
import type { Key } from './visit/actions';
import { isToDo, type WorkState } from './visit/fold';
import { otherwise } from './visit/otherwise';

interface Props {
  sheet: WorkSheet;
  state: WorkState;
  steps: SheetStep[];
  chairKey: Key;
  onPress: () => void;
  onBack: () => void;
  onBead: (share: SheetShare) => void;
}

/** The one thing to do, what must be read before it, the shares of its row, and the two big keys. */
export function Doing({ sheet, state, steps, chairKey, onPress, onBack, onBead }: Props) {
  const { sentence } = useLengths();
  const { knots, shares, stages } = useWords();
  const [step, after] = steps;
  const changes = step
    ? otherwise(sheet, state, step, {
        knot: (k) => wordOf(knots, k),
        share: (n) => wordOf(shares, n),
      })
    : [];
  return (
    <>
      <div className="min-h-0 flex-1 overflow-y-auto p-4">
        {step ? (
          <>
            <p className="mb-1 text-soft">
              {wordOf(stages, step.stage)}, step {step.number} of {sheet.steps.length}
            </p>
            <p
              className="text-[1.65rem] leading-tight font-semibold first-letter:uppercase"
              aria-live="polite"
              data-step={step.number}
            >
              {sentence(step.words)}
            </p>
            {changes.length > 0 && (
              <p className="mt-2 border-l-4 border-thread pl-3 text-lg font-semibold">
                Changed at the chair: {changes.join('; ')}.
              </p>
            )}
            {step.cautions.length > 0 && <Cautions step={step} state={state} />}
            {step.shares.length > 0 && (
              <div className="mt-4">
                <Beads sheet={sheet} state={state} step={step} onTap={onBead} />
              </div>
            )}
            {after && (
              <p className="mt-5 border-t border-line pt-2 text-soft">
                <span className="text-sm">then: </span>
                {sentence(after.words)}
              </p>
            )}
          </>
        ) : (
          <p className="text-[1.65rem] leading-tight font-semibold">All of it is done.</p>
        )}
      </div>
      <div className="grid shrink-0 grid-cols-[1fr_2.4fr] gap-2 border-t border-line bg-sheet p-2">
        <button
          type="button"
          data-key="back"
          onClick={onBack}
          className="flex h-24 flex-col items-center justify-center gap-1 rounded-lg border-2 border-edge bg-ground text-lg hover:bg-well"
        >
          <CornerUpLeft size={26} aria-hidden /> back one
        </button>
        <button
          type="button"
          data-key="done"
          onClick={onPress}
          className="flex h-24 items-center justify-center gap-3 rounded-lg border-2 border-thread-deep bg-thread px-3 text-2xl font-semibold text-[#11201a] hover:brightness-105"
        >
          <KeySign chairKey={chairKey} />
          <span>{keyWords(chairKey, state, stages)}</span>
        </button>
      </div>
    </>
  );
}

function KeySign({ chairKey }: { chairKey: Key }) {
  return chairKey.does === 'SIGN' ? (
    <Hand size={32} aria-hidden className="shrink-0" />
  ) : (
    <Check size={32} aria-hidden className="shrink-0" />
  );
}

function keyWords(key: Key, state: WorkState, stages: Words['stages']): string {
  switch (key.does) {
    case 'SIGN':
      return 'I have read this';
    case 'BEGIN':
      return `${key.isAgain ? 'Go on: ' : 'Begin: '}${wordOf(stages, key.stage)}`;
    case 'FINISH':
      return 'Finish the visit';
    case 'DONE': {
      const open = key.step.shares.filter((ref) => isToDo(state.shares.get(ref))).length;
      if (open === 0) return 'Done';
      return key.shares.length < open
        ? 'One share in'
        : key.shares.length === key.step.shares.length
          ? `Row done, ${plural(open, 'share')}`
          : `${open} more, row done`;
    }
  }
}

/** What could do harm here, to be read and signed before it is done. */
function Cautions({ step, state }: { step: SheetStep; state: WorkState }) {
  const { name, set } = useChairPrefs();
  const by = state.signed.get(step.number);
  return (
    <section
      aria-label="Cautions"
      className="mt-4 rounded-md border-2 border-chalk bg-chalk-wash p-3"
    >
      <ul className="flex flex-col gap-1.5">
        {step.cautions.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      {by === undefined ? (
        <label className="mt-3 flex items-center gap-2 text-sm">
          read by
          <input
            value={name}
            maxLength={60}
            placeholder="your name"
            onChange={(e) => set({ name: e.target.value })}
            className="h-12 w-48 rounded-md border border-edge bg-sheet px-3 text-base"
          />
        </label>
      ) : (
        <p className="mt-2 text-sm text-soft">Read by {by}.</p>
      )}
    </section>
  );
}
