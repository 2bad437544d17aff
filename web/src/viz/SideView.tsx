import { memo } from 'react';
import type { SideViewData } from '../api/types';
import { boundsOf, pathData, points } from '../lib/curve';
import type { MapPalette } from './palette';

interface Props {
  view: SideViewData;
  palette: MapPalette;
  words: string;
  heldRow?: string | undefined;
  isTurned: boolean;
  /** Only the drawing, to be set into another. */
  isBare?: boolean;
}

/** Strokes of no length with round ends are dots: one line of the drawing for all of them. */
const dots = (flat: number[]) =>
  points(flat)
    .map((p) => `M${p.x} ${p.y}h0`)
    .join('');

/** The head from one side, at true proportion; what is out of sight is not drawn. */
export const SideView = memo(function SideView({
  view,
  palette,
  words,
  heldRow,
  isTurned,
  isBare = false,
}: Props) {
  const rim = boundsOf(view.rim);
  // Below the nape the model is no head any more; the picture ends a little under it.
  const bottom = Math.max(...view.hairline.flatMap((piece) => points(piece).map((p) => p.y)), 0);
  const height = view.from === 'top' ? rim.height + 4 : Math.min(rim.height, bottom - rim.y + 8);
  const drawing = (
    <g transform={isTurned ? 'scale(-1 1)' : undefined}>
      <path
        d={pathData(view.rim, true)}
        fill={palette.clay}
        stroke={palette.edge}
        strokeWidth={1.5}
      />
      {view.rows.map((row) =>
        row.pieces.map((piece, i) => (
          // Too small for chevrons: a row is a plain strand here.
          <path
            key={`${row.id}-${i}`}
            d={pathData(piece)}
            fill="none"
            stroke={row.id === heldRow ? palette.held : palette.plait}
            strokeWidth={row.braidWidthMm}
            strokeLinecap="round"
          />
        )),
      )}
      {view.hairline.map((piece, i) => (
        <path key={i} d={pathData(piece)} fill="none" stroke={palette.ink} strokeWidth={1.5} />
      ))}
      <path
        d={dots(view.stations)}
        fill="none"
        stroke={palette.bead}
        strokeWidth={4}
        strokeLinecap="round"
      />
    </g>
  );
  if (isBare) return drawing;
  return (
    <figure className="flex flex-col">
      <svg
        viewBox={`${rim.x - 4} ${rim.y - 4} ${rim.width + 8} ${height + 4}`}
        role="img"
        aria-label={words}
        className="w-full"
      >
        {drawing}
      </svg>
      <figcaption className="text-center text-sm text-soft">{words}</figcaption>
    </figure>
  );
});
