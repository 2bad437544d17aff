import { useState } from 'react';
import type { Appointment, Diary } from '../../../api/types';
import { AppointmentBlock } from './AppointmentBlock';
import { clock, isLive, places, reach, shiftTo } from './dayTime';
import type { useBooking } from './useBooking';

interface Props {
  diary: Diary;
  day: string;
  booking: ReturnType<typeof useBooking>;
  /** Somebody wants to come then. */
  onBook: (at: { day: string; minute: number; chairId: string | null }) => void;
}

/** What needs hands and no chair. */
const TABLE = 'table';
const HOUR = 60;
const LANE_REM = 4.75;
/** Of a line on which some lie below others. */
const PLACE_REM = 4;
/** The part of the tape that the shortest of them takes. */
const MIN_PART = 0.065;

/** A day as one tape: each chair a line on it, an install a plait as long as it takes, and now a comb across. */
export function DayTape({ diary, day, booking, onBook }: Props) {
  const { from, until } = reach(diary, day);
  const [held, setHeld] = useState<string>();
  const part = (minute: number) => (minute - from) / (until - from);
  const hours = Array.from({ length: (until - from) / HOUR + 1 }, (_, i) => from + i * HOUR);
  const lanes = [
    ...diary.chairs.map((c) => ({ id: c.id, name: c.name })),
    { id: TABLE, name: 'at the table' },
  ];
  const onDay = diary.appointments
    .filter(isLive)
    .map((a) => ({ a, shift: shiftTo(a, day) }))
    .filter((on): on is { a: Appointment; shift: number } => on.shift !== null);
  const laneOf = (a: Appointment) => a.chairId ?? TABLE;
  const isToday = day === diary.today;
  return (
    <section aria-label={`The day, ${day}`} className="overflow-x-auto pb-1">
      <div className="min-w-[44rem]">
        <div className="relative mr-6 ml-28 h-6 text-sm text-soft" aria-hidden="true">
          {hours.map((h) => (
            <span
              key={h}
              className="absolute -translate-x-1/2 tabular-nums"
              style={{ left: `${100 * part(h)}%` }}
            >
              {clock(h)}
            </span>
          ))}
        </div>
        <div className="relative rounded-lg border border-edge bg-sheet">
          {lanes.map((lane, i) => {
            const on = onDay.filter(({ a }) => laneOf(a) === lane.id);
            const place = places(
              on.map(({ a, shift }) => ({
                id: a.id,
                fromMinute: a.fromMinute + shift,
                untilMinute: a.untilMinute + shift,
              })),
              MIN_PART * (until - from),
            );
            const of = Math.max(1, ...[...place.values()].map((p) => p + 1));
            return (
              <div
                key={lane.id}
                className={`flex ${i > 0 ? 'border-t border-line' : ''} ${lane.id === TABLE ? 'bg-ground' : ''}`}
              >
                <h3 className="flex w-28 shrink-0 items-center border-r border-line px-3 text-sm leading-tight font-semibold">
                  {lane.name}
                </h3>
                <div
                  className="relative mr-6 flex-1"
                  style={{ height: `${of > 1 ? of * PLACE_REM : LANE_REM}rem` }}
                  data-lane={lane.id}
                  onDoubleClick={(e) => {
                    const box = e.currentTarget.getBoundingClientRect();
                    const minute = from + ((e.clientX - box.left) / box.width) * (until - from);
                    onBook({
                      day,
                      minute: Math.round(minute / 15) * 15,
                      chairId: lane.id === TABLE ? null : lane.id,
                    });
                  }}
                >
                  {hours.slice(1, -1).map((h) => (
                    <span
                      key={h}
                      className="absolute inset-y-0 border-l border-line/60"
                      style={{ left: `${100 * part(h)}%` }}
                    />
                  ))}
                  {on.map(({ a, shift }) => (
                    <AppointmentBlock
                      key={a.id}
                      appointment={a}
                      diary={diary}
                      span={{ from, until }}
                      shift={shift}
                      place={{ at: place.get(a.id) ?? 0, of }}
                      isHeld={held === a.id}
                      onHold={setHeld}
                      booking={booking}
                    />
                  ))}
                </div>
              </div>
            );
          })}
          {isToday && diary.nowMinute >= from && diary.nowMinute <= until && (
            <NowComb part={part(diary.nowMinute)} minute={diary.nowMinute} />
          )}
        </div>
        <Away diary={diary} day={day} />
      </div>
    </section>
  );
}

/** Now is a comb drawn across all lines. */
function NowComb({ part, minute }: { part: number; minute: number }) {
  return (
    <div
      className="pointer-events-none absolute inset-y-0 right-6 left-28 z-10"
      aria-label={`Now, ${clock(minute)}`}
      role="img"
    >
      <div className="absolute inset-y-0 w-0" style={{ left: `${100 * part}%` }}>
        <div className="absolute -inset-y-1 -left-[1.5px] w-[3px] rounded bg-thread-deep" />
        <svg
          viewBox="0 0 8 100"
          preserveAspectRatio="none"
          className="absolute inset-y-0 h-full w-2"
        >
          {Array.from({ length: 24 }, (_, i) => (
            <path
              key={i}
              d={`M0 ${2 + i * 4.2}H7`}
              stroke="var(--thread-deep)"
              strokeWidth={1}
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
      </div>
    </div>
  );
}

/** Who works that day, from when to when, and who does not. */
function Away({ diary, day }: { diary: Diary; day: string }) {
  return (
    <p className="mt-1 ml-28 flex flex-wrap gap-x-4 text-sm text-soft">
      {diary.stylists.map((s) => {
        const d = s.days.find((x) => x.day === day);
        const hours =
          d && d.fromMinute !== null && d.untilMinute !== null
            ? `${clock(d.fromMinute)} to ${clock(d.untilMinute)}`
            : d?.why
              ? `away: ${d.why}`
              : 'not here';
        return (
          <span key={s.id}>
            <strong className="text-ink">{s.name}</strong> {hours}
          </span>
        );
      })}
    </p>
  );
}
