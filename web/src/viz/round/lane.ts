import type { LookView } from '../../api/types';
import { acrossPatch } from './chance';
import { lockWidth, type Curl } from './curls';
import { springsAbout, turnsOver, wayOf } from './rise';
import { along, cross, onSkull, skullNormal, square, unit, type Axes, type Point } from './skull';

type Lock = LookView['hair'][number];

/** How far a lock lies over what is beneath it, mm, and how far the locks of one share lie over each other. */
const OVER_MM = 5.5;
const THICK_MM = 7;

/** How far the patch about a root reaches, in parts of the width with which its hair leaves it: the cover lays it out so. */
const ROOT_PATCH = 0.46;
/** So far behind its root drawn hair begins, where its loop comes from under the row. */
export const BEHIND_ROOT_MM = 6;
const COMES_OVER_MM = 30;
/** So far from where it turned over smooth hair lies wider. */
const LAID_WIDE_MM = 30;

/** How far locks of one share may lie from where they would lie evenly, against their distance: 1 and they never change places. */
const APART = 3;

/** A part that may lie beyond either end, thrown back from there. */
const within = (part: number): number => 1 - Math.abs(1 - Math.abs(part));

/**
 * How far from the middle of a band locks lie, that have a width themselves: what they hide is then spread as wide as the band's patches are.
 *
 * Spread is the mean square from the middle: a sixth of the square of half the band, and a twelfth of the square of a lock's width.
 */
const between = (half: number, wide: number): number =>
  half * Math.sqrt(Math.max(0.2, 1 - 0.5 * (wide / half) ** 2));

/** The middle of a lock before it curls: where, which way is off the head there, and how far along. */
export interface Lane {
  at: Point[];
  off: Point[];
  run: number[];
  /** How deep it lies beneath what will lie over it: 0 on top. */
  deep: number[];
  /** How much wider than elsewhere it lies there. */
  wider: number[];
}

/** What sets one lock of a share apart from the others. */
export interface OneOf {
  random: () => number;
  /** The how manyth of how many locks of its share it is. */
  k: number;
  of: number;
  loft: number;
}

const at = (flat: number[], i: number): Point => [
  flat[3 * i] ?? 0,
  flat[3 * i + 1] ?? 0,
  flat[3 * i + 2] ?? 0,
];

/** Where one of the locks of a share runs: leaves its root, then keeps its place across the band of the share's hair. */
export function laneOf(lock: Lock, curl: Curl, axes: Axes, { random, k, of, loft }: OneOf): Lane {
  // Locks of one share lie beside each other by chance, but not all on one side.
  const q = acrossPatch(within((k + 0.5 + APART * (random() - 0.5)) / of));
  // On which layer of its own share's hair it lies.
  const layer = random();
  const thick = THICK_MM * Math.sqrt(loft) * (lock.isDrawn ? 0.4 : 1) * layer;
  const lane: Lane = { at: [], off: [], run: [], deep: [], wider: [] };
  let run = 0;
  const add = ({ at: p, off }: Laid, wider = 1) => {
    const before = lane.at[lane.at.length - 1];
    if (before) run += Math.hypot(p[0] - before[0], p[1] - before[1], p[2] - before[2]);
    lane.at.push(p);
    lane.off.push(off);
    lane.run.push(run);
    lane.deep.push(1 - layer);
    lane.wider.push(wider);
  };
  const places = alongBand(lock, curl, axes, q, thick);
  const root = at(lock.line, 0);
  if (lock.isDrawn && places.length > 0) {
    // Its loop goes round the row: from behind that it comes over it.
    const way = unit(along(at(lock.line, Math.min(1, lock.band.length - 1)), root, -1));
    add(over(axes, along(root, way, -BEHIND_ROOT_MM), OVER_MM));
  }
  let wider = 1;
  if (lock.riseMm > 0) {
    const first = places[0]?.at ?? root;
    const rise = {
      root,
      way: unit(along(places[1]?.at ?? first, first, -1)),
      riseMm: lock.riseMm,
      reachMm: (lock.band[0] ?? 0) * ROOT_PATCH,
      asideMm: (q * (lock.band[0] ?? 0)) / 2,
      part: (k + random()) / of,
      lift: Math.sqrt(loft),
    };
    const rises = curl.isSmooth ? turnsOver(rise, axes, random) : springsAbout(rise, axes, random);
    // What of its length does not go into the turn makes it wider where it is laid over, as the cover lays all of it there.
    if (curl.isSmooth) wider = 1 + Math.max(0, lock.riseMm - wayOf(rises)) / LAID_WIDE_MM;
    rises.forEach(({ at: p, highMm }, i) => {
      const t = i / rises.length;
      const high = (OVER_MM + (lock.over[0] ?? 0) + thick) * t + highMm;
      add(over(axes, p, high), i * 2 < rises.length ? 1 : wider);
    });
  }
  for (const place of places) {
    const left = Math.max(0, 1 - place.gone / LAID_WIDE_MM);
    add(place, 1 + (wider - 1) * Math.min(1, 2 * left));
  }
  return lane;
}

/** A place of a lane, and which way is off the head there. */
interface Laid {
  at: Point;
  off: Point;
}

/** So high over the skin. */
function over(axes: Axes, p: Point, highMm: number): Laid {
  const on = onSkull(axes, p);
  const off = skullNormal(axes, on);
  return { at: along(on, off, highMm), off };
}

/**
 * Where a lock lies once it has left its root: across the band, on the head and beyond it.
 *
 * @param q how far beside the middle of its band, in [−1, 1]
 * @param thick how high in its own share's hair, mm
 */
function alongBand(lock: Lock, curl: Curl, axes: Axes, q: number, thick: number) {
  const count = lock.band.length;
  const wide = lockWidth(curl);
  const places: (Laid & { gone: number })[] = [];
  let gone = 0;
  for (let i = 0; i < count; i++) {
    const p = at(lock.line, i);
    const next = at(lock.line, Math.min(count - 1, i + 1));
    const before = at(lock.line, Math.max(0, i - 1));
    const way = unit(along(next, before, -1));
    const isOn = i < lock.onHead;
    const normal = isOn ? skullNormal(axes, p) : square(unit([p[0], p[1] + 25, 0]), way);
    const aside = unit(cross(way, normal));
    const half = between((lock.band[i] ?? 0) / 2, wide);
    gone += Math.hypot(p[0] - before[0], p[1] - before[1], p[2] - before[2]);
    // Drawn hair leaves its row as high as that is, and comes over what lies there only further on.
    const comes = lock.isDrawn ? Math.min(1, gone / COMES_OVER_MM) : 1;
    const high = OVER_MM + comes * ((lock.over[i] ?? 0) + thick);
    // From its knot drawn hair fans out, as round as the cover lays it.
    const still = lock.isDrawn
      ? Math.max(0, 1 - (gone + BEHIND_ROOT_MM) / (half + BEHIND_ROOT_MM))
      : 0;
    const spread = along(p, aside, q * half * Math.sqrt(1 - still * still));
    const laid = isOn ? over(axes, spread, high) : { at: along(spread, normal, high), off: normal };
    places.push({ ...laid, gone });
  }
  return places;
}
