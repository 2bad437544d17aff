import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Drawn, Drill, Verdict } from '../../../api/types';
import { toPicture } from '../../../lib/curve';
import { mapPoint } from '../../../lib/mapPoint';
import { mmPer } from '../../../lib/length';
import { usePrefs } from '../../../ui/prefs';
import { SCREEN } from '../../../viz/palette';
import { ScalpChart, SHEET } from '../../../viz/chart/ScalpChart';
import { stands, touched, turned, wayWords, type Given } from './answer';

interface Props {
  drill: Drill;
  head: Drawn;
  given: Given;
  verdict: Verdict | undefined;
  onGive: (given: Given) => void;
}

/** The head that is asked about, on which it is answered by hand. */
export function DrillMap({ drill, head, given, verdict, onGive }: Props) {
  const { unit, fingerMm, isTurned } = usePrefs();
  const { aim, form, isOne } = drill.ask;
  return (
    <svg
      viewBox={`${SHEET.x} ${SHEET.y} ${SHEET.width} ${SHEET.height}`}
      className="h-full min-h-0 w-full"
      role="group"
      aria-label="The head of this drill"
    >
      <ScalpChart
        plan={head}
        palette={SCREEN}
        layers={{
          stations: drill.shows === 'SHARES',
          names: true,
          cover: drill.shows === 'COVER',
        }}
        worn={drill.cover && !verdict ? { ...drill.cover, gaps: [] } : (drill.cover ?? undefined)}
        isTurned={isTurned}
        unit={unit}
        unitMm={mmPer(unit, fingerMm)}
      />
      <g transform={isTurned ? 'scale(-1 1)' : undefined}>
        {aim && (
          <Aim
            x={aim.x}
            y={aim.y}
            toward={given.towardRad}
            right={verdict?.towardRad ?? null}
            isTurned={isTurned}
            isOver={verdict !== undefined}
            onAim={(towardRad) => onGive({ ...given, towardRad })}
          />
        )}
        {drill.ask.choices.map((c, i) =>
          c.x === null || c.y === null ? null : (
            <Place
              key={c.id}
              x={c.x}
              y={c.y}
              words={c.words}
              mark={markOf(i, given.ids.indexOf(c.id), form === 'ORDER')}
              isChosen={given.ids.includes(c.id)}
              look={verdict && form === 'PICK' ? stands(c.id, given, verdict) : undefined}
              isTurned={isTurned}
              isOver={verdict !== undefined}
              onTouch={() => onGive(touched(given, c.id, isOne))}
            />
          ),
        )}
      </g>
    </svg>
  );
}

/** A choice is known by its letter, and in an order by its place as soon as it has one. */
export const letter = (index: number) => String.fromCharCode('A'.charCodeAt(0) + index);
const markOf = (index: number, at: number, isOrder: boolean) =>
  isOrder && at >= 0 ? String(at + 1) : letter(index);

interface PlaceProps {
  x: number;
  y: number;
  words: string;
  mark: string;
  isChosen: boolean;
  look: ReturnType<typeof stands> | undefined;
  isTurned: boolean;
  isOver: boolean;
  onTouch: () => void;
}

function Place({ x, y, words, mark, isChosen, look, isTurned, isOver, onTouch }: PlaceProps) {
  const at = toPicture(x, y);
  const isBad = look === 'wrong' || look === 'missed';
  const onKey = (e: KeyboardEvent) => {
    if (e.key !== 'Enter' && e.key !== ' ') return;
    e.preventDefault();
    onTouch();
  };
  return (
    <g
      transform={`translate(${at.x} ${at.y})`}
      role="button"
      aria-pressed={isChosen}
      aria-label={`${mark}: ${words}`}
      aria-disabled={isOver}
      tabIndex={isOver ? -1 : 0}
      onClick={isOver ? undefined : onTouch}
      onKeyDown={isOver ? undefined : onKey}
      className={isOver ? '' : 'cursor-pointer'}
    >
      <circle r={16} fill="transparent" />
      <circle
        r={9}
        fill={isChosen ? SCREEN.held : SCREEN.bead}
        stroke={isBad ? SCREEN.chalk : SCREEN.ink}
        strokeWidth={look && look !== 'rest' ? 3 : 1.6}
        strokeDasharray={look === 'missed' ? '4 2.5' : undefined}
      />
      <text
        transform={isTurned ? 'scale(-1 1)' : undefined}
        y={4.4}
        textAnchor="middle"
        fontSize={12.5}
        fontWeight={700}
        fill={isChosen ? '#11201a' : SCREEN.ink}
      >
        {look === 'wrong' ? '✕' : look === 'right' ? '✓' : mark}
      </text>
    </g>
  );
}

