import { Link } from 'react-router';
import type { Appointment, Diary } from '../../../api/types';
import { clock, dayPlus, isLive, longDay, reach } from './dayTime';
import { Strands } from './Strands';

const HOUR = 60;

/** A week as seven tapes under each other, on each a strand for every chair; what is planned is a plait on it as long as it takes. */
export function WeekTape({ diary, monday }: { diary: Diary; monday: string }) {
  const { from, until } = reach(diary);
  const part = (m: number) => (100 * (m - from)) / (until - from);
  const hours = Array.from({ length: (until - from) / HOUR + 1 }, (_, i) => from + i * HOUR);
  const days = Array.from({ length: 7 }, (_, i) => dayPlus(monday, i));
  return (
    <section aria-label="The week" className="overflow-x-auto">
      <div className="min-w-[48rem]">
        <div className="relative mr-6 ml-36 h-6 text-sm text-soft" aria-hidden="true">
          {hours.map((h) => (
            <span
              key={h}
              className="absolute -translate-x-1/2 tabular-nums"
              style={{ left: `${part(h)}%` }}
            >
              {clock(h)}
            </span>
          ))}
        </div>
        <ol className="overflow-hidden rounded-lg border border-edge bg-sheet">
          {days.map((day) => (
            <Day key={day} diary={diary} day={day} part={part} hours={hours} />
          ))}
        </ol>
      </div>
    </section>
  );
}

interface DayProps {
  diary: Diary;
  day: string;
  part: (minute: number) => number;
  hours: number[];
}

function Day({ diary, day, part, hours }: DayProps) {
  const all = diary.appointments.filter((a) => a.day === day && isLive(a));
  const prepared = all.filter((a) => a.occasion === 'PREPARE' && a.state === 'PLANNED').length;
  const isOpen = diary.stylists.some((s) =>
    s.days.some((x) => x.day === day && x.fromMinute !== null),
  );
  const isToday = day === diary.today;
  return (
    <li
      className={`flex border-line not-first:border-t ${isToday ? 'bg-thread/10' : isOpen ? '' : 'bg-well'}`}
    >
      <h3 className="flex w-36 shrink-0 flex-col justify-center border-r border-line px-3 py-1 leading-tight">
        <Link
          to={`/book?day=${day}`}
          className={`hover:underline ${isToday ? 'font-semibold' : ''}`}
        >
          {longDay(day).replace(/ \w+$/, '')}
        </Link>
        <span className="text-sm text-soft">
          {!isOpen ? 'nobody here' : prepared > 0 ? `${prepared} to prepare` : ''}
        </span>
      </h3>
      <div className="relative mr-6 flex flex-1 flex-col py-1">
        {hours.slice(1, -1).map((h) => (
          <span
            key={h}
            className="absolute inset-y-0 border-l border-line/60"
            style={{ left: `${part(h)}%` }}
          />
        ))}
        {diary.chairs.map((c) => (
          <div key={c.id} className="relative h-8" title={c.name}>
            <span className="absolute inset-x-0 top-1/2 border-t border-line" aria-hidden="true" />
            {all
              .filter((a) => a.chairId === c.id)
              .map((a) => (
                <Plait key={a.id} a={a} part={part} />
              ))}
          </div>
        ))}
        {isToday && (
          <span
            className="absolute inset-y-0 w-[3px] rounded bg-thread-deep"
            style={{ left: `${part(diary.nowMinute)}%` }}
          />
        )}
      </div>
    </li>
  );
}

function Plait({ a, part }: { a: Appointment; part: (minute: number) => number }) {
  const words = `${a.words}, ${a.clientName}, ${clock(a.fromMinute)}`;
  return (
    <Link
      to={`/book?day=${a.day}`}
      title={words}
      aria-label={words}
      className={`absolute inset-y-0.5 flex flex-col overflow-hidden rounded border bg-ground hover:border-thread-deep ${
        a.state === 'DONE' ? 'border-line text-soft' : 'border-edge'
      }`}
      style={{
        left: `${part(a.fromMinute)}%`,
        width: `${part(a.untilMinute) - part(a.fromMinute)}%`,
      }}
    >
      <Strands occasion={a.occasion} isDone={a.state === 'DONE'} />
      <span className="truncate px-1 text-xs leading-none">{a.clientName}</span>
    </Link>
  );
}
