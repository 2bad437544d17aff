import { useRef } from 'react';
import type { SheetShare, SheetStep, WorkSheet } from '../../../api/types';
import { boundsOf, pathData, toPicture } from '../../../lib/curve';
import { useMapView } from '../../../lib/useMapView';
import { MapKeys } from '../../../ui/MapKeys';
import { RowBraid } from '../../../viz/chart/RowBraid';
import { SCREEN } from '../../../viz/palette';
import { tintOf } from '../../../viz/tints';
import { useChairPrefs } from '../chairPrefs';
import { isHooked, isToDo, type WorkState } from '../visit/fold';
import { turn } from './turned';

/** Room round the head for the names of its sides, mm. */
const MARGIN_MM = 22;

/** Radius of the bead of a whole loop, mm; a smaller share has a bead of proportionate area. */
const WHOLE_MM = 4.2;
const MIN_MM = 2.2;

export const beadRadius = (s: SheetShare) => Math.max(MIN_MM, WHOLE_MM / Math.sqrt(s.shareParts));

interface Props {
  sheet: WorkSheet;
  state: WorkState;
  step: SheetStep | undefined;
  /** The share before which the hair runs out. */
  endsBefore?: number | null | undefined;
  /** Places where skin shows. */
  gaps?: { x: number; y: number; areaMm2: number }[];
  /** Where fills are proposed. */
  fills?: { x: number; y: number }[];
  className?: string;
}

/** The head, turned the way she stands: what is done, what is in hand, what comes. */
export function Place({ sheet, state, step, endsBefore, gaps = [], fills = [], className }: Props) {
  const stance = useChairPrefs((p) => p.stance);
  const isMirrored = useChairPrefs((p) => p.isMirrored);
  const turned = turn(stance, isMirrored);
  const b = boundsOf(sheet.outline);
  const corners = [turned.at(b.x, b.y), turned.at(b.x + b.width, b.y + b.height)] as const;
  const left = { x: Math.min(corners[0].x, corners[1].x) };
  const right = { x: Math.max(corners[0].x, corners[1].x) };
  const top = { y: Math.min(corners[0].y, corners[1].y) };
  const foot = { y: Math.max(corners[0].y, corners[1].y) };
  const inHand = new Set(step?.rows ?? []);
  const now = new Set(step?.shares ?? []);
  const end = endsBefore ? state.shares.get(endsBefore)?.as : undefined;
  const svg = useRef<SVGSVGElement>(null);
  const view = useMapView(svg, {
    x: left.x - MARGIN_MM,
    y: top.y - MARGIN_MM,
    width: right.x - left.x + 2 * MARGIN_MM,
    height: foot.y - top.y + 2 * MARGIN_MM,
  });
  return (
    <div className={`relative ${className ?? ''}`}>
      <svg
        ref={svg}
        viewBox={view.viewBox}
        role="img"
        aria-label={step ? `Where: ${step.rows.join(', ') || 'the whole head'}` : 'The head'}
        className="h-full w-full touch-none select-none"
      >
        <g transform={turned.transform}>
          <path
            d={pathData(sheet.outline, true)}
            fill={SCREEN.clay}
            stroke={SCREEN.edge}
            strokeWidth={1.6}
          />
          {sheet.rows.map((r) => (
            <g key={r.id} opacity={inHand.size === 0 || inHand.has(r.id) ? 1 : 0.5}>
              <RowBraid
                id={r.id}
                path={r.chart}
                widthMm={r.braidWidthMm}
                palette={SCREEN}
                isHeld={inHand.has(r.id)}
                isPlain={!inHand.has(r.id)}
              />
              {state.kept.has(r.id) && <KeptMark path={r.chart} />}
            </g>
          ))}
          {[...state.shares.values()].map((w) => {
            const at = toPicture(w.as.x, w.as.y);
            const isNow = now.has(w.as.ref) && isToDo(w);
            if (w.done === 'LEFT_OUT' || w.done === 'TAKEN_OUT') return null;
            return (
              <circle
                key={w.as.ref}
                data-share={w.as.ref}
                data-done={w.done}
                cx={at.x}
                cy={at.y}
                r={beadRadius(w.as)}
                fill={isHooked(w) ? fillOf(sheet, w.as) : isNow ? SCREEN.held : SCREEN.plait}
                stroke={
                  w.done === 'SLIPPED' ? SCREEN.chalk : isHooked(w) ? SCREEN.plait : SCREEN.plaitLit
                }
                strokeWidth={isNow || w.done === 'SLIPPED' ? 1.4 : 0.9}
              />
            );
          })}
          {state.fills.map((f, i) => {
            const row = sheet.rows.find((r) => r.id === f.row);
            const at = row && along(row.chart, f.at);
            const { beyond } = f;
            const other = beyond && sheet.rows.find((r) => r.id === beyond.row);
            const to = other && along(other.chart, beyond.at);
            return (
              at && (
                <path
                  key={i}
                  d={`M${at.x - 4} ${at.y}h8M${at.x} ${at.y - 4}v8${to ? `M${at.x} ${at.y}L${to.x} ${to.y}` : ''}`}
                  stroke={SCREEN.held}
                  strokeWidth={2.4}
                />
              )
            );
          })}
          {gaps.map((g, i) => (
            <Gap key={i} gap={g} />
          ))}
          {fills.map((f, i) => {
            const at = toPicture(f.x, f.y);
            return (
              <circle
                key={i}
                cx={at.x}
                cy={at.y}
                r={5.5}
                fill="none"
                stroke={SCREEN.held}
                strokeWidth={2.4}
              />
            );
          })}
          {end && <ChalkMark share={end} />}
        </g>
        <Names turned={turned} bounds={b} />
      </svg>
      <div className="absolute right-1 bottom-1">
        <MapKeys isWhole={view.isWhole} onWhole={view.showWhole} onNearer={view.nearer} />
      </div>
    </div>
  );
}

