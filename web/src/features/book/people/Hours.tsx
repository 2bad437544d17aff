import type { People } from '../../../api/types';
import { clock } from '../day/dayTime';

type Week = People['stylists'][number]['week'];

const FROM = 6 * 60;
const UNTIL = 22 * 60;
const SHORT: Record<string, string> = {
  MONDAY: 'Mon',
  TUESDAY: 'Tue',
  WEDNESDAY: 'Wed',
  THURSDAY: 'Thu',
  FRIDAY: 'Fri',
  SATURDAY: 'Sat',
  SUNDAY: 'Sun',
};

const part = (m: number) => Math.min(100, Math.max(0, (100 * (m - FROM)) / (UNTIL - FROM)));

/** A week of somebody's, a line for each day. */
export function Hours({ week }: { week: Week }) {
  return (
    <dl className="my-1 grid max-w-md grid-cols-[2.5rem_1fr_6rem] items-center gap-x-2 text-sm">
      {week.map((d) => (
        <div key={d.day} className="contents">
          <dt className="text-soft">{SHORT[d.day]}</dt>
          <dd className="relative h-2 rounded-full bg-well" aria-hidden="true">
            {d.fromMinute !== null && d.untilMinute !== null && (
              <span
                className="absolute h-2 rounded-full bg-plait-lit"
                style={{
                  left: `${part(d.fromMinute)}%`,
                  width: `${part(d.untilMinute) - part(d.fromMinute)}%`,
                }}
              />
            )}
          </dd>
          <dd className="tabular-nums">
            {d.fromMinute !== null && d.untilMinute !== null
              ? `${clock(d.fromMinute)} to ${clock(d.untilMinute)}`
              : 'free'}
          </dd>
        </div>
      ))}
    </dl>
  );
}

export const dayName = (day: string): string => SHORT[day] ?? day;
