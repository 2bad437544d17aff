import { useQuery } from '@tanstack/react-query';
import { Columns2, Redo2, Undo2 } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useStore } from 'zustand';
import type { SavedPlan } from '../../api/types';
import { Button } from '../../ui/Button';
import { planQuery } from './bench.queries';
import { useWords } from '../../words';
import { createBench, type BenchStore } from './draft/benchStore';
import type { Saving } from './draft/benchState';
import { useKeptHistory } from './draft/useKeptHistory';
import { Compare } from './panels/Compare';
import { Consequences } from './panels/Consequences';
import { ElsewhereDialog } from './ElsewhereDialog';
import { KeysDialog } from './KeysDialog';
import { Stage } from './map/Stage';
import { Thread } from './panels/Thread';
import { ToChair } from './ToChair';
import { BenchContext, ComputedContext, ReadContext, useBench } from './draft/useBench';
import { useAutosave } from './draft/useAutosave';
import { useBenchKeys } from './useBenchKeys';
import { useComputedPlan } from './plan/useComputedPlan';
import { WornContext } from './plan/useWorn';
import { WhatIf } from './panels/WhatIf';

/** The bench with the plan that the address names. */
export function BenchPage() {
  const { planId = '' } = useParams();
  const { planFormat } = useWords();
  const plan = useQuery(planQuery(planId, planFormat));
  if (plan.isPending) return <Notice words="Fetching the plan…" />;
  if (plan.isError) return <Notice words={plan.error.message} />;
  return <OpenBench key={plan.data.id} plan={plan.data} />;
}

function Notice({ words }: { words: string }) {
  return (
    <main className="grid flex-1 place-items-center p-8">
      <div className="max-w-md text-center" role="status">
        <p className="mb-4 text-lg">{words}</p>
        <Link to="/book" className="underline">
          Back to the book
        </Link>
      </div>
    </main>
  );
}

function OpenBench({ plan }: { plan: SavedPlan }) {
  const { planFormat } = useWords();
  const store = useMemo(() => createBench(plan, planFormat), [plan, planFormat]);
  const isComparing = useStore(store, (b) => b.isComparing);
  const [isHelpOpen, setHelpOpen] = useState(false);
  useBenchKeys(store, () => setHelpOpen(true));

  return (
    <BenchContext value={store}>
      <Computing store={store}>
        <main className="flex min-h-0 flex-1 flex-col">
          <BenchHead planId={plan.id} />
          {isComparing ? (
            <Compare />
          ) : (
            <div className="flex min-h-0 flex-1">
              <Thread />
              <div className="flex min-h-0 min-w-0 flex-1 flex-col">
                <Stage />
                <WhatIf />
              </div>
              <Consequences />
            </div>
          )}
        </main>
        <ElsewhereDialog />
        <KeysDialog isOpen={isHelpOpen} onClose={() => setHelpOpen(false)} />
      </Computing>
    </BenchContext>
  );
}

/** Keeps the plan up with the brief, and the brief saved. What stands within is not drawn anew for it. */
function Computing({ store, children }: { store: BenchStore; children: ReactNode }) {
  const brief = useStore(store, (b) => b.brief);
  const how = useStore(store, (b) => (b.showsCover || b.step === 'wear' ? b.worn : undefined));
  const isHeld = useStore(store, (b) => b.before !== undefined);
  const worn = useMemo(() => how && { ...how, isRough: isHeld }, [how, isHeld]);
  const computed = useComputedPlan(brief, worn, isHeld);
  useAutosave(store, computed.of);
  useKeptHistory(store);
  return (
    <ComputedContext value={computed}>
      <ReadContext value={computed.read}>
        <WornContext value={computed.worn}>{children}</WornContext>
      </ReadContext>
    </ComputedContext>
  );
}

const SAVING_WORDS: Record<Saving, string> = {
  saved: 'Saved',
  changed: 'Kept on this device',
  saving: 'Saving…',
  away: 'Kept on this device; the server does not answer',
  refused: 'Kept on this device only',
};

function BenchHead({ planId }: { planId: string }) {
  const clientName = useBench((b) => b.clientName);
  const name = useBench((b) => b.name);
  const lastName = useBench((b) => b.lastName);
  const isNameless = name.trim() === '';
  const rename = useBench((b) => b.rename);
  const saving = useBench((b) => b.saving);
  const refusal = useBench((b) => b.refusal);
  const canUndo = useBench((b) => b.past.length > 0);
  const canRedo = useBench((b) => b.future.length > 0);
  const undo = useBench((b) => b.undo);
  const redo = useBench((b) => b.redo);
  const isBeside = useBench((b) => b.beside !== undefined);
  const keepBeside = useBench((b) => b.keepBeside);
  return (
    <header className="flex items-center gap-3 border-b border-line bg-sheet px-4 py-1.5">
      <h1 className="max-w-96 min-w-0 truncate text-lg font-semibold" title={clientName}>
        {clientName}
      </h1>
      {/* What is said of the name lies over the page: were it to move things, the press that ends the typing would miss. */}
      <div className="relative min-w-0 flex-1">
        <input
          aria-label="Name of the plan"
          aria-invalid={isNameless}
          aria-describedby={isNameless ? 'nameless' : undefined}
          value={name}
          maxLength={120}
          onChange={(e) => rename(e.target.value)}
          onBlur={() => isNameless && rename(lastName)}
          className={`w-full rounded border bg-transparent px-2 py-0.5 hover:border-edge ${isNameless ? 'border-chalk' : 'border-transparent'}`}
        />
        {isNameless && (
          <p
            id="nameless"
            role="alert"
            className="absolute top-full left-0 z-30 rounded-b border border-chalk bg-sheet px-2 py-0.5 text-sm font-medium text-chalk"
          >
            ✕ A plan needs a name; until it has one it stays “{lastName}”.
          </p>
        )}
      </div>
      <p role="status" className="text-sm whitespace-nowrap text-soft" data-saving={saving}>
        {SAVING_WORDS[saving]}
        {refusal && (
          <span role="alert" className="block max-w-96 font-medium whitespace-normal text-chalk">
            ✕ {refusal}
          </span>
        )}
      </p>
      <Button
        look="quiet"
        aria-pressed={isBeside}
        onClick={() => keepBeside(!isBeside)}
        title="Keeps the plan as it is now beside what you try next"
      >
        <Columns2 size={16} aria-hidden /> what if
      </Button>
      <Button look="quiet" disabled={!canUndo} onClick={undo} title="Ctrl Z">
        <Undo2 size={16} aria-hidden /> undo
      </Button>
      <Button look="quiet" disabled={!canRedo} onClick={redo} title="Ctrl Shift Z">
        <Redo2 size={16} aria-hidden /> redo
      </Button>
      <ToChair planId={planId} />
    </header>
  );
}
