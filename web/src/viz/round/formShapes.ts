import type { BufferGeometry, ShaderMaterial } from 'three';
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
  /** The row it is a plait of. */
  row?: string;
  chevrons?: number;
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
    ...plan.rows.map((r) => ({
      ...cord(r.id, r.path, r.braidWidthMm / 2, PLAIT),
      row: r.id,
      chevrons: Math.round(lengthOf(r.path) / (r.braidWidthMm * CROSSINGS)),
      isScalp: true,
    })),
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

/** What a shape is drawn with. */
export function materialOf(
  { colour, row, chevrons, foot, isScalp = false }: Shape,
  skin: string,
  { heldRow, isMarked = false }: { heldRow?: string | undefined; isMarked?: boolean } = {},
): ShaderMaterial {
  const own = row !== undefined && row === heldRow ? THREAD : (colour ?? skin);
  return skinMaterial(own, { chevrons, foot, isMarked: isMarked && isScalp });
}
