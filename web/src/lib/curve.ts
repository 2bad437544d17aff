/** Curves come from the server as flat lists x, y, x, y in mm, y up; pictures have y down. */
export type Flat = number[];

export interface Point {
  x: number;
  y: number;
}

const round = (v: number): number => Math.round(v * 10) / 10;

/** The one place where y is turned over: from the map's frame to a picture's. */
export const toPicture = (x: number, y: number): Point => ({ x, y: -y });

export function points(flat: Flat): Point[] {
  const list: Point[] = [];
  for (let i = 0; i + 1 < flat.length; i += 2) {
    list.push(toPicture(flat[i] ?? 0, flat[i + 1] ?? 0));
  }
  return list;
}

export function pathData(flat: Flat, isClosed = false): string {
  const line = points(flat)
    .map((p, i) => `${i === 0 ? 'M' : 'L'}${round(p.x)} ${round(p.y)}`)
    .join('');
  return isClosed ? `${line}Z` : line;
}

/** Chevrons along a curve that point the way it runs: the strokes of a plait. */
export function chevrons(flat: Flat, width: number): string {
  const line = points(flat);
  const pitch = Math.max(1.6, width * 0.55);
  let data = '';
  let next = pitch / 2;
  let at = 0;
  for (let i = 1; i < line.length; i++) {
    const from = line[i - 1] as Point;
    const to = line[i] as Point;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    while (length > 0 && next <= at + length) {
      const t = (next - at) / length;
      data += chevron(from, to, length, t, width);
      next += pitch;
    }
    at += length;
  }
  return data;
}

function chevron(from: Point, to: Point, length: number, t: number, width: number): string {
  const ux = (to.x - from.x) / length;
  const uy = (to.y - from.y) / length;
  const x = from.x + (to.x - from.x) * t;
  const y = from.y + (to.y - from.y) * t;
  const half = width * 0.42;
  const lean = width * 0.3;
  const left = `${round(x - uy * half - ux * lean)} ${round(y + ux * half - uy * lean)}`;
  const right = `${round(x + uy * half - ux * lean)} ${round(y - ux * half - uy * lean)}`;
  return `M${left}L${round(x + ux * lean)} ${round(y + uy * lean)}L${right}`;
}

/** Bounds of a flat curve on a picture. */
export function boundsOf(flat: number[]) {
  const p = points(flat);
  const xs = p.map((q) => q.x);
  const ys = p.map((q) => q.y);
  return {
    x: Math.min(...xs),
    y: Math.min(...ys),
    width: Math.max(...xs) - Math.min(...xs),
    height: Math.max(...ys) - Math.min(...ys),
  };
}
