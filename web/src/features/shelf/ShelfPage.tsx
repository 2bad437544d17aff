import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { PackagePlus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api } from '../../api/client';
import type { Client, HairLine } from '../../api/types';
import { plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { clientQuery } from '../../api/queries';
import { LineDialog } from './LineDialog';
import { LinePanel } from './LinePanel';
import { stockQuery } from './shelf.queries';
import { hairLinesQuery } from '../../api/queries';
import { ShelfLinks } from './ShelfLinks';
import { StockDialog } from './StockDialog';
import { Things } from './Things';

/** Who waits for her first plan until some hair is here; once it is, the plan is laid on the bench. */
function useFirstPlan(lines: HairLine[] | undefined): Client | undefined {
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const clientId = search.get('plan') ?? '';
  const client = useQuery({ ...clientQuery(clientId), enabled: clientId !== '' }).data;
  const queries = useQueryClient();
  const { mutate, isIdle } = useMutation({
    mutationFn: (clientId: string) => api.beginPlan({ clientId, name: '', stylistId: null }),
    onSuccess: (plan) => {
      void queries.invalidateQueries({ queryKey: ['plans'] });
      void navigate(`/bench/${plan.id}`);
    },
  });
  const isReady = client !== undefined && (lines?.length ?? 0) > 0;
  useEffect(() => {
    if (isReady && isIdle) mutate(client.id);
  }, [isReady, isIdle, mutate, client]);
  return client;
}

/** The hair lines a studio knows, and what of them is in hand. */
export function ShelfPage() {
  const lines = useQuery(hairLinesQuery());
  const stock = useQuery(stockQuery());
  const [written, setWritten] = useState<HairLine | 'new'>();
  const [moved, setMoved] = useState<HairLine>();
  const queries = useQueryClient();
  const forClient = useFirstPlan(lines.data);
  const starters = useMutation({
    mutationFn: (isAdded: boolean) => (isAdded ? api.addStarters() : api.removeStarters()),
    onSuccess: (all) => queries.setQueryData(hairLinesQuery().queryKey, all),
  });
  const loops = (lines.data ?? []).reduce((sum, l) => sum + l.loopsOnShelf, 0);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">Shelf</h1>
          <p className="mt-1 text-soft">
            {lines.data
              ? `${plural(lines.data.length, 'line of hair', 'lines of hair')}, ${plural(loops, 'loop')} in hand`
              : 'Looking at the shelf…'}
          </p>
        </div>
        <ShelfLinks />
        <Button look="main" onClick={() => setWritten('new')}>
          <PackagePlus size={17} aria-hidden /> New hair
        </Button>
      </header>
      {lines.isError && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {lines.error.message}
        </p>
      )}
      {forClient && (
        <p role="status" className="mb-4 rounded-md border border-thread-deep bg-thread/20 p-3">
          Once some hair is on the shelf, the first plan for {forClient.name} is laid on the bench.
        </p>
      )}
      {lines.data?.length === 0 && (
        <section className="mx-auto mt-10 max-w-xl text-center">
          <h2 className="text-2xl font-semibold">The shelf is empty</h2>
          <p className="mt-2 text-soft">
            Plans count loops, packs and prices from the hair that stands here. Begin with a small
            made-up set, a line of each texture, and write down your own when you have it in hand.
          </p>
          <div className="mt-5 flex flex-wrap justify-center gap-3">
            <Button look="main" disabled={starters.isPending} onClick={() => starters.mutate(true)}>
              Put a starter set there
            </Button>
            <Button onClick={() => setWritten('new')}>Write down what I have</Button>
          </div>
        </section>
      )}
      {lines.data?.some((l) => l.isStarter) && (
        <p className="mb-4 flex flex-wrap items-center gap-3 text-soft">
          {plural(lines.data.filter((l) => l.isStarter).length, 'line')} of these are the made-up
          starter set.
          <Button disabled={starters.isPending} onClick={() => starters.mutate(false)}>
            Take it off the shelf
          </Button>
          {starters.variables === false && starters.isSuccess && 'What is planned with stays.'}
        </p>
      )}
      {starters.isError && (
        <p role="alert" className="mb-4 font-medium text-chalk">
          ✕ {starters.error.message}
        </p>
      )}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(15.5rem,100%),1fr))] gap-4">
        {lines.data?.map((l) => (
          <LinePanel
            key={l.id}
            line={l}
            stock={(stock.data?.hair ?? []).filter((s) => s.lineId === l.id)}
            onWrite={() => setWritten(l)}
            onMove={() => setMoved(l)}
          />
        ))}
      </ul>
      {stock.data && (lines.data?.length ?? 0) > 0 && <Things stock={stock.data} />}
      {moved && stock.data && (
        <StockDialog
          line={moved}
          stock={stock.data.hair}
          grades={stock.data.grades}
          onClose={() => setMoved(undefined)}
        />
      )}
      {written && (
        <LineDialog
          line={written === 'new' ? undefined : written}
          onClose={() => setWritten(undefined)}
        />
      )}
    </main>
  );
}
