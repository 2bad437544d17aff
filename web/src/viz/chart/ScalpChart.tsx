import { useId, type MouseEvent, type ReactNode } from 'react';
import { braided } from '../rows';
import type { Drawn, Worn } from '../../api/types';
import { pathData, toPicture } from '../../lib/curve';
import type { MapPalette } from '../palette';
import { CoverLayer, CoverLegend } from './CoverLayer';
import { PartMark } from './PartMark';
import { BackTone, CapMark, Ears } from './MapGround';
import { Bulk, Order, Pull, type LayerProps } from './MapLayers';
import { HaloText } from './MapText';
import { RegionMark } from './RegionMark';
import { RowBraid } from './RowBraid';
import { ScaleBar } from './ScaleBar';
import { Stations } from './Stations';
import { TailMark } from './TailMark';
import { Thread } from './Thread';

/** The piece of paper the map is drawn on, mm. */
export const SHEET = { x: -172, y: -180, width: 344, height: 378 };

export interface Layers {
  stations: boolean;
  names: boolean;
  /** The turn of each row in braiding, at its start. */
  order?: boolean;
  /** Rows as plain strands, for pictures too small for chevrons. */
  plain?: boolean;
  /** Bulk where tails enter. */
  bulk?: boolean;
  /** Weight on each row against its limit. */
  pull?: boolean;
  /** Which way the hook goes in. */
  bearing?: boolean;
  /** What shows as it is worn. */
  cover?: boolean;
}

interface Props {
  plan: Drawn;
  palette: MapPalette;
  layers: Layers;
  isTurned: boolean;
  unitMm: number;
  unit: string;
  heldRow?: string | undefined;
  heldStation?: string | undefined;
  heldRegion?: number | undefined;
  worn?: Worn | undefined;
  /** Whether the scale of the cover stands beside it. */
  hasLegend?: boolean;
  onRow?: (id: string) => void;
  onStation?: (id: string | undefined) => void;
  onPickStation?: (id: string) => void;
  /** Whether something is in the hand: nothing else can be touched meanwhile, and drawing is all that counts. */
  isMoving?: boolean;
  /** Drawn over the map, in its millimetres: handles. */
  children?: ReactNode;
}

/** The flat map of the computed scalp, front up, left and right the client's. */
export function ScalpChart(props: Props) {
  const { plan, palette, layers, isTurned, heldRow, heldStation, onRow, onStation } = props;
  const over = new Set(plan.map.crossings.map((c) => c.over));
  // What runs over others is drawn after them.
  const rows = braided(plan).sort((a, b) => Number(over.has(a.id)) - Number(over.has(b.id)));
  // Several maps may stand on one page, each with its own outline.
  const clip = useId();
  return (
    <>
      <defs>
        <clipPath id={clip}>
          <path d={pathData(plan.map.outline, true)} />
        </clipPath>
      </defs>
      <g transform={isTurned ? 'scale(-1 1)' : undefined}>
        <Ears plan={plan} palette={palette} />
        <path d={pathData(plan.map.outline, true)} fill={palette.clay} />
        <g clipPath={`url(#${clip})`}>
          <BackTone plan={plan} palette={palette} />
          {plan.parts.map((part) => (
            <PartMark
              key={part.index}
              path={part.path}
              widthMm={Math.max(2.5, part.narrowestMm)}
              palette={palette}
              isOpen={part.isOpen}
            />
          ))}
          <g onClick={(e) => pickRow(e, onRow)} style={onRow && { cursor: 'pointer' }}>
            {rows.map((row) => (
              <RowBraid
                key={row.id}
                id={row.id}
                path={row.path}
                widthMm={row.braidWidthMm}
                palette={palette}
                use={row.use}
                isOver={over.has(row.id)}
                isPlain={layers.plain === true || layers.cover === true}
                isHeld={row.id === heldRow}
              />
            ))}
          </g>
          {plan.map.regions.map((r) => (
            <RegionMark
              key={r.index}
              kind={r.kind}
              rim={r.rim}
              palette={palette}
              isHeld={r.index === props.heldRegion}
            />
          ))}
          <path
            d={pathData(plan.map.braidedEdge, true)}
            fill="none"
            stroke={palette.ink}
            strokeWidth={0.7}
            strokeDasharray="2 2"
          />
          <CapMark plan={plan} palette={palette} />
          {layers.cover && props.worn && (
            <CoverLayer worn={props.worn} palette={palette} isTurned={isTurned} />
          )}
          <path
            d={pathData(plan.map.earLine)}
            fill="none"
            stroke={palette.ink}
            strokeWidth={0.9}
            strokeDasharray="0.4 3"
            strokeLinecap="round"
          />
        </g>
        <path
          d={pathData(plan.map.outline, true)}
          fill="none"
          stroke={palette.ink}
          strokeWidth={1.4}
        />
        {!layers.cover &&
          plan.tails.map((tail) => (
            <TailMark
              key={tail.row}
              tail={tail}
              path={plan.rows.find((r) => r.id === tail.row)?.path}
              palette={palette}
            />
          ))}
        {layers.pull && <Pull plan={plan} palette={palette} isTurned={isTurned} />}
        {layers.bulk && <Bulk plan={plan} palette={palette} isTurned={isTurned} />}
        {layers.order && <Order plan={plan} palette={palette} isTurned={isTurned} />}
        {layers.stations &&
          plan.shut.map((s) => <Thread key={`${s.x}/${s.y}`} {...s} palette={palette} />)}
        {layers.stations && (
          <Stations
            stations={plan.stations}
            kinds={plan.kinds}
            palette={palette}
            hasBarbs={layers.bearing === true}
            held={heldStation}
            onHold={onStation}
            onPick={props.onPickStation}
            isMoving={props.isMoving === true}
          />
        )}
        {props.children}
      </g>
      {layers.names && <Sides plan={plan} palette={palette} isTurned={isTurned} />}
      {layers.names && <Names plan={plan} palette={palette} isTurned={isTurned} />}
      {layers.cover && props.worn && props.hasLegend !== false && (
        <CoverLegend palette={palette} x={SHEET.x + 8} y={SHEET.y + SHEET.height - 84} />
      )}
      {layers.names && (
        <ScaleBar
          x={SHEET.x + 8}
          y={SHEET.y + SHEET.height - 14}
          unitMm={props.unitMm}
          unit={props.unit}
          palette={palette}
        />
      )}
    </>
  );
}

