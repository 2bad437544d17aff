import type { Appointment, Diary } from '../../../api/types';

const DAY = 24 * 60;

/** Minutes after midnight as a clock shows them: 9:05. */
export const clock = (minute: number): string => {
  const m = ((minute % DAY) + DAY) % DAY;
  return `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`;
};

/** A time as it was typed, in minutes after midnight: "9:05", "9.05", "905", "9"; null if it cannot be read. */
export function parseClock(text: string): number | null {
  const m = /^\s*(\d{1,2})(?:[:.h]?(\d{2}))?\s*$/.exec(text);
  if (!m) return null;
  const [hours, minutes] = [Number(m[1]), Number(m[2] ?? 0)];
  return hours < 24 && minutes < 60 ? hours * 60 + minutes : null;
}

/** A day some days on. */
export function dayPlus(day: string, days: number): string {
  const d = new Date(`${day}T12:00:00Z`);
  d.setUTCDate(d.getUTCDate() + days);
  return d.toISOString().slice(0, 10);
}

/** The Monday of a day's week. */
export const mondayOf = (day: string): string =>
  dayPlus(day, -((new Date(`${day}T12:00:00Z`).getUTCDay() + 6) % 7));

/** "Friday 27 November"; "today" and its neighbours by name. */
export function sayDay(day: string, today: string): string {
  if (day === today) return 'Today';
  if (day === dayPlus(today, 1)) return 'Tomorrow';
  if (day === dayPlus(today, -1)) return 'Yesterday';
  return longDay(day);
}

export const longDay = (day: string): string =>
  new Date(`${day}T12:00:00`)
    .toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })
    .replace(',', '');

/**
 * What is to be added to the minutes of an appointment to tell them from a day's midnight on; null if nothing of it is on that day.
 * What goes on past midnight is on both.
 */
export function shiftTo(a: Appointment, day: string): number | null {
  if (a.day === day) return 0;
  return a.untilMinute > DAY && a.day === dayPlus(day, -1) ? -DAY : null;
}

/** From when to when a tape of some days must reach, in whole hours; of one day, if it is given, from its midnight at the earliest. */
export function reach(diary: Diary, day?: string): { from: number; until: number } {
  const minutes = [
    ...diary.stylists.flatMap((s) => s.days.flatMap((d) => [d.fromMinute, d.untilMinute])),
    ...diary.appointments.flatMap((a) => {
      const shift = day === undefined ? 0 : shiftTo(a, day);
      return shift === null ? [] : [Math.max(0, a.fromMinute + shift), a.untilMinute + shift];
    }),
  ].filter((m): m is number => m !== null);
  if (minutes.length === 0) return { from: 9 * 60, until: 18 * 60 };
  return {
    from: Math.floor(Math.min(...minutes) / 60) * 60,
    until: Math.ceil(Math.max(...minutes) / 60) * 60,
  };
}

/** What still takes its time. */
export const isLive = (a: Appointment): boolean => a.state === 'PLANNED' || a.state === 'DONE';

/** Who does it, by the letters of her name. */
export const initials = (name: string): string =>
  name
    .split(/\s+/)
    .map((w) => w[0] ?? '')
    .slice(0, 2)
    .join('');

/**
 * Which of what lies on one line is drawn below which, so that nothing covers another: a place for each, counted from the top.
 *
 * @param least minutes that the shortest of them is drawn as
 */
export function places(
  on: readonly Pick<Appointment, 'id' | 'fromMinute' | 'untilMinute'>[],
  least: number,
): ReadonlyMap<string, number> {
  const ends: number[] = [];
  const place = new Map<string, number>();
  for (const a of on.toSorted((x, y) => x.fromMinute - y.fromMinute || x.id.localeCompare(y.id))) {
    const free = ends.findIndex((end) => end <= a.fromMinute);
    const at = free < 0 ? ends.length : free;
    ends[at] = Math.max(a.untilMinute, a.fromMinute + least);
    place.set(a.id, at);
  }
  return place;
}
