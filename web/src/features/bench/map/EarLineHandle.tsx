import { useWords } from '../../../words';
import { useRef, type KeyboardEvent } from 'react';
import { pathData, points } from '../../../lib/curve';
import type { Plan } from '../../../api/types';
import { useLengths } from '../../../ui/prefs';
import { mapFrame, mapPoint } from '../../../lib/mapPoint';
import { usePace } from './usePace';
import { useBench, useIsHeld } from '../draft/useBench';

const STEP_MM = 5;
const FINE_MM = 1;
const GRIP_AT = 0.4;

/** The ear line, to be taken hold of: drag it on the map, or move it with the arrow keys (Shift for fine). */
export function EarLineHandle({ plan }: { plan: Plan }) {
  const behind = useBench((b) => b.brief.foundation.earLineBehindMm) ?? 0;
  const change = useBench((b) => b.change);
  const isHeld = useIsHeld();
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const giveUp = useBench((b) => b.giveUp);
  const lengths = useLengths();
  const grip = useRef<{ y: number; behind: number; frame: DOMMatrix } | null>(null);
  const { min, max } = useWords().limits.earLineBehindMm;
  // Off the midline, where the end of a middle part has its own handle.
  const line = points(plan.map.earLine);
  const top = line[Math.floor(line.length * GRIP_AT)] ?? { x: 0, y: 0 };

  const move = (mm: number) =>
    change('earLine', (b) => ({
      ...b,
      foundation: {
        ...b.foundation,
        earLineBehindMm: Math.max(min, Math.min(max, Math.round(mm))),
      },
    }));
  const pace = usePace(plan);
  const end = (how: () => void) => {
    if (how === letGo) pace.finish();
    else pace.drop();
    if (grip.current) how();
    grip.current = null;
  };
  const onKey = (e: KeyboardEvent) => {
    const step = e.shiftKey ? FINE_MM : STEP_MM;
    if (e.key === 'ArrowDown' || e.key === 'ArrowRight') move(behind + step);
    else if (e.key === 'ArrowUp' || e.key === 'ArrowLeft') move(behind - step);
    else if (e.key === 'Escape' && grip.current) end(giveUp);
    else return;
    e.preventDefault();
  };

  const words = `${lengths.say(Math.abs(behind))} ${behind < 0 ? 'in front of' : 'behind'} the ears`;
  return (
    <g
      data-walk="ear line"
      tabIndex={0}
      role="slider"
      aria-label="Ear line"
      aria-orientation="vertical"
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={behind}
      aria-valuetext={words}
      className="group cursor-ns-resize"
      onKeyDown={onKey}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        const frame = mapFrame(e);
        grip.current = { y: mapPoint(e, false, frame).y, behind, frame };
        hold(plan.ledger);
      }}
      onPointerMove={(e) => {
        // The map keeps areas, not lengths, but near its middle a millimetre is a millimetre.
        if (!grip.current) return;
        if (!isHeld()) {
          end(giveUp);
          return;
        }
        const { y, behind: was, frame } = grip.current;
        const by = mapPoint(e, false, frame).y - y;
        pace.move(() => move(was + by));
      }}
      onPointerUp={() => end(letGo)}
      onPointerCancel={() => end(letGo)}
    >
      <path d={pathData(plan.map.earLine)} fill="none" stroke="transparent" strokeWidth={12} />
      <path
        d={pathData(plan.map.earLine)}
        fill="none"
        stroke="var(--thread)"
        strokeWidth={1.6}
        className="opacity-0 group-hover:opacity-100 group-focus-visible:opacity-100"
      />
      <rect
        x={top.x - 9}
        y={top.y - 3.5}
        width={18}
        height={7}
        rx={2}
        fill="var(--thread)"
        stroke="var(--plait)"
        strokeWidth={1}
      />
      <path d={`M${top.x - 4} ${top.y - 1.2}h8m-8 2.4h8`} stroke="var(--plait)" strokeWidth={0.8} />
    </g>
  );
}
