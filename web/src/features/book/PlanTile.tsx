import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { SavedPlan } from '../../api/types';
import { formatMinutes, plural } from '../../lib/time';
import { SCREEN } from '../../viz/palette';
import { ScalpChart } from '../../viz/ScalpChart';
import { computedQuery } from './book.queries';

const BARE = { stations: false, names: false, plain: true };
const CLOSE_CROP = '-136 -166 272 336';

/** A kept plan with its own map, and the three figures asked for first. */
export function PlanTile({ plan }: { plan: SavedPlan }) {
  const computed = useQuery(computedQuery(plan));
  const ledger = computed.data?.ledger;
  return (
    <li>
      <Link
        to={`/bench/${plan.id}`}
        className="flex items-center gap-4 rounded-md border border-line bg-ground p-2 hover:border-thread-deep"
      >
        <svg viewBox={CLOSE_CROP} className="h-20 w-16 shrink-0" aria-hidden="true">
          {computed.data && (
            <ScalpChart
              plan={computed.data}
              palette={SCREEN}
              layers={BARE}
              isTurned={false}
              unitMm={10}
              unit="cm"
            />
          )}
        </svg>
        <div className="min-w-0 flex-1">
          <p className="truncate font-semibold">{plan.name}</p>
          {computed.isError && <p className="text-sm text-chalk">{computed.error.message}</p>}
          {ledger && (
            <dl className="mt-1 flex gap-4 whitespace-nowrap">
              <Figure
                name={ledger.neededLoops === 1 ? 'loop' : 'loops'}
                figure={ledger.neededLoops}
              />
              <Figure
                name={`${plural(ledger.packs, 'pack').replace(/^\d+ /, '')} to buy`}
                figure={ledger.packs}
              />
              <Figure name="in the chair" figure={formatMinutes(ledger.chairMinutes.likely)} />
            </dl>
          )}
        </div>
      </Link>
    </li>
  );
}

function Figure({ name, figure }: { name: string; figure: string | number }) {
  return (
    <div className="flex flex-col-reverse">
      <dt className="text-xs text-soft">{name}</dt>
      <dd className="text-xl leading-none font-semibold">{figure}</dd>
    </div>
  );
}