function pickRow(e: MouseEvent, onRow: Props['onRow']) {
  const row = e.target instanceof Element ? e.target.closest<SVGElement>('[data-row]') : null;
  if (row?.dataset.row) onRow?.(row.dataset.row);
}

/** Left and right are the client's, and stay readable when the map is turned over. */
function Sides({ plan, palette, isTurned }: LayerProps) {
  const side = (words: string, sign: 1 | -1) => (
    <text
      x={sign * 164}
      y={-160}
      fontSize={11}
      fontWeight={700}
      textAnchor={sign > 0 ? 'end' : 'start'}
      fill={palette.soft}
      fontFamily={palette.font}
    >
      {words}
    </text>
  );
  return (
    <>
      {side(isTurned ? plan.map.right : plan.map.left, -1)}
      {side(isTurned ? plan.map.left : plan.map.right, 1)}
    </>
  );
}

const OUTSIDE = ['FRONT_CENTRE', 'NAPE_CENTRE', 'LEFT_TEMPLE', 'RIGHT_TEMPLE'];

function Names({ plan, palette, isTurned }: LayerProps) {
  const turn = isTurned ? -1 : 1;
  return plan.map.landmarks
    .filter((m) => OUTSIDE.includes(m.name) || m.name === 'CROWN' || m.name === 'OCCIPITAL_BONE')
    .map((m) => {
      const p = toPicture(m.x * turn, m.y);
      const isInside = !OUTSIDE.includes(m.name);
      const isSide = Math.abs(p.x) > 20;
      const dy = isInside ? -3 : isSide ? -5 : p.y < 0 ? -5 : 11;
      return (
        <g key={m.name}>
          {isInside && (
            <path
              d={`M${p.x - 3} ${p.y}h6M${p.x} ${p.y - 3}v6`}
              stroke={palette.bead}
              strokeWidth={1}
            />
          )}
          <HaloText
            halo={isInside ? palette.clayDeep : 'none'}
            x={p.x + (isSide ? Math.sign(p.x) * 5 : 0)}
            y={p.y + dy - (isInside ? 2 : 0)}
            fontSize={8.5}
            textAnchor={isSide ? (p.x > 0 ? 'start' : 'end') : 'middle'}
            fill={palette.ink}
            fontFamily={palette.font}
          >
            {m.words}
          </HaloText>
        </g>
      );
    });
}
