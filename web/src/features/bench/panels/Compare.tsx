import { useWords } from '../../../words';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { api } from '../../../api/client';
import type { Brief, Comparison, Family, Foundation } from '../../../api/types';
import { mmPer } from '../../../lib/length';
import { Drawn, usualSight } from '../../../stills';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Field';
import { useLengths, usePrefs } from '../../../ui/prefs';
import { SCREEN } from '../../../viz/palette';
import { ScalpChart, SHEET } from '../../../viz/chart/ScalpChart';
import { patternsQuery } from '../bench.queries';
import { WhyKey } from '../../../why';
import { useRoom } from '../room/useRoom';
import { bestOf, useFigureWords } from './figureWords';
import { ToldOfFigure } from './ToldOfFigure';
import { useBench } from '../draft/useBench';

const MAX = 3;
const AS_NOW = 'now';

/** Two or three foundations side by side on the same head: maps, figures and reasons; one of them is chosen. */
export function Compare() {
  const { families } = useWords();
  const isNarrow = useRoom() === 'phone';
  const brief = useBench((b) => b.brief);
  const planId = useBench((b) => b.planId);
  const change = useBench((b) => b.change);
  const close = useBench((b) => b.compare);
  const [columns, setColumns] = useState<string[]>(() => [AS_NOW, alternativeTo(brief)]);
  const patterns = useQuery(patternsQuery());
  // What another family cannot carry is left away by the server.
  const briefs = useMemo(
    () =>
      columns.map((key) => {
        if (key === AS_NOW) return { brief, family: null };
        const kept = patterns.data?.find((p) => p.id === key);
        return kept
          ? { brief: { ...brief, foundation: kept.foundation }, family: null }
          : { brief, family: key as Family };
      }),
    [columns, brief, patterns.data],
  );
  const compared = useQuery({
    queryKey: ['compare', briefs],
    queryFn: () =>
      api.compare({
        briefs,
        worn: { way: 'DOWN', part: null, gap: null, day: 0, isRough: false },
        planId,
      }),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const options = [
    { value: AS_NOW, words: 'as it is now' },
    ...families.map((f) => ({ value: f.value as string, words: f.words })),
    ...(patterns.data ?? []).map((p) => ({ value: p.id, words: `mine: ${p.name}` })),
  ];
  const choose = (foundation: Foundation) => {
    change('choose foundation', (b) => ({ ...b, foundation }));
    close(false);
  };

  return (
    <section aria-label="Compare foundations" className="flex min-h-0 flex-1 flex-col bg-sheet">
      <header className="flex flex-wrap items-center gap-x-3 border-b border-line px-4 py-2">
        <h2 className="text-lg font-semibold">Compare foundations on this head</h2>
        <span className="grow" />
        {columns.length < (isNarrow ? 2 : MAX) && (
          <Button onClick={() => setColumns([...columns, 'SWITCHBACK'])}>
            <Plus size={15} aria-hidden /> a third
          </Button>
        )}
        <Button look="quiet" onClick={() => close(false)}>
          <X size={15} aria-hidden /> back to the bench
        </Button>
      </header>
      {compared.error && (
        <p role="alert" className="m-3 rounded-md border-2 border-chalk bg-chalk-wash p-2 text-sm">
          {compared.error.message} The last comparison that worked is shown.
        </p>
      )}
      <div className="flex min-h-0 flex-1 flex-col overflow-y-auto px-4 py-3">
        <div className="grid gap-4" style={grid(columns.length, isNarrow)}>
          {!isNarrow && <span aria-hidden />}
          {columns.map((key, i) => (
            <div key={i} className="flex flex-col gap-2">
              <Choice
                label={`Foundation ${i + 1}`}
                value={key}
                options={options}
                onChoose={(v) => setColumns(columns.map((c, k) => (k === i ? v : c)))}
              />
              <div className="flex h-72 gap-2">
                <Map compared={compared.data} index={i} />
                {!isNarrow && <Look compared={compared.data} index={i} />}
              </div>
              <div className="flex gap-2">
                <Button
                  look="main"
                  className="flex-1"
                  disabled={
                    key === AS_NOW || compared.isPlaceholderData || !compared.data?.plans[i]
                  }
                  onClick={() => choose(compared.data?.plans[i]?.brief.foundation as Foundation)}
                >
                  {key === AS_NOW ? 'on the bench now' : 'Choose this one'}
                </Button>
                {columns.length > 2 && (
                  <Button
                    look="quiet"
                    aria-label={`Take away foundation ${i + 1}`}
                    onClick={() => setColumns(columns.filter((_, k) => k !== i))}
                  >
                    <X size={15} />
                  </Button>
                )}
              </div>
            </div>
          ))}
        </div>
        {compared.data && <Figures compared={compared.data} isNarrow={isNarrow} />}
      </div>
    </section>
  );
}

/** Where there is no room beside the columns, what a figure is stands over it. */
const grid = (columns: number, isNarrow: boolean) => ({
  gridTemplateColumns: `${isNarrow ? '' : '11rem '}repeat(${columns}, minmax(0, 1fr))`,
});

const OVER = 'col-span-full -mb-3';

const alternativeTo = (brief: Brief): Family =>
  brief.foundation.back.family === 'SWITCHBACK' ? 'STRAIGHT' : 'SWITCHBACK';

function Map({ compared, index }: { compared: Comparison | undefined; index: number }) {
  const { unit, fingerMm, isTurned } = usePrefs();
  const plan = compared?.plans[index];
  if (!plan) return <div className="flex-1 rounded-md bg-ground" />;
  return (
    <svg
      viewBox={`${SHEET.x} ${SHEET.y} ${SHEET.width} ${SHEET.height}`}
      className="min-w-0 flex-1 rounded-md bg-ground"
      role="img"
      aria-label={`Map of foundation ${index + 1}`}
    >
      <ScalpChart
        plan={plan.drawn}
        palette={SCREEN}
        layers={{ stations: false, names: false }}
        isTurned={isTurned}
        unit={unit}
        unitMm={mmPer(unit, fingerMm)}
      />
    </svg>
  );
}

/** What it looks like worn. */
function Look({ compared, index }: { compared: Comparison | undefined; index: number }) {
  const skin = usePrefs((p) => p.skin);
  const sight = useMemo(() => usualSight(skin), [skin]);
  const plan = compared?.plans[index];
  return plan ? (
    <Drawn
      brief={plan.brief as Brief}
      sight={sight}
      alt={`Foundation ${index + 1} worn down`}
      className="w-1/2"
    />
  ) : (
    <div className="w-1/2 rounded-md bg-ground" />
  );
}

function Figures({ compared, isNarrow }: { compared: Comparison; isNarrow: boolean }) {
  const say = useFigureWords(compared.plans[0]?.read.ledger.currency ?? 'EUR');
  const { sentence } = useLengths();
  const style = grid(compared.plans.length, isNarrow);
  return (
    <table className="mt-4 block w-full">
      <tbody className="block">
        {compared.figures.map((f) => {
          const best = bestOf(f);
          return (
            <tr
              key={f.what}
              className={`grid items-baseline gap-4 border-b border-line py-1 ${f.differs ? '' : 'text-soft'}`}
              style={style}
            >
              <th scope="row" className={`text-left text-sm font-normal ${isNarrow ? OVER : ''}`}>
                {f.what}
              </th>
              {f.values.map((v, i) => (
                <td key={i} className="text-lg leading-tight font-semibold">
                  {v === best && (
                    <span aria-label="better" title="better" className="mr-1 text-thread-deep">
                      ◆
                    </span>
                  )}
                  {say(f.kind, v)}{' '}
                  <WhyKey
                    words={`${f.what}, foundation ${i + 1}`}
                    told={<ToldOfFigure compared={compared} figure={f} index={i} />}
                  />
                </td>
              ))}
            </tr>
          );
        })}
        <tr className="grid gap-4 py-2" style={style}>
          <th scope="row" className={`text-left text-sm font-normal ${isNarrow ? OVER : ''}`}>
            to mind
          </th>
          {compared.plans.map((p, i) => (
            <td key={i}>
              <ul className="flex flex-col gap-1 text-sm leading-snug">
                {p.read.findings
                  .filter((f) => f.code !== 'CARE')
                  .map((f) => (
                    <li
                      key={sentence(f.reason)}
                      className={f.severity === 'HINT' ? 'text-soft' : ''}
                    >
                      {f.severity === 'HINT' ? '○' : '▲'} {sentence(f.reason)}
                    </li>
                  ))}
              </ul>
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}
