import { keepPreviousData, useQueries } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { KnotAsked, KnotTried } from '../../../api/types';
import { Counter } from '../../../ui/Counter';
import { Choice } from '../../../ui/Field';
import { useLengths } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { useWords } from '../../../words';
import { Tradeoff } from './Tradeoff';
import { PracticeHeader } from '../PracticeHeader';

/** How it is worn, alike for both. */
type Worn = Pick<KnotAsked, 'texture' | 'weeks' | 'sports' | 'swims' | 'windy'>;
/** What is tied, on either side. */
type Tied = Pick<KnotAsked, 'shareParts' | 'knot' | 'passes' | 'holds'>;

const WORN: Worn = { texture: 'SILKY_WAVE', weeks: 5, sports: false, swims: false, windy: false };
const SIX: Tied = { shareParts: 3, knot: 'REGULAR', passes: 6, holds: [] };
const TURNED: Tied = { shareParts: 3, knot: 'REGULAR', passes: 4, holds: ['FINGER_TURN'] };
const LETTERS = ['A', 'B'] as const;

/** Two knots beside each other: how long each holds, what it takes, and whether it is seen. */
export function KnotsPage() {
  const { textures, limits } = useWords();
  const [worn, setWorn] = useState(WORN);
  const [tied, setTied] = useState<readonly [Tied, Tied]>([SIX, TURNED]);
  const tried = useQueries({
    queries: tied.map((t) => ({
      queryKey: ['knot', worn, t],
      queryFn: () => api.tryKnot({ ...worn, ...t }),
      placeholderData: keepPreviousData,
      retry: false,
    })),
  });
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <PracticeHeader title="Two knots beside each other" />
      <div className="mx-auto grid max-w-5xl gap-x-8 gap-y-5 p-4 sm:p-6 md:grid-cols-2">
        <section
          aria-label="How it is worn"
          className="flex flex-wrap items-center gap-x-6 gap-y-2 md:col-span-2"
        >
          <Choice
            label="The hair"
            value={worn.texture}
            options={textures.map((t) => ({ value: t.value, words: t.words }))}
            onChoose={(texture) => setWorn({ ...worn, texture: texture as Worn['texture'] })}
          />
          <Counter
            label="Weeks it is to last"
            value={worn.weeks}
            min={limits.weeks.min}
            max={limits.weeks.max}
            onChange={(weeks) => setWorn({ ...worn, weeks })}
          />
          <Tick
            words="sport"
            isOn={worn.sports}
            onChange={(sports) => setWorn({ ...worn, sports })}
          />
          <Tick
            words="swimming"
            isOn={worn.swims}
            onChange={(swims) => setWorn({ ...worn, swims })}
          />
          <Tick words="wind" isOn={worn.windy} onChange={(windy) => setWorn({ ...worn, windy })} />
          <p className="basis-full text-sm text-soft">
            However long a knot holds: three to six weeks are usual, and past eight roots tend to
            mat and pull.
          </p>
        </section>
        {LETTERS.map((name, i) => (
          <Side
            key={name}
            name={name}
            weeks={worn.weeks}
            tied={tied[i] ?? SIX}
            tried={tried[i]?.data}
            problem={tried[i]?.error?.message}
            onTie={(t) => setTied(i === 0 ? [t, tied[1]] : [tied[0], t])}
          />
        ))}
        <Tradeoff
          weeks={worn.weeks}
          sides={LETTERS.map((name, i) => ({
            name,
            passes: tied[i]?.passes ?? 1,
            tried: tried[i]?.data,
          }))}
        />
      </div>
    </main>
  );
}

interface SideProps {
  name: string;
  weeks: number;
  tied: Tied;
  tried: KnotTried | undefined;
  problem: string | undefined;
  onTie: (tied: Tied) => void;
}

