import type { SVGProps } from 'react';
import type { PlanStation } from '../api/types';
import { toPicture } from '../lib/curve';
import type { MapPalette } from './palette';

/** Radius of the bead of a whole loop, mm; smaller shares have beads of proportionate area. */
const WHOLE_RADIUS_MM = 2.9;

interface Props extends SVGProps<SVGCircleElement> {
  station: PlanStation;
  palette: MapPalette;
  isHeld?: boolean;
}

/** A station: a bead as large as its share. Round is the regular knot. */
export function StationMark({ station, palette, isHeld = false, ...rest }: Props) {
  const at = toPicture(station.x, station.y);
  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={WHOLE_RADIUS_MM / Math.sqrt(station.shareParts)}
      fill={isHeld ? palette.held : palette.bead}
      stroke={palette.plait}
      strokeWidth={isHeld ? 1 : 0.6}
      {...rest}
    />
  );
}
