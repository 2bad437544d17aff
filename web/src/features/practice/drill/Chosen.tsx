import type { ReactNode } from 'react';
import type { Drill, DrillAsk, Verdict } from '../../../api/types';
import { ThreadPicture } from '../../../viz/ThreadPicture';
import { stands, touched, type Given, type Stands } from './answer';
import { letter } from './DrillMap';

export interface AnswerProps {
  drill: Drill;
  given: Given;
  verdict: Verdict | undefined;
  onGive: (given: Given) => void;
}

const SIGNS: Record<Stands, string> = { right: '✓', wrong: '✕', missed: '○', rest: '' };
const SIGN_WORDS: Record<Stands, string> = {
  right: 'right',
  wrong: 'wrong',
  missed: 'this one, too',
  rest: '',
};

/** Choices of which some are taken. */
export function Picking({ drill, given, verdict, onGive }: AnswerProps) {
  const { choices, isOne } = drill.ask;
  return (
    <ul className="space-y-1.5" aria-label="What can be chosen">
      {choices.map((c, i) => (
        <ChoiceKey
          key={c.id}
          choice={c}
          index={i}
          isChosen={given.ids.includes(c.id)}
          isOver={verdict !== undefined}
          onTouch={() => onGive(touched(given, c.id, isOne))}
        >
          {verdict && <Outcome look={stands(c.id, given, verdict)} isOne={isOne} />}
        </ChoiceKey>
      ))}
    </ul>
  );
}

/** Choices that are taken one after the other: all of them, or those that are right. */
export function Ordering({ drill, given, verdict, onGive }: AnswerProps) {
  const { choices, form } = drill.ask;
  const isOfSome = form === 'TURNS';
  const isAlike = isOfSome || new Set(choices.map((c) => c.words)).size < choices.length;
  const rightOrder = verdict && !verdict.isRight ? verdict.ids : null;
  const named = (id: string) => {
    const at = choices.findIndex((c) => c.id === id);
    return isAlike ? letter(at) : (choices[at]?.words ?? id);
  };
  return (
    <>
      <p className="mb-2 text-soft">
        Touch them one after the other; touch one again to take it back.
      </p>
      <ul
        className="space-y-1.5"
        aria-label={isOfSome ? 'What can be chosen in turn' : 'What is put in order'}
      >
        {choices.map((c, i) => {
          const at = given.ids.indexOf(c.id);
          return (
            <ChoiceKey
              key={c.id}
              choice={c}
              index={i}
              isChosen={at >= 0}
              isOver={verdict !== undefined}
              onTouch={() => onGive(touched(given, c.id, false))}
            >
              {verdict && isOfSome && <Outcome look={stands(c.id, given, verdict)} isOne={false} />}
              <b className="text-xl tabular-nums">{at >= 0 ? at + 1 : ''}</b>
            </ChoiceKey>
          );
        })}
      </ul>
      {rightOrder && rightOrder.length > 0 && (
        <p className="mt-3">
          One order that works: <strong>{rightOrder.map(named).join(', ')}</strong>.
        </p>
      )}
    </>
  );
}

function Outcome({ look, isOne }: { look: Stands; isOne: boolean }) {
  if (look === 'rest') return null;
  const isMissed = look === 'missed';
  return (
    <span className={`shrink-0 font-semibold ${isMissed ? 'text-chalk' : ''}`}>
      {SIGNS[look]} {isMissed && isOne ? 'this one' : SIGN_WORDS[look]}
    </span>
  );
}

interface KeyProps {
  choice: DrillAsk['choices'][number];
  index: number;
  isChosen: boolean;
  isOver: boolean;
  onTouch: () => void;
  /** What stands at its end. */
  children: ReactNode;
}

function ChoiceKey({ choice, index, isChosen, isOver, onTouch, children }: KeyProps) {
  return (
    <li>
      <button
        type="button"
        aria-pressed={isChosen}
        disabled={isOver}
        onClick={onTouch}
        className={`flex min-h-11 w-full items-center gap-2 rounded-md border px-3 py-1.5 text-left leading-snug disabled:cursor-default ${isChosen ? 'border-ink bg-thread text-[#11201a]' : 'border-edge bg-sheet enabled:hover:bg-well'}`}
      >
        <b className="w-5 shrink-0 text-center">{letter(index)}</b>
        {choice.seen && <ThreadPicture thread={choice.seen} words={choice.seenWords ?? ''} />}
        <span className="grow">{choice.words}</span>
        {children}
      </button>
    </li>
  );
}
