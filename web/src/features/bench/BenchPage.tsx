import { Welcome } from './tour/Welcome';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useStore } from 'zustand';
import type { SavedPlan } from '../../api/types';
import { planQuery, practicePlanQuery } from './bench.queries';
import { useWords } from '../../words';
import { createBench, type BenchStore } from './draft/benchStore';
import { useKeptHistory } from './draft/useKeptHistory';
import { Compare } from './panels/Compare';
import { ElsewhereDialog } from './ElsewhereDialog';
import { Tour } from './tour/Tour';
import { KeysDialog } from './KeysDialog';
import { BenchContext, ComputedContext, ReadContext } from './draft/useBench';
import { useAutosave } from './draft/useAutosave';
import { toMap, useBenchKeys } from './useBenchKeys';
import { useComputedPlan } from './plan/useComputedPlan';
import { WornContext } from './plan/useWorn';
import { BenchHead } from './room/BenchHead';
import { BenchRoom } from './room/BenchRoom';
import { placeOf, useBenchAddress } from './room/useBenchAddress';
import { useRoom } from './room/useRoom';

/** The bench with the plan that the address names. */
export function BenchPage() {
  const { planId = '' } = useParams();
  const { planFormat } = useWords();
  const plan = useQuery(planQuery(planId, planFormat));
  if (plan.isPending) return <Notice words="Fetching the plan…" />;
  if (plan.isError) return <Notice words={plan.error.message} />;
  return <OpenBench key={plan.data.id} plan={plan.data} />;
}

/** The same bench with a made-up head, to try things out on. */
export function PracticeBench() {
  const { planId = '' } = useParams();
  const { planFormat } = useWords();
  const plan = useQuery(practicePlanQuery(planId, planFormat));
  if (plan.isPending) return <Notice words="Fetching the head…" />;
  if (plan.isError) return <Notice words={plan.error.message} to="practice" />;
  return <OpenBench key={plan.data.id} plan={plan.data} home="practice" />;
}

function Notice({ words, to = 'book' }: { words: string; to?: 'book' | 'practice' }) {
  return (
    <main className="grid flex-1 place-items-center p-8">
      <div className="max-w-md text-center" role="status">
        <p className="mb-4 text-lg">{words}</p>
        <Link to={`/${to}`} className="underline">
          {to === 'book' ? 'Back to the book' : 'Back to the practice heads'}
        </Link>
      </div>
    </main>
  );
}

interface OpenProps {
  plan: SavedPlan;
  home?: 'bench' | 'practice';
}

function OpenBench({ plan, home = 'bench' }: OpenProps) {
  const { planFormat } = useWords();
  const { step, tab } = useParams();
  const [first] = useState(() => placeOf(step, tab));
  const store = useMemo(() => {
    const bench = createBench(plan, planFormat, { home });
    bench.setState(first);
    return bench;
  }, [plan, planFormat, home, first]);
  const isComparing = useStore(store, (b) => b.isComparing);
  const [isHelpOpen, setHelpOpen] = useState(false);
  const [isShownRound, setShownRound] = useState(false);
  const room = useRoom();
  useBenchKeys(store, () => setHelpOpen(true));
  useBenchAddress(store);
  const head = (
    <BenchHead
      planId={plan.id}
      isTight={room === 'phone' || room === 'low'}
      onKeys={room === 'desk' || room === 'wide' ? () => setHelpOpen(true) : undefined}
    />
  );
  // Whoever opens the bench goes on at its step.
  useEffect(() => {
    if (document.activeElement === document.body) document.getElementById('step')?.focus();
  }, []);

  return (
    <BenchContext value={store}>
      <Computing store={store}>
        <main className="flex min-h-0 flex-1 flex-col">
          <SkipLink />
          {home === 'bench' && <Welcome />}
          {(isComparing || room !== 'low') && head}
          {isComparing ? <Compare /> : <BenchRoom room={room} head={head} />}
        </main>
        <ElsewhereDialog />
        <KeysDialog
          isOpen={isHelpOpen}
          onClose={() => setHelpOpen(false)}
          onShowRound={() => setShownRound(true)}
        />
        {isShownRound && <Tour onDone={() => setShownRound(false)} />}
      </Computing>
    </BenchContext>
  );
}

/** For whoever walks by keyboard: past head, steps and controls to the map. */
function SkipLink() {
  return (
    <button
      type="button"
      onClick={() => toMap()}
      className="sr-only focus-visible:not-sr-only focus-visible:absolute focus-visible:top-14 focus-visible:left-2 focus-visible:z-40 focus-visible:rounded-md focus-visible:border focus-visible:border-ink focus-visible:bg-sheet focus-visible:px-4 focus-visible:py-2"
    >
      Skip to the map
    </button>
  );
}

/** Keeps the plan up with the brief, and the brief saved. What stands within is not drawn anew for it. */
function Computing({ store, children }: { store: BenchStore; children: ReactNode }) {
  const brief = useStore(store, (b) => b.brief);
  const how = useStore(store, (b) => (b.showsCover || b.step === 'wear' ? b.worn : undefined));
  const isHeld = useStore(store, (b) => b.before !== undefined);
  const worn = useMemo(() => how && { ...how, isRough: isHeld }, [how, isHeld]);
  const computed = useComputedPlan(brief, store.getState().planId, worn, isHeld);
  // Words and figures may come a frame later than what is drawn under the hand.
  const read = useDeferredValue(computed.read);
  useAutosave(store, computed.of);
  useKeptHistory(store);
  return (
    <ComputedContext value={computed}>
      <ReadContext value={read}>
        <WornContext value={computed.worn}>{children}</WornContext>
      </ReadContext>
    </ComputedContext>
  );
}
