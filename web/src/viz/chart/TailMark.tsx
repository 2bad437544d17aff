import { memo } from 'react';
import type { Drawn } from '../../api/types';
import { points, type Point } from '../../lib/curve';
import type { MapPalette } from '../palette';

interface Props {
  tail: Drawn['tails'][number];
  /** The path of its row. */
  path: number[] | undefined;
  palette: MapPalette;
}

const HEAD_MM = 4;

/** A laid end is plaited thin, and vanishes under the edge of the row over it. */
const LAID_MM = 3;
const UNDER_MM = 4;

/**
 * A tail: a thin thread that ends in what secures it. An arrow into a plait (fed), dashes (threaded), the plait itself, thinner, up to
 * what lies over it (laid down), a cross-stitch (sewn), a pin, a double bar with its two halves threaded off (banded), a knot (ponytail), an open ring (loose).
 */
export const TailMark = memo(function TailMark({ tail, path, palette }: Props) {
  const [from, to] = points(tail.thread);
  if (from && to) return <EnteringTail tail={tail} from={from} to={to} palette={palette} />;
  const line = points(path ?? []);
  const end = line.at(-1);
  if (!end) return null;
  return (
    <g fill="none" stroke={palette.tail} strokeWidth={1.8} strokeLinecap="round">
      {tail.halves.map((half, i) => (
        <Half key={i} half={half} palette={palette} />
      ))}
      <EndSign end={tail.end} x={end.x} y={end.y + 2} bead={palette.bead} ink={palette.tail} />
    </g>
  );
});

/** Half of a banded tail, threaded under a row beside. */
function Half({ half, palette }: { half: number[]; palette: MapPalette }) {
  const [from, to] = points(half);
  if (!from || !to) return null;
  const line = `M${from.x} ${from.y}L${to.x} ${to.y}`;
  return (
    <>
      <path d={line} stroke={palette.bead} strokeWidth={3} />
      <path d={line} strokeWidth={1.2} strokeDasharray="3 2.6" />
    </>
  );
}

function EndSign(props: {
  end: Drawn['tails'][number]['end'];
  x: number;
  y: number;
  bead: string;
  ink: string;
}) {
  const { x, y, bead, ink } = props;
  switch (props.end) {
    case 'STITCHED':
      return (
        <path d={`M${x - 4} ${y - 4}l8 8m0 -8l-8 8M${x - 4} ${y + 6.4}h8`} strokeWidth={2.2} />
      );
    case 'PINNED':
      return (
        <>
          <path d={`M${x} ${y - 1}v8`} />
          <circle cx={x} cy={y - 2} r={2.4} fill={ink} />
        </>
      );
    case 'BANDED':
      return <path d={`M${x - 4.5} ${y}h9M${x - 4.5} ${y + 3.4}h9`} strokeWidth={2.4} />;
    case 'PONYTAIL':
      return (
        <>
          <circle cx={x} cy={y} r={2.4} fill={ink} />
          <path d={`M${x} ${y + 2}c-4 3 -4 6 0 9c4 -3 4 -6 0 -9`} />
        </>
      );
    case 'TOO_SHORT':
      return (
        <>
          <circle cx={x} cy={y} r={4.5} fill={bead} />
          <path d={`M${x - 3} ${y - 3}l6 6m0 -6l-6 6`} />
        </>
      );
    default:
      return <circle cx={x} cy={y} r={4.5} fill={bead} />;
  }
}

interface EnteringProps {
  tail: Drawn['tails'][number];
  from: Point;
  to: Point;
  palette: MapPalette;
}

function EnteringTail({ tail, from, to, palette }: EnteringProps) {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const ux = (to.x - from.x) / length;
  const uy = (to.y - from.y) / length;
  const wing = (sign: 1 | -1) =>
    `M${to.x} ${to.y}l${(-ux - sign * uy * 0.6) * HEAD_MM} ${(-uy + sign * ux * 0.6) * HEAD_MM}`;
  const isChosen = tail.origin === 'CHOSEN';
  if (tail.end === 'LAID') {
    const shown = Math.max(0, length - UNDER_MM);
    return (
      <path
        d={`M${from.x} ${from.y}l${ux * shown} ${uy * shown}`}
        fill="none"
        stroke={isChosen ? palette.tail : palette.plait}
        strokeWidth={LAID_MM}
      />
    );
  }
  return (
    <g fill="none" strokeLinecap="round">
      <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke={palette.bead} strokeWidth={3.6} />
      <path
        d={`M${from.x} ${from.y}L${to.x} ${to.y}`}
        stroke={palette.tail}
        strokeWidth={isChosen ? 2.6 : 1.8}
        {...(tail.end === 'THREADED' && { strokeDasharray: '3 2.6' })}
      />
      <path d={`${wing(1)}${wing(-1)}`} stroke={palette.tail} strokeWidth={1.8} />
    </g>
  );
}
