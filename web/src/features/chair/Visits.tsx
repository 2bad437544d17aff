import { Link } from 'react-router';
import type { VisitTile, Words } from '../../api/types';
import { plural } from '../../lib/time';
import { Still } from '../../stills';
import { useWords } from '../../words';

/** Visits as rows of beads: how far each is. */
export function Visits({ visits }: { visits: VisitTile[] }) {
  const { stages } = useWords();
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(20rem,100%),1fr))] gap-3">
      {visits.map((v) => (
        <li key={v.id}>
          <Link
            to={`/chair/${v.id}`}
            className="flex gap-3 rounded-md border border-line bg-sheet p-3 hover:border-thread-deep"
          >
            {v.planId && <Still plan={v.planId} alt="" className="-my-1 -ml-1 w-20 shrink-0" />}
            <div className="min-w-0 flex-1">
              <p className="flex items-baseline gap-3">
                <span className="min-w-0 flex-1 truncate text-lg font-semibold">
                  {v.clientName}
                </span>
                <span className="shrink-0 text-sm text-soft">{dayOf(v.day)}</span>
              </p>
              <p className="truncate text-soft">{v.planName}</p>
              <Progress visit={v} />
              <p className="mt-1.5 text-sm">{standing(v, stages)}</p>
            </div>
          </Link>
        </li>
      ))}
    </ul>
  );
}

function Progress({ visit }: { visit: VisitTile }) {
  const part = visit.shares === 0 ? 0 : visit.hooked / visit.shares;
  return (
    <div className="mt-2 h-2 rounded-full bg-well" aria-hidden="true">
      <div className="h-2 rounded-full bg-thread" style={{ width: `${100 * part}%` }} />
    </div>
  );
}

function standing(v: VisitTile, stages: Words['stages']): string {
  const of = `${v.hooked} of ${plural(v.shares, 'share')}`;
  if (v.isFinished)
    return `finished, ${of}${v.pictures ? `, ${plural(v.pictures, 'picture')}` : ''}`;
  if (!v.isBegun) return 'not begun';
  const at = stages.find((s) => s.value === v.stage)?.doing ?? 'to be finished';
  return `${at}, ${of}`;
}

function dayOf(day: string): string {
  const today = new Date().toLocaleDateString('sv');
  return day === today
    ? 'today'
    : new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' });
}
