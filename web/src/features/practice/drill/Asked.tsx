import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { AnswerBody, Drill, Verdict } from '../../../api/types';
import { Glossed } from '../../../glossary';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { useLearner } from '../learner/useLearner';
import { AnswerBy } from './AnswerBy';
import { isWhole, NOTHING, type Given } from './answer';
import { DrillMap } from './DrillMap';

interface AskedProps {
  drill: Drill;
  /** Asks what an answer is worth. */
  judge: (answer: AnswerBody) => Promise<Verdict>;
  onDone: (isRight: boolean) => void;
  onNext: () => void;
  /** What stands on the key that goes on. */
  nextWords?: string;
}

/** Whoever takes longer than this was elsewhere, s. */
const MAX_SECONDS = 3600;

/** A question, and once it is answered what the answer was worth. Whoever practises on this device has it kept. */
export function Asked({ drill, judge, onDone, onNext, nextWords = 'Next' }: AskedProps) {
  const { id: learner } = useLearner();
  const [since] = useState(Date.now);
  const { sentence } = useLengths();
  const [given, setGiven] = useState<Given>(NOTHING);
  const judged = useMutation({
    mutationFn: (answer: Given) =>
      judge({
        level: drill.level,
        seed: drill.seed,
        towardRad: answer.towardRad,
        ids: answer.ids,
        number: answer.number,
        numbers: answer.numbers.map((n) => n ?? 0),
        learner,
        seconds: learner === null ? null : Math.min(MAX_SECONDS, (Date.now() - since) / 1000),
      }),
    onSuccess: (v) => onDone(v.isRight),
  });
  const verdict = judged.data;
  const give = (next: Given) => verdict === undefined && setGiven(next);
  const panel = (
    <section
      aria-label="The question"
      className="flex min-h-0 w-full flex-col gap-4 overflow-y-auto p-4 sm:p-6"
    >
      <p className="text-sm text-soft">{drill.task}</p>
      <p className="text-xl leading-snug font-medium">
        <Glossed>{sentence(drill.question)}</Glossed>
      </p>
      <AnswerBy drill={drill} given={given} verdict={verdict} onGive={give} />
      {judged.error && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {judged.error.message}
        </p>
      )}
      {verdict ? (
        <div role="status" className="border-t border-line pt-4">
          <p className={`text-2xl font-semibold ${verdict.isRight ? '' : 'text-chalk'}`}>
            {verdict.isRight ? '✓ Right' : '✕ Not so'}
          </p>
          <p className="mt-1 leading-snug">
            <Glossed>{sentence(verdict.reason)}</Glossed>
          </p>
        </div>
      ) : (
        <Button
          look="main"
          className="min-h-12 text-lg!"
          disabled={!isWhole(drill, given) || judged.isPending}
          onClick={() => judged.mutate(given)}
        >
          Answer
        </Button>
      )}
      {verdict && (
        <Button look="main" className="min-h-12 text-lg!" onClick={onNext} autoFocus>
          {nextWords}
        </Button>
      )}
    </section>
  );
  return drill.head ? (
    <div className="flex min-h-0 flex-1 flex-col sm:flex-row">
      <div className="min-h-0 flex-1 bg-ground p-2">
        <DrillMap drill={drill} head={drill.head} given={given} verdict={verdict} onGive={give} />
      </div>
      <div className="flex min-h-0 border-line bg-sheet sm:w-[26rem] sm:border-l">{panel}</div>
    </div>
  ) : (
    <div className="mx-auto flex min-h-0 w-full max-w-2xl flex-1">{panel}</div>
  );
}
