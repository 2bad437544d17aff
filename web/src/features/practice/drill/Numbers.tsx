import { Minus, Plus } from 'lucide-react';
import { useLengths } from '../../../ui/prefs';
import { numbered } from './answer';
import type { AnswerProps } from './Chosen';
import { NudgeKey } from './NudgeKey';

/** How long the stretch of row is that is drawn, mm. */
const STRETCH_MM = 150;
const ROW_MM = 9;
const BEAD_MM = 4.5;

/** A number for each of several places, with a stretch of row as it is hooked so. */
export function Numbers({ drill, given, verdict, onGive }: AnswerProps) {
  const { say } = useLengths();
  const asked = drill.ask.numbers;
  const isOver = verdict !== undefined;
  return (
    <ul className="space-y-2" aria-label="What is set">
      {asked.map((g, i) => {
        const said = given.numbers[i] ?? null;
        const right = verdict?.numbers?.[i];
        const set = (to: number) =>
          onGive(numbered(given, asked.length, i, Math.min(g.max, Math.max(g.min, to))));
        // A first touch starts from the middle of what makes sense.
        const from = said ?? Math.round((g.min + g.max) / 2);
        return (
          <li key={g.words} className="rounded-md border border-line bg-sheet p-2">
            <span className="flex items-center gap-2">
              <span className="grow leading-tight">{g.words}</span>
              <NudgeKey
                words={`closer: ${g.words}`}
                isOff={isOver}
                onPress={() => set(said === null ? from : said - g.step)}
              >
                <Minus />
              </NudgeKey>
              <strong
                className="w-20 text-center text-2xl tabular-nums"
                aria-label={`${g.words}: ${said === null ? 'not set' : say(said)}`}
              >
                {said === null ? '–' : say(said)}
              </strong>
              <NudgeKey
                words={`wider: ${g.words}`}
                isOff={isOver}
                onPress={() => set(said === null ? from : said + g.step)}
              >
                <Plus />
              </NudgeKey>
            </span>
            <Stretch mm={said} />
            {right !== undefined && (
              <>
                <Stretch mm={right} isRight />
                <span className="block text-sm text-soft">
                  planned: <strong className="text-ink">{say(right)}</strong>
                </span>
              </>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** Some of a row with what is hooked to it, to scale. */
function Stretch({ mm, isRight = false }: { mm: number | null; isRight?: boolean }) {
  const beads =
    mm === null
      ? []
      : Array.from({ length: Math.floor((STRETCH_MM - 6) / mm) + 1 }, (_, i) => i * mm);
  return (
    <svg viewBox={`0 0 ${STRETCH_MM} 14`} className="mt-1 w-full" aria-hidden>
      <rect y={2.5} width={STRETCH_MM} height={ROW_MM} rx={4} className="fill-well" />
      <path
        d={Array.from({ length: 24 }, (_, i) => `M${i * 6.4} 3.5l3.2 3.5l-3.2 3.5`).join('')}
        className="fill-none stroke-edge"
        strokeWidth={0.9}
      />
      {beads.map((x) => (
        <circle
          key={x}
          cx={x + 6}
          cy={7}
          r={BEAD_MM}
          className={isRight ? 'fill-ink' : 'fill-thread stroke-ink'}
          strokeWidth={0.8}
        />
      ))}
    </svg>
  );
}
