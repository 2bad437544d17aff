import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Brief, DrillKind, PracticeHead, Skill, Texture } from '../../api/types';
import { HOLDS } from '../../viz/knot/frames';
import { KnotFrame } from '../../viz/knot/KnotFrame';
import { FamilySign } from '../../viz/FamilySign';
import { useWords } from '../../words';
import { practiceHeadsQuery } from '../bench';
import { DrillSign, TwoKnots } from './drill/DrillSign';
import { drillsQuery } from './drill/drills.queries';
import { Button } from '../../ui/Button';
import { useMay } from '../door';
import { Exercises } from './exercise/Exercises';
import { MakeExercise } from './exercise/MakeExercise';
import { drillAddress } from './learner/due';
import { Learners } from './learner/Learners';
import { NextUp, SkillMark } from './learner/NextUp';
import { useLearner } from './learner/useLearner';

/** Where one learns: made-up heads to try everything out on. */
export function PracticePage() {
  const { data: heads, error } = useQuery(practiceHeadsQuery());
  const { progress } = useLearner();
  const mayMake = useMay('STYLIST');
  const [isMaking, setMaking] = useState(false);
  const open = heads?.filter((h) => h.brief !== null) ?? [];
  const missing = heads?.filter((h) => h.brief === null) ?? [];
  return (
    <main className="min-h-0 flex-1 overflow-y-auto p-4 sm:p-8">
      <div className="mx-auto max-w-5xl">
        <div className="flex flex-wrap items-center gap-3">
          <h1 className="grow text-3xl font-semibold">Practice</h1>
          <Link to="/practice/words" className="px-2 underline">
            what words mean
          </Link>
          {mayMake && (
            <Button look="quiet" className="min-h-10" onClick={() => setMaking(true)}>
              <Plus size={16} aria-hidden /> a drill about a plan
            </Button>
          )}
        </div>
        <MakeExercise isOpen={isMaking} onClose={() => setMaking(false)} />
        <Learners />
        {progress && <NextUp progress={progress} />}
        <Exercises />
        <Drills skills={progress?.skills ?? []} />
        <Knots />
        <h2 className="mt-8 text-xl font-semibold">Heads to try things out on</h2>
        <p className="mt-1 max-w-2xl text-soft">
          Heads that nobody wears, each with a plan, hooked with the studio’s own hair. Change
          whatever you like: what you change stays on this device, and is nobody’s plan.
        </p>
        {error && (
          <p role="alert" className="mt-6 font-medium text-chalk">
            ✕ {error.message}
          </p>
        )}
        {!heads && !error && (
          <p role="status" className="mt-6 text-soft">
            Looking for the heads…
          </p>
        )}
        <ul className="mt-6 grid gap-3 sm:grid-cols-2 lg:grid-cols-3" aria-label="Practice heads">
          {open.map((h) => h.brief && <HeadTile key={h.id} head={h} brief={h.brief} />)}
        </ul>
        {missing.length > 0 && <Missing heads={missing} />}
      </div>
    </main>
  );
}

/** What can be drilled, each with what is done in it. */
function Drills({ skills }: { skills: Skill[] }) {
  const [now] = useState(Date.now);
  const of = (kind: DrillKind) => skills.find((s) => s.kind === kind);
  const { data: drills, error } = useQuery(drillsQuery());
  if (error) {
    return (
      <p role="alert" className="mt-4 font-medium text-chalk">
        ✕ {error.message}
      </p>
    );
  }
  return (
    <>
      <p className="mt-4 max-w-2xl text-lg text-soft">
        One question at a time about a head that was just made up, judged by what plans yours.
      </p>
      <ul className="mt-4 grid gap-2 sm:grid-cols-2 lg:grid-cols-3" aria-label="Drills">
        {drills?.map((d) => (
          <li key={d.kind}>
            <Link
              to={drillAddress(d.kind, of(d.kind)?.level ?? 1)}
              className="flex h-full items-center gap-3 rounded-md border border-line bg-sheet p-3 hover:border-thread-deep"
            >
              <span className="shrink-0 text-thread-deep">
                <DrillSign kind={d.kind} />
              </span>
              <span className="min-w-0">
                <span className="block text-lg leading-tight font-semibold">{d.words}</span>
                <span className="block leading-snug text-soft">{d.task}</span>
                <Mark skill={of(d.kind)} now={now} />
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Knots, to be looked at step by step and held against each other. */
function Knots() {
  return (
    <>
      <h2 className="mt-8 text-xl font-semibold">Knots</h2>
      <ul className="mt-3 grid gap-2 sm:grid-cols-2 lg:grid-cols-3" aria-label="Knots">
        <KnotTile
          to="/practice/tying"
          words="How each is tied"
          task="Step by step, with what usually goes wrong."
          sign={<KnotFrame frame={SIGN} isLeft={false} className="w-20" />}
        />
        <KnotTile
          to="/practice/knots"
          words="Two knots beside each other"
          task="Tie them as you like, and see which holds."
          sign={<TwoKnots />}
        />
      </ul>
    </>
  );
}

const SIGN = HOLDS.TIED_SLIVER;

function KnotTile(props: { to: string; words: string; task: string; sign: ReactNode }) {
  return (
    <li>
      <Link
        to={props.to}
        className="flex h-full items-center gap-3 rounded-md border border-line bg-sheet p-3 hover:border-thread-deep"
      >
        <span className="grid w-20 shrink-0 place-items-center text-thread-deep" aria-hidden>
          {props.sign}
        </span>
        <span className="min-w-0">
          <span className="block text-lg leading-tight font-semibold">{props.words}</span>
          <span className="block leading-snug text-soft">{props.task}</span>
        </span>
      </Link>
    </li>
  );
}

function Mark({ skill, now }: { skill: Skill | undefined; now: number }) {
  return skill ? <SkillMark skill={skill} now={now} /> : null;
}

function HeadTile({ head, brief }: { head: PracticeHead; brief: Brief }) {
  const { families } = useWords();
  const family = brief.foundation.back.family;
  const texture = useTexture();
  return (
    <li>
      <Link
        to={`/practice/${head.id}`}
        className="flex h-full items-center gap-4 rounded-md border border-line bg-sheet p-3 hover:border-thread-deep"
      >
        <span className="shrink-0 [&_svg]:size-16">
          <FamilySign family={family} />
        </span>
        <span className="min-w-0">
          <span className="block text-lg leading-tight font-semibold">{head.name}</span>
          <span className="block text-soft">{texture(head.texture)}</span>
          <span className="block text-soft">
            {families.find((f) => f.value === family)?.words.toLowerCase()}
          </span>
        </span>
      </Link>
    </li>
  );
}

/** Heads for which the shelf has no hair, and how it comes to have some. */
function Missing({ heads }: { heads: PracticeHead[] }) {
  const mayShelve = useMay('STYLIST');
  const texture = useTexture();
  const textures = [...new Set(heads.map((h) => texture(h.texture)))].join(', ');
  return (
    <p className="mt-6 max-w-2xl text-soft">
      The shelf has no hair of this kind yet: {textures}. With it come more heads.{' '}
      {mayShelve ? (
        <Link to="/shelf" className="underline">
          Put some on the shelf
        </Link>
      ) : (
        'Ask your trainer to put some on the shelf.'
      )}
    </p>
  );
}

function useTexture(): (texture: Texture) => string {
  const { textures } = useWords();
  return (t) => textures.find((w) => w.value === t)?.words.toLowerCase() ?? t;
}
