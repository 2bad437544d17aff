import { useQuery } from '@tanstack/react-query';
import { api } from '../../../api/client';
import { useLengths } from '../../../ui/prefs';

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
      </div>
    </div>
  );
}
