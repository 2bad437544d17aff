import { Minus, Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Drill, Verdict } from '../../../api/types';
import { stands, touched, wayWords, type Given, type Stands } from './answer';
import { letter } from './DrillMap';

interface Props {
  drill: Drill;
  given: Given;
  verdict: Verdict | undefined;
  onGive: (given: Given) => void;
}

/** What is answered beside the map: the choices in words, the number, the direction as it is said. */
export function AnswerBy(props: Props) {
  switch (props.drill.ask.form) {
    case 'AIM':
      return <Aimed {...props} />;
    case 'NUMBER':
      return <Counted {...props} />;
    case 'ORDER':
      return <Ordering {...props} />;
    case 'PICK':
      return <Picking {...props} />;
  }
}

function Aimed({ given }: Props) {
  return (
    <p className="text-soft">
      Point on the map where it goes, or turn the barb with the arrow keys.
      <strong className="mt-1 block text-2xl leading-tight text-ink">
        {given.towardRad === null ? 'not aimed yet' : wayWords(given.towardRad)}
      </strong>
    </p>
  );
}

const SIGNS: Record<Stands, string> = { right: '✓', wrong: '✕', missed: '○', rest: '' };
const SIGN_WORDS: Record<Stands, string> = {
  right: 'right',
  wrong: 'wrong',
  missed: 'this one, too',
  rest: '',
};

function Picking({ drill, given, verdict, onGive }: Props) {
  const { choices, isOne } = drill.ask;
  return (
    <ul className="space-y-1.5" aria-label="What can be chosen">
      {choices.map((c, i) => {
        const look = verdict ? stands(c.id, given, verdict) : undefined;
        return (
          <li key={c.id}>
            <button
              type="button"
              aria-pressed={given.ids.includes(c.id)}
              disabled={verdict !== undefined}
              onClick={() => onGive(touched(given, c.id, isOne))}
              className={`${KEY} ${given.ids.includes(c.id) ? 'border-ink bg-thread text-[#11201a]' : 'border-edge bg-sheet enabled:hover:bg-well'}`}
            >
              <b className="w-5 shrink-0 text-center">{letter(i)}</b>
              <span className="grow">{c.words}</span>
              {look && look !== 'rest' && (
                <span className={`shrink-0 font-semibold ${look === 'missed' ? 'text-chalk' : ''}`}>
                  {SIGNS[look]} {look === 'missed' && isOne ? 'this one' : SIGN_WORDS[look]}
                </span>
              )}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

const KEY =
  'flex min-h-11 w-full items-center gap-2 rounded-md border px-3 py-1.5 text-left leading-snug disabled:cursor-default';

function Ordering({ drill, given, verdict, onGive }: Props) {
  const { choices } = drill.ask;
  const rightOrder = verdict && !verdict.isRight ? verdict.ids : null;
  return (
    <>
      <p className="mb-2 text-soft">
        Touch them one after the other; touch one again to take it back.
      </p>
      <ul className="space-y-1.5" aria-label="What is put in order">
        {choices.map((c, i) => {
          const at = given.ids.indexOf(c.id);
          return (
            <li key={c.id}>
              <button
                type="button"
                aria-pressed={at >= 0}
                disabled={verdict !== undefined}
                onClick={() => onGive(touched(given, c.id, false))}
                className={`${KEY} ${at >= 0 ? 'border-ink bg-thread text-[#11201a]' : 'border-edge bg-sheet enabled:hover:bg-well'}`}
              >
                <b className="w-5 shrink-0 text-center">{letter(i)}</b>
                <span className="grow">{c.words}</span>
                <b className="text-xl tabular-nums">{at >= 0 ? at + 1 : ''}</b>
              </button>
            </li>
          );
        })}
      </ul>
      {rightOrder && (
        <p className="mt-3">
          One order that works:{' '}
          <strong>
            {rightOrder.map((id) => choices.find((c) => c.id === id)?.words ?? id).join(', ')}
          </strong>
          .
        </p>
      )}
    </>
  );
}

function Counted({ drill, given, verdict, onGive }: Props) {
  const asked = drill.ask.number;
  if (!asked) return null;
  const { min, max, step, unit } = asked;
  const set = (number: number | null) =>
    onGive({ ...given, number: number === null ? null : Math.min(max, Math.max(min, number)) });
  const nudge = (by: number) => set((given.number ?? min - Math.max(by, 0)) + by);
  const isOver = verdict !== undefined;
  return (
    <div className="flex items-center gap-3">
      <NudgeKey
        words={`less: ${unit}`}
        isOff={isOver || given.number === null}
        onPress={() => nudge(-step)}
      >
        <Minus />
      </NudgeKey>
      <label className="flex items-baseline gap-2">
        <input
          type="number"
          inputMode="numeric"
          min={min}
          max={max}
          step={step}
          disabled={isOver}
          aria-label={unit}
          value={given.number ?? ''}
          onChange={(e) => set(e.target.value === '' ? null : e.target.valueAsNumber)}
          className="w-28 rounded-md border border-edge bg-sheet px-2 py-1 text-right text-4xl font-semibold tabular-nums"
        />
        <span className="text-lg text-soft">{unit}</span>
      </label>
      <NudgeKey words={`more: ${unit}`} isOff={isOver} onPress={() => nudge(step)}>
        <Plus />
      </NudgeKey>
      {verdict && verdict.number !== null && (
        <p className="text-lg">
          planned: <strong className="text-3xl">{verdict.number}</strong>
        </p>
      )}
    </div>
  );
}

function NudgeKey(props: {
  words: string;
  isOff: boolean;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={props.words}
      disabled={props.isOff}
      onClick={props.onPress}
      className="grid size-12 place-items-center rounded-md border border-edge bg-sheet hover:bg-well disabled:opacity-40"
    >
      {props.children}
    </button>
  );
}
