import { toPicture } from '../../lib/curve';
import type { MapPalette } from '../palette';

interface Props {
  x: number;
  y: number;
  toX: number;
  toY: number;
  palette: MapPalette;
}

/** Hair that is drawn over a gap, from its knot to where it falls from; in millimetres of the map. */
export function Thread({ x, y, toX, toY, palette }: Props) {
  const from = toPicture(x, y);
  const to = toPicture(toX, toY);
  const d = `M${from.x} ${from.y}L${to.x} ${to.y}`;
  return (
    <g fill="none" strokeLinecap="round" data-thread>
      <path d={d} stroke={palette.bead} strokeWidth={3.4} />
      <path d={d} stroke={palette.ink} strokeWidth={1.6} />
    </g>
  );
}
