import { useId } from 'react';
import type { Plan, RegionKind } from '../api/types';
import { pathData } from '../lib/curve';
import type { MapPalette } from './palette';

/** Each kind has its own hatch: the way it runs, and whether it is crossed. */
const HATCH: Record<RegionKind, { turn: number; gap: number; crossed: boolean; dotted: boolean }> =
  {
    THIN: { turn: 45, gap: 5, crossed: false, dotted: false },
    TENDER: { turn: -45, gap: 5, crossed: false, dotted: true },
    NO_GO: { turn: 45, gap: 4, crossed: true, dotted: false },
    SCAR: { turn: 0, gap: 3.4, crossed: false, dotted: false },
    COWLICK: { turn: 90, gap: 5, crossed: false, dotted: true },
    BUN: { turn: 0, gap: 6, crossed: true, dotted: true },
    SHOWN_BRAIDS: { turn: 90, gap: 4, crossed: false, dotted: false },
  };

interface Props {
  kind: RegionKind;
  /** Flat list, y up. */
  rim: number[];
  palette: MapPalette;
  isHeld?: boolean;
}

/** A region of the scalp, hatched after its kind. */
export function RegionMark({ kind, rim, palette, isHeld = false }: Props) {
  const id = useId();
  const { turn, gap, crossed, dotted } = HATCH[kind];
  const dash = dotted ? { strokeDasharray: '1.6 1.8' } : {};
  return (
    <g>
      <defs>
        <pattern
          id={id}
          width={gap}
          height={gap}
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${turn})`}
        >
          <path d={`M0 0H${gap}`} stroke={palette.chalk} strokeWidth={1.1} {...dash} />
          {crossed && <path d={`M0 0V${gap}`} stroke={palette.chalk} strokeWidth={1.1} {...dash} />}
        </pattern>
      </defs>
      <path
        d={pathData(rim, true)}
        fill={`url(#${id})`}
        fillOpacity={0.85}
        stroke={isHeld ? palette.held : palette.chalk}
        strokeWidth={isHeld ? 2.4 : 1.2}
        strokeLinejoin="round"
      />
    </g>
  );
}

/** The hatches with their names, as a legend: those that are on this head. */
export function regionKindsOf(plan: Plan): { kind: RegionKind; words: string }[] {
  const seen = new Map(plan.map.regions.map((r) => [r.kind, r.kindWords]));
  return [...seen].map(([kind, words]) => ({ kind, words }));
}
