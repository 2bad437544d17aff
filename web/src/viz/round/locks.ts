import type { LookView } from '../../api/types';
import { acrossPatch, chance } from './chance';
import { curlOf, GRAINS, hides, lockWidth, type Curl } from './curls';
import { BEHIND_ROOT_MM, laneOf, type Lane, type OneOf } from './lane';
import { along, cross, onSkull, skullNormal, square, unit, type Axes, type Point } from './skull';

type Lock = LookView['hair'][number];

/** How much of the hair is drawn: less while it is turned. */
export interface Detail {
  /** Locks against all of them; those that are left are as much wider. */
  locks: number;
  /** Points along each against all of them. */
  points: number;
  /** Each lock as one band, as wide as its bands together. */
  isWhole: boolean;
  /** Whether hair that is tied is drawn beyond its tie, too: a tail hides skin, but swings aside and covers none. */
  hasTails: boolean;
}

export const FULL: Detail = { locks: 1, points: 1, isWhole: false, hasTails: true };
export const TURNING: Detail = { locks: 0.5, points: 0.35, isWhole: true, hasTails: true };

/** Locks as chains of points in the scalp frame, mm: chain i runs from starts[i] to starts[i + 1]. */
export interface Locks {
  starts: number[];
  /** x, y, z of each point. */
  middle: number[];
  /** Half the width of the band there. */
  half: number[];
  /** How far along the lock it lies, mm. */
  run: number[];
  /** How much light reaches it, 0 to 1: less at the root, in the hollow of a curl, and beneath other hair. */
  light: number[];
  /** What each lock is: which strand of the plan (−1 is her own hair), its grain by its place in GRAINS, gloss, and a number by chance. */
  strand: number[];
  grain: number[];
  gloss: number[];
  luck: number[];
}

/** What her own hair is called among the strands of the plan. */
const OWN = -1;

/** Hair that is drawn smooth loses most of its curl until it is tied. */
const SMOOTHED = 0.22;
const FLATTENED = 1.4;
/** A twist stays as round as it is. */
const flattened = ({ grain }: Curl): number => (grain === 'twist' ? 1 : FLATTENED);

/** Where it comes over its row drawn hair is bunched to so much of its width; it has opened once it lies as wide as its band. */
const BUNCHED = 0.45;

/** The parts of a lock's length over which it opens from its knot and over which it ends. */
const OPENS_MM = 18;
const ENDS_MM = 60;
const ENDS = 0.16;

const empty = (): Locks => ({
  starts: [0],
  middle: [],
  half: [],
  run: [],
  light: [],
  strand: [],
  grain: [],
  gloss: [],
  luck: [],
});

/**
 * Draws hair as locks along its computed falls: as many, and as wide, as hide what the cover says they hide.
 *
 * Locks lie across a band by chance, as thick in its middle as the cover lays it out. Of ground over which bands by chance lie so many
 * times, e to the minus that many is seen: that is the cover's own law, so what is drawn and what is computed agree.
 */
export function buildLocks(look: LookView, axes: Axes, detail: Detail = FULL): Locks {
  const all = empty();
  look.hair.forEach((whole, i) => {
    const lock = detail.hasTails || !whole.isDrawn ? whole : untilTied(whole);
    const curl = drawn(curlOf(lock.texture, lock.curlMm), detail);
    const lies = lock.isDrawn ? smoothed(curl) : curl;
    const wanted = (lock.coversMm / look.seenThrough / hides(lies)) * detail.locks;
    const count = Math.max(1, Math.round(wanted));
    const wide = Math.min(1.6, Math.max(0.6, wanted / count)) / detail.locks;
    for (let k = 0; k < count; k++) {
      addLock(all, lock, curl, axes, {
        random: chance(i, k),
        k,
        of: count,
        wide,
        loft: look.loft,
        detail,
      });
    }
  });
  look.laid.forEach((patch, i) => {
    addPatch(all, patch, axes, look.seenThrough, i);
  });
  return all;
}

/** What of drawn hair lies on the head. */
const untilTied = (lock: Lock): Lock => ({
  ...lock,
  line: lock.line.slice(0, 3 * lock.onHead),
  band: lock.band.slice(0, lock.onHead),
  over: lock.over.slice(0, lock.onHead),
});

