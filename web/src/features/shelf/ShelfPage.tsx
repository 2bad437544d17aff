import { useQuery } from '@tanstack/react-query';
import { PackagePlus } from 'lucide-react';
import { useState } from 'react';
import type { HairLine } from '../../api/types';
import { plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { LineDialog } from './LineDialog';
import { LinePanel } from './LinePanel';
import { hairLinesQuery } from './shelf.queries';

/** The hair lines a studio knows, and what of them is in hand. */
export function ShelfPage() {
  const lines = useQuery(hairLinesQuery());
  const [written, setWritten] = useState<HairLine | 'new'>();
  const loops = (lines.data ?? []).reduce((sum, l) => sum + l.loopsOnShelf, 0);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-8 py-6">
      <header className="mb-5 flex items-end gap-4">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">Shelf</h1>
          <p className="mt-1 text-soft">
            {lines.data
              ? `${plural(lines.data.length, 'line of hair', 'lines of hair')}, ${plural(loops, 'loop')} in hand`
              : 'Looking at the shelf…'}
          </p>
        </div>
        <Button look="main" onClick={() => setWritten('new')}>
          <PackagePlus size={17} aria-hidden /> New hair
        </Button>
      </header>
      {lines.isError && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {lines.error.message}
        </p>
      )}
      {lines.data?.length === 0 && (
        <section className="mx-auto mt-16 max-w-lg text-center">
          <h2 className="text-2xl font-semibold">The shelf is empty</h2>
          <p className="mt-2 text-soft">
            Write hair down as its pack tells it: texture, length, loops in a bundle, price. Plans
            count packs from it.
          </p>
        </section>
      )}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15.5rem,1fr))] gap-4">
        {lines.data?.map((l) => (
          <LinePanel key={l.id} line={l} onWrite={() => setWritten(l)} />
        ))}
      </ul>
      {written && (
        <LineDialog
          line={written === 'new' ? undefined : written}
          onClose={() => setWritten(undefined)}
        />
      )}
    </main>
  );
}
