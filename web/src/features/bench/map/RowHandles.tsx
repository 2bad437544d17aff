import { useWords } from '../../../words';
import { useRef } from 'react';
import type { Plan } from '../../../api/types';
import { points, type Point } from '../../../lib/curve';
import { plural } from '../../../lib/time';
import { useLengths } from '../../../ui/prefs';
import { movedBy, withMoveTo } from '../draft/edits/foundationEdits';
import { mapPoint } from './mapPoint';
import { useBench } from '../draft/useBench';

/** A touch that wanders less than this is no drag, mm. */
const STARTS_MM = 2;

interface Props {
  plan: Plan;
  isTurned: boolean;
  /** A row was touched, or chosen by Enter. */
  onTake: (id: string) => void;
  /** The row that the keyboard has come to. */
  onHold: (id: string) => void;
}

/** Where each row begins, to be reached by Tab: Enter takes hold of the row, arrows go to its neighbours. */
export function RowHandles({ plan, isTurned, onTake, onHold: holdRow }: Props) {
  const { limits } = useWords();
  const heldRow = useBench((b) => b.heldRow);
  const lengths = useLengths();
  const change = useBench((b) => b.change);
  const brief = useBench((b) => b.brief);
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const taken = useRef<{ from: Point; moved: number; isDragging: boolean } | null>(null);
  const first = heldRow ?? plan.rows[0]?.id;

  const focus = (index: number, from: Element) => {
    const row = plan.rows[(index + plan.rows.length) % plan.rows.length];
    if (!row) return;
    holdRow(row.id);
    const all = from.parentElement?.querySelectorAll<SVGElement>('[data-handle]');
    [...(all ?? [])].find((el) => el.dataset.handle === row.id)?.focus();
  };

  return (
    <g>
      {plan.rows.map((row, i) => {
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
            className="cursor-pointer outline-none focus-visible:fill-thread/60"
            tabIndex={row.id === first ? 0 : -1}
            role="button"
            aria-pressed={row.id === heldRow}
            aria-label={`${row.words}, ${lengths.say(row.lengthMm)}, ${plural(row.stations, 'station')}`}
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
            onKeyDown={(e) => {
              if (e.key === 'Enter' || e.key === ' ') onTake(row.id);
              else if (e.key === 'ArrowRight') focus(i + 1, e.currentTarget);
              else if (e.key === 'ArrowLeft') focus(i - 1, e.currentTarget);
              else return;
              e.preventDefault();
            }}
          />
        );
      })}
    </g>
  );
}
