import { contours } from 'd3-contour';
import { useMemo } from 'react';
import type { Worn } from '../../api/types';
import { NumberRing } from './MapText';
import type { MapPalette } from '../palette';

/** From so many per cent of skin showing, a darker step; even steps of lightness, readable in grey and to the colour-blind. */
export const COVER_STEPS = [
  { from: 2, fill: '#ffe9a8' },
  { from: 6, fill: '#f5b964' },
  { from: 12, fill: '#dd7f52' },
  { from: 25, fill: '#a94a56' },
  { from: 45, fill: '#5d2a5c' },
] as const;

interface Props {
  worn: Worn;
  palette: MapPalette;
  isTurned: boolean;
}

/** What shows of the scalp, in five steps, with the gaps numbered. */
export function CoverLayer({ worn, palette, isTurned }: Props) {
  const { grid } = worn;
  const paths = useMemo(() => {
    // Beyond the hairline the nearest step goes on, so that no line runs along the edge; the map is cut there anyway.
    const values = filled(grid.percent, grid.columns);
    const trace = contours().size([grid.columns, grid.lines]);
    return COVER_STEPS.map((step) => ({
      ...step,
      d: trace
        .contour(values, step.from)
        .coordinates.flatMap((polygon) =>
          polygon.map(
            (ring) =>
              `M${ring
                .map(
                  ([x, y]) =>
                    `${((x ?? 0) * grid.cellMm + grid.left).toFixed(1)} ${((y ?? 0) * grid.cellMm - grid.front).toFixed(1)}`,
                )
                .join('L')}Z`,
          ),
        )
        .join(''),
    }));
  }, [grid]);
  return (
    <g>
      {paths.map((p) => (
        <path
          key={p.from}
          data-cover={p.from}
          d={p.d}
          fill={p.fill}
          fillOpacity={0.82}
          fillRule="evenodd"
        />
      ))}
      {worn.gaps.map((g, i) => (
        <NumberRing
          key={`${g.x}/${g.y}`}
          x={g.x}
          y={-g.y}
          number={i + 1}
          r={6}
          palette={palette}
          isTurned={isTurned}
        />
      ))}
    </g>
  );
}

/** The grid with cells outside given the value of the nearest cell inside on their line. */
function filled(percent: number[], columns: number): number[] {
  const values = percent.slice();
  for (let start = 0; start < values.length; start += columns) {
    const line = values.slice(start, start + columns);
    const inside = line.flatMap((v, i) => (v >= 0 ? [i] : []));
    const first = inside[0];
    const last = inside.at(-1);
    for (let i = 0; i < columns; i++) {
      if ((line[i] ?? 0) >= 0) continue;
      values[start + i] =
        first === undefined || last === undefined
          ? 0
          : (line[i < first ? first : i > last ? last : first] ?? 0);
    }
  }
  return values;
}

/** The scale of the cover, beside the map. */
export function CoverLegend({ palette, x, y }: { palette: MapPalette; x: number; y: number }) {
  return (
    <g fontSize={7.5} fontFamily={palette.font} fill={palette.ink}>
      <text x={x} y={y - 5}>
        skin shows
      </text>
      {COVER_STEPS.map((s, i) => (
        <g key={s.from} transform={`translate(${x} ${y + i * 9})`}>
          <rect width={12} height={8} fill={s.fill} stroke={palette.edge} strokeWidth={0.5} />
          <text x={16} y={6.8}>
            from {s.from} %
          </text>
        </g>
      ))}
    </g>
  );
}
