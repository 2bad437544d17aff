import { memo, useMemo, type KeyboardEvent, type PointerEvent } from 'react';
import type { Drawn, PlanStation } from '../../api/types';
import { toPicture } from '../../lib/curve';
import { beadOf, kindOf } from './beads';
import type { MapPalette } from '../palette';
import { tintOf } from '../tints';

/** A finger or a mouse needs more than the smallest bead to hit, mm. */
const TOUCH_MM = 3.4;

/** The bead of the other half of a blended share has so much less area than the share's own. */
const BLEND_PARTS = 2.6;

interface Props {
  stations: Drawn['stations'];
  kinds: Drawn['kinds'];
  palette: MapPalette;
  /** Whether a barb shows which way the hook goes in. */
  hasBarbs: boolean;
  held?: string | undefined;
  onHold?: ((id: string | undefined) => void) | undefined;
  onPick?: ((id: string) => void) | undefined;
  /** Whether something is in the hand: beads then lose their edge, which takes most of the time to paint. */
  isMoving?: boolean;
}

/**
 * Every station as a bead: shape for its knot, size for its share, colour for its hair. There may be hundreds, drawn anew at
 * every move of a handle, so the beads of a row are one line of the drawing for each colour: few to keep up with, and each so
 * small on the paper that only what lies near it is painted again. What can be touched lies over them.
 */
export const Stations = memo(function Stations(props: Props) {
  const { stations, kinds, palette, hasBarbs, held, isMoving, onHold, onPick } = props;
  const rows = useMemo(() => draw(stations, kinds), [stations, kinds]);
  const heldStation = stations.find((s) => s.id === held);
  return (
    <g strokeLinejoin="round">
      {hasBarbs && (
        <g fill="none" data-barbs>
          {rows.map(({ row, barbs }) => (
            <g key={row}>
              <path d={barbs} stroke={palette.bead} strokeWidth={2.8} />
              <path d={barbs} stroke={palette.ink} strokeWidth={1.2} />
            </g>
          ))}
        </g>
      )}
      {rows.map(({ row, byTint, blends, inner }) => (
        <g key={row}>
          {[...byTint].map(([tint, d]) => (
            <path
              key={tint}
              data-beads={tint || 'main'}
              d={d}
              fill={tint || palette.bead}
              stroke={isMoving ? 'none' : palette.plait}
              strokeWidth={0.6}
            />
          ))}
          {[...blends].map(([tint, d]) => (
            <path key={tint} data-blend={tint} d={d} fill={tint} />
          ))}
          {inner && <path d={inner} fill="none" stroke={palette.plait} strokeWidth={0.8} />}
        </g>
      ))}
      {heldStation && (
        <circle
          cx={heldStation.x}
          cy={-heldStation.y}
          r={6}
          fill="none"
          stroke={palette.held}
          strokeWidth={2}
        />
      )}
      {heldStation && (
        <path
          d={beadOf(heldStation, kindOf({ kinds }, heldStation)).outline}
          fill={palette.held}
          stroke={palette.plait}
          strokeWidth={1}
        />
      )}
      {onHold && !isMoving && (
        <Touch stations={stations} kinds={kinds} held={held} onHold={onHold} onPick={onPick} />
      )}
    </g>
  );
});

interface TouchProps extends Pick<Props, 'stations' | 'kinds' | 'held' | 'onPick'> {
  onHold: (id: string | undefined) => void;
}

