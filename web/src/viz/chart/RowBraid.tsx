import { memo } from 'react';
import type { PlanRow } from '../../api/types';
import { chevrons, pathData } from '../../lib/curve';
import type { MapPalette } from '../palette';

interface Props {
  id: string;
  path: number[];
  widthMm: number;
  palette: MapPalette;
  isHeld?: boolean;
  use?: PlanRow['use'];
  /** Whether it is drawn too small for chevrons. */
  isPlain?: boolean;
  /** Whether it runs over another row, whose drawing it breaks. */
  isOver?: boolean;
}

/**
 * A row: a chain of chevrons along its path that point the way it is braided, as wide as the plait is. One that is shown has
 * a pale edge, one under a cap is dashed, one that carries wefts has a seam of stitches.
 */
export const RowBraid = memo(function RowBraid({
  id,
  path,
  widthMm,
  palette,
  isHeld = false,
  use = 'HOOKED',
  isPlain = false,
  isOver = false,
}: Props) {
  const line = pathData(path);
  return (
    // Points lie so dense that a join needs no rounding, which would take most of the time to paint.
    <g fill="none" strokeLinecap="round" data-row={id}>
      {isOver && <path d={line} stroke={palette.clay} strokeWidth={widthMm + 3} />}
      {isHeld && <path d={line} stroke={palette.held} strokeWidth={widthMm + 3.4} />}
      {use === 'SHOWN' && <path d={line} stroke={palette.bead} strokeWidth={widthMm + 2} />}
      <path
        d={line}
        stroke={palette.plait}
        strokeWidth={widthMm}
        {...(use === 'UNDER_CAP' && {
          strokeDasharray: `${widthMm * 0.9} ${widthMm * 0.7}`,
          strokeLinecap: 'butt',
        })}
      />
      {use !== 'UNDER_CAP' && !isPlain && (
        <path
          d={chevrons(path, widthMm)}
          stroke={palette.plaitLit}
          strokeWidth={Math.max(0.5, widthMm * 0.11)}
          strokeLinejoin="round"
        />
      )}
      {use === 'WEFTED' && (
        <path d={line} stroke={palette.bead} strokeWidth={1.6} strokeDasharray="4 3" />
      )}
    </g>
  );
});
