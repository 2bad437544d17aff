import { pathData } from '../lib/curve';
import type { MapPalette } from './palette';

interface Props {
  outline: number[];
  rows: { use: string; braidWidthMm: number; path: number[] }[];
  parts: number[][];
  palette: MapPalette;
}

const CLOSE_CROP = '-136 -166 272 336';

/** A plan's rows on a map the size of a thumb: enough to know it by. */
export function SmallMap({
  outline,
  rows,
  parts,
  palette,
  ...rest
}: Props & { className?: string }) {
  return (
    <svg viewBox={CLOSE_CROP} aria-hidden="true" {...rest}>
      <path d={pathData(outline, true)} fill={palette.clay} stroke={palette.edge} strokeWidth={2} />
      <g fill="none" stroke={palette.plait} strokeLinecap="round" strokeLinejoin="round">
        {rows.map((r, i) => (
          <path
            key={i}
            d={pathData(r.path)}
            strokeWidth={Math.max(3, r.braidWidthMm * 0.8)}
            strokeOpacity={r.use === 'UNDER_CAP' ? 0.35 : 1}
          />
        ))}
      </g>
      <g fill="none" stroke={palette.chalk} strokeWidth={3}>
        {parts.map((p, i) => (
          <path key={i} d={pathData(p)} />
        ))}
      </g>
    </svg>
  );
}
