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
}

/**
 * Every station as a bead: shape for its knot, size for its share, colour for its hair. There may be hundreds, drawn anew at
 * every move of a handle, so all of one colour are one path; what can be touched lies over them.
 */
export const Stations = memo(function Stations(props: Props) {
  const { stations, kinds, hairs, palette, hasBarbs, held, onHold, onPick } = props;
  const drawn = useMemo(() => draw(stations, kinds, hairs), [stations, kinds, hairs]);
  const heldStation = stations.find((s) => s.id === held);
  return (
    <g strokeLinejoin="round">
      {hasBarbs && (
        <g fill="none" data-barbs>
          <path d={drawn.barbs} stroke={palette.bead} strokeWidth={2.2} />
          <path d={drawn.barbs} stroke={palette.ink} strokeWidth={0.9} />
        </g>
      )}
      {[...drawn.byTint].map(([tint, d]) => (
        <path
          key={tint}
          data-beads={tint || 'main'}
          d={d}
          fill={tint || palette.bead}
          stroke={palette.plait}
          strokeWidth={0.6}
        />
      ))}
      {drawn.inner && <path d={drawn.inner} fill="none" stroke={palette.plait} strokeWidth={0.8} />}
      {heldStation && (
        <path
          d={beadOf(heldStation, kindOf({ kinds }, heldStation)).outline}
          fill={palette.held}
          stroke={palette.plait}
          strokeWidth={1}
        />
      )}
      {onHold && <Touch stations={stations} onHold={onHold} onPick={onPick} />}
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

interface Drawn {
  /** Hair of the mix other than the main one has its colour; the main one has none. */
  byTint: Map<string, string>;
  inner: string;
  barbs: string;
}

function draw(stations: Plan['stations'], kinds: Plan['kinds'], hairs: Plan['hairs']): Drawn {
  const byTint = new Map<string, string>();
  let inner = '';
  let barbs = '';
  for (const s of stations) {
    const kind = kindOf({ kinds }, s);
    const bead = beadOf(s, kind);
    const tint = kind.strand > 0 ? tintOf(hairs[kind.strand]?.colour ?? '') : '';
    byTint.set(tint, (byTint.get(tint) ?? '') + bead.outline);
    inner += bead.inner;
    barbs += bead.barb;
  }
  return { byTint, inner, barbs };
}
