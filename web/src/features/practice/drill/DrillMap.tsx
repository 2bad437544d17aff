import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Drawn, Drill, DrillAsk, Verdict } from '../../../api/types';
import { toPicture } from '../../../lib/curve';
import { mapPoint } from '../../../lib/mapPoint';
import { mmPer } from '../../../lib/length';
import { useLengths, usePrefs } from '../../../ui/prefs';
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
  const { say } = useLengths();
  const { aim, form, isOne } = drill.ask;
  const view = shownOf(drill.ask.choices, isTurned);
  return (
    <svg
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
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
      {view !== SHEET && <Scale view={view} words={say(SCALE_MM)} />}
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
        {verdict?.lies.map((lie, i) => (
          <Hair key={i} lie={lie} isRight={i === 0} isShown={i === 0 || !verdict.isRight} />
        ))}
        {drill.ask.choices.map((c, i) =>
          c.x === null || c.y === null ? null : (
            <Place
              key={c.id}
              x={c.x}
              y={c.y}
              words={c.words}
              mark={markOf(i, given.ids.indexOf(c.id), form === 'ORDER' || form === 'TURNS')}
              isChosen={given.ids.includes(c.id)}
              look={verdict && form !== 'ORDER' ? stands(c.id, given, verdict) : undefined}
              scale={view.width / SHEET.width}
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

/** What of the map is shown: all of it, or, where all choices lie close together, only what is about them. */
function shownOf(choices: DrillAsk['choices'], isTurned: boolean) {
  const places = choices.flatMap((c) =>
    c.x === null || c.y === null ? [] : [toPicture(isTurned ? -c.x : c.x, c.y)],
  );
  const xs = places.map((p) => p.x);
  const ys = places.map((p) => p.y);
  const width = Math.max(...xs) - Math.min(...xs) + 2 * ABOUT_MM;
  const height = Math.max(...ys) - Math.min(...ys) + 2 * ABOUT_MM;
  const scale = Math.max(width / SHEET.width, height / SHEET.height);
  if (places.length < 2 || scale > CLOSE) return SHEET;
  return {
    x: (Math.max(...xs) + Math.min(...xs) - scale * SHEET.width) / 2,
    y:
      (Math.max(...ys) + Math.min(...ys)) / 2 -
      scale * SHEET.height * (Math.max(...ys) > 0 ? LOW : 0.5),
    width: scale * SHEET.width,
    height: scale * SHEET.height,
  };
}

const SCALE_MM = 20;

/** A length to go by, where the one below the map is out of sight. */
function Scale({ view, words }: { view: ReturnType<typeof shownOf>; words: string }) {
  const x = view.x + 0.05 * view.width;
  const y = view.y + 0.95 * view.height;
  return (
    <g aria-hidden>
      <rect x={view.x} y={y - 14} width={SCALE_MM + 30} height={40} className="fill-ground" />
      <path
        d={`M${x} ${y - 3}v3h${SCALE_MM}v-3`}
        fill="none"
        stroke={SCREEN.ink}
        strokeWidth={0.8}
      />
      <text x={x + SCALE_MM / 2} y={y - 4} textAnchor="middle" fontSize={5.4} fill={SCREEN.ink}>
        {words}
      </text>
    </g>
  );
}

const ABOUT_MM = 45;
/** At the nape nothing is to be seen below them. */
const LOW = 0.66;
/** Less than so much of the map is worth coming closer to. */
const CLOSE = 0.6;

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
  /** Against its size where all of the map is shown. */
  scale: number;
  look: ReturnType<typeof stands> | undefined;
  isTurned: boolean;
  isOver: boolean;
  onTouch: () => void;
}

function Place({
  x,
  y,
  words,
  mark,
  isChosen,
  look,
  scale,
  isTurned,
  isOver,
  onTouch,
}: PlaceProps) {
  const at = toPicture(x, y);
  const isBad = look === 'wrong' || look === 'missed';
  const onKey = (e: KeyboardEvent) => {
    if (e.key !== 'Enter' && e.key !== ' ') return;
    e.preventDefault();
    onTouch();
  };
  return (
    <g
      transform={`translate(${at.x} ${at.y}) scale(${scale})`}
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

/** A share as it lies once it is hooked: the hair, and the knot where the hook went in. */
function Hair(props: { lie: Verdict['lies'][number]; isRight: boolean; isShown: boolean }) {
  if (!props.isShown) return null;
  const { line, knotX, knotY } = props.lie;
  const points: string[] = [];
  for (let i = 0; i + 1 < line.length; i += 2) {
    const p = toPicture(line[i] ?? 0, line[i + 1] ?? 0);
    points.push(`${p.x} ${p.y}`);
  }
  const knot = toPicture(knotX, knotY);
  const ink = props.isRight ? SCREEN.ink : SCREEN.held;
  return (
    <g data-hair={props.isRight ? 'right' : 'yours'} pointerEvents="none">
      <path
        d={`M${points.join('L')}`}
        fill="none"
        stroke={ink}
        strokeWidth={11}
        strokeLinecap="round"
        strokeLinejoin="round"
        strokeDasharray={props.isRight ? undefined : '1 13'}
        opacity={0.34}
      />
      <circle cx={knot.x} cy={knot.y} r={4.6} fill={ink} stroke={SCREEN.bead} strokeWidth={1.4} />
    </g>
  );
}

const REACH_MM = 40;
/** Nearer to the bead no direction is meant. */
const MIN_MM = 3;
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
    if (Math.hypot(dx, dy) > MIN_MM) onAim(Math.atan2(dx, -dy));
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
