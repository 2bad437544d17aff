import { keepPreviousData, useInfiniteQuery, useQueries, useQuery } from '@tanstack/react-query';
import { UserPlus } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import type { Client } from '../../api/types';
import { sayCount } from '../../lib/amount';
import { Button } from '../../ui/Button';
import { Visits, visitsQuery } from '../chair';
import { clientsQuery, tilesQuery } from './book.queries';
import { ClientDialog } from './ClientDialog';
import { ClientPanel } from './ClientPanel';
import { BookDays } from './day/BookDays';
import { useDaysSettled } from './day/useDaysSettled';
import { BookLinks } from './BookLinks';

/** Clients, their heads and their plans. */
export function BookPage() {
  const [written, setWritten] = useState<Client | 'new'>();
  const [search, setSearch] = useState('');
  const typed = useDeferredValue(search.trim());
  const clients = useInfiniteQuery({
    ...clientsQuery(typed),
    placeholderData: keepPreviousData,
  });
  const pages = clients.data?.pages ?? [];
  const found = pages.flatMap((p) => p.clients);
  const count = pages[0]?.count ?? 0;
  const plans = useQueries({
    queries: pages.map((p) => tilesQuery(p.clients.map((c) => c.id))),
    combine: (all) => all.flatMap((one) => one.data ?? []),
  });
  const isEmpty = typed === '' && clients.isSuccess && count === 0;
  const visits = useQuery(visitsQuery());
  // What was finished before today is history; what is still open is not.
  const day = new Date().toLocaleDateString('sv');
  const today = (visits.data ?? []).filter((v) => v.day === day || (v.isBegun && !v.isFinished));

  // What lies below the days waits for them: nothing may move away under a finger.
  const areDaysThere = useDaysSettled();
  const isInPlace = search !== '' || isEmpty || (areDaysThere && !visits.isPending);

  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">Book</h1>
          <p className="mt-1 text-soft">
            {clients.data
              ? `${sayCount(count)} ${count === 1 ? 'client' : 'clients'}${typed && ` called “${typed}”`}`
              : 'Opening the book…'}
          </p>
        </div>
        <BookLinks />
        {!isEmpty && (
          <input
            type="search"
            aria-label="Find a client"
            placeholder="Find a client"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
            className="w-56 h-9 rounded-md border border-edge bg-sheet px-3"
          />
        )}
        <Button look="main" className="h-9" onClick={() => setWritten('new')}>
          <UserPlus size={17} aria-hidden /> New client
        </Button>
      </header>
      {clients.isError && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {clients.error.message}
        </p>
      )}
      {isEmpty && <EmptyBook onBegin={() => setWritten('new')} />}
      {clients.isSuccess && found.length === 0 && typed && (
        <p className="text-soft">Nobody in the book is called “{typed}”.</p>
      )}
      {!search && !isEmpty && clients.isSuccess && (
        <div className="mb-8 flex flex-col gap-6">
          <BookDays />
          {today.length > 0 && (
            <section aria-label="In the chair">
              <h2 className="mb-2 text-xl font-semibold">In the chair</h2>
              <Visits visits={today} />
            </section>
          )}
        </div>
      )}
      <ul
        aria-label="Clients"
        className="grid grid-cols-[repeat(auto-fill,minmax(min(24rem,100%),1fr))] gap-4"
      >
        {(isInPlace ? found : []).map((c) => (
          <ClientPanel
            key={c.id}
            client={c}
            plans={plans.filter((p) => p.clientId === c.id)}
            onWrite={() => setWritten(c)}
          />
        ))}
      </ul>
      {isInPlace && clients.hasNextPage && (
        <div className="mt-4 flex items-baseline gap-3">
          <Button
            onClick={() => void clients.fetchNextPage()}
            disabled={clients.isFetchingNextPage}
          >
            Show more
          </Button>
          <span className="text-soft">
            {sayCount(found.length)} of {sayCount(count)}
          </span>
        </div>
      )}
      {written && (
        <ClientDialog
          client={written === 'new' ? undefined : written}
          onClose={() => setWritten(undefined)}
        />
      )}
    </main>
  );
}

function EmptyBook({ onBegin }: { onBegin: () => void }) {
  return (
    <section className="mx-auto mt-16 max-w-lg text-center">
      <h2 className="text-2xl font-semibold">The book is empty</h2>
      <p className="mt-2 text-soft">
        Take a tape and three measures: round the head, front to nape, and ear to ear over the top.
        That is enough for the first plan. Put the hair you use on the shelf, too.
      </p>
      <Button look="main" className="mt-5" onClick={onBegin}>
        Write down the first client
      </Button>
    </section>
  );
}
