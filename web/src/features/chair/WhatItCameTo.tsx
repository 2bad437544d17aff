import type { Account } from '../../api/types';
import { sayLoops } from '../../lib/amount';
import { plural } from '../../lib/time';

/** Hair planned against used and left, passes, and what slid. */
export function WhatItCameTo({ account: a }: { account: Account }) {
  const passes =
    a.passesUsed !== null && a.passesPlanned !== null
      ? `${a.passesUsed.toFixed(1)} passes, ${a.passesPlanned.toFixed(1)} planned`
      : undefined;
  const slid = a.slipped.map((s) => `${s.count} at the ${s.words}`).join(', ');
  return (
    <section aria-label="What it came to" className="flex flex-col gap-2">
      {a.hair.map((h) => (
        <div key={h.name + h.colour}>
          <p>
            <strong>
              {h.name}, {h.colour}
            </strong>
            {h.lots.length > 0 && <span className="text-soft"> ({h.lots.join(', ')})</span>}
          </p>
          <dl className="flex flex-wrap items-end gap-x-6 mt-1">
            <Figure name="planned" figure={Math.round(h.planned)} />
            <Figure
              name={h.isCounted ? 'used' : 'on the head, not counted'}
              figure={sayLoops(h.used)}
              isMain
            />
            <Figure name="of it in fills" figure={sayLoops(h.fills)} />
            <Figure
              name={h.isCounted ? 'left' : 'opened'}
              figure={sayLoops(h.isCounted ? h.left : h.opened)}
            />
            <Figure
              name={h.packsBought === 1 ? 'pack bought' : 'packs bought'}
              figure={h.packsBought}
            />
          </dl>
        </div>
      ))}
      <p className="text-soft">
        {[
          passes,
          slid && `slid: ${slid}`,
          a.takenOut > 0 && `${plural(a.takenOut, 'share')} taken out`,
          ...a.changed,
          a.verdict.length > 0 && `next time ${a.verdict.join(', ')}`,
        ]
          .filter(Boolean)
          .join('; ')}
      </p>
    </section>
  );
}

function Figure({
  name,
  figure,
  isMain,
}: {
  name: string;
  figure: number | string;
  isMain?: boolean;
}) {
  return (
    <div className="flex flex-col-reverse">
      <dt className="text-sm text-soft">{name}</dt>
      <dd
        className={`leading-none font-semibold tabular-nums ${isMain ? 'text-4xl -mb-0.5' : 'text-2xl'}`}
      >
        {figure}
      </dd>
    </div>
  );
}