function Side({ name, weeks, tied, tried, problem, onTie }: SideProps) {
  const { knots, holds, shares } = useWords();
  const hasPasses = tried?.byPasses.length !== 1;
  const fits = (of: Tied['knot']) => holds.filter((h) => h.knots.includes(of));
  const offered = fits(tied.knot);
  const tie = (knot: Tied['knot']) => {
    const left = fits(knot).map((h) => h.value);
    onTie({ ...tied, knot, holds: tied.holds.filter((h) => left.includes(h)) });
  };
  return (
    <section aria-label={`Knot ${name}`} className="flex flex-col gap-3">
      <div className="flex items-baseline gap-3 border-b-2 border-ink pb-1">
        <h2 className="text-2xl font-semibold">{name}</h2>
        <span className="grow" />
        {tried && <Figures tried={tried} weeks={weeks} />}
      </div>
      {problem && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {problem}
        </p>
      )}
      <Switch
        label={`Share of ${name}`}
        value={String(tied.shareParts)}
        options={shares
          .filter((s) => s.value <= 4)
          .map((s) => ({ value: String(s.value), words: s.words }))}
        onChoose={(parts) => onTie({ ...tied, shareParts: Number(parts) })}
      />
      <Switch
        label={`Knot of ${name}`}
        value={tied.knot}
        options={knots.map((k) => ({ value: k.value, words: k.words }))}
        onChoose={tie}
      />
      {hasPasses ? (
        <Counter
          label="Passes"
          value={tied.passes}
          min={1}
          max={tried?.byPasses.length ?? tied.passes}
          onChange={(passes) => onTie({ ...tied, passes })}
        />
      ) : (
        <p className="text-soft">It has no passes.</p>
      )}
      <div>
        {offered.map((h) => (
          <Tick
            key={h.value}
            words={h.words}
            isOn={tied.holds.includes(h.value)}
            onChange={(isOn) =>
              onTie({
                ...tied,
                holds: isOn ? [...tied.holds, h.value] : tied.holds.filter((x) => x !== h.value),
              })
            }
          />
        ))}
      </div>
      {tried && <Why tried={tried} />}
    </section>
  );
}

function Figures({ tried, weeks }: { tried: KnotTried; weeks: number }) {
  const { say } = useLengths();
  const isLong = tried.weeks >= tried.mostWeeks;
  return (
    <div className="flex flex-wrap items-baseline justify-end gap-x-5 gap-y-1">
      <p className={tried.lasts ? '' : 'text-chalk'}>
        holds{' '}
        <strong className="text-3xl">
          {isLong ? `${tried.mostWeeks}+` : tried.weeks === 0 ? 'not one' : tried.weeks}
        </strong>{' '}
        {tried.weeks === 1 ? 'week' : 'weeks'}
        {tried.lasts ? '' : `: slides before ${weeks}`}
      </p>
      <p>
        <strong className="text-xl">{Math.round(tried.tie.likely)}</strong> s to tie
      </p>
      <p>
        <strong className="text-xl">{Math.round(tried.takeOut.likely)}</strong> s out
      </p>
      <p>{say(tried.widthMm)} wide</p>
      <p>{tried.isHidden ? 'not seen' : 'seen from the front'}</p>
    </div>
  );
}

/** What the hold is a product of, each as a bar to either side of what neither helps nor harms. */
function Why({ tried }: { tried: KnotTried }) {
  return (
    <table className="w-full text-sm">
      <caption className="pb-1 text-left font-semibold">
        Why: {tried.factors.map((f) => f.factor.toFixed(2)).join(' × ')} = {tried.score.toFixed(2)};
        from 1 on it lasts
      </caption>
      <tbody>
        {tried.factors.map((f) => (
          <tr key={f.words}>
            <th scope="row" className="w-1/2 py-0.5 pr-2 text-left font-normal">
              {f.words}
            </th>
            <td className="w-12 text-right tabular-nums">{f.factor.toFixed(2)}</td>
            <td className="pl-2">
              <svg viewBox="-50 0 100 10" className="h-2.5 w-full" aria-hidden>
                <rect
                  x={Math.min(0, (f.factor - 1) * 60)}
                  y={1}
                  width={Math.abs(f.factor - 1) * 60}
                  height={8}
                  fill={f.factor < 1 ? 'var(--chalk)' : 'var(--ink)'}
                />
                <path d="M0 0V10" stroke="var(--edge)" />
              </svg>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
