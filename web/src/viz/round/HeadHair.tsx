import { useEffect, useMemo } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  CatmullRomCurve3,
  Color,
  DoubleSide,
  Vector3,
} from 'three';
import type { Worn } from '../../api/types';
import { toScene } from '../../lib/scene';
import { tintOf } from '../tints';

type Hair = Worn['hair'];

/** Locks drawn for a whole loop; a share has its part of them. */
const LOCKS = 16;
const POINTS_PER_CURL = 7;
const MOST_POINTS = 110;
const LOCK_WIDTH_MM = 2.3;
/** How far the locks of one share spread apart at their ends, mm, at the loft of the first day. */
const SPREAD_MM = 26;
/** And at their roots, mm: the two legs leave to both sides of the row. */
const ROOT_SPREAD_MM = 6;
/** Hair begins a little over the scalp. */
const LIFT_MM = 7;
/** So much of a curl's width does hair swing to either side. */
const SWING = 0.42;

interface Props {
  hair: Hair;
  colours: string[];
  /** Volume against that of the first day. */
  loft: number;
}

/** The hair of every share along its computed fall: each lock a narrow band that curls as wide and as often as its line does. */
export function HeadHair({ hair, colours, loft }: Props) {
  const geometry = useMemo(() => build(hair, colours, loft), [hair, colours, loft]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      <meshStandardMaterial vertexColors roughness={0.75} side={DoubleSide} />
    </mesh>
  );
}

function build(hair: Hair, colours: string[], loft: number): BufferGeometry {
  const positions: number[] = [];
  const tints: number[] = [];
  const index: number[] = [];
  hair.forEach((h, station) => {
    const guide = guideOf(h.line, h.onHead, loft);
    if (!guide) return;
    const locks = Math.max(2, Math.round(LOCKS / h.shareParts));
    for (let k = 0; k < locks; k++) {
      addLock(
        { positions, tints, index },
        guide,
        h,
        colours[h.strand] ?? '',
        seed(station, k),
        loft,
      );
    }
  });
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  g.setAttribute('color', new BufferAttribute(new Float32Array(tints), 3));
  g.setIndex(index);
  g.computeVertexNormals();
  return g;
}

/** The middle of a share's hair, lifted off the scalp by its volume. */
function guideOf(flat: number[], onHead: number, loft: number): CatmullRomCurve3 | null {
  const xyz = toScene(flat);
  const points: Vector3[] = [];
  for (let i = 0; i + 2 < xyz.length; i += 3) {
    const p = new Vector3(xyz[i], xyz[i + 1], xyz[i + 2]);
    const along = i / 3;
    const rises = along < onHead ? LIFT_MM + Math.min(1, along / 4) * 9 * loft : LIFT_MM + 9 * loft;
    points.push(p.setLength(p.length() + rises));
  }
  return points.length < 2 ? null : new CatmullRomCurve3(points, false, 'centripetal');
}

interface Mesh {
  positions: number[];
  tints: number[];
  index: number[];
}

const UP = new Vector3(0, 1, 0);

function addLock(
  mesh: Mesh,
  guide: CatmullRomCurve3,
  h: Hair[number],
  colour: string,
  random: () => number,
  loft: number,
) {
  const turns = h.lengthMm / (h.curlMm * 2.4);
  const steps = Math.min(MOST_POINTS, Math.max(10, Math.round(turns * POINTS_PER_CURL)));
  const swing = h.curlMm * SWING * (0.8 + 0.4 * random()) * Math.sqrt(loft);
  const phase = random() * 2 * Math.PI;
  const aside = (random() - 0.5) * 2;
  const out = random();
  const length = 0.86 + 0.14 * random();
  const tint = new Color(tintOf(colour)).offsetHSL(0, 0, (random() - 0.5) * 0.1 + 0.06);
  const first = mesh.positions.length / 3;
  const across = new Vector3();
  const normal = new Vector3();
  for (let i = 0; i <= steps; i++) {
    const t = (i / steps) * length;
    const p = guide.getPoint(t);
    const tangent = guide.getTangent(t);
    normal.copy(p).normalize();
    across.crossVectors(tangent, Math.abs(tangent.dot(normal)) > 0.95 ? UP : normal).normalize();
    normal.crossVectors(across, tangent).normalize();
    // Curls open over the first fingers, and locks part as they go down.
    const opening = Math.min(1, t * 5);
    const a = phase + t * turns * 2 * Math.PI;
    const spread = (ROOT_SPREAD_MM + SPREAD_MM * loft * Math.sqrt(t)) * aside;
    p.addScaledVector(across, Math.sin(a) * swing * opening + spread);
    p.addScaledVector(normal, (Math.cos(a) * 0.6 + 0.6) * swing * opening + out * 8 * loft);
    const half = (LOCK_WIDTH_MM * (1 - 0.55 * t)) / 2;
    mesh.positions.push(p.x - across.x * half, p.y - across.y * half, p.z - across.z * half);
    mesh.positions.push(p.x + across.x * half, p.y + across.y * half, p.z + across.z * half);
    // A curl is lighter where it bulges toward the light.
    const light = 0.82 + 0.3 * (0.5 + 0.5 * Math.cos(a));
    for (let side = 0; side < 2; side++) {
      mesh.tints.push(tint.r * light, tint.g * light, tint.b * light);
    }
    if (i > 0) {
      const v = first + 2 * i;
      mesh.index.push(v - 2, v - 1, v, v - 1, v + 1, v);
    }
  }
}

/** Small random numbers that are the same every time: hair must not jump when the head is drawn anew. */
function seed(station: number, lock: number): () => number {
  let state = (station * 7919 + lock * 104729 + 1) >>> 0;
  return () => {
    state = (Math.imul(state ^ (state >>> 15), 2246822519) + 0x9e3779b9) >>> 0;
    return ((state ^ (state >>> 13)) >>> 0) / 4294967296;
  };
}
