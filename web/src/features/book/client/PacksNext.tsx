import { useQuery } from '@tanstack/react-query';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import { plural } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { useStock } from '../../shelf';

type Packs = Awaited<ReturnType<typeof api.packsNext>>;

/** How many packs this time, as a number to buy and the reason for it. */
export function PacksNext({ planId, planName }: { planId: string; planName: string }) {
  const packs = useQuery({
    queryKey: ['packs-next', planId],
    queryFn: () => api.packsNext(planId),
  });
  const lengths = useLengths();
  if (!packs.data) return null;
  return (
    <div className="flex items-center gap-4 rounded-lg border border-line bg-sheet p-4">
      <p className="text-center">
        <span className="block text-4xl leading-none font-semibold tabular-nums">
          {packs.data.packs}
        </span>
        <span className="text-sm text-soft">
          {packs.data.packs === 1 ? 'pack' : 'packs'} to buy
        </span>
      </p>
      <div>
        <h3 className="font-semibold">This time, for {planName}</h3>
        <p className="leading-snug">{lengths.sentence(packs.data.why)}</p>
        <Aside planId={planId} packs={packs.data} />
      </div>
    </div>
  );
}

/** What of the shelf lies there for this plan and for nobody else, and how it comes to. */
function Aside({ planId, packs }: { planId: string; packs: Packs }) {
  const { aside } = useStock();
  const could = Math.min(packs.neededLoops, packs.thereLoops);
  const problem = aside.error instanceof Problem ? aside.error : undefined;
  const set = (loops: number) =>
    aside.mutate({ planId, lineId: packs.lineId, colour: packs.colour, loops });
  if (packs.asideLoops === 0 && could === 0) return null;
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1">
      {packs.asideLoops > 0 && <span>{plural(packs.asideLoops, 'loop')} set aside for this.</span>}
      {packs.asideLoops < could && (
        <Button disabled={aside.isPending} onClick={() => set(could)}>
          Set {could} aside
        </Button>
      )}
      {packs.asideLoops > 0 && (
        <Button look="quiet" disabled={aside.isPending} onClick={() => set(0)}>
          Give them back
        </Button>
      )}
      {problem && (
        <p role="alert" className="text-sm text-chalk">
          ✕ {problem.at('loops')?.message ?? problem.message}
        </p>
      )}
    </div>
  );
}
