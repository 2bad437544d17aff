import type { MapPalette } from '../palette';

interface Props {
  /** Left end, mm on the map. */
  x: number;
  y: number;
  /** How long a unit is on the map, mm, and what it is called. */
  unitMm: number;
  unit: string;
  palette: MapPalette;
}

/** A bar of round length at the map's own scale. */
export function ScaleBar({ x, y, unitMm, unit, palette }: Props) {
  const count = [10, 5, 3, 2, 1].find((n) => n * unitMm <= 62) ?? 1;
  const marks = Array.from({ length: count + 1 }, (_, i) => x + i * unitMm);
  return (
    <g stroke={palette.ink} strokeWidth={0.6} fill={palette.ink}>
      <path d={`M${x} ${y}H${x + count * unitMm}`} />
      {marks.map((m, i) => (
        <path key={m} d={`M${m} ${y}v${i === 0 || i === count ? -4 : -2.4}`} />
      ))}
      <text
        x={x + (count * unitMm) / 2}
        y={y + 8}
        fontSize={7.5}
        textAnchor="middle"
        stroke="none"
        fontFamily={palette.font}
      >
        {count} {count === 1 && unit === 'fingers' ? 'finger' : unit}
      </text>
    </g>
  );
}
