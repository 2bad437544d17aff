import type { SVGProps } from 'react';
import type { PlanStation } from '../api/types';
import { toPicture } from '../lib/curve';
import type { MapPalette } from './palette';

/** Radius of the bead of a whole loop, mm; smaller shares have beads of proportionate area. */
const WHOLE_RADIUS_MM = 2.9;
const BARB_MM = 3.4;
const TO_DEGREES = 180 / Math.PI;

interface Props extends SVGProps<SVGGElement> {
  station: PlanStation;
  palette: MapPalette;
  isHeld?: boolean;
  /** Whether a barb shows which way the hook goes in. */
  hasBarb?: boolean;
  /** Hair of the mix other than the main one is filled with its colour. */
  tint?: string | undefined;
}

/**
 * A station: a bead as large as its share. Round is the regular knot, half-round the invisible one with its flat side the way
 * the hook goes in, a diamond double-entry, round with a twist stroke twist-first, a ring the bead lock.
 */
export function StationMark({ station, palette, isHeld = false, hasBarb, tint, ...rest }: Props) {
  const at = toPicture(station.x, station.y);
  const toward = toPicture(station.towardX, station.towardY);
  const r = WHOLE_RADIUS_MM / Math.sqrt(station.shareParts);
  const turn = Math.atan2(toward.y, toward.x) * TO_DEGREES;
  const look = {
    fill: isHeld ? palette.held : (tint ?? palette.bead),
    stroke: palette.plait,
    strokeWidth: isHeld ? 1 : 0.6,
  };
  return (
    <g transform={`translate(${at.x} ${at.y}) rotate(${turn.toFixed(1)})`} {...rest}>
      {hasBarb && (
        <>
          <path d={barb(r)} fill="none" stroke={palette.bead} strokeWidth={2.2} />
          <path d={barb(r)} fill="none" stroke={palette.ink} strokeWidth={0.9} />
        </>
      )}
      <Bead knot={station.knot} r={r} look={look} />
    </g>
  );
}

/** From where the hook comes to a point ahead of the bead. */
const barb = (r: number) => `M${-r - BARB_MM} 0H${r + 1.8}m-2.6 -1.9l2.6 1.9l-2.6 1.9`;

interface BeadProps {
  knot: PlanStation['knot'];
  r: number;
  look: { fill: string; stroke: string; strokeWidth: number };
}

function Bead({ knot, r, look }: BeadProps) {
  if (knot === 'REGULAR') return <circle r={r} {...look} />;
  if (knot === 'INVISIBLE') {
    // As large as the round one, with its flat side ahead.
    const s = r * 1.35;
    return <path d={`M${s / 2} ${-s}A${s} ${s} 0 0 0 ${s / 2} ${s}Z`} {...look} />;
  }
  if (knot === 'DOUBLE_ENTRY') {
    const s = r * 1.25;
    return <path d={`M${s} 0L0 ${s}L${-s} 0L0 ${-s}Z`} {...look} />;
  }
  if (knot === 'TWIST_FIRST') {
    return (
      <>
        <circle r={r} {...look} />
        <path
          d={`M${-r * 0.6} ${r * 0.6}C${-r * 0.2} ${-r * 0.6} ${r * 0.2} ${r * 0.6} ${r * 0.6} ${-r * 0.6}`}
          fill="none"
          stroke={look.stroke}
          strokeWidth={0.8}
        />
      </>
    );
  }
  return (
    <>
      <circle r={r} {...look} />
      <circle r={r * 0.4} fill={look.stroke} />
    </>
  );
}
