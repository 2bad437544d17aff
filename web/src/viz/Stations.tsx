import { memo, useMemo, type PointerEvent } from 'react';
import type { Plan } from '../api/types';
import { toPicture } from '../lib/curve';
import { beadOf, kindOf } from './beads';
import type { MapPalette } from './palette';
import { tintOf } from './tints';

/** A finger or a mouse needs more than the smallest bead to hit, mm. */
const TOUCH_MM = 3.4;

interface Props {
  stations: Plan['stations'];
  kinds: Plan['kinds'];
  hairs: Plan['hairs'];
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
  const { stations, kinds, hairs, palette, hasBarbs, held, isMoving, onHold, onPick } = props;
  const rows = useMemo(() => draw(stations, kinds, hairs), [stations, kinds, hairs]);
  const heldStation = stations.find((s) => s.id === held);
  return (
    <g strokeLinejoin="round">
      {hasBarbs && (
        <g fill="none" data-barbs>
          {rows.map(({ row, barbs }) => (
            <g key={row}>
              <path d={barbs} stroke={palette.bead} strokeWidth={2.2} />
              <path d={barbs} stroke={palette.ink} strokeWidth={0.9} />
            </g>
          ))}
        </g>
      )}
      {rows.map(({ row, byTint, inner }) => (
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
          {inner && <path d={inner} fill="none" stroke={palette.plait} strokeWidth={0.8} />}
        </g>
      ))}
      {heldStation && (
        <path
          d={beadOf(heldStation, kindOf({ kinds }, heldStation)).outline}
          fill={palette.held}
          stroke={palette.plait}
          strokeWidth={1}
        />
      )}
      {onHold && !isMoving && <Touch stations={stations} onHold={onHold} onPick={onPick} />}
    </g>
  );
});

interface TouchProps extends Pick<Props, 'stations' | 'onPick'> {
  onHold: (id: string | undefined) => void;
}

function Touch({ stations, onHold, onPick }: TouchProps) {
  const idAt = (e: { target: EventTarget }) =>
    e.target instanceof SVGElement ? e.target.dataset.station : undefined;
  return (
    <g
      fill="transparent"
      onPointerOver={(e: PointerEvent) => onHold(idAt(e))}
      onPointerLeave={() => onHold(undefined)}
      onClick={(e) => {
        const id = idAt(e);
        if (id) onPick?.(id);
      }}
    >
      {stations.map((s) => {
        const at = toPicture(s.x, s.y);
        return <circle key={s.id} data-station={s.id} cx={at.x} cy={at.y} r={TOUCH_MM} />;
      })}
    </g>
  );
}

/** The beads of one row. */
interface Drawn {
  row: string;
  /** Hair of the mix other than the main one has its colour; the main one has none. */
  byTint: Map<string, string>;
  inner: string;
  barbs: string;
}

function draw(stations: Plan['stations'], kinds: Plan['kinds'], hairs: Plan['hairs']): Drawn[] {
  const rows = new Map<string, Drawn>();
  for (const s of stations) {
    const drawn = rows.get(s.row) ?? { row: s.row, byTint: new Map(), inner: '', barbs: '' };
    rows.set(s.row, drawn);
    const kind = kindOf({ kinds }, s);
    const bead = beadOf(s, kind);
    const tint = kind.strand > 0 ? tintOf(hairs[kind.strand]?.colour ?? '') : '';
    drawn.byTint.set(tint, (drawn.byTint.get(tint) ?? '') + bead.outline);
    drawn.inner += bead.inner;
    drawn.barbs += bead.barb;
  }
  return [...rows.values()];
}
