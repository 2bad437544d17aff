import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import { api } from '../../../api/client';
import type { Drill, DrillKind } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { drillAddress } from '../learner/due';
import { useLearner } from '../learner/useLearner';
import { AnswerBy } from './AnswerBy';
import { isWhole, NOTHING, type Given } from './answer';
import { DrillMap } from './DrillMap';
import { anySeed, drillsQuery } from './drills.queries';
import { PracticeHeader } from '../PracticeHeader';

const LEVELS = ['1', '2', '3', '4', '5'].map((value) => ({ value, words: value }));

/** One drill after the other of a kind. Its level and what it is made from stand in the address, so that it can be passed on. */
export function DrillPage() {
  const kind = useParams().kind as DrillKind;
  const kinds = useQuery(drillsQuery());
  const [search, setSearch] = useSearchParams();
  const level = search.get('level') ?? '1';
  const [first] = useState(anySeed);
  const seed = Number(search.get('seed') ?? first);
  const drill = useQuery({
    queryKey: ['drill', kind, level, seed],
    queryFn: () => api.drill(kind, Number(level), seed),
    retry: false,
  });
  const [done, setDone] = useState({ right: 0, all: 0 });
  // Whoever says how hard it is to be is asked so, however far she is.
  const [isChosen, setChosen] = useState(false);
  const { id: learner, learned } = useLearner();
  const isByDue = search.get('next') === 'due';
  const go = useNavigate();
  const ask = (at: string) =>
    setSearch({ level: at, seed: String(anySeed()), ...(isByDue && { next: 'due' }) });
  const next = async () => {
    // What was just kept decides what comes next; where it cannot be had, the same kind goes on.
    const progress = await learned().catch(() => undefined);
    const to = isByDue ? progress?.next : progress?.skills.find((s) => s.kind === kind);
    if (isByDue && to) void go(drillAddress(to.kind, to.level, true) + `&seed=${anySeed()}`);
    else ask(to && !isChosen ? String(to.level) : level);
  };
  const named = kinds.data?.find((k) => k.kind === kind);
  if (kinds.data && !named) return <Navigate to="/practice" replace />;
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <PracticeHeader title={named?.words}>
        {done.all > 0 && (
          <p role="status">
            <strong className="text-lg">{done.right}</strong> right of {done.all}
          </p>
        )}
        <span className="text-soft">how hard</span>
        <Switch
          label="How hard"
          value={level}
          options={LEVELS}
          onChoose={(at) => {
            setChosen(true);
            ask(at);
          }}
        />
      </PracticeHeader>
      {drill.error && (
        <p role="alert" className="m-4 font-medium text-chalk">
          ✕ {drill.error.message} <Button onClick={() => ask(level)}>Ask another</Button>
        </p>
      )}
      {drill.isPending && (
        <p role="status" className="m-4 text-soft">
          Making up a head…
        </p>
      )}
      {drill.data && (
        <Asked
          key={`${kind} ${level} ${seed}`}
          drill={drill.data}
          learner={learner}
          onDone={(isRight) => {
            setDone((d) => ({ right: d.right + Number(isRight), all: d.all + 1 }));
          }}
          onNext={() => void next()}
        />
      )}
    </main>
  );
}

interface AskedProps {
  drill: Drill;
  /** Whose answers are kept, if anybody's. */
  learner: string | null;
  onDone: (isRight: boolean) => void;
  onNext: () => void;
}

/** Whoever takes longer than this was elsewhere, s. */
const LONGEST = 3600;

function Asked({ drill, learner, onDone, onNext }: AskedProps) {
  const [since] = useState(Date.now);
  const { sentence } = useLengths();
  const [given, setGiven] = useState<Given>(NOTHING);
  const judged = useMutation({
    mutationFn: (answer: Given) =>
      api.judge(drill.kind, {
        level: drill.level,
        seed: drill.seed,
        towardRad: answer.towardRad,
        ids: answer.ids,
        number: answer.number,
        learner,
        seconds: learner === null ? null : Math.min(LONGEST, (Date.now() - since) / 1000),
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
      <p className="text-xl leading-snug font-medium">{sentence(drill.question)}</p>
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
          <p className="mt-1 leading-snug">{sentence(verdict.reason)}</p>
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
          Next
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
