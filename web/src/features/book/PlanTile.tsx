import { Link } from 'react-router';
import type { PlanTile as Tile, ReckonedFigure } from '../../api/types';
import { formatMinutes, plural } from '../../lib/time';
import { Still } from '../../stills';
import { SCREEN } from '../../viz/palette';
import { SmallMap } from '../../viz/SmallMap';
import { WhyOfPlan } from '../../why';

/** A kept plan with its own map, and the three figures asked for first. */
export function PlanTile({ plan }: { plan: Tile }) {
  const s = plan.summary;
  return (
    <li className="relative flex items-center gap-4 rounded-md border border-line bg-ground p-2 hover:border-thread-deep">
      <Still plan={plan.id} alt="" className="w-20 shrink-0" />
      <div className="min-w-0 flex-1">
        <p className="truncate font-semibold">
          {/* All of the tile leads to the bench, but for the keys that stand over it. */}
          <Link to={`/bench/${plan.id}`} className="after:absolute after:inset-0">
            {plan.name}
          </Link>
        </p>
        {plan.problem && <p className="text-sm text-chalk">▲ {plan.problem}</p>}
        {!s && !plan.problem && <p className="text-sm text-soft">being worked out …</p>}
        {s && (
          <dl className="mt-1 flex gap-4 whitespace-nowrap">
            <Figure
              name={s.loops === 1 ? 'loop' : 'loops'}
              figure={s.loops}
              of="LOOPS"
              plan={plan}
            />
            <Figure
              name={`${plural(s.packs, 'pack').replace(/^\d+ /, '')} to buy`}
              figure={s.packs}
              of="PACKS"
              plan={plan}
            />
            <Figure
              name="in the chair"
              figure={formatMinutes(s.minutes)}
              of="MINUTES"
              plan={plan}
            />
          </dl>
        )}
      </div>
      {s && (
        <SmallMap
          outline={s.outline}
          rows={s.rows}
          parts={s.parts}
          palette={SCREEN}
          className="h-20 w-16 shrink-0"
        />
      )}
    </li>
  );
}

interface FigureProps {
  name: string;
  figure: string | number;
  of: ReckonedFigure;
  plan: Tile;
}

function Figure({ name, figure, of, plan }: FigureProps) {
  return (
    <div className="flex flex-col-reverse">
      <dt className="relative z-10 text-xs leading-tight text-soft">
        <WhyOfPlan figure={of} words={`${name}, ${plan.name}`} planId={plan.id}>
          {name}
        </WhyOfPlan>
      </dt>
      <dd className="text-xl leading-none font-semibold">{figure}</dd>
    </div>
  );
}
