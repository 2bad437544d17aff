import { points, type Flat, type Point } from './curve';

/** Places on a scalp that keep their meaning when it is measured again: degrees and part of the way to the hairline. */
const DEGREES = 180 / Math.PI;

const azimuth = (p: Point): number => Math.atan2(p.x, -p.y) * DEGREES;

/** How far out the hairline lies at an azimuth, mm on the map. */
export function hairlineAt(outline: Flat, deg: number): number {
  const line = points(outline);
  for (let i = 1; i < line.length; i++) {
    const a = line[i - 1] as Point;
    const b = line[i] as Point;
    const from = azimuth(a);
    const span = wrap(azimuth(b) - from);
    const to = wrap(deg - from);
    const t = span === 0 ? 0 : to / span;
    if (t >= 0 && t <= 1 && Math.abs(to) <= Math.abs(span)) {
      return Math.hypot(a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t);
    }
  }
  return Math.max(...line.map((p) => Math.hypot(p.x, p.y)));
}

const wrap = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

const round = (v: number, digits: number): number => Number(v.toFixed(digits));

/** Picture points as a flat list azimuth, out, …; points beyond the hairline are drawn in to it. */
export const toPolar = (outline: Flat, line: Point[]): number[] =>
  line.flatMap((p) => {
    const deg = azimuth(p);
    const out = Math.hypot(p.x, p.y) / hairlineAt(outline, deg);
    return [round(deg, 2), round(Math.min(1, out), 4)];
  });

/** The picture points of such a list. */
export function fromPolar(outline: Flat, rim: number[]): Point[] {
  const line: Point[] = [];
  for (let i = 0; i + 1 < rim.length; i += 2) {
    const deg = rim[i] ?? 0;
    const r = (rim[i + 1] ?? 0) * hairlineAt(outline, deg);
    line.push({ x: r * Math.sin(deg / DEGREES), y: -r * Math.cos(deg / DEGREES) });
  }
  return line;
}
