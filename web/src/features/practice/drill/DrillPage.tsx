import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import { api } from '../../../api/client';
import type { DrillKind } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Switch } from '../../../ui/Switch';
import { drillAddress } from '../learner/due';
import { useLearner } from '../learner/useLearner';
import { Asked } from './Asked';
import { LEVELS } from './levels';
import { anySeed, drillsQuery } from './drills.queries';
import { PracticeHeader } from '../PracticeHeader';

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
  const { learned } = useLearner();
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
          judge={(answer) => api.judge(kind, answer)}
          onDone={(isRight) => {
            setDone((d) => ({ right: d.right + Number(isRight), all: d.all + 1 }));
          }}
          onNext={() => void next()}
        />
      )}
    </main>
  );
}
