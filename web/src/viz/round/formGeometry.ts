import { BufferAttribute, BufferGeometry, CatmullRomCurve3, TubeGeometry, Vector3 } from 'three';
import type { Solid } from '../../api/types';
import { toScene } from '../../lib/scene';

type Rings = Solid['form']['head'];

/** A surface of rings, closed round. */
export function ringsGeometry({ rings, sectors, points }: Rings): BufferGeometry {
  const index: number[] = [];
  for (let i = 0; i < rings; i++) {
    for (let j = 0; j < sectors; j++) {
      const a = i * sectors + j;
      const b = i * sectors + ((j + 1) % sectors);
      index.push(a, b, a + sectors, b, b + sectors, a + sectors);
    }
  }
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(toScene(points), 3));
  g.setIndex(index);
  g.computeVertexNormals();
  return g;
}

/** A line over the scalp as a round cord. */
export function cordGeometry(flat: number[], radius: number, lift = 0): TubeGeometry {
  const xyz = toScene(flat);
  const points: Vector3[] = [];
  for (let i = 0; i + 2 < xyz.length; i += 3) {
    const p = new Vector3(xyz[i], xyz[i + 1], xyz[i + 2]);
    points.push(p.setLength(p.length() + lift));
  }
  return new TubeGeometry(
    new CatmullRomCurve3(points),
    Math.max(8, Math.ceil(points.length * 0.6)),
    radius,
    5,
  );
}

export function lengthOf(flat: number[]): number {
  let sum = 0;
  for (let i = 3; i + 2 < flat.length; i += 3) {
    sum += Math.hypot(
      (flat[i] ?? 0) - (flat[i - 3] ?? 0),
      (flat[i + 1] ?? 0) - (flat[i - 2] ?? 0),
      (flat[i + 2] ?? 0) - (flat[i - 1] ?? 0),
    );
  }
  return sum;
}

const EAR_RINGS = 14;
const EAR_SECTORS = 22;

/**
 * An ear, flat against the head, its rim rolled and its middle hollow.
 *
 * @param side −1 her left, 1 her right
 */
export function earGeometry({ a, b }: Solid['axes'], side: number): BufferGeometry {
  const scale = a / 97;
  const points: number[] = [];
  for (let i = 0; i <= EAR_RINGS; i++) {
    const r = i / EAR_RINGS;
    for (let j = 0; j < EAR_SECTORS; j++) {
      const t = (2 * Math.PI * j) / EAR_SECTORS;
      // Wider above, a lobe below; leaning back as it rises.
      const tall = 32 * scale;
      const wide = (18 - 5 * Math.cos(t - Math.PI)) * scale * (Math.cos(t) < 0 ? 0.82 : 1);
      const z = r * tall * Math.cos(t);
      const y = r * wide * Math.sin(t);
      const rim = Math.exp(-(((r - 0.86) / 0.13) ** 2));
      const bowl = Math.exp(-((r / 0.45) ** 2));
      const stands =
        (r < 1 ? 6.5 * rim - 3.5 * bowl + 5 * (y / wide < 0 ? -y / wide : 0) * r : 0) * scale;
      const x = b * 0.985 - 1.5 * scale + stands - 0.06 * Math.abs(z);
      points.push(side * x, y - 9 * scale - 0.18 * z, z - 4 * scale);
    }
  }
  return ringsGeometry({ rings: EAR_RINGS, sectors: EAR_SECTORS, points });
}