const REACH_MM = 40;
/** Nearer to the bead no direction is meant. */
const LEAST_MM = 3;
const TURN_RAD = Math.PI / 12;
const FINE_RAD = Math.PI / 60;

interface AimProps {
  x: number;
  y: number;
  toward: number | null;
  right: number | null;
  isTurned: boolean;
  isOver: boolean;
  onAim: (rad: number) => void;
}

/** A bead and the barb that is aimed from it, by pointing anywhere on the map or with the arrow keys. */
function Aim({ x, y, toward, right, isTurned, isOver, onAim }: AimProps) {
  const at = toPicture(x, y);
  const held = useRef(false);
  const point = (e: PointerEvent<SVGRectElement>) => {
    const p = mapPoint(e, isTurned);
    const dx = p.x - at.x;
    const dy = p.y - at.y;
    if (Math.hypot(dx, dy) > LEAST_MM) onAim(Math.atan2(dx, -dy));
  };
  const onKey = (e: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
    const straight = { ArrowUp: 0, ArrowDown: Math.PI }[e.key];
    if (by === undefined && straight === undefined) return;
    e.preventDefault();
    const step = (e.shiftKey ? FINE_RAD : TURN_RAD) * (isTurned ? -1 : 1);
    onAim(straight ?? turned((toward ?? 0) + (by ?? 0) * step));
  };
  return (
    <g>
      {!isOver && (
        <rect
          x={SHEET.x}
          y={SHEET.y}
          width={SHEET.width}
          height={SHEET.height}
          fill="transparent"
          className="cursor-crosshair touch-none"
          onPointerDown={(e) => {
            held.current = true;
            e.currentTarget.setPointerCapture(e.pointerId);
            point(e);
          }}
          onPointerMove={(e) => held.current && point(e)}
          onPointerUp={() => (held.current = false)}
        />
      )}
      {right !== null && (
        <Barb at={at} rad={right} ink={SCREEN.ink} isDashed={false} words="right" />
      )}
      {toward !== null && (
        <Barb at={at} rad={toward} ink={SCREEN.held} isDashed={right !== null} words="yours" />
      )}
      <circle
        cx={at.x}
        cy={at.y}
        r={8}
        fill={SCREEN.held}
        stroke={SCREEN.ink}
        strokeWidth={2.4}
        role="slider"
        aria-label="Which way the hook goes in"
        aria-valuemin={-180}
        aria-valuemax={180}
        aria-valuenow={Math.round(((toward ?? 0) * 180) / Math.PI)}
        aria-valuetext={toward === null ? 'not aimed yet' : wayWords(toward)}
        aria-disabled={isOver}
        tabIndex={isOver ? -1 : 0}
        onKeyDown={isOver ? undefined : onKey}
      />
    </g>
  );
}

/** The hook on its way in: its shaft, and at its head the barb. */
function Barb(props: {
  at: { x: number; y: number };
  rad: number;
  ink: string;
  isDashed: boolean;
  words: string;
}) {
  const degrees = (props.rad * 180) / Math.PI;
  return (
    <g
      transform={`translate(${props.at.x} ${props.at.y}) rotate(${degrees})`}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
      data-barb={props.words}
    >
      <path d={`M0 -10V${-REACH_MM}m-7 11l7 -11l7 11`} stroke={SCREEN.bead} strokeWidth={7.5} />
      <path
        d={`M0 -10V${-REACH_MM}m-7 11l7 -11l7 11`}
        stroke={props.ink}
        strokeWidth={4}
        strokeDasharray={props.isDashed ? '6 5' : undefined}
      />
    </g>
  );
}
