import { useQuery } from '@tanstack/react-query';
import { CalendarPlus, ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Button } from '../../../ui/Button';
import { Switch } from '../../../ui/Switch';
import { BookingDialog } from './BookingDialog';
import { DayTape } from './DayTape';
import { diaryQuery } from './diary.queries';
import { clock, dayPlus, longDay, mondayOf, sayDay } from './dayTime';
import { Lists } from './Lists';
import { MonthTape } from './MonthTape';
import { useBooking } from './useBooking';
import { WeekTape } from './WeekTape';

const VIEWS = [
  { value: 'day', words: 'Day' },
  { value: 'week', words: 'Week' },
  { value: 'month', words: 'Five weeks' },
] as const;
type View = (typeof VIEWS)[number]['value'];

const DAYS: Record<View, number> = { day: 1, week: 7, month: 35 };

/** The studio's days: one as a tape with its three lists, a week, or five of them. Which, is the address. */
export function BookDays() {
  const [search, setSearch] = useSearchParams();
  const view = VIEWS.find((v) => v.value === search.get('view'))?.value ?? 'day';
  const asked = search.get('day') ?? undefined;
  const now = useQuery(diaryQuery(undefined, 1));
  const day = asked ?? now.data?.today;
  const from = view === 'day' || day === undefined ? day : mondayOf(day);
  const diary = useQuery({ ...diaryQuery(from, DAYS[view]), enabled: from !== undefined });
  const booking = useBooking();
  const [booked, setBooked] = useState<{ day: string; minute: number; chairId: string | null }>();
  const go = (to: { view?: View; day?: string }) =>
    setSearch((s) => {
      const next = new URLSearchParams(s);
      const set = (key: string, value: string | undefined) =>
        value ? next.set(key, value) : next.delete(key);
      const then = to.view ?? view;
      set('view', then === 'day' ? undefined : then);
      const onDay = to.day ?? day;
      set('day', onDay === now.data?.today ? undefined : onDay);
      return next;
    });
  if (!now.data || !day) {
    return now.isError ? (
      <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
        {now.error.message}
      </p>
    ) : null;
  }
  const today = now.data.today;
  if (now.data.chairs.length === 0 || now.data.stylists.length === 0) return <NobodyHere />;
  const step = view === 'day' ? 1 : view === 'week' ? 7 : 28;
  return (
    <section aria-label="Days" className="flex flex-col gap-4">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-2 text-2xl leading-none font-semibold">
          {view === 'day' ? sayDay(day, today) : `Week of ${longDay(mondayOf(day))}`}
          {view === 'day' && day === today && (
            <span className="ml-3 text-base font-normal text-soft">
              {longDay(today)}, {clock(now.data.nowMinute)}
            </span>
          )}
        </h2>
        <Button look="quiet" aria-label="Earlier" onClick={() => go({ day: dayPlus(day, -step) })}>
          <ChevronLeft size={18} aria-hidden />
        </Button>
        {day !== today && <Button onClick={() => go({ day: today })}>Today</Button>}
        <Button look="quiet" aria-label="Later" onClick={() => go({ day: dayPlus(day, step) })}>
          <ChevronRight size={18} aria-hidden />
        </Button>
        <span className="grow" />
        <Switch label="How much" value={view} options={VIEWS} onChoose={(v) => go({ view: v })} />
        <Button
          onClick={() =>
            setBooked({
              day: day < today ? today : day,
              minute: day === today ? Math.ceil((now.data.nowMinute + 15) / 15) * 15 : 9 * 60,
              chairId: null,
            })
          }
        >
          <CalendarPlus size={16} aria-hidden /> Give a time
        </Button>
      </div>
      {booking.problem && (
        <p
          role="alert"
          className="flex items-start gap-3 rounded-md border-2 border-chalk bg-chalk-wash p-3"
        >
          <span className="flex-1 font-medium text-chalk">✕ {booking.problem.message}</span>
          <Button onClick={booking.forget}>Leave it as it is</Button>
        </p>
      )}
      {diary.data && from && (
        <>
          {view === 'day' && (
            <DayTape diary={diary.data} day={day} booking={booking} onBook={setBooked} />
          )}
          {view === 'week' && <WeekTape diary={diary.data} monday={from} />}
          {view === 'month' && <MonthTape diary={diary.data} monday={from} />}
        </>
      )}
      {view === 'day' && day === today && <Lists today={today} booking={booking} />}
      {booked && (
        <BookingDialog diary={now.data} at={booked} onClose={() => setBooked(undefined)} />
      )}
    </section>
  );
}

function NobodyHere() {
  return (
    <section className="rounded-lg border border-line bg-sheet p-5">
      <h2 className="text-xl font-semibold">Who works here?</h2>
      <p className="mt-1 max-w-prose text-soft">
        Once a chair and whoever stands behind it are written down, this shows the day: who comes,
        what is to be made ready, what is missing on the shelf.
      </p>
      <Link
        to="/book/people"
        className="mt-3 inline-flex min-h-9 items-center rounded-md border border-thread-deep bg-thread px-4 font-semibold text-[#11201a]"
      >
        Write them down
      </Link>
    </section>
  );
}
