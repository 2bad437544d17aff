import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { HandsTried, Progress } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Counter } from '../../../ui/Counter';
import { Choice } from '../../../ui/Field';
import { useWords } from '../../../words';
import { HandsCurve } from './HandsCurve';
import { PaceToMethod } from './PaceToMethod';

const SPLIT = 'SPLIT';
const SPLIT_WORDS = 'Loops split into shares';
const MINUTES = 10;

interface Props {
  learner: Progress['learner'];
  hands: HandsTried[];
  /** How long she takes for what usual hands take 100. */
  pacePercent: number | null;
  onKept: () => void;
}

/** Hands against the clock: ten minutes of splitting or of one knot, each tried by a firm pull, and the way toward usual speeds. */
export function HandsLog({ learner, hands, pacePercent, onKept }: Props) {
  const { knots, knotsWithPasses, limits } = useWords();
  // Where she left off.
  const last = hands[hands.length - 1];
  const [what, setWhat] = useState<string>(last?.knot ?? SPLIT);
  const [passes, setPasses] = useState(last?.passes ?? 1);
  const knot = knots.find((k) => k.value === what);
  const hasPasses = knot !== undefined && knotsWithPasses.includes(knot.value);
  const times = hasPasses ? passes : 1;
  const wordsOf = (of: string) => knots.find((k) => k.value === of)?.words ?? SPLIT_WORDS;
  const of = (which: string, often: number) =>
    hands.filter((h) => (h.knot ?? SPLIT) === which && h.passes === often);
  const kinds = [...new Set(hands.map((h) => `${h.knot ?? SPLIT} ${h.passes}`))].map((k) => {
    const [which = SPLIT, often = '1'] = k.split(' ');
    return { which, often: Number(often) };
  });
  return (
    <section aria-label="Hands" className="space-y-4">
      <div>
        <h2 className="text-xl font-semibold">Hands</h2>
        <p className="max-w-2xl text-soft print:hidden">
          Ten minutes on a practice row. Pull each firmly when the time is up: what moves would work
          out with brushing, and does not count.
        </p>
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2 print:hidden">
        <Choice
          label="What"
          value={what}
          options={[{ value: SPLIT, words: SPLIT_WORDS }, ...knots]}
          onChoose={setWhat}
        />
        {hasPasses && (
          <Counter
            label="Passes"
            value={passes}
            min={1}
            max={limits.mostPasses}
            onChange={setPasses}
          />
        )}
      </div>
      <Clock
        key={`${what} ${times}`}
        learner={learner.id}
        knot={knot?.value}
        passes={times}
        onKept={onKept}
      />
      <div className="print:hidden">
        <HandsCurve hands={of(what, times)} words={wordsOf(what)} />
      </div>
      {pacePercent !== null && <PaceToMethod name={learner.name} pacePercent={pacePercent} />}
      <div className="hidden grid-cols-2 gap-4 print:grid">
        {kinds.map(({ which, often }) => (
          <HandsCurve
            key={`${which} ${often}`}
            hands={of(which, often)}
            words={often > 1 ? `${wordsOf(which)}, ${often} passes` : wordsOf(which)}
          />
        ))}
      </div>
    </section>
  );
}

interface ClockProps {
  learner: string;
  knot: HandsTried['knot'] | undefined;
  passes: number;
  onKept: () => void;
}

/** The clock, the count, and what gave way. */
function Clock({ learner, knot, passes, onKept }: ClockProps) {
  const [since, setSince] = useState<number | null>(null);
  const [seconds, setSeconds] = useState(0);
  const [pieces, setPieces] = useState(0);
  const [slipped, setSlipped] = useState(0);
  const isRunning = since !== null;
  useEffect(() => {
    if (since === null) return;
    const tick = window.setInterval(() => {
      const gone = (Date.now() - since) / 1000;
      setSeconds(Math.min(60 * MINUTES, gone));
      if (gone >= 60 * MINUTES) setSince(null);
    }, 200);
    return () => window.clearInterval(tick);
  }, [since]);
  const stop = (from: number) => {
    setSeconds(Math.min(60 * MINUTES, (Date.now() - from) / 1000));
    setSince(null);
  };
  const begin = () => {
    setSeconds(0);
    setPieces(0);
    setSlipped(0);
    setSince(Date.now());
  };
  const keep = useMutation({
    mutationFn: () =>
      api.keepHands(learner, { knot: knot ?? null, passes, pieces, slipped, seconds }),
    onSuccess: () => {
      setSeconds(0);
      setPieces(0);
      setSlipped(0);
      onKept();
    },
  });
  const wrong = keep.error instanceof Problem ? keep.error.at('slipped')?.message : undefined;
  const isStopped = !isRunning && seconds > 0;
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-3 rounded-md border border-line bg-sheet p-4 print:hidden">
      <p
        className="w-32 text-5xl leading-none font-semibold tabular-nums"
        role="timer"
        aria-label="Time gone"
      >
        {clockWords(seconds)}
      </p>
      {isRunning && (
        <>
          <button
            type="button"
            autoFocus
            onClick={() => setPieces((n) => n + 1)}
            className="grid min-h-20 min-w-40 place-items-center rounded-md border border-thread-deep bg-thread text-[#11201a]"
          >
            <span className="text-4xl leading-none font-semibold tabular-nums">{pieces}</span>
            <span>done: touch for each</span>
          </button>
          <Button className="min-h-12" onClick={() => stop(since)}>
            Stop the clock
          </Button>
        </>
      )}
      {!isRunning && !isStopped && (
        <Button look="main" className="min-h-12 text-lg!" onClick={begin}>
          Start the clock
        </Button>
      )}
      {isStopped && (
        <>
          <div className="w-72 space-y-2">
            <Counter label="Made" value={pieces} min={0} max={500} onChange={setPieces} />
            <Counter
              label="Gave way under a firm pull"
              value={slipped}
              min={0}
              max={pieces}
              error={wrong}
              onChange={setSlipped}
            />
          </div>
          <Button
            look="main"
            className="min-h-12"
            disabled={pieces === 0 || keep.isPending}
            onClick={() => keep.mutate()}
          >
            Keep it
          </Button>
          <Button look="quiet" className="min-h-12" onClick={begin}>
            Start anew
          </Button>
        </>
      )}
      {keep.error && !wrong && (
        <p role="alert" className="w-full font-medium text-chalk">
          ✕ {keep.error.message}
        </p>
      )}
    </div>
  );
}

export const clockWords = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
