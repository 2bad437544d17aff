import { useWords } from '../../../words';
import { useRef, type KeyboardEvent } from 'react';
import type { Plan, PlanRow } from '../../../api/types';
import { points, type Point } from '../../../lib/curve';
import { plural } from '../../../lib/time';
import { braided } from '../../../viz/rows';
import { useLengths } from '../../../ui/prefs';
import { movedBy, withEdit, withEndMoved, withMoveTo } from '../draft/edits/foundationEdits';
import { mapPoint } from '../../../lib/mapPoint';
import { useBench, useIsHeld } from '../draft/useBench';

/** A touch that wanders less than this is no drag, mm. */
const STARTS_MM = 2;

const BEND_MM = 3;
const WIDER = 1.1;

/** So much of its length a row ends earlier or later. */
const END_STEP = 0.05;

/** Which way a key bends a row that runs front to back, and one that lies level. */
const ALONG: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 };
const ALONG_LEVEL: Record<string, number> = { ArrowUp: -1, ArrowDown: 1 };

interface Props {
  plan: Plan;
  isTurned: boolean;
  /** A row was touched, or chosen by Enter. */
  onTake: (id: string) => void;
  /** The row that the keyboard has come to. */
  onHold: (id: string) => void;
}

/**
 * Where each row begins, to be reached by Tab: arrows go to its neighbours, Enter takes it in hand. In hand it is bent, widened and
 * ended by arrows, until Escape lets it go.
 */
export function RowHandles({ plan, isTurned, onTake, onHold: holdRow }: Props) {
  const { limits } = useWords();
  const heldRow = useBench((b) => b.heldRow);
  const lengths = useLengths();
  const change = useBench((b) => b.change);
  const brief = useBench((b) => b.brief);
  const isHeld = useIsHeld();
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const grasped = useBench((b) => b.graspedRow);
  const grasp = useBench((b) => b.grasp);
  const taken = useRef<{ from: Point; moved: number; isDragging: boolean } | null>(null);
  const rows = braided(plan);
  const first = heldRow ?? rows[0]?.id;

  const focus = (index: number, from: Element) => {
    const row = rows[(index + rows.length) % rows.length];
    if (!row) return;
    holdRow(row.id);
    const all = from.parentElement?.querySelectorAll<SVGElement>('[data-handle]');
    [...(all ?? [])].find((el) => el.dataset.handle === row.id)?.focus();
  };

  const work = (row: PlanRow, e: KeyboardEvent): boolean => {
    const isLevel = row.section === 'LEVEL';
    const turn = isTurned && !isLevel ? -1 : 1;
    const along = isLevel ? ALONG_LEVEL[e.key] : ALONG[e.key];
    const across = isLevel ? ALONG[e.key] : ALONG_LEVEL[e.key];
    if (along !== undefined && !e.shiftKey) {
      if (!row.movesSideways) return true;
      change(`bend ${row.id}`, (b) =>
        withMoveTo(b, row.id, movedBy(b, row.id) + along * turn * BEND_MM, limits.moveMm),
      );
    } else if (across !== undefined && !e.shiftKey) {
      const factor = across < 0 ? WIDER : 1 / WIDER;
      change(`widen ${row.id}`, (b) => withEdit(b, row.id, { kind: 'RESIZE', factor }));
    } else if (across !== undefined) {
      change(`end ${row.id}`, (b) => withEndMoved(b, row.id, -across * END_STEP));
    } else {
      return false;
    }
    return true;
  };

  return (
    <g data-walk="rows">
      {rows.map((row, i) => {
        const start = points(row.path)[1];
        if (!start) return null;
        return (
          <circle
            key={row.id}
            data-handle={row.id}
            cx={start.x}
            cy={start.y}
            r={6}
            fill="transparent"
            className={`cursor-pointer focus-visible:fill-thread/60 ${grasped === row.id ? 'fill-thread' : ''}`}
            tabIndex={row.id === first ? 0 : -1}
            role="button"
            aria-pressed={row.id === heldRow}
            aria-label={`${row.words}, ${lengths.say(row.lengthMm)}, ${plural(row.stations, 'share')}`}
            onClick={() => onTake(row.id)}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              holdRow(row.id);
              taken.current = {
                from: mapPoint(e, isTurned),
                moved: movedBy(brief, row.id),
                isDragging: false,
              };
            }}
            onPointerMove={(e) => {
              const grip = taken.current;
              if (!grip || !row.movesSideways) return;
              const p = mapPoint(e, isTurned);
              const by = row.section === 'LEVEL' ? p.y - grip.from.y : p.x - grip.from.x;
              if (grip.isDragging && !isHeld()) {
                taken.current = null;
                return;
              }
              if (!grip.isDragging && Math.abs(by) < STARTS_MM) return;
              if (!grip.isDragging) hold(plan.ledger);
              grip.isDragging = true;
              change(`drag ${row.id}`, (b) =>
                withMoveTo(b, row.id, Math.round(grip.moved + by), limits.moveMm),
              );
            }}
            onPointerUp={() => {
              if (taken.current?.isDragging) letGo();
              taken.current = null;
            }}
            onBlur={() => grasped === row.id && grasp(undefined)}
            onKeyDown={(e) => {
              const isInHand = grasped === row.id;
              if (isInHand && (e.key === 'Escape' || e.key === 'Enter')) grasp(undefined);
              else if (isInHand && work(row, e)) {
                // It was bent, widened, or ended elsewhere.
              } else if (e.key === 'Enter' || e.key === ' ') {
                onTake(row.id);
                grasp(row.id);
              } else if (e.key === 'ArrowRight') focus(i + 1, e.currentTarget);
              else if (e.key === 'ArrowLeft') focus(i - 1, e.currentTarget);
              else return;
              e.preventDefault();
              e.stopPropagation();
            }}
          />
        );
      })}
    </g>
  );
}
