import type { PlanRow } from '../../../api/types';
import { points } from '../../../lib/curve';

/** One thing that is done at its turn. */
export interface Turn {
  number: number;
  /** The row it is done on, if it is one. */
  row: string | undefined;
  /** The row on the other side, if both are done in turn. */
  twin?: string | undefined;
  /** What it is about, in a word or two. */
  name: string;
  /** How much of it there is. */
  aside: string;
  /** All of it, in a sentence. */
  words: string;
  mark?: string | undefined;
}

/** Rows are each other's mirror image if their middles lie within this of it, mm. */
const MIRROR_MM = 18;
const APART_MM = 4;

/** Turns in groups: two that follow each other on mirrored rows, left and right, are one. */
export function inTurns(rows: readonly PlanRow[], turns: readonly Turn[]): Turn[][] {
  const groups: Turn[][] = [];
  for (let i = 0; i < turns.length; i++) {
    const one = turns[i] as Turn;
    const next = turns[i + 1];
    if (next && isMirrored(rows, one.row, next.row)) {
      groups.push([one, next]);
      i++;
    } else {
      groups.push([one]);
    }
  }
  return groups;
}

function isMirrored(rows: readonly PlanRow[], a: string | undefined, b: string | undefined) {
  const one = middle(rows, a);
  const other = middle(rows, b);
  if (a === b || !one || !other || Math.abs(one.x) < APART_MM) return false;
  return Math.hypot(one.x + other.x, one.y - other.y) < MIRROR_MM;
}

function middle(rows: readonly PlanRow[], id: string | undefined) {
  const line = points(rows.find((r) => r.id === id)?.path ?? []);
  return line[Math.floor(line.length / 2)];
}
