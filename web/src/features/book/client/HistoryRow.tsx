import { Link } from 'react-router';
import type { Appointment, Client, FollowUp, VisitTile } from '../../../api/types';
import { exactMinutes, formatDay } from '../../../lib/time';

interface Props {
  visits: VisitTile[];
  followUps: FollowUp[];
  appointments: Appointment[];
  heads: Client['heads'];
}

interface Knot {
  key: string;
  day: string;
  kind: 'head' | 'install' | 'told' | 'down' | 'ahead';
  title: string;
  under: string;
  to?: string;
  isGrave?: boolean;
}

const DAY_MS = 24 * 60 * 60 * 1000;

/** All that was done, as one long row seen from the side; where nothing was worn, the scalp rests, and it has a gap. The newest comes first. */
export function HistoryRow({ visits, followUps, appointments, heads }: Props) {
  const knots = knotsOf(visits, followUps, appointments, heads);
  if (knots.length === 0) {
    return <p className="text-soft">Nothing was done yet. Her first plan begins her row.</p>;
  }
  return (
    <section aria-label="History">
      <ol className="flex overflow-x-auto pb-3">
        {knots.map((k, i) => {
          const before = knots[i + 1];
          const days = before ? (Date.parse(k.day) - Date.parse(before.day)) / DAY_MS : 0;
          const rests = k.kind === 'install' && before?.kind === 'down';
          return (
            <li key={k.key} className="flex shrink-0">
              <Item knot={k} />
              {before && (
                <span
                  className={`flex w-14 flex-col items-center pt-2 text-center text-xs leading-tight text-soft`}
                  aria-hidden="true"
                >
                  <Strand
                    isRest={rests}
                    isWorn={before.kind === 'install' || before.kind === 'told'}
                  />
                  {days >= 1 && `${Math.round(days)} d${rests ? ' rest' : ''}`}
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function Item({ knot: k }: { knot: Knot }) {
  const body = (
    <>
      <Mark kind={k.kind} />
      <span className="mt-1 text-sm text-soft tabular-nums">{formatDay(k.day)}</span>
      <span
        className={`leading-tight ${k.kind === 'install' ? 'text-lg font-semibold' : 'font-semibold'} ${k.isGrave ? 'text-chalk' : ''}`}
      >
        {k.isGrave && '▲ '}
        {k.title}
      </span>
      <span className="text-sm leading-tight text-soft">{k.under}</span>
    </>
  );
  const look = `flex flex-col rounded-md p-1.5 ${k.kind === 'install' ? 'w-48' : 'w-32'}`;
  return k.to ? (
    <Link to={k.to} className={`${look} hover:bg-well`}>
      {body}
    </Link>
  ) : (
    <span className={look}>{body}</span>
  );
}

function Strand({ isRest, isWorn }: { isRest: boolean; isWorn: boolean }) {
  return (
    <svg viewBox="0 0 56 14" className="h-3.5 w-14">
      {isRest ? (
        <path d="M0 7H14M42 7H56" stroke="var(--edge)" strokeWidth={1.5} strokeDasharray="3 3" />
      ) : isWorn ? (
        <path
          d="M0 3l7 4-7 4M9 3l7 4-7 4M18 3l7 4-7 4M27 3l7 4-7 4M36 3l7 4-7 4M45 3l7 4-7 4"
          fill="none"
          stroke="var(--plait-lit)"
          strokeWidth={2}
        />
      ) : (
        <path d="M0 7H56" stroke="var(--edge)" strokeWidth={1.5} />
      )}
    </svg>
  );
}

function Mark({ kind }: { kind: Knot['kind'] }) {
  return (
    <svg viewBox="0 0 24 24" className="size-6" aria-hidden="true">
      {kind === 'install' && (
        <g fill="none" stroke="var(--plait)" strokeWidth={3} strokeLinecap="round">
          <path d="M3 5l9 6 9-6M3 12l9 6 9-6" />
        </g>
      )}
      {kind === 'down' && (
        <path
          d="M4 6c5-4 11 4 16 0M4 13c5-4 11 4 16 0M4 20c5-4 11 4 16 0"
          fill="none"
          stroke="var(--plait)"
          strokeWidth={2}
        />
      )}
      {kind === 'told' && (
        <circle cx={12} cy={12} r={5} fill="var(--bead)" stroke="var(--plait)" strokeWidth={2} />
      )}
      {kind === 'head' && (
        <ellipse
          cx={12}
          cy={12}
          rx={8}
          ry={10}
          fill="var(--clay)"
          stroke="var(--edge)"
          strokeWidth={1.5}
        />
      )}
      {kind === 'ahead' && (
        <path d="M4 12H20M14 6l6 6-6 6" fill="none" stroke="var(--thread-deep)" strokeWidth={3} />
      )}
    </svg>
  );
}

function knotsOf(
  visits: VisitTile[],
  followUps: FollowUp[],
  appointments: Appointment[],
  heads: Client['heads'],
): Knot[] {
  const today = new Date().toLocaleDateString('sv');
  const told = followUps.filter((f) => f.outcome && f.toldOn);
  const isPlain = (f: FollowUp) => f.outcome === 'NOT_NEEDED' || f.outcome === 'MISSED';
  const knots: Knot[] = [
    ...visits.map((v): Knot => ({
      key: v.id,
      day: v.day,
      kind: 'install',
      title: v.planName,
      under: v.isFinished
        ? `${Math.round(v.usedLoops)} loops, ${exactMinutes(v.minutes)}${v.pictures ? `, ${v.pictures} pictures` : ''}`
        : v.isBegun
          ? 'under way'
          : 'not begun',
      to: `/chair/${v.id}`,
    })),
    ...told
      .filter((f) => f.what !== 'TAKEDOWN' && f.what !== 'REST' && !isPlain(f))
      .map((f): Knot => ({
        key: f.id,
        day: f.toldOn ?? f.due,
        kind: 'told',
        title: f.outcomeWords,
        under: f.words,
        isGrave: f.isTrouble,
      })),
    ...told
      .filter((f) => f.what === 'TAKEDOWN')
      .map((f): Knot => ({
        key: f.id,
        day: f.toldOn ?? f.due,
        kind: 'down',
        title: 'taken down',
        under: '',
        to: `/chair/${f.visitId}`,
      })),
    ...heads.map((h): Knot => ({
      key: h.id,
      day: h.takenAt.slice(0, 10),
      kind: 'head',
      title: 'measured',
      under: '',
    })),
    ...appointments
      .filter((a) => a.day >= today && a.state === 'PLANNED' && !a.visitId && a.chairId)
      .map((a): Knot => ({
        key: a.id,
        day: a.day,
        kind: 'ahead',
        title: a.words,
        under: a.planName,
        to: `/book?day=${a.day}`,
      })),
  ];
  return knots.sort((a, b) => (a.day < b.day ? 1 : a.day > b.day ? -1 : 0));
}