/** A curl that is drawn smooth. */
const smoothed = (c: Curl): Curl => ({
  ...c,
  aside: c.aside * SMOOTHED,
  off: c.off * SMOOTHED,
  width: c.width * flattened(c),
});

/** A curl as it is drawn in so much detail. */
function drawn(curl: Curl, { isWhole }: Detail): Curl {
  return isWhole && curl.bands > 1 ? { ...curl, bands: 1, width: lockWidth(curl) } : curl;
}

interface Own extends OneOf {
  wide: number;
  detail: Detail;
}

function addLock(all: Locks, lock: Lock, curl: Curl, axes: Axes, own: Own): void {
  const { random } = own;
  const lane = laneOf(lock, curl, axes, own);
  // One that went a longer way about its root ends as much sooner.
  const length = Math.min(lane.run[lane.run.length - 1] ?? 0, lock.riseMm + lineMm(lock));
  const shape: Turning = {
    ends: length * (1 - 0.06 * random()),
    turn: curl.turn * (1 + curl.loose * (random() - 0.5)),
    phase: random() * 2 * Math.PI,
    handed: random() < 0.5 ? -1 : 1,
    swing: 0.85 + 0.3 * random(),
    shift: 0,
    raise: 0,
  };
  const luck = random();
  for (let b = 0; b < curl.bands; b++) {
    const beside = b - (curl.bands - 1) / 2;
    addBand(all, lock, curl, lane, own, {
      ...shape,
      ends: shape.ends * (1 - 0.04 * random()),
      phase: shape.phase + 0.5 * (random() - 0.5) + 0.25 * beside,
      swing: shape.swing * (1 + 0.16 * (random() - 0.5)),
      shift: beside * curl.width * own.wide * 0.8,
      raise: curl.width * 0.5 * random(),
    });
    all.strand.push(lock.strands[own.k % lock.strands.length] ?? OWN);
    all.grain.push(GRAINS.indexOf(curl.grain));
    all.gloss.push(curl.gloss);
    all.luck.push(Math.min(0.999, Math.max(0, luck + 0.3 * (random() - 0.5))));
  }
}

/** How long the way is along which a share falls, mm. */
function lineMm({ line }: Lock): number {
  let sum = 0;
  for (let i = 3; i + 2 < line.length; i += 3) {
    sum += Math.hypot(
      (line[i] ?? 0) - (line[i - 3] ?? 0),
      (line[i + 1] ?? 0) - (line[i - 2] ?? 0),
      (line[i + 2] ?? 0) - (line[i - 1] ?? 0),
    );
  }
  return sum;
}

/** How one band of a lock turns about its lane. */
interface Turning {
  ends: number;
  turn: number;
  phase: number;
  handed: number;
  swing: number;
  /** How far beside the lane and over it, mm. */
  shift: number;
  raise: number;
}

