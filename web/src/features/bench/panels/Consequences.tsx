import { memo } from 'react';
import type { Ledger, Read, ReckonedFigure } from '../../../api/types';
import { formatMoney } from '../../../lib/money';
import { packSize, packWords } from '../../../lib/packs';
import { formatMinutes, plural } from '../../../lib/time';
import { Tape } from '../../../ui/Tape';
import { Findings } from './Findings';
import { Why } from './Why';
import { useBench, useRead } from '../draft/useBench';

const MINUTES_TICK = 15;

/** What the plan comes to, on measuring tapes; while something is dragged they show where they stood before. */
export const Consequences = memo(function Consequences({ className }: { className: string }) {
  const plan = useRead();
  const before = useBench((b) => b.before);
  const look = `flex shrink-0 flex-col overflow-y-auto border-l border-line bg-sheet ${className}`;
  if (!plan) return <aside className={look} />;
  const l = plan.ledger;
  return (
    <aside aria-label="What it comes to" className={look}>
      <LoopTape ledger={l} before={before} />
      <Tape
        label={plural(l.packs, 'pack').replace(/^\d+ /, '') + ' to buy'}
        why={<Why figure="PACKS" words="packs to buy" />}
        figure={String(l.packs)}
        unit={packsToBuy(plan)}
        aside={`${plural(l.leftOverLoops, 'loop')} left over`}
        value={l.packs}
        end={Math.max(10, l.packs + 2)}
        tick={1}
        before={before?.packs}
      />
      <Tape
        label="in the chair"
        why={<Why figure="MINUTES" words="in the chair" />}
        figure={formatMinutes(l.chairMinutes.likely)}
        unit=""
        aside={`${formatMinutes(l.chairMinutes.low)} to ${formatMinutes(l.chairMinutes.high)}`}
        value={l.chairMinutes.likely}
        end={Math.max(240, l.chairMinutes.high)}
        tick={MINUTES_TICK}
        band={{
          from: l.chairMinutes.low,
          to: l.chairMinutes.high,
          words: 'from a quick day to a slow one',
        }}
        before={before?.chairMinutes.likely}
      />
      <div className="flex border-b border-line">
        <SmallFigure label="hair costs" of="COST" figure={formatMoney(l.costMinor, l.currency)} />
        <SmallFigure label="weighs" of="WEIGHT" figure={`${Math.round(l.weightGrams / 5) * 5} g`} />
        <SmallFigure label="shares" of="SHARES" figure={String(l.stations)} />
      </div>
      <div className="flex border-b border-line">
        <SmallFigure label="greatest bulk" of="BULK" figure={`${l.greatestBulk.toFixed(1)}×`} />
        <SmallFigure
          label="heaviest row"
          of="HEAVIEST_ROW"
          figure={`${Math.round(100 * l.heaviestShare)} %`}
        />
        <SmallFigure label="loose ends" of="LOOSE_ENDS" figure={String(l.looseEnds)} />
      </div>
      <Findings />
    </aside>
  );
});

/** The sizes to buy, with how many of each where there are several. */
function packsToBuy(plan: Read): string {
  const bought = plan.hairs.flatMap((h) =>
    h.bought.map((b) => ({
      ...b,
      size: packSize(h, b.loopsPerPack),
      words: packWords(h, b.loopsPerPack),
    })),
  );
  bought.sort((a, b) => b.loopsPerPack - a.loopsPerPack);
  const sizes = [...new Set(bought.map((b) => b.size))];
  const [main] = plan.hairs;
  if (sizes.length < 2) {
    return `× ${bought[0]?.words ?? (main ? packWords(main, plan.ledger.loopsPerPack) : '')}`;
  }
  const count = (size: string) => bought.reduce((n, b) => n + (b.size === size ? b.count : 0), 0);
  return sizes.map((size) => `${count(size)} of ${size}`).join(', ');
}

function LoopTape({ ledger: l, before }: { ledger: Ledger; before: Ledger | undefined }) {
  return (
    <Tape
      label="loops"
      why={<Why figure="LOOPS" words="loops" />}
      figure={String(l.neededLoops)}
      unit={`${l.placedLoops} placed + ${l.reserveLoops} for fills`}
      value={l.neededLoops}
      end={Math.max(200, l.neededLoops + 20)}
      tick={10}
      {...(l.shelfLoops > 0 && {
        aside: `${l.shelfLoops} on the shelf`,
        band: { from: 0, to: Math.min(l.shelfLoops, l.neededLoops), words: 'on the shelf already' },
      })}
      before={before?.neededLoops}
    />
  );
}

function SmallFigure(props: { label: string; figure: string; of: ReckonedFigure }) {
  return (
    <div className="flex-1 border-line px-3 py-2 not-first:border-l">
      <p className="leading-none">
        <Why figure={props.of} words={props.label}>
          {props.label}
        </Why>
      </p>
      <p className="mt-1 text-lg leading-tight font-semibold whitespace-nowrap">{props.figure}</p>
    </div>
  );
}
