import type { Plan } from '../../../../api/types';
import { plural } from '../../../../lib/time';
import { useLengths } from '../../../../ui/prefs';
import { useBench, useComputed } from '../../draft/useBench';

const MAX_NAMED = 6;

/** What each updo would show at its edge: rows along it, hair drawn away from it, rows seen end-on, bare scalp. */
export function UpdoList() {
  const { plan } = useComputed();
  if (!plan) return null;
  return (
    <>
      {plan.updos.map((u) => (
        <UpdoEntry key={u.way} updo={u} />
      ))}
      <ul className="flex flex-col gap-1 text-sm text-soft" aria-label="Legend">
        <LegendLine look="bg-ink" words="covered: a row along the edge, singles, leave-out" />
        <LegendLine look="bg-thread" words="hidden by shares hooked right behind it and drawn up" />
        <LegendLine look="bg-soft/50" words="single rows seen end-on, as braids" />
        <LegendLine look="border border-chalk bg-chalk-wash" words="bare scalp between rows" />
      </ul>
    </>
  );
}

function LegendLine({ look, words }: { look: string; words: string }) {
  return (
    <li className="flex items-center gap-2">
      <span aria-hidden className={`h-3 w-6 shrink-0 ${look}`} />
      {words}
    </li>
  );
}

function UpdoEntry({ updo }: { updo: Plan['updos'][number] }) {
  const lengths = useLengths();
  const holdRow = useBench((b) => b.holdRow);
  const isAsked = useBench((b) => b.brief.consultation?.ways?.includes(updo.way)) ?? false;
  const all = updo.coveredMm + updo.hairMm + updo.rowsMm + updo.bareMm || 1;
  const width = (mm: number) => ({ width: `${(100 * mm) / all}%` });
  return (
    <section aria-label={updo.words} className="border-t border-line pt-2">
      <h3 className="flex items-baseline justify-between gap-2">
        <span className="font-semibold first-letter:uppercase">{updo.words}</span>
        <span className={updo.works ? 'text-sm' : 'text-sm font-semibold text-chalk'}>
          {updo.works ? '● carries it' : '▲ shows'}
          {isAsked ? ', asked for' : ''}
        </span>
      </h3>
      <div className="my-1 flex h-4 overflow-hidden rounded-sm border border-edge">
        <span className="bg-ink" style={width(updo.coveredMm)} />
        <span className="bg-thread" style={width(updo.hairMm)} />
        <span className="bg-soft/50" style={width(updo.rowsMm)} />
        <span className="border-l border-chalk bg-chalk-wash" style={width(updo.bareMm)} />
      </div>
      <p className="text-sm text-soft">
        {lengths.say(updo.bareMm)} bare of {lengths.say(all)}
        {updo.rowsShowing.length > 0 && (
          <>
            ; {plural(updo.rowsShowing.length, 'row')} seen end-on:{' '}
            {updo.rowsShowing.slice(0, MAX_NAMED).map((id) => (
              <button key={id} type="button" className="mr-1 underline" onClick={() => holdRow(id)}>
                {id}
              </button>
            ))}
            {updo.rowsShowing.length > MAX_NAMED && '…'}
          </>
        )}
        {updo.tailsShowing.length > 0 && `; ${plural(updo.tailsShowing.length, 'tail')} in sight`}
      </p>
    </section>
  );
}
