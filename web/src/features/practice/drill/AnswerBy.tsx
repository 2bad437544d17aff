import { Minus, Plus } from 'lucide-react';
import { wayWords } from './answer';
import { Ordering, Picking, type AnswerProps as Props } from './Chosen';
import { NudgeKey } from './NudgeKey';
import { Numbers } from './Numbers';

/** What is answered beside the map: the choices in words, the number, the direction as it is said. */
export function AnswerBy(props: Props) {
  switch (props.drill.ask.form) {
    case 'AIM':
      return <Aimed {...props} />;
    case 'NUMBER':
      return <Counted {...props} />;
    case 'NUMBERS':
      return <Numbers {...props} />;
    case 'ORDER':
    case 'TURNS':
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
