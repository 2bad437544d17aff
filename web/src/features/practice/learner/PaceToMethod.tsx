import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Field';
import { useWords } from '../../../words';
import { useMay } from '../../door';

const USUAL = '';

interface Props {
  name: string;
  /** How long she takes for what usual hands take 100. */
  pacePercent: number;
}

/** Her hands' own pace, and a key that keeps a method with it; plans by that method then count with her hands. */
export function PaceToMethod({ name, pacePercent }: Props) {
  const { limits } = useWords();
  const mayKeep = useMay('STYLIST');
  const client = useQueryClient();
  const { data: methods } = useQuery({ queryKey: ['methods'], queryFn: api.methods });
  const [from, setFrom] = useState(USUAL);
  const { min, max } = limits.pacePercent;
  const pace = Math.min(max, Math.max(min, pacePercent));
  const base = methods?.find((m) => m.id === from);
  const called = base ? `${base.name}, at the pace of ${name}` : `At the pace of ${name}`;
  const kept = useMutation({
    mutationFn: () =>
      api.keepMethod({
        name: called.slice(0, MAX_NAME_LENGTH),
        method: { ...base?.method, pacePercent: pace } as Parameters<
          typeof api.keepMethod
        >[0]['method'],
      }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['methods'] }),
  });
  return (
    <div className="space-y-2">
      <p>
        All in all her hands take <strong className="text-2xl tabular-nums">{pacePercent}</strong> %
        of what usual hands take.
        {pace !== pacePercent && (
          <span className="text-soft">
            {' '}
            Plans count with {min} to {max} %: {pace}.
          </span>
        )}
      </p>
      {mayKeep && !kept.isSuccess && (
        <div className="flex flex-wrap items-end gap-3 print:hidden">
          {methods && methods.length > 0 && (
            <Choice
              label="In everything else as"
              value={from}
              options={[
                { value: USUAL, words: 'usual' },
                ...methods.map((m) => ({ value: m.id, words: m.name })),
              ]}
              onChoose={setFrom}
            />
          )}
          <Button disabled={kept.isPending} onClick={() => kept.mutate()}>
            Keep a method at this pace
          </Button>
        </div>
      )}
      {kept.error && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {kept.error.message}
        </p>
      )}
      {kept.isSuccess && (
        <p role="status" className="print:hidden">
          ✓ Kept as <strong>{kept.data.name}</strong>. Choose it on the bench, among the methods,
          and the plan counts with these hands.
        </p>
      )}
    </div>
  );
}

const MAX_NAME_LENGTH = 80;
