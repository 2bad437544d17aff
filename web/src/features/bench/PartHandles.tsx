import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Plan } from '../../api/types';
import { points } from '../../lib/curve';
import { useLengths } from '../../ui/prefs';
import { withPart } from './partEdits';
import { useBench } from './useBench';

const STEP_MM = 5;
const FINE_MM = 1;
const STEP_DEG = 5;
const FINE_DEG = 1;
/** Nearer to the midline than this a dragged part snaps to it; Alt refuses. */
const SNAP_MM = 3;
const DEGREES = 180 / Math.PI;

type Laid = Plan['parts'][number];

/** Both ends of every part, to be taken hold of: the start runs along the hairline, the end slants and shortens. */
export function PartHandles({ plan, isTurned }: { plan: Plan; isTurned: boolean }) {
  return plan.parts.map((p) => (
    <g key={p.index}>
      <Grip part={p} end="start" isTurned={isTurned} />
      <Grip part={p} end="end" isTurned={isTurned} />
    </g>
  ));
}

function Grip({ part, end, isTurned }: { part: Laid; end: 'start' | 'end'; isTurned: boolean }) {
  const asked = useBench((b) => b.brief.foundation.parts?.[part.index]);
  const change = useBench((b) => b.change);
  const hold = useBench((b) => b.hold);
  const lengths = useLengths();
  const held = useRef<{
    x: number;
    y: number;
    start: number;
    slant: number;
    length: number;
  } | null>(null);
  const line = points(part.path);
  const at = end === 'start' ? line[0] : line.at(-1);
  if (!asked || !at) return null;
  const start = asked.startMm ?? 0;
  const slant = asked.slantDeg ?? 0;

  const edit = (what: Partial<typeof asked>) =>
    change(`part ${part.index} ${end}`, (b) => withPart(b, part.index, what));
  const onMap = (e: PointerEvent<SVGElement>) => {
    const matrix = e.currentTarget.ownerSVGElement?.getScreenCTM();
    const p = matrix
      ? new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse())
      : { x: 0, y: 0 };
    return { x: isTurned ? -p.x : p.x, y: p.y };
  };
  const drag = (e: PointerEvent<SVGElement>) => {
    const grip = held.current;
    if (!grip) return;
    const p = onMap(e);
    if (end === 'start') {
      const to = Math.round(grip.start + p.x - grip.x);
      edit({ startMm: Math.abs(to) < SNAP_MM && !e.altKey ? 0 : to });
    } else {
      const length = Math.max(20, grip.length + p.y - grip.y);
      const turned = Math.atan2(p.x - grip.x, Math.max(grip.length, 20)) * DEGREES;
      const to = Math.round(grip.slant + turned);
      edit({
        slantDeg: Math.max(-50, Math.min(50, Math.abs(to) < 2 && !e.altKey ? 0 : to)),
        lengthMm: Math.abs(p.y - grip.y) < 4 ? asked.lengthMm : Math.round(length),
      });
    }
  };
  const letGo = () => {
    held.current = null;
    hold(undefined);
  };
  const onKey = (e: KeyboardEvent) => {
    const mm = e.shiftKey ? FINE_MM : STEP_MM;
    const deg = e.shiftKey ? FINE_DEG : STEP_DEG;
    const side =
      (e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0) * (isTurned ? -1 : 1);
    const back = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (side !== 0)
      edit(end === 'start' ? { startMm: start + side * mm } : { slantDeg: slant + side * deg });
    else if (back !== 0 && end === 'end') {
      edit({ lengthMm: Math.max(20, Math.round(asked.lengthMm ?? part.lengthMm) + back * mm) });
    } else return;
    e.preventDefault();
  };
  const words =
    end === 'start'
      ? start === 0
        ? 'on the midline'
        : `${lengths.say(Math.abs(start))} to her ${start < 0 ? 'left' : 'right'}`
      : `${lengths.say(part.lengthMm)} long, slanted ${slant}°`;

  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={4.2}
      tabIndex={0}
      role="slider"
      aria-label={`Part ${part.number}, ${end}`}
      aria-valuenow={end === 'start' ? start : slant}
      aria-valuemin={end === 'start' ? -110 : -50}
      aria-valuemax={end === 'start' ? 110 : 50}
      aria-valuetext={words}
      fill="var(--thread)"
      stroke="var(--plait)"
      strokeWidth={1.2}
      className="cursor-grab outline-none focus-visible:[stroke-width:3]"
      onKeyDown={onKey}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        held.current = { ...onMap(e), start, slant, length: asked.lengthMm ?? part.lengthMm };
      }}
      onPointerMove={drag}
      onPointerUp={letGo}
      onPointerCancel={letGo}
    />
  );
}
