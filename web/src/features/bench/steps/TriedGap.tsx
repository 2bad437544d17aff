import { useQuery } from '@tanstack/react-query';
import { api } from '../../../api/client';
import type { Plan } from '../../../api/types';
import { plural } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { useBench } from '../draft/useBench';
import { useWorn } from '../plan/useWorn';

/** How it would be with a part in the gap that is tried: what shows, and which fills it needs. */
export function TriedGap({ plan }: { plan: Plan }) {
  const at = useBench((b) => b.worn.gap);
  const tryGap = useBench((b) => b.tryGap);
  const worn = useWorn();
  const lengths = useLengths();
  const gap = at === null ? undefined : plan.gaps[at];
  if (!gap || at === null) return null;
  const isOfThis = worn?.gap === at;
  return (
    <section
      aria-label="The gap that is tried"
      className="rounded-md border-2 border-thread-deep p-2 text-sm"
    >
      <h3 className="font-semibold">
        A part between front rows {gap.leftRow.slice(1)} and {gap.rightRow.slice(1)}
      </h3>
      <p>
        It runs <strong>{lengths.say(gap.openMm)}</strong> and is{' '}
        <strong>{lengths.say(gap.meanMm)}</strong> wide.
        {!gap.readsAsSkin && ' The plaits beside it lie too close to read as skin.'}
        {gap.stoppedBy && ` The tail of ${gap.stoppedBy} crosses it there.`}
      </p>
      {isOfThis && (
        <p>
          Worn so <strong>{worn.exposedPercent.toFixed(1)} %</strong> of the scalp shows beside it,
          and <strong>{plural(worn.knots.length, 'knot')}</strong>.
          {worn.gaps.length > 0 && ` ${plural(worn.gaps.length, 'gap')} open.`}
        </p>
      )}
      <FillsFor gap={at} />
      <Button look="quiet" onClick={() => tryGap(null)}>
        let it go
      </Button>
    </section>
  );
}

function FillsFor({ gap }: { gap: number }) {
  const brief = useBench((b) => b.brief);
  const { data, isFetching, error, refetch } = useQuery({
    queryKey: ['fills', brief, gap],
    queryFn: () => api.fills(brief, gap),
    enabled: false,
    gcTime: 0,
    retry: false,
  });
  if (!data) {
    return (
      <>
        {error && <p className="font-medium text-chalk">✕ {error.message}</p>}
        <Button disabled={isFetching} onClick={() => void refetch()}>
          {isFetching ? 'Trying it…' : 'Which fills would it need?'}
        </Button>
      </>
    );
  }
  const fills = plural(data.fills.length, 'fill');
  return (
    <p>
      {data.left.length > 0
        ? `${fills} would not do: ${plural(data.left.length, 'gap')} would stay open.`
        : data.fills.length === 0
          ? 'It needs no fills.'
          : `With ${fills} that would do, for this and all other ways of wearing.`}
    </p>
  );
}