const fillOf = (sheet: WorkSheet, s: SheetShare) =>
  s.supply > 0 ? tintOf(sheet.supplies[s.supply]?.colour ?? '') : SCREEN.bead;

/** A gap as a ring of dashes about as large as it is. */
function Gap({ gap }: { gap: { x: number; y: number; areaMm2: number } }) {
  const at = toPicture(gap.x, gap.y);
  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={Math.max(7, Math.sqrt(gap.areaMm2 / Math.PI))}
      fill="none"
      stroke={SCREEN.chalk}
      strokeWidth={2}
      strokeDasharray="5 4"
    />
  );
}

/** Where the hair runs out at this pace: chalk across the row. */
function ChalkMark({ share }: { share: SheetShare }) {
  const at = toPicture(share.x, share.y);
  return (
    <g stroke={SCREEN.chalk} strokeWidth={3} strokeLinecap="round" data-ends>
      <path d={`M${at.x - 10} ${at.y - 10}L${at.x + 10} ${at.y + 10}`} />
      <path d={`M${at.x - 10} ${at.y + 10}L${at.x + 10} ${at.y - 10}`} />
    </g>
  );
}

/** A row that is kept for a part: a clip at its start. */
function KeptMark({ path }: { path: number[] }) {
  const at = toPicture(path[0] ?? 0, path[1] ?? 0);
  return (
    <rect
      x={at.x - 4}
      y={at.y - 7}
      width={8}
      height={14}
      rx={2}
      fill={SCREEN.bead}
      stroke={SCREEN.ink}
      strokeWidth={1.2}
    />
  );
}

/** A place along a flat line, by the part of its length. */
function along(flat: number[], part: number) {
  const n = flat.length / 2;
  const k = Math.min(n - 1, Math.max(0, part * (n - 1)));
  const i = Math.min(n - 2, Math.floor(k));
  const t = k - i;
  const x = (j: number) => flat[2 * j] ?? 0;
  const y = (j: number) => flat[2 * j + 1] ?? 0;
  return toPicture(x(i) + t * (x(i + 1) - x(i)), y(i) + t * (y(i + 1) - y(i)));
}

const AWAY_MM = 11;

/** The names stay upright however the head is turned. */
function Names({
  turned,
  bounds: b,
}: {
  turned: ReturnType<typeof turn>;
  bounds: ReturnType<typeof boundsOf>;
}) {
  const middle = b.y + b.height * 0.4;
  const places = [
    { words: 'face', x: 0, y: b.y - AWAY_MM },
    { words: 'nape', x: 0, y: b.y + b.height + AWAY_MM },
    { words: 'left', x: b.x - AWAY_MM, y: middle },
    { words: 'right', x: b.x + b.width + AWAY_MM, y: middle },
  ];
  return places.map((p) => {
    const at = turned.at(p.x, p.y);
    return (
      <text
        key={p.words}
        x={at.x}
        y={at.y}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={11}
        fontFamily={SCREEN.font}
        fill={SCREEN.soft}
      >
        {p.words}
      </text>
    );
  });
}
