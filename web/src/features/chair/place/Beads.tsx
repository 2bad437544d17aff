import type { SheetShare, SheetStep, WorkSheet } from '../../../api/types';
import { beadOf } from '../../../viz/chart/beads';
import { SCREEN } from '../../../viz/palette';
import { tintOf } from '../../../viz/tints';
import { isToDo, type WorkState } from '../visit/fold';

const SIZE = 52;
/** A bead is drawn so much larger than on the map. */
const SCALE = 5;

interface Props {
  sheet: WorkSheet;
  state: WorkState;
  step: SheetStep;
  onTap: (share: SheetShare) => void;
}

/** The row in hand as a string of beads: done ones filled, the next one marigold, each as large and of the shape of its knot. */
export function Beads({ sheet, state, step, onTap }: Props) {
  const shares = step.shares.flatMap((ref) => state.shares.get(ref) ?? []);
  const next = shares.find(isToDo)?.as.ref;
  return (
    <ol className="flex flex-wrap gap-1.5" aria-label="Shares of this row">
      {shares.map((w, i) => {
        const isNext = w.as.ref === next;
        const bead = beadOf(
          { x: 0, y: 0, towardX: 1, towardY: 0, kind: 0, row: '', id: '' } as never,
          { knot: w.as.knot, shareParts: w.as.shareParts } as never,
        );
        return (
          <li key={w.as.ref}>
            <button
              type="button"
              data-bead={w.as.ref}
              data-done={w.done}
              aria-label={`${i + 1} of ${shares.length}: ${SAYS[w.done]}`}
              onClick={() => onTap(w.as)}
              style={{ width: SIZE, height: SIZE }}
              className={`grid place-items-center rounded-full border-2 ${
                isNext ? 'border-thread-deep bg-thread/35' : 'border-line bg-sheet hover:bg-well'
              }`}
            >
              <svg viewBox="-26 -26 52 52" className="size-full" aria-hidden="true">
                <g transform={`scale(${SCALE})`} strokeLinejoin="round">
                  <path
                    d={bead.outline}
                    fill={
                      w.done === 'HOOKED'
                        ? w.as.supply > 0
                          ? tintOf(sheet.supplies[w.as.supply]?.colour ?? '')
                          : SCREEN.ink
                        : isNext
                          ? SCREEN.held
                          : SCREEN.bead
                    }
                    stroke={w.done === 'SLIPPED' ? SCREEN.chalk : SCREEN.plait}
                    strokeWidth={w.done === 'SLIPPED' ? 0.9 : 0.45}
                  />
                  {bead.inner && (
                    <path d={bead.inner} fill="none" stroke={SCREEN.plaitLit} strokeWidth={0.5} />
                  )}
                </g>
                {(w.done === 'TAKEN_OUT' || w.done === 'LEFT_OUT') && (
                  <path d="M-16 16L16 -16" stroke={SCREEN.chalk} strokeWidth={3} />
                )}
              </svg>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

const SAYS = {
  TO_DO: 'to do',
  HOOKED: 'hooked',
  TAKEN_OUT: 'taken out',
  SLIPPED: 'slipped, to be hooked again',
  LEFT_OUT: 'left out',
} as const;