function addBand(all: Locks, lock: Lock, curl: Curl, lane: Lane, own: Own, t: Turning): void {
  const step = Math.max(curl.turn / (curl.perTurn * own.detail.points), 2.2);
  const count = Math.max(6, Math.round(t.ends / step));
  const lift = Math.sqrt(own.loft);
  const frizz = chance(own.k, Math.floor(t.phase * 1e5));
  let seg = 0;
  for (let i = 0; i <= count; i++) {
    const run = (t.ends * i) / count;
    while (seg + 2 < lane.run.length && (lane.run[seg + 1] ?? 0) < run) seg++;
    const [from, to] = [lane.run[seg] ?? 0, lane.run[seg + 1] ?? 1];
    const part = to > from ? Math.min(1, Math.max(0, (run - from) / (to - from))) : 0;
    const p = mix(lane.at, seg, part);
    const off = unit(mix(lane.off, seg, part));
    const ahead = mix(lane.at, seg, Math.min(1, part + 0.15));
    const behind = mix(lane.at, seg, Math.max(0, part - 0.15));
    const way = unit(along(ahead, behind, -1));
    const aside = unit(cross(way, off));
    const up = unit(cross(aside, way));
    const isSmooth = lock.isDrawn && seg < lock.onHead;
    const opens = Math.min(1, run / OPENS_MM);
    const opening = opens * (isSmooth ? SMOOTHED : 1) * lift;
    const a = t.phase + (t.handed * run * 2 * Math.PI) / t.turn;
    const rough = curl.grain === 'frizz' ? 0.5 + frizz() : 1;
    const swung = Math.sin(a) * curl.aside * opening * t.swing * rough + t.shift * opens;
    // What is off the head swings outward only: there is no room on the inner side.
    const raised = (1 + Math.cos(a)) * curl.off * opening * t.swing * rough + t.raise;
    const at = along(along(p, aside, swung), up, raised);
    all.middle.push(at[0], at[1], at[2]);
    const left = Math.max(0, t.ends - run);
    const thins =
      lock.isDrawn && !own.detail.hasTails ? 1 : Math.sqrt(left / Math.min(ENDS_MM, ENDS * t.ends));
    const opened = lock.isDrawn
      ? Math.min(1, BUNCHED + ((1 - BUNCHED) * run) / ((lock.band[0] ?? 0) / 2 + BEHIND_ROOT_MM))
      : Math.min(1, 0.7 + run / OPENS_MM);
    const taper = opened * Math.min(1, 0.1 + thins);
    const wider = (lane.wider[seg] ?? 1) * (1 - part) + (lane.wider[seg + 1] ?? 1) * part;
    all.half.push((curl.width / 2) * own.wide * wider * taper * (isSmooth ? flattened(curl) : 1));
    all.run.push(run);
    const bulge = 0.5 + 0.5 * Math.cos(a) * Math.min(1, curl.off / 2);
    const inner = 1 - 0.5 * (lane.deep[seg] ?? 0);
    all.light.push((0.3 + 0.7 * Math.min(1, run / 90)) * (0.55 + 0.45 * bulge) * inner);
  }
  all.starts.push(all.half.length);
}

/** A place on a chain of points, rounded through them. */
function mix(points: Point[], seg: number, t: number): Point {
  const p = points[seg] ?? [0, 0, 0];
  const q = points[seg + 1] ?? p;
  const o = points[seg - 1] ?? along(p, along(q, p, -1), -1);
  const r = points[seg + 2] ?? along(q, along(p, q, -1), -1);
  const axis = (k: 0 | 1 | 2) =>
    p[k] +
    0.5 *
      t *
      (q[k] -
        o[k] +
        t * (2 * o[k] - 5 * p[k] + 4 * q[k] - r[k] + t * (3 * (p[k] - q[k]) + r[k] - o[k])));
  return [axis(0), axis(1), axis(2)];
}

const PATCH_PIECE_MM = 22;
const PATCH_WIDE_MM = 6;

/** What lies where it is: short pieces by chance, as many as lie so many times over its area. */
function addPatch(
  all: Locks,
  { x, y, z, areaMm2, depth }: LookView['laid'][number],
  axes: Axes,
  seenThrough: number,
  index: number,
): void {
  const normal = skullNormal(axes, [x, y, z]);
  const u = square([1, 0, 0.01], normal);
  const v = cross(normal, u);
  const radius = Math.sqrt(areaMm2) * 0.8;
  const count = Math.max(
    1,
    Math.round((areaMm2 * depth) / seenThrough / (PATCH_PIECE_MM * PATCH_WIDE_MM)),
  );
  for (let k = 0; k < count; k++) {
    const random = chance(index + 5000, k);
    const middle = along(
      along([x, y, z], u, radius * acrossPatch(random())),
      v,
      radius * acrossPatch(random()),
    );
    const turned = random() * Math.PI;
    const way = along(
      [u[0] * Math.cos(turned), u[1] * Math.cos(turned), u[2] * Math.cos(turned)],
      v,
      Math.sin(turned),
    );
    for (let i = 0; i <= 4; i++) {
      const on = onSkull(axes, along(middle, way, PATCH_PIECE_MM * (i / 4 - 0.5)));
      const p = along(on, skullNormal(axes, on), 2 + 2 * random());
      all.middle.push(p[0], p[1], p[2]);
      all.half.push((PATCH_WIDE_MM / 2) * (i === 0 || i === 4 ? 0.5 : 1));
      all.run.push((PATCH_PIECE_MM * i) / 4);
      all.light.push(0.6);
    }
    all.starts.push(all.half.length);
    all.strand.push(OWN);
    all.grain.push(GRAINS.indexOf('twist'));
    all.gloss.push(0.3);
    all.luck.push(random());
  }
}
