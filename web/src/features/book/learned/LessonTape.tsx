import type { Lesson } from '../../../api/types';
import { sayLearned } from '../../../lib/learned';

type Point = Lesson['points'][number];

interface Props {
  lesson: Lesson;
  onLeaveOut: (point: Point) => void;
}

const EDGE = 0.06;

/** The tape of one figure: the usual as a pencil tick, each visit a dot, what is believed the stop. */
export function LessonTape({ lesson: l, onLeaveOut }: Props) {
  const scaled = (v: number) => (l.scale === 'FACTOR' ? Math.log(v) : v);
  const values = [...l.points.map((p) => p.value), l.usual, l.value].map(scaled);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const room = Math.max(most - least, 0.1);
  const part = (v: number) => `${100 * (EDGE + ((1 - 2 * EDGE) * (scaled(v) - least)) / room)}%`;
  return (
    <div className="relative h-12" role="group" aria-label={`Visits: ${l.words}`}>
      <span className="absolute inset-x-0 top-7 border-t border-edge" aria-hidden="true" />
      <span
        className="absolute top-4 h-6 border-l-2 border-dashed border-edge"
        style={{ left: part(l.usual) }}
        title={`usual: ${sayLearned(l.scale, l.usual)}`}
      />
      {l.points.map((p, i) => (
        <button
          key={p.visitId}
          type="button"
          aria-pressed={p.isLeftOut}
          aria-label={`Visit of ${p.day}: ${sayLearned(l.scale, p.value)}${p.isLeftOut ? ', left out' : p.weight < 0.2 ? ', too odd to count' : ''}`}
          title={`${p.day}: ${sayLearned(l.scale, p.value)}${p.isLeftOut ? ', left out' : p.weight < 0.2 ? ', too odd to count' : ''}`}
          onClick={() => onLeaveOut(p)}
          className="absolute size-4 -translate-x-1/2 rounded-full"
          style={{ left: part(p.value), top: `${1.35 + 0.28 * ((i % 3) - 1)}rem` }}
        >
          <span
            className={`mx-auto block size-2 rounded-full border ${
              p.isLeftOut || p.weight < 0.2
                ? 'border-chalk bg-transparent'
                : 'border-plait bg-plait-lit'
            }`}
          />
        </button>
      ))}
      <span
        className="pointer-events-none absolute top-0 -translate-x-1/2 text-center"
        style={{ left: part(l.value) }}
      >
        <span className="block rounded bg-thread px-1.5 text-sm leading-5 font-semibold text-[#11201a] tabular-nums">
          {sayLearned(l.scale, l.value)}
        </span>
        <span className="mx-auto block h-6 w-[3px] bg-thread-deep" />
      </span>
    </div>
  );
}
