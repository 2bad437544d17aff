import { fromMiddle } from './chance';
import { along, cross, skullNormal, square, type Axes, type Point } from './skull';

/** How hair leaves its root: what the cover lays out as a round patch of so much of its length. */
export interface Rise {
  root: Point;
  /** Where it falls from there, a unit vector along the head. */
  way: Point;
  riseMm: number;
  /** How far the patch reaches about the root, mm. */
  reachMm: number;
  /** How far beside the root this lock's lane begins, mm; to the left of the way where it is negative. */
  asideMm: number;
  /** Which of the locks of its share it is, in [0, 1). */
  part: number;
  /** How much higher it stands than on the day of the install. */
  lift: number;
}

/** A place on the way that it rises, before it is put on the head, and how high over the head it is there, mm. */
export interface Risen {
  at: Point;
  highMm: number;
}

/** How high hair springs about its root, and smooth hair turns over behind it, in parts of the length with which it does so. */
const SPRINGS = 0.26;
const TURNS_OVER = 0.1;

const STEP_MM = 9;
const MIN_ROUND_MM = 6;

/** Curls spring about in the patch, and come to their lane. */
export function springsAbout(rise: Rise, axes: Axes, random: () => number): Risen[] {
  const { root, riseMm } = rise;
  const normal = skullNormal(axes, root);
  const u = square([1, 0, 0.01], normal);
  const v = cross(normal, u);
  const far = rise.reachMm * fromMiddle(random);
  const from = 2 * Math.PI * rise.part;
  const high = riseMm * SPRINGS * rise.lift * (0.6 + 0.6 * random());
  const goes = Math.max(STEP_MM, riseMm - far);
  const round = (random() < 0.5 ? 1 : -1) / Math.max(far, MIN_ROUND_MM);
  const ways = [root];
  for (let run = 0; run <= goes; run += STEP_MM) {
    const turned = from + run * round;
    ways.push(along(along(root, u, far * Math.cos(turned)), v, far * Math.sin(turned)));
  }
  return ways.map((at, i) => ({ at, highMm: high * Math.sin((Math.PI * i) / ways.length) }));
}

/** Parts of the way back over the root, which is as long as the way behind it. */
const BACK = [0, 0.45, 0.85, 1, 0.9, 0.6, 0.3];
const TURNS_AT = BACK.indexOf(1);

/**
 * Smooth hair leaves its knot backward, turns over and falls: what is seen of it lies the way it falls, and not across.
 */
export function turnsOver(rise: Rise, axes: Axes, random: () => number): Risen[] {
  const { root, way, asideMm, reachMm, riseMm } = rise;
  const aside = cross(way, skullNormal(axes, root));
  const within = reachMm * Math.sqrt(Math.max(0, 1 - (asideMm / reachMm) ** 2));
  const behind = Math.min(riseMm / 2, within) * (0.55 + 0.45 * random());
  const high = riseMm * TURNS_OVER * rise.lift * (0.7 + 0.6 * random());
  // Below it goes where it will lie by then: beside the root as it is behind it.
  return BACK.map((part, i) => {
    const gone = i / BACK.length;
    const spread = Math.min(1, i / TURNS_AT);
    return {
      at: along(along(root, way, -behind * part), aside, asideMm * spread),
      highMm: high * Math.sin(Math.PI * gone),
    };
  });
}

/** How long the way is along which it rises, seen from above, mm. */
export const wayOf = (risen: readonly Risen[]): number =>
  risen.reduce((sum, { at: p }, i) => {
    const { at: q } = risen[i - 1] ?? { at: p };
    return sum + Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  }, 0);
