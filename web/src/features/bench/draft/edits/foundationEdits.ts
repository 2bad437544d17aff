import type {
  Back,
  Brief,
  Foundation,
  Plan,
  PlanRow,
  Rim,
  RowEdit,
  TailEnd,
} from '../../../../api/types';

/** The brief with its foundation changed. */
export const withFoundation = (brief: Brief, edit: Partial<Foundation>): Brief => ({
  ...brief,
  foundation: { ...brief.foundation, ...edit },
});

export const withBack = (brief: Brief, edit: Partial<Back>): Brief =>
  withFoundation(brief, { back: { ...brief.foundation.back, ...edit } });

export const withRim = (brief: Brief, edit: Partial<Rim>): Brief =>
  withFoundation(brief, { rim: { ...brief.foundation.rim, ...edit } });

/** What is done to a row, with the one figure that belongs to it. */
export type RowDone = Pick<RowEdit, 'kind'> & Partial<RowEdit>;

const NOTHING_MORE = { moveMm: null, factor: null, endsAt: null };

export const withEdit = (brief: Brief, row: string, done: RowDone): Brief =>
  withFoundation(brief, {
    edits: [...brief.foundation.edits, { ...NOTHING_MORE, ...done, row }],
  });

/** How far a row has been moved by the last change, if that was a move of this row. */
export function movedBy(brief: Brief, row: string): number {
  const last = brief.foundation.edits.at(-1);
  return last?.kind === 'MOVE' && last.row === row ? (last.moveMm ?? 0) : 0;
}

/** Moves of the same row take each other's place instead of piling up. */
export function withMoveTo(
  brief: Brief,
  row: string,
  mm: number,
  range: { min: number; max: number },
): Brief {
  const { edits } = brief.foundation;
  const last = edits.at(-1);
  const moveMm = Math.max(range.min, Math.min(range.max, mm));
  const before = last?.kind === 'MOVE' && last.row === row ? edits.slice(0, -1) : edits;
  const rest = withFoundation(brief, { edits: before });
  return moveMm === 0 ? rest : withEdit(rest, row, { kind: 'MOVE', moveMm });
}

/** No row ends before this part of its length. */
const EARLIEST = 0.3;

/** Ends a row earlier or later, by a part of its length; drawn out to all of it, it ends where it would by itself. */
export function withEndMoved(brief: Brief, row: string, by: number): Brief {
  const { edits } = brief.foundation;
  const isEnd = (e: RowEdit) => e.kind === 'END_EARLIER' && e.row === row;
  const now = edits.find(isEnd)?.endsAt ?? 1;
  const endsAt = Math.max(EARLIEST, Math.min(1, Math.round((now + by) * 100) / 100));
  const rest = withFoundation(brief, { edits: edits.filter((e) => !isEnd(e)) });
  return endsAt === 1 ? rest : withEdit(rest, row, { kind: 'END_EARLIER', endsAt });
}

/** The front rows that join a row behind, from her left. */
export const joining = (plan: Plan): PlanRow[] =>
  plan.rows.filter((r) => r.section === 'FRONT' && (r.joins ?? '').startsWith('B'));

/**
 * Lets a front row join another row behind. Rows never cross: those between its old and its new one come along.
 *
 * @param rows front rows that join one behind, from her left
 * @param behind rows behind, from her left
 */
export function withJoin(
  brief: Brief,
  rows: readonly { id: string; joins: string | null }[],
  behind: readonly string[],
  row: string,
  into: string,
): Brief {
  const at = rows.findIndex((r) => r.id === row);
  const to = behind.indexOf(into);
  const joined = rows.map((r, i) => {
    const now = behind.indexOf(r.joins ?? '');
    if (i === at) return to;
    return i < at ? Math.min(now, to) : Math.max(now, to);
  });
  return withFoundation(brief, {
    joins: behind.map((_, k) => joined.filter((j) => j === k).length),
  });
}

/** Sends the tail of a row somewhere by choice; three quarters along where it enters another. */
export const withTail = (
  brief: Brief,
  row: string,
  end: TailEnd,
  into: string | null,
  at = 0.75,
): Brief =>
  withFoundation(brief, {
    tails: [
      ...brief.foundation.tails.filter((t) => t.row !== row),
      { row, end, into, at: into ? at : 0 },
    ],
  });

/** Leaves the tail of a row to be suggested again. */
export const withoutTail = (brief: Brief, row: string): Brief =>
  withFoundation(brief, { tails: brief.foundation.tails.filter((t) => t.row !== row) });
