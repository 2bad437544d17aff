import { memo } from 'react';
import { pathData } from '../../lib/curve';
import type { MapPalette } from '../palette';

interface Props {
  path: number[];
  widthMm: number;
  isOpen: boolean;
  palette: MapPalette;
}

/** A wearing part: a pale gap between two chalk lines; dashed where its rows join before it ends. */
export const PartMark = memo(function PartMark({ path, widthMm, isOpen, palette }: Props) {
  const line = pathData(path);
  return (
    <g fill="none" strokeLinecap="butt">
      <path d={line} stroke={palette.ink} strokeWidth={widthMm + 1.4} />
      <path d={line} stroke={palette.bead} strokeWidth={widthMm} />
      {!isOpen && <path d={line} stroke={palette.clay} strokeWidth={1} strokeDasharray="2 2" />}
    </g>
  );
});
