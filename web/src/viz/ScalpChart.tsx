import { useId, type ReactNode, type SVGProps } from 'react';
import type { Plan } from '../api/types';
import { pathData, points, toPicture } from '../lib/curve';
import type { MapPalette } from './palette';
import { PartMark } from './PartMark';
import { Hatch } from './Hatch';
import { RegionMark } from './RegionMark';
import { RowBraid } from './RowBraid';
import { ScaleBar } from './ScaleBar';
import { StationMark } from './StationMark';
import { TailMark } from './TailMark';

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
}

interface Props {
  plan: Plan;
  palette: MapPalette;
  layers: Layers;
  isTurned: boolean;
  unitMm: number;
  unit: string;
  heldRow?: string | undefined;
  heldStation?: string | undefined;
  heldRegion?: number | undefined;
  onRow?: (id: string) => void;
  onStation?: (id: string | undefined) => void;
  /** Drawn over the map, in its millimetres: handles. */
  children?: ReactNode;
}

/** The flat map of the computed scalp, front up, left and right the client's. */
export function ScalpChart(props: Props) {
  const { plan, palette, layers, isTurned, heldRow, heldStation, onRow, onStation } = props;
  const over = new Set(plan.map.crossings.map((c) => c.over));
  // What runs over others is drawn after them.
  const rows = [...plan.rows].sort((a, b) => Number(over.has(a.id)) - Number(over.has(b.id)));
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
          {rows.map((row) => (
            <RowBraid
              key={row.id}
              path={row.path}
              widthMm={row.braidWidthMm}
              palette={palette}
              use={row.use}
              isOver={over.has(row.id)}
              isPlain={layers.plain === true}
              isHeld={row.id === heldRow}
              data-row={row.id}
              {...(onRow && { onClick: () => onRow(row.id), style: { cursor: 'pointer' } })}
            />
          ))}
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
        {plan.tails.map((tail) => (
          <TailMark key={tail.row} tail={tail} rows={plan.rows} palette={palette} />
        ))}
        {layers.pull && <Pull plan={plan} palette={palette} isTurned={isTurned} />}
        {layers.bulk && <Bulk plan={plan} palette={palette} isTurned={isTurned} />}
        {layers.order && <Order plan={plan} palette={palette} isTurned={isTurned} />}
        {layers.stations &&
          plan.stations.map((s) => (
            <StationMark
              key={s.id}
              station={s}
              palette={palette}
              isHeld={s.id === heldStation}
              data-station={s.id}
              {...(onStation && {
                onPointerEnter: () => onStation(s.id),
                onPointerLeave: () => onStation(undefined),
                onClick: () => onRow?.(s.row),
              })}
            />
          ))}
        {props.children}
      </g>
      {layers.names && <Sides palette={palette} isTurned={isTurned} />}
      {layers.names && <Names plan={plan} palette={palette} isTurned={isTurned} />}
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

/** The part of the scalp behind the ear line, in the second tone. */
function BackTone({ plan, palette }: { plan: Plan; palette: MapPalette }) {
  const line = pathData(plan.map.earLine);
  return <path d={`${line}L400 400L-400 400Z`} fill={palette.clayDeep} />;
}

/** A mesh cap and pieces of mesh: a fine net over what lies beneath. */
function CapMark({ plan, palette }: { plan: Plan; palette: MapPalette }) {
  const mesh = plan.map.mesh;
  if (plan.map.cap.length === 0 && mesh.length === 0) return null;
  const pieces = Array.from({ length: mesh.length / 3 }, (_, i) => ({
    ...toPicture(mesh[3 * i] ?? 0, mesh[3 * i + 1] ?? 0),
    r: mesh[3 * i + 2] ?? 0,
  }));
  return (
    <g>
      {plan.map.cap.length > 0 && (
        <g stroke={palette.bead}>
          <Hatch line={points(plan.map.cap)} turns={[45, -45]} gapMm={4} strokeWidth={0.7} />
          <path d={pathData(plan.map.cap, true)} fill="none" strokeWidth={1.4} />
        </g>
      )}
      {pieces.map((p) => (
        <g key={`${p.x}/${p.y}`} stroke={palette.bead}>
          <Hatch line={ring(p.x, p.y, p.r)} turns={[45, -45]} gapMm={4} strokeWidth={0.7} />
          <circle cx={p.x} cy={p.y} r={p.r} fill="none" strokeWidth={1.2} />
        </g>
      ))}
    </g>
  );
}

const RING_POINTS = 24;

const ring = (x: number, y: number, r: number) =>
  Array.from({ length: RING_POINTS }, (_, i) => {
    const t = (2 * Math.PI * i) / RING_POINTS;
    return { x: x + r * Math.sin(t), y: y + r * Math.cos(t) };
  });

/** A figure on the map, readable however the map is turned. */
function Label(props: {
  x: number;
  y: number;
  words: string;
  palette: MapPalette;
  isTurned: boolean;
  ink?: string;
}) {
  const { x, y, words, palette, isTurned } = props;
  return (
    <g transform={`translate(${x} ${y})${isTurned ? ' scale(-1 1)' : ''}`}>
      <HaloText
        halo={palette.bead}
        fontSize={7.6}
        fontWeight={700}
        textAnchor="middle"
        fill={props.ink ?? palette.ink}
        fontFamily={palette.font}
      >
        {words}
      </HaloText>
    </g>
  );
}

/** A text with a halo behind it, as two texts: not every reader of drawings knows how to paint the stroke first. */
function HaloText({ halo, children, ...rest }: SVGProps<SVGTextElement> & { halo: string }) {
  return (
    <>
      <text
        {...rest}
        fill="none"
        stroke={halo}
        strokeWidth={2.6}
        strokeLinejoin="round"
        aria-hidden
      >
        {children}
      </text>
      <text {...rest}>{children}</text>
    </>
  );
}

interface LayerProps {
  plan: Plan;
  palette: MapPalette;
  isTurned: boolean;
}

/** Bulk: a disc where a tail enters, its area what lies there against the row alone. */
function Bulk({ plan, palette, isTurned }: LayerProps) {
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
function Pull({ plan, palette, isTurned }: LayerProps) {
  return plan.rows
    .filter((r) => r.stations > 0 && r.section !== 'INDIVIDUAL')
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

function Ears({ plan, palette }: { plan: Plan; palette: MapPalette }) {
  return plan.map.landmarks
    .filter((m) => m.name.endsWith('_EAR'))
    .map((m) => {
      const p = toPicture(m.x, m.y);
      const out = Math.sign(p.x);
      return (
        <path
          key={m.name}
          d={`M${p.x - out * 6} ${p.y - 12}c${out * 10} -14 ${out * 27} -6 ${out * 19} 12c${-out * 4} 9 ${-out * 6} 19 ${-out * 15} 17c${-out * 7} -2 ${-out * 8} -18 ${-out * 4} -29Z`}
          fill={palette.clay}
          stroke={palette.edge}
          strokeWidth={1}
        />
      );
    });
}

/** Left and right are the client's, and stay readable when the map is turned over. */
function Sides({ palette, isTurned }: { palette: MapPalette; isTurned: boolean }) {
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
      {side(isTurned ? 'her right' : 'her left', -1)}
      {side(isTurned ? 'her left' : 'her right', 1)}
    </>
  );
}

function Order({
  plan,
  palette,
  isTurned,
}: {
  plan: Plan;
  palette: MapPalette;
  isTurned: boolean;
}) {
  return plan.rows.map((row) => {
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

const OUTSIDE = ['FRONT_CENTRE', 'NAPE_CENTRE', 'LEFT_TEMPLE', 'RIGHT_TEMPLE'];

function Names({
  plan,
  palette,
  isTurned,
}: {
  plan: Plan;
  palette: MapPalette;
  isTurned: boolean;
}) {
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

/** Bounds of a flat curve on a picture. */
export function boundsOf(flat: number[]) {
  const p = points(flat);
  const xs = p.map((q) => q.x);
  const ys = p.map((q) => q.y);
  return {
    x: Math.min(...xs),
    y: Math.min(...ys),
    width: Math.max(...xs) - Math.min(...xs),
    height: Math.max(...ys) - Math.min(...ys),
  };
}
