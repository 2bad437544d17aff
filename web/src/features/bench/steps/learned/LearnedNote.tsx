import { useMutation, useQuery } from '@tanstack/react-query';
import isSame from 'fast-deep-equal';
import { useState } from 'react';
import { api } from '../../../../api/client';
import { sayLearned } from '../../../../lib/learned';
import { formatDay, plural } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { Choice } from '../../../../ui/Field';
import { Fold } from '../../../../ui/Fold';
import { useWords } from '../../../../words';
import { useBench } from '../../draft/useBench';

/** Which figures of this plan were learned, from how many visits and as of which day; and the way to take what is known by now. */
export function LearnedNote() {
  const learned = useBench((b) => b.brief.learned);
  const line = useBench((b) => b.brief.hairLineId);
  const change = useBench((b) => b.change);
  const { known } = useWords();
  const people = useQuery({ queryKey: ['people'], queryFn: api.people });
  const [chosen, setStylist] = useState('');
  const stylist = chosen || people.data?.stylists[0]?.id;
  const take = useMutation({
    mutationFn: () => api.known(stylist, line ?? ''),
    onSuccess: (now) => {
      const next = (now.values ?? []).length > 0 ? now : null;
      change('learned', (b) => (isSame(b.learned, next) ? b : { ...b, learned: next }));
    },
  });
  const values = learned?.values ?? [];
  if (values.length === 0 && (people.data?.stylists.length ?? 0) === 0) return null;
  return (
    <Fold
      id="counts learned"
      title="Learned"
      tells={
        values.length > 0 && learned?.asOf
          ? `${plural(values.length, 'figure')}, as of ${formatDay(learned.asOf)}`
          : 'nothing yet: all as usual'
      }
    >
      <ul className="flex flex-col gap-1 text-sm">
        {values.map((v) => {
          const k = known.find((x) => x.value === v.what);
          return (
            <li key={v.what} className="flex items-baseline gap-2">
              <span className="flex-1">{k?.words}</span>
              <strong className="tabular-nums">{k && sayLearned(k.scale, v.value ?? 0)}</strong>
              <span className="text-soft">{plural(v.visits ?? 0, 'visit')}</span>
            </li>
          );
        })}
      </ul>
      <div className="mt-2 flex items-end gap-2">
        <Choice
          label="By whose hands"
          value={stylist ?? ''}
          options={(people.data?.stylists ?? []).map((s) => ({ value: s.id, words: s.name }))}
          onChoose={setStylist}
        />
        <Button disabled={!line || take.isPending} onClick={() => take.mutate()}>
          Take what is known by now
        </Button>
        {values.length > 0 && (
          <Button look="quiet" onClick={() => change('learned', (b) => ({ ...b, learned: null }))}>
            all as usual
          </Button>
        )}
      </div>
      {take.isSuccess && values.length === 0 && (
        <p role="status" className="text-sm text-soft">
          Nothing is known yet of these hands and this hair.
        </p>
      )}
    </Fold>
  );
}