/** Every station to be pointed at, or walked to with the arrow keys along the rows. */
function Touch({ stations, kinds, held, onHold, onPick }: TouchProps) {
  const idAt = (e: { target: EventTarget }) =>
    e.target instanceof SVGElement ? e.target.dataset.station : undefined;
  const at = stations.findIndex((s) => s.id === held);
  const here = stations[at];
  const onKey = (e: KeyboardEvent) => {
    const to = walk(stations, at, e.key);
    if (to) onHold(to.id);
    else if (e.key === 'Enter' && here) onPick?.(here.id);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  return (
    <g
      data-walk="shares"
      fill="transparent"
      tabIndex={0}
      role="slider"
      aria-label="Stations"
      aria-valuemin={0}
      aria-valuemax={stations.length}
      aria-valuenow={at + 1}
      aria-valuetext={here ? stationWords(kinds, here) : 'none in hand'}
      className="outline-none"
      onFocus={() => !here && stations[0] && onHold(stations[0].id)}
      onBlur={() => onHold(undefined)}
      onKeyDown={onKey}
      onPointerOver={(e: PointerEvent) => onHold(idAt(e))}
      onPointerLeave={() => onHold(undefined)}
      onClick={(e) => {
        const id = idAt(e);
        if (id) onPick?.(id);
      }}
    >
      <Places stations={stations} />
    </g>
  );
}

const Places = memo(function Places({ stations }: Pick<Props, 'stations'>) {
  return stations.map((s) => {
    const { x, y } = toPicture(s.x, s.y);
    return <circle key={s.id} data-station={s.id} cx={x} cy={y} r={TOUCH_MM} />;
  });
});

function stationWords(kinds: Drawn['kinds'], station: PlanStation): string {
  const kind = kindOf({ kinds }, station);
  return `${station.id.replace('/', ', station ')}: ${kind.shareWords}, ${kind.tieWords}`;
}

/** Where a key leads from a station: along the rows one by one, or to the start of the next row or the one before. */
function walk(stations: PlanStation[], at: number, key: string): PlanStation | undefined {
  const rowOf = (i: number) => stations[i]?.row;
  switch (key) {
    case 'ArrowRight':
      return stations[Math.min(stations.length - 1, at + 1)];
    case 'ArrowLeft':
      return stations[Math.max(0, at - 1)];
    case 'ArrowDown':
      return stations.find((s, i) => i > at && s.row !== rowOf(at)) ?? stations.at(-1);
    case 'ArrowUp': {
      const start = stations.findIndex((s) => s.row === rowOf(at));
      return stations.find((s) => s.row === rowOf(start === at ? at - 1 : at)) ?? stations[0];
    }
    case 'Home':
      return stations[0];
    case 'End':
      return stations.at(-1);
    default:
      return undefined;
  }
}

/** The beads of one row. */
interface DrawnRow {
  row: string;
  /** Hair of the mix other than the main one has its colour; the main one has none. */
  byTint: Map<string, string>;
  /** The other half of shares that are blended, a small bead on theirs. */
  blends: Map<string, string>;
  inner: string;
  barbs: string;
}

/** How far the share before or behind it on its row is, mm. */
const apart = (a: PlanStation, b: PlanStation | undefined): number =>
  b?.row === a.row ? Math.hypot(a.x - b.x, a.y - b.y) : Infinity;

function draw(stations: Drawn['stations'], kinds: Drawn['kinds']): DrawnRow[] {
  const rows = new Map<string, DrawnRow>();
  for (const [i, s] of stations.entries()) {
    const drawn = rows.get(s.row) ?? {
      row: s.row,
      byTint: new Map(),
      blends: new Map(),
      inner: '',
      barbs: '',
    };
    rows.set(s.row, drawn);
    const kind = kindOf({ kinds }, s);
    const bead = beadOf(s, kind, Math.min(apart(s, stations[i - 1]), apart(s, stations[i + 1])));
    const tint = kind.strand > 0 ? tintOf(kind.colour) : '';
    drawn.byTint.set(tint, (drawn.byTint.get(tint) ?? '') + bead.outline);
    if (kind.blendColour !== null) {
      const half = beadOf(s, { ...kind, shareParts: kind.shareParts * BLEND_PARTS });
      const other = tintOf(kind.blendColour);
      drawn.blends.set(other, (drawn.blends.get(other) ?? '') + half.outline);
    }
    drawn.inner += bead.inner;
    drawn.barbs += bead.barb;
  }
  return [...rows.values()];
}
