import type { Fills } from '../../api/types';
import { toPicture } from '../../lib/curve';
import { NumberRing } from './MapText';
import { Thread } from './Thread';
import type { MapPalette } from '../palette';

interface Props {
  fills: Fills['fills'];
  palette: MapPalette;
  isTurned: boolean;
}

/**
 * Hair that is kept back, where it will go: a numbered ring for a fill, a small open curl for a wisp; knots that are drawn
 * together are joined by a thread under their ring. */
export function FillMarks({ fills, palette, isTurned }: Props) {
  return (
    <g data-fills>
      {fills.map((f, i) => {
        const at = toPicture(f.x, f.y);
        const [x1, y1, x2, y2] = f.knots;
        return f.kind === 'WISP' ? (
          <g key={`${f.row}/${f.x}/${f.y}`} fill="none" strokeLinecap="round">
            <path d={curl(at.x, at.y)} stroke={palette.bead} strokeWidth={3} />
            <path d={curl(at.x, at.y)} stroke={palette.ink} strokeWidth={1.2} />
          </g>
        ) : (
          <g key={`${f.row}/${f.x}/${f.y}`}>
            {x1 !== undefined && y1 !== undefined && x2 !== undefined && y2 !== undefined && (
              <Thread x={x1} y={y1} toX={x2} toY={y2} palette={palette} />
            )}
            <NumberRing
              x={at.x}
              y={at.y}
              number={i + 1}
              r={5.4}
              palette={palette}
              isTurned={isTurned}
              isDashed
            />
          </g>
        );
      })}
    </g>
  );
}

const curl = (x: number, y: number) =>
  `M${x - 2.6} ${y + 1.6}c0.4 -4.6 5.4 -4.6 5.2 -0.6c-0.2 2.6 -3.6 2.4 -3.2 0`;
