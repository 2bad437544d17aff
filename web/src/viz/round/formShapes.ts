import type { BufferAttribute, BufferGeometry, ShaderMaterial } from 'three';
import { mergeGeometries } from 'three/addons/utils/BufferGeometryUtils.js';
import type { Solid } from '../../api/types';
import { cordGeometry, earGeometry, lengthOf, ringsGeometry } from './formGeometry';
import { skinMaterial } from './shaders';

const PLAIT = '#2b211b';
const THREAD = '#e8a013';
const TAIL = '#4657c4';
const CHALK = '#fffdf6';
const INK = '#11201a';

/** How often a plait crosses over, against its width. */
const CROSSINGS = 0.75;

/** Something of the form, still without its colour. */
export interface Shape {
  key: string;
  geometry: BufferGeometry;
  /** Its colour; skin has none of its own. */
  colour?: string;
  /** Whether it has chevrons along it. */
  isPlait?: boolean;
  foot?: number;
  /** Whether it is scalp, or braided on it: that is what is marked. */
  isScalp?: boolean;
}

/**
 * Head, ears, neck and shoulders, and what is braided on it.
 *
 * @param isBare with the lines of the plan on it, rather than as a client would see it
 */
export function formShapes({ form, axes, ...plan }: Solid, isBare: boolean): Shape[] {
  const foot = Math.min(...form.bust.points.filter((_, i) => i % 3 === 2));
  const cord = (key: string, flat: number[], radius: number, colour: string, lift?: number) => ({
    key,
    geometry: cordGeometry(flat, radius, lift),
    colour,
  });
  return [
    { key: 'head', geometry: ringsGeometry(form.head), isScalp: true },
    // Ears always show, and lie before what is asked for.
    { key: 'left ear', geometry: earGeometry(axes, -1) },
    { key: 'right ear', geometry: earGeometry(axes, 1) },
    { key: 'bust', geometry: ringsGeometry(form.bust), foot },
    ...(plan.rows.length > 0
      ? [
          {
            key: 'plaits',
            // One surface: each that is drawn by itself costs about as much as its triangles.
            geometry: mergeGeometries(plan.rows.map((r) => plait(r))),
            colour: PLAIT,
            isPlait: true,
            isScalp: true,
          },
        ]
      : []),
    ...(isBare
      ? [
          cord('hairline', plan.hairline, 1, INK),
          cord('ear line', plan.earLine, 0.7, INK),
          ...plan.parts.map((p, i) => cord(`part ${i}`, p, 2.2, CHALK)),
          ...plan.tails.map((t, i) => cord(`tail ${i}`, t, 1.1, TAIL, 6)),
        ]
      : []),
  ];
}

type DrawnRow = Solid['rows'][number];

/** A row as a plait; how often it has crossed over so far is its first texture coordinate. */
function plait(row: DrawnRow, wider = 1): BufferGeometry {
  const g = cordGeometry(row.path, (wider * row.braidWidthMm) / 2);
  const crossings = Math.round(lengthOf(row.path) / (row.braidWidthMm * CROSSINGS));
  const uv = g.getAttribute('uv') as BufferAttribute;
  for (let i = 0; i < uv.count; i++) uv.setX(i, uv.getX(i) * crossings);
  return g;
}

/** A row that is held, over the others. */
export function heldShape(solid: Solid, id: string | undefined): Shape | undefined {
  const row = solid.rows.find((r) => r.id === id);
  return (
    row && { key: `held ${row.id}`, geometry: plait(row, HELD), colour: THREAD, isPlait: true }
  );
}

const HELD = 1.06;

/** What a shape is drawn with. */
export function materialOf(
  { colour, isPlait = false, foot, isScalp = false }: Shape,
  skin: string,
  isMarked = false,
): ShaderMaterial {
  return skinMaterial(colour ?? skin, { isPlait, foot, isMarked: isMarked && isScalp });
}
