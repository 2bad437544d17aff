import type { SVGProps } from 'react';
import { chevrons, pathData } from '../lib/curve';
import type { MapPalette } from './palette';

interface Props extends Omit<SVGProps<SVGGElement>, 'path'> {
  path: number[];
  widthMm: number;
  palette: MapPalette;
  isHeld?: boolean;
}

/** A cornrow: a chain of chevrons along its path that point the way it is braided, as wide as the plait is. */
export function RowBraid({ path, widthMm, palette, isHeld = false, ...rest }: Props) {
  const line = pathData(path);
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round" {...rest}>
      {isHeld && <path d={line} stroke={palette.held} strokeWidth={widthMm + 3.4} />}
      <path d={line} stroke={palette.plait} strokeWidth={widthMm} />
      <path
        d={chevrons(path, widthMm)}
        stroke={palette.plaitLit}
        strokeWidth={Math.max(0.5, widthMm * 0.11)}
      />
    </g>
  );
}
