import { Link } from 'react-router';
import type { Progress } from '../../../api/types';
import { DrillSign } from '../drill/DrillSign';
import { drillAddress, dueWords } from './due';

/** What she is best asked next, and the way to how far she is. */
export function NextUp({ progress }: { progress: Progress }) {
  const { next, skills } = progress;
  const due = skills.filter((s) => s.isDue).length;
  return (
    <div className="mt-4 flex flex-wrap items-center gap-x-6 gap-y-3">
      <Link
        to={drillAddress(next.kind, next.level, true)}
        className="inline-flex min-h-16 items-center gap-4 rounded-md border border-thread-deep bg-thread px-4 py-2 text-[#11201a] hover:brightness-105"
      >
        <DrillSign kind={next.kind} />
        <span>
          <span className="block text-sm">Go on, level {next.level}</span>
          <span className="block text-xl leading-tight font-semibold">{next.words}</span>
        </span>
      </Link>
      <p>
        <strong className="block text-2xl leading-tight tabular-nums">{due}</strong>
        <span className="text-soft">{due === 1 ? 'kind is due' : 'kinds are due'}</span>
      </p>
      <Link to="/practice/progress" className="underline">
        How far {progress.learner.name} is
      </Link>
    </div>
  );
}

/** How far she is in one kind: its level as five stitches, and when it comes again. */
export function SkillMark({ skill, now }: { skill: Progress['next']; now: number }) {
  return (
    <span className="mt-1 flex items-center gap-2 text-sm text-soft">
      <Stitches level={skill.tries === 0 ? 0 : skill.level} />
      <span className={skill.isDue ? 'font-semibold text-ink' : ''}>{dueWords(skill, now)}</span>
    </span>
  );
}

export const LEVELS = 5;

/** A level as stitches: so many of five are sewn. */
export function Stitches({ level }: { level: number }) {
  return (
    <svg
      width={LEVELS * 11}
      height={12}
      role="img"
      aria-label={level === 0 ? 'not begun' : `level ${level} of ${LEVELS}`}
    >
      {Array.from({ length: LEVELS }, (_, i) => (
        <path
          key={i}
          d={`M${11 * i + 2} 2l7 8M${11 * i + 9} 2l-7 8`}
          stroke={i < level ? 'var(--ink)' : 'var(--line)'}
          strokeWidth={2}
        />
      ))}
    </svg>
  );
}
