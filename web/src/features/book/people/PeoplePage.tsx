import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { People } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { useMay } from '../../door';
import { BookLinks } from '../BookLinks';
import { initials } from '../day/dayTime';
import { Chairs } from './Chairs';
import { Hours } from './Hours';
import { StudioForm } from './StudioForm';
import { StylistDialog } from './StylistDialog';
import { peopleQuery } from '../day/diary.queries';

type Stylist = People['stylists'][number];

/** The studio, its chairs, and who works at them when. */
export function PeoplePage() {
  const people = useQuery(peopleQuery());
  const [written, setWritten] = useState<Stylist | 'new'>();
  const queries = useQueryClient();
  const isOwner = useMay('OWNER');
  const take = (all: People) => {
    queries.setQueryData(peopleQuery().queryKey, all);
    void queries.invalidateQueries({ queryKey: ['diary'] });
  };
  const begin = useMutation({
    mutationFn: async () => {
      await api.addChair('my chair');
      return api.addStylist({
        name: 'Me',
        methodId: null,
        week: people.data?.usualWeek ?? [],
        off: [],
        version: 0,
      });
    },
    onSuccess: take,
  });
  const all = people.data;
  const isEmpty = all && all.stylists.length === 0 && all.chairs.length === 0;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">People</h1>
          <p className="mt-1 text-soft">Chairs, who works at them, and when.</p>
        </div>
        <BookLinks />
        {isOwner && (
          <Button look="main" className="h-9" onClick={() => setWritten('new')}>
            <UserPlus size={17} aria-hidden /> Somebody new
          </Button>
        )}
      </header>
      {people.isError && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {people.error.message}
        </p>
      )}
      {isEmpty && (
        <section className="mx-auto mt-10 max-w-lg text-center">
          <h2 className="text-2xl font-semibold">Nobody is written down</h2>
          <p className="mt-2 text-soft">
            With a chair and whoever stands behind it, the book shows the day and finds free times.
          </p>
          <Button
            look="main"
            className="mt-5"
            disabled={begin.isPending}
            onClick={() => begin.mutate()}
          >
            One chair, and me
          </Button>
        </section>
      )}
      {all && !isEmpty && (
        <div className="grid gap-6 lg:grid-cols-[1fr_20rem]">
          <ul aria-label="Stylists" className="flex flex-col gap-4">
            {all.stylists.map((s) => (
              <li
                key={s.id}
                className="flex flex-wrap items-start gap-4 rounded-lg border border-line bg-sheet p-4"
              >
                <span className="grid size-12 place-items-center rounded-full border-2 border-plait-lit text-lg font-semibold">
                  {initials(s.name)}
                </span>
                <div className="min-w-0 flex-1">
                  <h2 className="text-xl leading-tight font-semibold break-words">{s.name}</h2>
                  <Hours week={s.week} />
                  {s.off.map((o) => (
                    <p key={o.first} className="text-sm text-soft">
                      away {o.first === o.last ? o.first : `${o.first} to ${o.last}`}
                      {o.why && `: ${o.why}`}
                    </p>
                  ))}
                </div>
                {isOwner && (
                  <Button onClick={() => setWritten(s)} aria-label={`Change ${s.name}`}>
                    change
                  </Button>
                )}
              </li>
            ))}
          </ul>
          {isOwner && (
            <div className="flex flex-col gap-6">
              <Chairs people={all} onChanged={take} />
              <StudioForm key={all.studio.version} people={all} onChanged={take} />
            </div>
          )}
        </div>
      )}
      {written && all && (
        <StylistDialog
          stylist={written === 'new' ? undefined : written}
          people={all}
          onChanged={take}
          onClose={() => setWritten(undefined)}
        />
      )}
    </main>
  );
}
