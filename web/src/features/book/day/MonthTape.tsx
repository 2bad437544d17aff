import { Link } from 'react-router';
import type { Diary } from '../../../api/types';
import { formatMinutes } from '../../../lib/time';
import { dayPlus, isLive } from './dayTime';

const WEEKS = 5;
const FULL_DAY = 9 * 60;
const NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** Five weeks as woven bands: for each chair how much of a day is spoken for, with the installs as knots on it. */
export function MonthTape({ diary, monday }: { diary: Diary; monday: string }) {
  const weeks = Array.from({ length: WEEKS }, (_, w) =>
    Array.from({ length: 7 }, (_, d) => dayPlus(monday, w * 7 + d)),
  );
  return (
    <table
      aria-label="Five weeks"
      className="w-full table-fixed border-separate border-spacing-1.5"
    >
      <thead>
        <tr>
          {NAMES.map((n) => (
            <th key={n} className="text-left text-sm font-normal text-soft">
              {n}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {weeks.map((week) => (
          <tr key={week[0]}>
            {week.map((d) => (
              <td key={d} className="p-0">
                <Day diary={diary} day={d} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Day({ diary, day }: { diary: Diary; day: string }) {
  const all = diary.appointments.filter((a) => a.day === day && isLive(a) && a.chairId);
  const date = new Date(`${day}T12:00`);
  const isFirst = date.getDate() === 1;
  const minutes = all.reduce((sum, a) => sum + a.minutes, 0);
  const installs = all.filter((a) => a.occasion === 'INSTALL').length;
  return (
    <Link
      to={`/book?day=${day}`}
      aria-label={`${date.toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}, ${installs} installs, ${formatMinutes(minutes)}`}
      className={`flex h-20 flex-col rounded-md border p-2 hover:border-thread-deep ${
        day === diary.today ? 'border-thread-deep bg-sheet' : 'border-line bg-sheet'
      } ${day < diary.today ? 'opacity-70' : ''}`}
    >
      <span className="flex items-baseline justify-between">
        <span className="text-lg leading-none font-semibold">
          {date.toLocaleDateString('en-GB', {
            day: 'numeric',
            ...(isFirst && { month: 'short' }),
          })}
        </span>
        {installs > 0 && (
          <span className="text-sm tabular-nums" aria-hidden="true">
            {'●'.repeat(installs)}
          </span>
        )}
      </span>
      <span className="mt-auto flex flex-col gap-1" aria-hidden="true">
        {diary.chairs.map((c) => {
          const taken = all
            .filter((a) => a.chairId === c.id)
            .reduce((sum, a) => sum + a.minutes, 0);
          return (
            <span key={c.id} className="h-1.5 rounded-full bg-well">
              <span
                className="block h-1.5 rounded-full bg-plait-lit"
                style={{ width: `${Math.min(100, (100 * taken) / FULL_DAY)}%` }}
              />
            </span>
          );
        })}
      </span>
    </Link>
  );
}
