import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { PlanTile } from '../../../api/types';
import { formatDay } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { TextField } from '../../../ui/Field';
import { Modal } from '../../../ui/Modal';

/** What she answered and was told, signed on a day; and one more to be signed. */
export function Consents({ clientId, plans }: { clientId: string; plans: PlanTile[] }) {
  const consents = useQuery({
    queryKey: ['consents', clientId],
    queryFn: () => api.consents(clientId),
  });
  const [isOpen, setOpen] = useState(false);
  const plan = plans[0];
  return (
    <section aria-label="Signed" className="mt-2">
      <h3 className="font-semibold">Signed</h3>
      {consents.data?.length === 0 && <p className="text-soft">Nothing is signed yet.</p>}
      <ul className="flex flex-col divide-y divide-line">
        {consents.data?.map((c) => (
          <li key={c.id} className="py-1">
            <details>
              <summary>
                <span className="text-soft">{formatDay(c.signedOn)}</span> {c.signedBy}:{' '}
                {c.answers[0]}
              </summary>
              <p className="text-sm text-soft">{c.answers.slice(1).join('; ')}</p>
              {c.cautions.map((w) => (
                <p key={w} className="text-sm">
                  {w}
                </p>
              ))}
            </details>
          </li>
        ))}
      </ul>
      {plan && (
        <Button className="mt-1" onClick={() => setOpen(true)}>
          Read and sign for {plan.name}
        </Button>
      )}
      {isOpen && plan && (
        <SignDialog clientId={clientId} plan={plan} onClose={() => setOpen(false)} />
      )}
    </section>
  );
}

function SignDialog({
  clientId,
  plan,
  onClose,
}: {
  clientId: string;
  plan: PlanTile;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const text = useQuery({
    queryKey: ['to-sign', plan.id],
    queryFn: () => api.toSign(clientId, plan.id),
  });
  const sign = useMutation({
    mutationFn: () => api.sign(clientId, { planId: plan.id, signedBy: name }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['consents', clientId] });
      onClose();
    },
  });
  return (
    <Modal
      title={`For ${plan.name}`}
      lead="Her answers, and what she was told, as they are today."
      isOpen
      onClose={onClose}
      hasEntries={name !== ''}
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          sign.mutate();
        }}
      >
        <ul className="list-disc pl-5">
          {text.data?.answers.map((a) => (
            <li key={a}>{a}</li>
          ))}
        </ul>
        {text.data?.cautions.map((c) => (
          <p key={c} className="border-l-4 border-chalk pl-3">
            {c}
          </p>
        ))}
        <TextField
          label="Her name, as she signs"
          value={name}
          onChange={(e) => setName(e.target.value)}
          error={sign.error?.message}
        />
        <Button look="main" type="submit" disabled={!text.data || sign.isPending}>
          Sign
        </Button>
      </form>
    </Modal>
  );
}
