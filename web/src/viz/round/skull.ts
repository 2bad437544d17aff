import type { Solid } from '../../api/types';

export type Axes = Solid['axes'];
export type Point = [x: number, y: number, z: number];

/** The point of the fitted surface on the ray through a point. */
export function onSkull({ a, b, c, n }: Axes, [x, y, z]: Point): Point {
  const s = Math.pow(
    Math.pow(Math.abs(x) / b, n) + Math.pow(Math.abs(y) / a, n) + Math.pow(Math.abs(z) / c, n),
    -1 / n,
  );
  return [x * s, y * s, z * s];
}

/** The outward normal of the fitted surface at a point of it. */
export function skullNormal({ a, b, c, n }: Axes, [x, y, z]: Point): Point {
  const slope = (v: number, half: number) =>
    (Math.sign(v) * Math.pow(Math.abs(v) / half, n - 1)) / half;
  return unit([slope(x, b), slope(y, a), slope(z, c)]);
}

export const dot = (p: Point, q: Point): number => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];

export const cross = (p: Point, q: Point): Point => [
  p[1] * q[2] - p[2] * q[1],
  p[2] * q[0] - p[0] * q[2],
  p[0] * q[1] - p[1] * q[0],
];

/** p + k q. */
export const along = (p: Point, q: Point, k: number): Point => [
  p[0] + k * q[0],
  p[1] + k * q[1],
  p[2] + k * q[2],
];

export function unit(p: Point): Point {
  const length = Math.hypot(p[0], p[1], p[2]);
  return length < 1e-9 ? [0, 0, 1] : [p[0] / length, p[1] / length, p[2] / length];
}

/** What of v is left square to a unit vector, as a unit vector. */
export const square = (v: Point, to: Point): Point => unit(along(v, to, -dot(v, to)));
