import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { api } from '../../../api/client';
import type { Appointment, Diary, FollowUp, Shopping } from '../../../api/types';
import { formatMinutes, formatWeekday, plural } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { diaryQuery, followUpsQuery, SHOP_DAYS, shoppingQuery } from './diary.queries';
import { clock, sayDay } from './dayTime';
import type { useBooking } from './useBooking';

const SHOWN = 5;

/** What is to be made ready, what is due, and what is missing: the three things a day asks before anybody comes. */
export function Lists({
  today,
  booking,
}: {
  today: string;
  booking: ReturnType<typeof useBooking>;
}) {
  const next = useQuery(diaryQuery(today, 2));
  const due = useQuery(followUpsQuery(today));
  const shopping = useQuery(shoppingQuery(SHOP_DAYS));
  return (
    <div className="grid gap-4 lg:grid-cols-3">
      <Ready diary={next.data} booking={booking} />
      <Due told={due.data} today={today} />
      <Missing shopping={shopping.data} today={today} />
    </div>
  );
}

/** So many things; while it is not known how many, nothing is said of them. */
function List({
  title,
  count,
  children,
}: {
  title: string;
  count: number | undefined;
  children: ReactNode;
}) {
  return (
    <section
      aria-label={title}
      aria-busy={count === undefined}
      className="rounded-lg border border-line bg-sheet p-4"
    >
      <h3 className="flex items-baseline gap-2 text-lg font-semibold">
        {title} <span className="text-2xl leading-none tabular-nums">{count || ''}</span>
      </h3>
      {!count ? (
        <p className="mt-1 text-soft">{count === 0 ? 'Nothing.' : 'Looking…'}</p>
      ) : (
        <ul className="mt-1 flex flex-col divide-y divide-line">{children}</ul>
      )}
    </section>
  );
}

/** Hair that is prepared today and tomorrow. */
function Ready({
  diary,
  booking,
}: {
  diary: Diary | undefined;
  booking: ReturnType<typeof useBooking>;
}) {
  const all = (diary?.appointments ?? []).filter(
    (a) => a.occasion === 'PREPARE' && a.state === 'PLANNED',
  );
  const whose = (a: Appointment) => diary?.stylists.find((s) => s.id === a.stylistId)?.name;
  return (
    <List title="Get ready" count={diary && all.length}>
      {all.slice(0, SHOWN).map((a) => (
        <li key={a.id} className="flex items-start gap-2 py-1.5">
          <div className="min-w-0 flex-1">
            <p className="truncate font-semibold">
              <Link to={`/bench/${a.planId}/counts`} className="hover:underline">
                {a.clientName}
              </Link>
            </p>
            <p className="text-sm text-soft">
              {sayDay(a.day, diary?.today ?? '')} {clock(a.fromMinute)}, {formatMinutes(a.minutes)},{' '}
              {whose(a)}
            </p>
          </div>
          <Button onClick={() => booking.become.mutate({ a, state: 'DONE' })}>ready</Button>
        </li>
      ))}
    </List>
  );
}

/** What is to be asked or looked at; one tap says how it was. */
function Due({ told, today }: { told: FollowUp[] | undefined; today: string }) {
  const all = told ?? [];
  const queries = useQueryClient();
  const tell = useMutation({
    mutationFn: ({ id, outcome }: { id: string; outcome: FollowUp['outcome'] }) =>
      api.tellFollowUp(id, { outcome, on: null, words: null }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['follow-ups'] }),
  });
  return (
    <List title="Is due" count={told?.length}>
      {all.slice(0, SHOWN).map((f) => (
        <li key={f.id} className="py-1.5">
          <p className="flex items-baseline gap-2">
            <Link
              to={`/book/clients/${f.clientId}`}
              className="min-w-0 flex-1 truncate font-semibold hover:underline"
            >
              {f.clientName}
            </Link>
            <span className={`shrink-0 text-sm ${f.due < today ? 'text-chalk' : 'text-soft'}`}>
              {f.due === today ? 'today' : `since ${formatWeekday(f.due)}`}
            </span>
          </p>
          <p className="text-sm text-soft">{f.words}</p>
          <div className="mt-1 flex flex-wrap gap-1">
            {f.choices.map((c) => (
              <button
                key={c.value}
                type="button"
                onClick={() => tell.mutate({ id: f.id, outcome: c.value })}
                className="rounded-full border border-edge px-2.5 py-0.5 text-sm hover:bg-well"
              >
                {c.words}
              </button>
            ))}
          </div>
        </li>
      ))}
      {all.length > SHOWN && (
        <li className="py-1.5 text-sm text-soft">and {all.length - SHOWN} more</li>
      )}
    </List>
  );
}

/** Hair that is not on the shelf, for whom, and by when it must be ordered. */
function Missing({ shopping, today }: { shopping: Shopping | undefined; today: string }) {
  const buys = (shopping?.suppliers ?? []).flatMap((s) =>
    s.buys.map((b) => ({ ...b, supplier: s.supplier })),
  );
  return (
    <List title="Is missing" count={shopping && buys.length}>
      {buys.slice(0, SHOWN).map((b) => (
        <li key={b.lineId + b.colour} className="py-1.5">
          <p className="flex items-baseline gap-2">
            <Link to="/shelf/buy" className="min-w-0 flex-1 truncate font-semibold hover:underline">
              {b.lineName}, {b.colour}
            </Link>
            <span className="shrink-0 font-semibold tabular-nums">{plural(b.packs, 'pack')}</span>
          </p>
          <p className="text-sm text-soft">
            for {b.forWhom.map((f) => f.clientName).join(', ')}; {b.supplier}
          </p>
          {b.isLate ? (
            <p className="text-sm font-medium text-chalk">▲ {b.late}</p>
          ) : (
            <p className="text-sm text-soft">
              order by {b.orderBy === today ? 'today' : formatWeekday(b.orderBy)}
            </p>
          )}
        </li>
      ))}
    </List>
  );
}
