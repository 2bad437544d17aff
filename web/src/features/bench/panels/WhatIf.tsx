import { ArrowLeftRight, X } from 'lucide-react';
import { memo, useMemo } from 'react';
import { api } from '../../../api/client';
import type { Brief, Comparison } from '../../../api/types';
import { mmPer } from '../../../lib/length';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import { SCREEN } from '../../../viz/palette';
import { ScalpChart, SHEET } from '../../../viz/chart/ScalpChart';
import { WhyKey } from '../../../why';
import { bestOf, useFigureWords, type Figure } from './figureWords';
import { useBench } from '../draft/useBench';
import { ToldOfFigure } from './ToldOfFigure';
import { useNewest } from '../plan/useNewest';

/** Two plans side by side: the one that was kept and the one on the bench, with what they differ in. */
export const WhatIf = memo(function WhatIf() {
  const beside = useBench((b) => b.beside);
  return beside ? <Strip beside={beside} /> : null;
});

function Strip({ beside }: { beside: Brief }) {
  const brief = useBench((b) => b.brief);
  const planId = useBench((b) => b.planId);
  const worn = useBench((b) => b.worn);
  const isHeld = useBench((b) => b.before !== undefined);
  const keepBeside = useBench((b) => b.keepBeside);
  const exchange = useBench((b) => b.exchange);
  // What is in the hand has the machine to itself; once it is let go the two are compared.
  const asked = useMemo(
    () =>
      isHeld
        ? undefined
        : { briefs: [one(beside), one(brief)], worn: { ...worn, isRough: false }, planId },
    [beside, brief, worn, isHeld, planId],
  );
  const { answer, problem } = useNewest(asked, api.compare);
  return (
    <section
      aria-label="What if"
      className="@container flex h-60 max-h-[60%] shrink-0 flex-col border-t-2 border-thread bg-sheet"
    >
      <header className="flex items-center gap-2 px-3 py-1">
        <h2 className="font-semibold whitespace-nowrap">What if</h2>
        <p className="min-w-0 flex-1 truncate text-sm text-soft" role="status">
          {problem ? problem.message : answer ? wornWords(answer) : 'Setting them side by side…'}
        </p>
        <Button look="quiet" onClick={exchange} title="The kept one comes onto the bench">
          <ArrowLeftRight size={15} aria-hidden /> exchange
        </Button>
        <Button look="quiet" aria-label="take the kept plan away" onClick={() => keepBeside(false)}>
          <X size={15} aria-hidden />
        </Button>
      </header>
      {answer && (
        <div className="flex min-h-0 flex-1 gap-2 px-2 pb-2">
          <Picture compared={answer} index={0} words="kept" />
          <Differences compared={answer} />
          <Picture compared={answer} index={1} words="now" />
        </div>
      )}
    </section>
  );
}

const one = (brief: Brief) => ({ brief, family: null });

const wornWords = (c: Comparison) =>
  `what differs; what shows is for hair worn ${c.worn[1]?.words ?? 'down'}`;

function Picture(props: { compared: Comparison; index: number; words: string }) {
  const { unit, fingerMm, isTurned } = usePrefs();
  const plan = props.compared.plans[props.index];
  const worn = props.compared.worn[props.index];
  if (!plan) return null;
  return (
    <figure className="hidden w-36 shrink-0 flex-col @min-[36rem]:flex">
      <svg
        viewBox={`${SHEET.x} ${SHEET.y} ${SHEET.width} ${SHEET.height}`}
        className="min-h-0 flex-1 rounded-md bg-ground"
        role="img"
        aria-label={`Map of the plan ${props.words}, with what shows`}
      >
        <ScalpChart
          plan={plan.drawn}
          palette={SCREEN}
          layers={{ stations: true, names: false, cover: true }}
          hasLegend={false}
          worn={worn}
          isTurned={isTurned}
          unit={unit}
          unitMm={mmPer(unit, fingerMm)}
        />
      </svg>
      <figcaption className="text-center text-sm text-soft">{props.words}</figcaption>
    </figure>
  );
}

/** What is looked at first comes first. */
const GROUPS: Figure['group'][] = ['WORN', 'HOOKING', 'FOUNDATION'];

/** Only what differs: first what was chosen, then what came of it. */
function Differences({ compared }: { compared: Comparison }) {
  const say = useFigureWords(compared.plans[0]?.read.ledger.currency ?? 'EUR');
  const choices = compared.choices.filter((c) => c.differs);
  const figures = GROUPS.flatMap((g) => compared.figures.filter((f) => f.group === g && f.differs));
  if (choices.length + figures.length === 0) {
    return (
      <p className="m-auto max-w-xs text-center text-soft">
        Nothing differs yet. Change anything: the plan as it was stays here beside it.
      </p>
    );
  }
  return (
    <div
      className="min-w-0 flex-1 overflow-y-auto"
      tabIndex={0}
      role="group"
      aria-label="What differs"
    >
      <table className="w-full border-collapse text-sm">
        <thead className="sr-only">
          <tr>
            <th>what</th>
            <th>kept</th>
            <th>now</th>
          </tr>
        </thead>
        <tbody>
          {choices.map((c) => (
            <tr key={c.what} className="border-b border-line align-baseline">
              <td className="w-1/3 py-0.5 text-right">{c.words[0]}</td>
              <th scope="row" className="px-2 text-center font-normal text-soft">
                {c.what}
              </th>
              <td className="w-1/3">{c.words[1]}</td>
            </tr>
          ))}
          {figures.map((f) => (
            <tr key={f.what} className="border-b border-line align-baseline">
              <td className="text-right text-base leading-tight font-semibold">
                <Best isBest={bestOf(f) === f.values[0]} />
                {say(f.kind, f.values[0] ?? 0)}
              </td>
              <th scope="row" className="px-2 text-center font-normal text-soft">
                <WhyKey
                  words={f.what}
                  told={
                    <>
                      <h5 className="mt-2 text-sm text-soft">kept</h5>
                      <ToldOfFigure compared={compared} figure={f} index={0} />
                      <h5 className="mt-2 text-sm text-soft">now</h5>
                      <ToldOfFigure compared={compared} figure={f} index={1} />
                    </>
                  }
                >
                  {f.what}
                </WhyKey>
              </th>
              <td className="text-base leading-tight font-semibold">
                {say(f.kind, f.values[1] ?? 0)}
                <Best isBest={bestOf(f) === f.values[1]} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Best({ isBest }: { isBest: boolean }) {
  return isBest ? (
    <span role="img" aria-label="better" title="better" className="mx-1 text-thread-deep">
      ◆
    </span>
  ) : null;
}
