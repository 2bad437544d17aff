import { BufferAttribute, BufferGeometry, Color } from 'three';
import { toScene } from '../../lib/scene';
import { tintOf } from '../tints';
import type { Locks } from './locks';

/** Her own hair, where it is drawn. */
const OWN_TINT = '#2b211b';

/**
 * The one surface that all locks are drawn as: two corners to a point, moved apart where it is drawn.
 *
 * @param colours the colour of each hair of the plan
 */
export function hairGeometry(locks: Locks, colours: string[]): BufferGeometry {
  const points = locks.half.length;
  const xyz = toScene(locks.middle);
  const position = new Float32Array(points * 6);
  const way = new Float32Array(points * 6);
  const band = new Float32Array(points * 8);
  const tint = new Float32Array(points * 6);
  const kind = new Float32Array(points * 6);
  const index = new Uint32Array(Math.max(0, points - (locks.starts.length - 1)) * 6);
  const tints = colours.map((c) => new Color(tintOf(c)));
  const own = new Color(OWN_TINT);
  let next = 0;
  for (let lock = 0; lock + 1 < locks.starts.length; lock++) {
    const from = locks.starts[lock] ?? 0;
    const to = locks.starts[lock + 1] ?? 0;
    const strand = locks.strand[lock] ?? 0;
    const colour = strand < 0 ? own : (tints[strand] ?? tints[0] ?? own);
    for (let i = from; i < to; i++) {
      const before = 3 * Math.max(from, i - 1);
      const after = 3 * Math.min(to - 1, i + 1);
      for (let side = 0; side < 2; side++) {
        const corner = 2 * i + side;
        for (let axis = 0; axis < 3; axis++) {
          position[3 * corner + axis] = xyz[3 * i + axis] ?? 0;
          way[3 * corner + axis] = (xyz[after + axis] ?? 0) - (xyz[before + axis] ?? 0);
        }
        band.set(
          [locks.half[i] ?? 0, 2 * side - 1, locks.run[i] ?? 0, locks.light[i] ?? 1],
          4 * corner,
        );
        tint.set([colour.r, colour.g, colour.b], 3 * corner);
        kind.set(
          [locks.grain[lock] ?? 0, locks.gloss[lock] ?? 0, locks.luck[lock] ?? 0],
          3 * corner,
        );
      }
    }
  }
  for (const lock of outermostFirst(locks, xyz)) {
    for (let i = (locks.starts[lock] ?? 0) + 1; i < (locks.starts[lock + 1] ?? 0); i++) {
      const v = 2 * i;
      index.set([v - 2, v - 1, v, v - 1, v + 1, v], next);
      next += 6;
    }
  }
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(position, 3));
  g.setAttribute('way', new BufferAttribute(way, 3));
  g.setAttribute('band', new BufferAttribute(band, 4));
  g.setAttribute('tint', new BufferAttribute(tint, 3));
  g.setAttribute('kind', new BufferAttribute(kind, 3));
  g.setIndex(new BufferAttribute(index, 1));
  return g;
}

/** The order in which least is painted over: what lies beneath other hair is then left out before it is painted at all. */
function outermostFirst({ starts }: Locks, xyz: Float32Array): number[] {
  const out = Array.from({ length: Math.max(0, starts.length - 1) }, (_, lock) => {
    const from = starts[lock] ?? 0;
    const to = starts[lock + 1] ?? 0;
    let sum = 0;
    for (let i = from; i < to; i++) {
      sum += Math.hypot(xyz[3 * i] ?? 0, xyz[3 * i + 1] ?? 0, xyz[3 * i + 2] ?? 0);
    }
    return sum / Math.max(1, to - from);
  });
  return out.map((_, lock) => lock).sort((a, b) => (out[b] ?? 0) - (out[a] ?? 0));
}
