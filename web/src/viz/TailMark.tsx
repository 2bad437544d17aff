import type { Plan } from '../api/types';
import { points, type Point } from '../lib/curve';
import type { MapPalette } from './palette';

interface Props {
  tail: Plan['tails'][number];
  rows: Plan['rows'];
  palette: MapPalette;
}

const HEAD_MM = 4;

/** A tail: a thin thread with an arrow into the plait it is fed to, or an open ring where it is loose. */
export function TailMark({ tail, rows, palette }: Props) {
  const [from, to] = points(tail.thread);
  if (from && to) return <FedTail from={from} to={to} palette={palette} />;
  const end = points(rows.find((r) => r.id === tail.row)?.path ?? []).at(-1);
  if (!end) return null;
  return (
    <g fill="none" stroke={palette.tail} strokeWidth={1.8}>
      <circle cx={end.x} cy={end.y + 2} r={4.5} fill={palette.bead} />
      {tail.kind === 'TOO_SHORT' && <path d={`M${end.x - 3} ${end.y - 1}l6 6m0 -6l-6 6`} />}
    </g>
  );
}

function FedTail({ from, to, palette }: { from: Point; to: Point; palette: MapPalette }) {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const ux = (to.x - from.x) / length;
  const uy = (to.y - from.y) / length;
  const wing = (sign: 1 | -1) =>
    `M${to.x} ${to.y}l${(-ux - sign * uy * 0.6) * HEAD_MM} ${(-uy + sign * ux * 0.6) * HEAD_MM}`;
  return (
    <g fill="none" strokeLinecap="round">
      <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke={palette.bead} strokeWidth={3.6} />
      <path
        d={`M${from.x} ${from.y}L${to.x} ${to.y}${wing(1)}${wing(-1)}`}
        stroke={palette.tail}
        strokeWidth={1.8}
      />
    </g>
  );
}
