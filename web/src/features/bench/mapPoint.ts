import type { PointerEvent } from 'react';
import type { Point } from '../../lib/curve';

/** Where on the map a pointer is, in the picture's millimetres as it lies when it is not turned over. */
export function mapPoint(e: PointerEvent<SVGElement>, isTurned: boolean): Point {
  const matrix = e.currentTarget.ownerSVGElement?.getScreenCTM();
  const p = matrix
    ? new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse())
    : { x: 0, y: 0 };
  return { x: isTurned ? -p.x : p.x, y: p.y };
}
