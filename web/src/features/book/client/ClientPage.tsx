import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../../api/client';
import { formatDay, plural } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { useWords, wordOf } from '../../../words';
import { clientQuery, clientVisitsQuery } from '../../../api/queries';
import { tilesQuery } from '../book.queries';
import { ClientDialog } from '../ClientDialog';
import { BookingDialog } from '../day/BookingDialog';
import { diaryQuery } from '../day/diary.queries';
import { PlanTile } from '../PlanTile';
import { useBeginPlan } from '../useBeginPlan';
import { Consents } from './Consents';
import { HistoryRow } from './HistoryRow';
import { PacksNext } from './PacksNext';
import { Pictures } from './Pictures';
import { PlanFromFile, SheetFromFile } from './PlanFromFile';

/** One client through the months: what she wants and minds, her head, her plans, and all that was done as one row. */
export function ClientPage() {
  const { clientId = '' } = useParams();
  const navigate = useNavigate();
  const client = useQuery(clientQuery(clientId));
  const plans = useQuery(tilesQuery([clientId]));
  const visits = useQuery(clientVisitsQuery(clientId));
  const followUps = useQuery({
    queryKey: ['follow-ups', 'of', clientId],
    queryFn: () => api.clientFollowUps(clientId),
  });
  const appointments = useQuery({
    queryKey: ['client-appointments', clientId],
    queryFn: () => api.clientAppointments(clientId),
  });
  const diary = useQuery(diaryQuery(undefined, 1));
  const begin = useBeginPlan(clientId);
  const [isWritten, setWritten] = useState(false);
  const [isBooked, setBooked] = useState(false);
  const words = useWords();
  const lengths = useLengths();
  const c = client.data;
  if (client.isError) {
    return (
      <main className="p-8">
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {client.error.message}
        </p>
        <Link to="/book" className="mt-3 inline-block underline">
          Back to the book
        </Link>
      </main>
    );
  }
  if (!c) return <main className="p-8 text-soft">Opening her page…</main>;
  const hers = plans.data ?? [];
  const last = visits.data?.find((v) => v.isFinished);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-4 flex flex-wrap items-start gap-3">
        <div className="mr-auto min-w-0">
          <p className="text-sm text-soft">
            <Link to="/book" className="hover:underline">
              Book
            </Link>
          </p>
          <h1 className="text-3xl leading-tight font-semibold break-words">{c.name}</h1>
          {last?.lastTime && (
            <p className="mt-1 max-w-prose text-lg leading-snug">
              Last time, {formatDay(last.day)}: {last.lastTime}.
            </p>
          )}
        </div>
        {diary.data && diary.data.stylists.length > 0 && (
          <Button look="main" className="h-9" onClick={() => setBooked(true)}>
            Give a time
          </Button>
        )}
        <Button className="h-9" onClick={() => setWritten(true)}>
          Change
        </Button>
        <a
          href={`/api/clients/${c.id}/file`}
          download
          className="inline-flex h-9 items-center rounded-md border border-edge bg-sheet px-3 text-sm hover:bg-well"
        >
          All of it, as a file
        </a>
      </header>
      <HistoryRow
        visits={visits.data ?? []}
        followUps={followUps.data ?? []}
        appointments={appointments.data ?? []}
        heads={c.heads}
      />
      <div className="mt-5 grid gap-5 lg:grid-cols-[1fr_1fr]">
        <section aria-label="What she wants" className="flex flex-col gap-2">
          <h2 className="text-xl font-semibold">Wants and minds</h2>
          {c.wishes ? (
            <p className="leading-snug">{c.wishes}</p>
          ) : (
            <p className="text-soft">No wish is written down.</p>
          )}
          {c.notes && <p className="text-soft italic">{c.notes}</p>}
          <p className="text-soft">
            {c.ownHair.density && `${wordOf(words.densities, c.ownHair.density)} hair`}
            {c.ownHair.conditions.map((x) => (
              <strong key={x} className="text-chalk">
                {' '}
                · ▲ {wordOf(words.conditions, x)}
              </strong>
            ))}
          </p>
          <h3 className="mt-2 font-semibold">Her head</h3>
          <ul className="flex flex-col divide-y divide-line">
            {c.heads.map((h) => (
              <li key={h.id} className="flex flex-wrap gap-x-4 py-1">
                <span className="w-28 text-soft">{formatDay(h.takenAt)}</span>
                <span>
                  {lengths.say(h.measures.roundMm ?? 0)} round,{' '}
                  {lengths.say(h.measures.frontToNapeMm ?? 0)} front to nape,{' '}
                  {lengths.say(h.measures.overTopMm ?? 0)} over the top
                  {(h.measures.regions?.length ?? 0) > 0 &&
                    `, ${plural(h.measures.regions?.length ?? 0, 'place')} drawn`}
                </span>
              </li>
            ))}
          </ul>
          <Consents clientId={c.id} plans={hers} />
        </section>
        <section aria-label="Plans" className="flex flex-col gap-2">
          <div className="flex flex-wrap items-center gap-2">
            <h2 className="mr-auto text-xl font-semibold">Plans</h2>
            <PlanFromFile clientId={clientId} />
            <SheetFromFile clientId={clientId} />
            <Button onClick={() => begin.mutate()} disabled={begin.isPending}>
              <Plus size={16} aria-hidden /> plan
            </Button>
          </div>
          {begin.isError && (
            <p role="alert" className="text-sm font-medium text-chalk">
              ✕ {begin.error.message}
            </p>
          )}
          <ul className="flex flex-col gap-2">
            {hers.map((p) => (
              <PlanTile key={p.id} plan={p} />
            ))}
          </ul>
          {hers.length === 0 && <p className="text-soft">No plan is made yet.</p>}
          {hers[0] && <PacksNext planId={hers[0].id} planName={hers[0].name} />}
          <Pictures visits={visits.data ?? []} />
        </section>
      </div>
      {isWritten && (
        <ClientDialog
          client={c}
          onClose={() => {
            setWritten(false);
            void client.refetch().then((r) => r.isError && navigate('/book'));
          }}
        />
      )}
      {isBooked && diary.data && (
        <BookingDialog
          diary={diary.data}
          at={{
            day: diary.data.today,
            minute: Math.ceil((diary.data.nowMinute + 15) / 15) * 15,
            chairId: null,
            clientId: c.id,
          }}
          onClose={() => setBooked(false)}
        />
      )}
    </main>
  );
}
