import { points } from '../../lib/curve';
import type { Plan } from '../../api/types';
import { plural } from '../../lib/time';
import { useLengths } from '../../ui/prefs';
import { useBench } from './useBench';

interface Props {
  plan: Plan;
  /** A row was touched, or chosen by Enter. */
  onTake: (id: string) => void;
  /** The row that the keyboard has come to. */
  onHold: (id: string) => void;
}

/** Where each row begins, to be reached by Tab: Enter takes hold of the row, arrows go to its neighbours. */
export function RowHandles({ plan, onTake, onHold: holdRow }: Props) {
  const heldRow = useBench((b) => b.heldRow);
  const lengths = useLengths();
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
