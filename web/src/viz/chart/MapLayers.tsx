import { braided } from '../rows';
import type { Drawn } from '../../api/types';
import { pathData, points } from '../../lib/curve';
import { Label } from './MapText';
import type { MapPalette } from '../palette';

export interface LayerProps {
  plan: Drawn;
  palette: MapPalette;
  isTurned: boolean;
}

/** Bulk: a disc where a tail enters, its area what lies there against the row alone. */
export function Bulk({ plan, palette, isTurned }: LayerProps) {
  return plan.tails.map((t) => {
    const at = points(t.thread).at(-1);
    if (!at) return null;
    return (
      <g key={t.row}>
        <circle
          cx={at.x}
          cy={at.y}
          r={4.2 * Math.sqrt(t.bulk)}
          fill={palette.tail}
          fillOpacity={0.3}
          stroke={palette.tail}
          strokeWidth={1}
        />
        <Label
          x={at.x}
          y={at.y + 2.6}
          words={`${t.bulk.toFixed(1)}×`}
          palette={palette}
          isTurned={isTurned}
        />
      </g>
    );
  });
}

const FULL = 1;

/** Pull: how much of what a row should bear it carries, in per cent, on the row. */
export function Pull({ plan, palette, isTurned }: LayerProps) {
  return plan.rows
    .filter((r) => r.stations > 0 && r.section !== 'INDIVIDUAL' && r.use !== 'MESH')
    .map((r) => {
      const line = points(r.path);
      const at = line[Math.round(line.length * 0.55)];
      if (!at) return null;
      const isTooMuch = r.pullShare > FULL;
      return (
        <g key={r.id}>
          {isTooMuch && (
            <path
              d={pathData(r.path)}
              fill="none"
              stroke={palette.chalk}
              strokeWidth={2.4}
              strokeDasharray="5 3"
            />
          )}
          <Label
            x={at.x}
            y={at.y + 2.6}
            words={`${isTooMuch ? '▲' : ''}${Math.round(100 * r.pullShare)}`}
            palette={palette}
            isTurned={isTurned}
            {...(isTooMuch && { ink: palette.chalk })}
          />
        </g>
      );
    });
}

/** The turn of each row in braiding, at its start. */
export function Order({ plan, palette, isTurned }: LayerProps) {
  return braided(plan).map((row) => {
    const line = points(row.path);
    const at = line[Math.round(line.length * 0.3)];
    if (!at) return null;
    return (
      <g key={row.id} transform={`translate(${at.x} ${at.y})${isTurned ? ' scale(-1 1)' : ''}`}>
        <circle r={5.6} fill={palette.bead} stroke={palette.ink} strokeWidth={0.8} />
        <text
          y={2.8}
          fontSize={8}
          fontWeight={700}
          textAnchor="middle"
          fill="#11201a"
          fontFamily={palette.font}
        >
          {row.order}
        </text>
      </g>
    );
  });
}
