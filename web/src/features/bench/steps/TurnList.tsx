import type { Plan } from '../../../api/types';
import { usePrefs } from '../../../ui/prefs';
import { RowPicture } from '../../../viz/RowPicture';
import { useBench } from '../draft/useBench';
import { inTurns, type Turn } from './turns';

/** What is done row by row, as pictures with a number: left and right in turn stand beside one picture; held, it says all of it. */
export function TurnList({ plan, turns }: { plan: Plan; turns: readonly Turn[] }) {
  const isTurned = usePrefs((p) => p.isTurned);
  const heldRow = useBench((b) => b.heldRow);
  return (
    <ol className="flex flex-col">
      {inTurns(plan.rows, turns).map((group) => {
        const rows = group.flatMap((t) => [t.row, t.twin].filter((r) => r !== undefined));
        const held = rows.filter((r) => r === heldRow);
        return (
          <li key={group[0]?.number} className="flex items-center gap-2 border-b border-line py-1">
            {rows.length > 0 && (
              <RowPicture
                plan={plan}
                rows={[...held, ...rows.filter((r) => !held.includes(r))]}
                isTurned={isTurned}
                className="w-11 shrink-0 self-start"
              />
            )}
            <div className="flex min-w-0 flex-1 flex-col">
              {group.map((t) => (
                <TurnKey
                  key={t.number}
                  turn={t}
                  isHeld={t.row !== undefined && t.row === heldRow}
                />
              ))}
            </div>
          </li>
        );
      })}
    </ol>
  );
}

function TurnKey({ turn, isHeld }: { turn: Turn; isHeld: boolean }) {
  const holdRow = useBench((b) => b.holdRow);
  return (
    <button
      type="button"
      data-turn={turn.number}
      aria-pressed={isHeld}
      onClick={() => holdRow(turn.row)}
      className="flex w-full gap-2 rounded px-1 py-0.5 text-left text-sm leading-snug hover:bg-well aria-pressed:bg-thread/25"
    >
      <span className="w-6 shrink-0 text-right text-lg leading-tight font-semibold">
        {turn.number}
      </span>
      <span className="min-w-0">
        <span className={`first-letter:uppercase ${turn.row ? 'font-semibold' : ''}`}>
          {turn.name}
        </span>{' '}
        <span className="text-soft">{turn.aside}</span>
        {turn.mark && <span className="block text-soft">{turn.mark}</span>}
        {isHeld && <span className="block first-letter:uppercase">{turn.words}</span>}
      </span>
    </button>
  );
}
