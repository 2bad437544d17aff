import type { Back, Brief, Foundation, Rim, RowEdit, TailEnd } from '../../api/types';

/** The brief with its foundation changed. */
export const withFoundation = (brief: Brief, edit: Partial<Foundation>): Brief => ({
  ...brief,
  foundation: { ...brief.foundation, ...edit },
});

const PLAIN_BACK: Back = {
  family: 'STRAIGHT',
  levels: null,
  startsOnRight: null,
  frontTails: null,
  pitchMm: null,
  capEdgeMm: null,
  isWideMesh: null,
  isDoubled: null,
  isHookedOff: null,
};

const PLAIN_RIM: Rim = {
  sparesEdges: false,
  leaveOut: 'NOWHERE',
  leaveOutMm: null,
  setBackMm: null,
  perimeter: 'NOWHERE',
  perimeterMm: null,
  individuals: 'NOWHERE',
  individualCount: null,
  individualLines: null,
  individualBaseMm: null,
  isBanded: false,
};

/** What older plans do not say is as it was then. */
export const backOf = (brief: Brief): Back => brief.foundation.back ?? PLAIN_BACK;
export const rimOf = (brief: Brief): Rim => brief.foundation.rim ?? PLAIN_RIM;

export const withBack = (brief: Brief, edit: Partial<Back>): Brief =>
  withFoundation(brief, { back: { ...backOf(brief), ...edit } });

export const withRim = (brief: Brief, edit: Partial<Rim>): Brief =>
  withFoundation(brief, { rim: { ...rimOf(brief), ...edit } });

export const withEdit = (brief: Brief, edit: RowEdit): Brief =>
  withFoundation(brief, { edits: [...(brief.foundation.edits ?? []), edit] });

/** How far a row has been moved by the last change, if that was a move of this row. */
export function movedBy(brief: Brief, row: string): number {
  const last = brief.foundation.edits?.at(-1);
  return last?.kind === 'MOVE' && last.row === row ? last.amount : 0;
}

/** Moves of the same row take each other's place instead of piling up. */
export function withMoveTo(
  brief: Brief,
  row: string,
  mm: number,
  range: { min: number; max: number },
): Brief {
  const edits = brief.foundation.edits ?? [];
  const last = edits.at(-1);
  const amount = Math.max(range.min, Math.min(range.max, mm));
  const before = last?.kind === 'MOVE' && last.row === row ? edits.slice(0, -1) : edits;
  return withFoundation(brief, {
    edits: amount === 0 ? before : [...before, { row, kind: 'MOVE', amount }],
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
      ...(brief.foundation.tails ?? []).filter((t) => t.row !== row),
      { row, end, into, at: into ? at : 0 },
    ],
  });

/** Leaves the tail of a row to be suggested again. */
export const withoutTail = (brief: Brief, row: string): Brief =>
  withFoundation(brief, { tails: (brief.foundation.tails ?? []).filter((t) => t.row !== row) });
