import type { Drawn, PlanStation, StationKind } from '../../api/types';
import { toPicture } from '../../lib/curve';

/** Radius of the bead of a whole loop, mm; smaller shares have beads of proportionate area. */
const WHOLE_RADIUS_MM = 2.9;
const BARB_MM = 3.4;
/** A barb grows with the room there is to the next share of its row, up to this, to be read at arm's length. */
const MAX_BARB = 2.3;
/** So much room, mm, lets a barb be its least size. */
const ROOM_MM = 9;

/** A bead as lines of a drawing: its outline, and strokes within it for knots that have some. */
export interface Bead {
  outline: string;
  inner: string;
  barb: string;
}

const round = (v: number): number => Math.round(v * 100) / 100;

/** A place in a bead's own frame, x the way the hook goes in, set where the bead is. */
type Set = (x: number, y: number) => string;

/**
 * The bead of a station, as large as its share. Round is the regular knot, half-round the invisible one with its flat side the
 * way the hook goes in, a diamond double-entry, round with a twist stroke twist-first, a ring the bead lock.
 *
 * @param room how far the next share of its row is, mm
 */
export function beadOf(station: PlanStation, kind: StationKind, room = 0): Bead {
  const at = toPicture(station.x, station.y);
  const toward = toPicture(station.towardX, station.towardY);
  const r = WHOLE_RADIUS_MM / Math.sqrt(kind.shareParts);
  const set: Set = (x, y) =>
    `${round(at.x + x * toward.x - y * toward.y)} ${round(at.y + x * toward.y + y * toward.x)}`;
  return {
    outline: outline(kind.knot, r, set),
    inner: inner(kind.knot, r, set),
    barb: barb(r, Math.max(1, Math.min(MAX_BARB, room / ROOM_MM)), set),
  };
}

function barb(r: number, size: number, set: Set): string {
  const tip = r + 1.8 * size;
  const back = tip - 2.6 * size;
  const wide = 1.9 * size;
  return `M${set(-r - BARB_MM * size, 0)}L${set(tip, 0)}M${set(back, -wide)}L${set(tip, 0)}L${set(back, wide)}`;
}

const disc = (r: number, set: Set) =>
  `M${set(-r, 0)}A${round(r)} ${round(r)} 0 1 1 ${set(r, 0)}A${round(r)} ${round(r)} 0 1 1 ${set(-r, 0)}Z`;

function outline(knot: StationKind['knot'], r: number, set: Set): string {
  if (knot === 'INVISIBLE') {
    // As large as the round one, with its flat side ahead.
    const s = round(r * 1.35);
    return `M${set(s / 2, -s)}A${s} ${s} 0 0 0 ${set(s / 2, s)}Z`;
  }
  if (knot === 'DOUBLE_ENTRY') {
    const s = r * 1.25;
    return `M${set(s, 0)}L${set(0, s)}L${set(-s, 0)}L${set(0, -s)}Z`;
  }
  return disc(r, set);
}

function inner(knot: StationKind['knot'], r: number, set: Set): string {
  if (knot === 'TWIST_FIRST') {
    return `M${set(-r * 0.6, r * 0.6)}C${set(-r * 0.2, -r * 0.6)} ${set(r * 0.2, r * 0.6)} ${set(r * 0.6, -r * 0.6)}`;
  }
  return knot === 'BEAD' ? disc(r * 0.4, set) : '';
}

/** What a station has in common with others of its kind. */
export function kindOf(plan: Pick<Drawn, 'kinds'>, station: PlanStation): StationKind {
  const kind = plan.kinds[station.kind];
  if (!kind) throw new Error(`station ${station.id} is of no kind`);
  return kind;
}
