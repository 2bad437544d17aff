import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Progress } from '../../../api/types';
import { drillAddress, dueWords } from './due';
import { GuessPlot } from './GuessPlot';
import { HandsLog } from './HandsLog';
import { Learners } from './Learners';
import { Stitches } from './NextUp';
import { useLearner } from './useLearner';
import { PracticeHeader } from '../PracticeHeader';

/** How far one is: every kind of drill, what was guessed, and how fast her hands are. */
export function ProgressPage() {
  const { progress, learned } = useLearner();
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <PracticeHeader title={progress ? `How far ${progress.learner.name} is` : 'How far one is'}>
        {progress && (
          <a
            href={`/api/practice/learners/${progress.learner.id}/paper`}
            download
            className="inline-flex min-h-10 items-center gap-1.5 rounded-md border border-edge bg-sheet px-3 hover:bg-well print:hidden"
          >
            <FileDown size={16} aria-hidden /> On one page (PDF)
          </a>
        )}
      </PracticeHeader>
      <div className="mx-auto max-w-5xl space-y-8 p-4 sm:p-6">
        {progress ? (
          <>
            <Skills progress={progress} />
            <Guesses progress={progress} />
            <HandsLog
              learner={progress.learner}
              hands={progress.hands}
              pacePercent={progress.pacePercent}
              onKept={() => void learned()}
            />
          </>
        ) : (
          <>
            <p className="text-lg text-soft">Say who practises, and her answers are kept.</p>
            <Learners />
          </>
        )}
      </div>
    </main>
  );
}

/** Every kind as a tape of how well it is still known. */
function Skills({ progress }: { progress: Progress }) {
  const [now] = useState(Date.now);
  const tries = progress.skills.reduce((sum, s) => sum + s.tries, 0);
  const right = progress.skills.reduce((sum, s) => sum + s.right, 0);
  return (
    <section aria-label="Kinds of drill">
      <p className="mb-3">
        <strong className="text-4xl tabular-nums">{right}</strong>{' '}
        <span className="text-soft">right of {tries} answered</span>
      </p>
      <table className="w-full">
        <thead className="sr-only">
          <tr>
            <th>Kind</th>
            <th>Level</th>
            <th>How surely it is still known tomorrow</th>
            <th>When it comes again</th>
          </tr>
        </thead>
        <tbody>
          {progress.skills.map((s) => (
            <tr key={s.kind} className="border-b border-line">
              <td className="py-1.5 pr-3">
                <Link
                  to={drillAddress(s.kind, s.level)}
                  className="font-medium underline-offset-2 hover:underline"
                >
                  {s.words}
                </Link>
              </td>
              <td className="pr-3">
                <Stitches level={s.tries === 0 ? 0 : s.level} />
              </td>
              <td className="w-1/3 pr-3">
                <Known percent={s.tries === 0 ? null : s.knownPercent} />
              </td>
              <td className={`text-right ${s.isDue ? 'font-semibold' : 'text-soft'}`}>
                {dueWords(s, now)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The chance that something is still known tomorrow, as a thread along a tape with a stop where it is asked again. */
function Known({ percent }: { percent: number | null }) {
  if (percent === null) return <span className="text-soft">not tried</span>;
  return (
    <span className="flex items-center gap-2">
      <svg viewBox="0 0 200 14" className="w-full" preserveAspectRatio="none" aria-hidden>
        <path d="M0 7H200" stroke="var(--line)" strokeWidth={6} />
        <path d={`M0 7H${2 * percent}`} stroke="var(--ink)" strokeWidth={6} />
        <path d="M180 0V14" stroke="var(--thread-deep)" strokeWidth={2} />
      </svg>
      <span className="w-14 shrink-0 text-right whitespace-nowrap font-semibold tabular-nums">
        {percent} %
      </span>
    </span>
  );
}

const GUESSED = [
  { kind: 'PACKS', words: 'Packs' },
  { kind: 'MINUTES', words: 'Minutes' },
] as const;

function Guesses({ progress: { guesses } }: { progress: Progress }) {
  if (guesses.length === 0) return null;
  return (
    <section aria-label="Guesses">
      <h2 className="text-xl font-semibold">Too much, or too little</h2>
      <div className="mt-2 grid gap-6 md:grid-cols-2">
        {GUESSED.map(({ kind, words }) => (
          <GuessPlot key={kind} words={words} guesses={guesses.filter((g) => g.kind === kind)} />
        ))}
      </div>
    </section>
  );
}
