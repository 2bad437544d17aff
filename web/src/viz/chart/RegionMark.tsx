import type { Drawn, RegionKind } from '../../api/types';
import { pathData, points } from '../../lib/curve';
import { Hatch } from './Hatch';
import type { MapPalette } from '../palette';

/** Each kind has its own hatch: the ways its lines run, how close, and whether they are dotted. */
const HATCH: Record<RegionKind, { turns: number[]; gapMm: number; isDotted: boolean }> = {
  THIN: { turns: [45], gapMm: 5, isDotted: false },
  TENDER: { turns: [-45], gapMm: 5, isDotted: true },
  NO_GO: { turns: [45, -45], gapMm: 5, isDotted: false },
  SCAR: { turns: [0], gapMm: 3.4, isDotted: false },
  COWLICK: { turns: [90], gapMm: 5, isDotted: true },
  BUN: { turns: [0, 90], gapMm: 6, isDotted: true },
  SHOWN_BRAIDS: { turns: [90], gapMm: 4, isDotted: false },
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
  const { turns, gapMm, isDotted } = HATCH[kind];
  return (
    <g stroke={palette.chalk}>
      <Hatch
        line={points(rim)}
        turns={turns}
        gapMm={gapMm}
        strokeWidth={1}
        {...(isDotted && { strokeDasharray: '1.6 1.8' })}
      />
      <path
        d={pathData(rim, true)}
        fill="none"
        stroke={isHeld ? palette.held : palette.chalk}
        strokeWidth={isHeld ? 2.4 : 1.2}
        strokeLinejoin="round"
      />
    </g>
  );
}

/** The kinds of region that are on this head, as a legend. */
export function regionKindsOf(plan: Drawn): { kind: RegionKind; words: string }[] {
  const seen = new Map(plan.map.regions.map((r) => [r.kind, r.kindWords]));
  return [...seen].map(([kind, words]) => ({ kind, words }));
}
