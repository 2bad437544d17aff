import { ArrowLeft, ArrowRight, Pause, Play } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { HOLDS, KNOTS, type Frame } from '../../../viz/knot/frames';
import { KnotFrame } from '../../../viz/knot/KnotFrame';
import { useWords } from '../../../words';
import { PracticeHeader } from '../PracticeHeader';

const HANDS = [
  { value: 'right', words: 'right hand' },
  { value: 'left', words: 'left hand' },
];

type KnotName = keyof typeof KNOTS;
const isKnot = (name: string): name is KnotName => name in KNOTS;

/** Every knot, step by step, with what usually goes wrong; and what is done for one beyond its passes. */
export function TyingPage() {
  const { knots } = useWords();
  const { knot = 'REGULAR' } = useParams();
  const isLeft = usePrefs((p) => p.isLeftHanded);
  const set = usePrefs((p) => p.set);
  if (!isKnot(knot)) return <Navigate to="/practice/tying" replace />;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <PracticeHeader
        title={
          <>
            How each is tied
            <span className="hidden print:inline">
              : {knots.find((k) => k.value === knot)?.words}
            </span>
          </>
        }
        aside={
          <nav aria-label="Knots" className="flex flex-wrap gap-1 print:hidden">
            {knots.map((k) => (
              <Link
                key={k.value}
                to={`/practice/tying/${k.value}`}
                aria-current={k.value === knot ? 'page' : undefined}
                className="rounded-full border border-edge px-3 py-1 hover:bg-well aria-[current=page]:border-ink aria-[current=page]:bg-ink aria-[current=page]:text-sheet"
              >
                {k.words}
              </Link>
            ))}
          </nav>
        }
      >
        <span className="print:hidden">
          <Switch
            label="Which hand holds the hook"
            value={isLeft ? 'left' : 'right'}
            options={HANDS}
            onChoose={(hand) => set({ isLeftHanded: hand === 'left' })}
          />
        </span>
      </PracticeHeader>
      <div className="mx-auto max-w-5xl space-y-8 p-4 sm:p-6">
        <Steps key={knot} knot={knot} isLeft={isLeft} />
        <Holds isLeft={isLeft} />
      </div>
    </main>
  );
}

const STEP_MS = 2200;

/** One step large, to be gone through by key or by itself; all of them small below it, and the mistake last. */
function Steps({ knot, isLeft }: { knot: KnotName; isLeft: boolean }) {
  const { frames, mistake } = KNOTS[knot];
  const all: readonly Frame[] = [...frames, mistake];
  const [at, setAt] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const shown = all[at] ?? mistake;
  const isLast = at >= frames.length - 1;
  const isPlayed = isPlaying && !isLast;
  useEffect(() => {
    if (!isPlayed) return;
    const timer = window.setTimeout(() => setAt(at + 1), STEP_MS);
    return () => window.clearTimeout(timer);
  }, [isPlayed, at]);
  const isMistake = at === frames.length;
  const go = (to: number) => {
    setPlaying(false);
    setAt(to);
  };
  return (
    <section
      aria-label="Step by step"
      onKeyDown={(e) => {
        if (e.key === 'ArrowRight' && at + 1 < all.length) go(at + 1);
        if (e.key === 'ArrowLeft' && at > 0) go(at - 1);
      }}
    >
      <div className="flex flex-col gap-4 md:flex-row print:hidden">
        <KnotFrame
          key={`${knot} ${at}`}
          frame={shown}
          isLeft={isLeft}
          isMoving
          className={`w-full max-w-xl rounded-md border-2 bg-sheet ${isMistake ? 'border-chalk' : 'border-line'}`}
        />
        <div className="flex min-w-0 flex-1 flex-col gap-3">
          <p className={`text-lg ${isMistake ? 'font-semibold text-chalk' : 'text-soft'}`}>
            {isMistake ? '✕ What usually goes wrong' : `Step ${at + 1} of ${frames.length}`}
          </p>
          <p className="text-2xl leading-snug font-medium" aria-live="polite">
            {shown.words}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button className="min-h-12" disabled={at === 0} onClick={() => go(at - 1)}>
              <ArrowLeft size={18} aria-hidden /> Before
            </Button>
            <Button
              look="main"
              className="min-h-12"
              disabled={at + 1 === all.length}
              onClick={() => go(at + 1)}
            >
              Next <ArrowRight size={18} aria-hidden />
            </Button>
            <Button
              className="min-h-12"
              onClick={() => {
                if (isLast) setAt(0);
                setPlaying(!isPlayed);
              }}
            >
              {isPlayed ? <Pause size={18} aria-hidden /> : <Play size={18} aria-hidden />}
              {isPlayed ? 'Stand still' : 'Let it run'}
            </Button>
          </div>
          {knot === 'DOUBLE_ENTRY' && (
            <p className="text-soft">
              It leaves the row itself bare: the rows beside it must cover it.
            </p>
          )}
          <p className="text-sm text-soft">
            The row in section, the two strokes at the side are the line that is seen. Pain, bumps
            or white dots mean too tight: loosen, or take it out.
          </p>
        </div>
      </div>
      <ol className="mt-4 grid grid-cols-3 gap-2 sm:grid-cols-7" aria-label="All steps">
        {all.map((f, i) => (
          <li key={f.words}>
            <button
              type="button"
              aria-current={i === at ? 'step' : undefined}
              onClick={() => go(i)}
              className={`w-full rounded-md border-2 bg-sheet p-1 text-left hover:bg-well aria-[current=step]:border-thread-deep ${i === frames.length ? 'border-chalk' : 'border-line'}`}
            >
              <KnotFrame frame={f} isLeft={isLeft} className="w-full" />
              <span className="hidden text-sm leading-tight print:block">{f.words}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

const HOLD_NAMES: Record<keyof typeof HOLDS, string> = {
  FINGER_TURN: 'finger turn',
  COMBED_DOWN: 'set by combing',
  TIED_SLIVER: 'tied sliver',
  DEEP_SET: 'deep set',
  CARRIED_BACK: 'carried back',
};

/** What is done for sliding fibre beyond passes, each in one picture. */
function Holds({ isLeft }: { isLeft: boolean }) {
  return (
    <section aria-label="For hair that slides">
      <h2 className="text-xl font-semibold">For hair that slides</h2>
      <ul className="mt-3 grid gap-3 sm:grid-cols-3 lg:grid-cols-5">
        {Object.entries(HOLDS).map(([name, frame]) => (
          <li key={name} className="rounded-md border border-line bg-sheet p-2">
            <KnotFrame frame={frame} isLeft={isLeft} className="w-full" />
            <p className="font-semibold">{HOLD_NAMES[name as keyof typeof HOLDS]}</p>
            <p className="text-sm leading-snug text-soft">{frame.words}</p>
          </li>
        ))}
      </ul>
    </section>
  );
}
