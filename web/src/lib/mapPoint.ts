import type { PointerEvent } from 'react';
import type { Point } from './curve';

/**
 * From the screen to the picture's millimetres. Asking for it makes the page lay itself out, so what is dragged asks once, when
 * it is taken: nothing moves the map while something is in the hand.
 */
export const mapFrame = (e: PointerEvent<SVGElement>): DOMMatrix =>
  e.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse() ?? new DOMMatrix();

/** Where on the map a pointer is, in the picture's millimetres as it lies when it is not turned over. */
export function mapPoint(
  e: PointerEvent<SVGElement>,
  isTurned: boolean,
  frame = mapFrame(e),
): Point {
  const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(frame);
  return { x: isTurned ? -p.x : p.x, y: p.y };
}
