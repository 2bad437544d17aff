import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { Brief, DrillKind } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Choice, CONTROL, Field } from '../../../ui/Field';
import { Modal } from '../../../ui/Modal';
import { Switch } from '../../../ui/Switch';
import { practiceHeadsQuery } from '../../bench';
import { anySeed, drillsQuery } from '../drill/drills.queries';
import { LEVELS } from '../drill/levels';
import { exercisesQuery } from './exercises.queries';

/** So many of the plans that were changed last can be chosen. */
const MAX_PLANS = 60;

interface Props {
  isOpen: boolean;
  onClose: () => void;
}

/** Makes a drill of a plan: which plan, which drill, how hard, and what learners find it by. */
export function MakeExercise({ isOpen, onClose }: Props) {
  return (
    <Modal
      title="A drill about a plan"
      lead="Learners see the head and the question, and not whose it is."
      isOpen={isOpen}
      onClose={onClose}
    >
      <Form onDone={onClose} />
    </Modal>
  );
}

function Form({ onDone }: { onDone: () => void }) {
  const client = useQueryClient();
  const { data: kinds } = useQuery(drillsQuery());
  const { data: plans } = useQuery({
    queryKey: ['plans', MAX_PLANS],
    queryFn: () => api.plans(MAX_PLANS),
  });
  const { data: heads } = useQuery(practiceHeadsQuery());
  const [name, setName] = useState('');
  const [plan, setPlan] = useState('');
  const [kind, setKind] = useState<DrillKind>('HOOK_WAY');
  const [level, setLevel] = useState('1');
  const briefs = new Map<string, Brief>();
  plans?.forEach((p) => briefs.set(p.id, p.brief));
  heads?.forEach((h) => h.brief && briefs.set(h.id, h.brief));
  const made = useMutation({
    mutationFn: () =>
      api.makeExercise({
        name,
        kind,
        level: Number(level),
        seed: anySeed(),
        brief: briefs.get(plan) ?? null,
      } as Parameters<typeof api.makeExercise>[0]),
    onSuccess: async () => {
      await client.invalidateQueries(exercisesQuery());
      onDone();
    },
  });
  const at = (field: string) =>
    made.error instanceof Problem ? made.error.at(field)?.message : undefined;
  const isAtField = ['name', 'kind', 'brief'].some((f) => at(f));
  const submit = (e: FormEvent) => {
    e.preventDefault();
    made.mutate();
  };
  return (
    <form onSubmit={submit} className="flex flex-col gap-3" noValidate>
      <Field label="The plan" error={at('brief') && 'Choose the plan that it is to be about.'}>
        {(aria) => (
          <select
            {...aria}
            value={plan}
            onChange={(e) => setPlan(e.target.value)}
            className={CONTROL}
          >
            <option value="">choose a plan</option>
            <optgroup label="Plans">
              {plans?.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}, {p.clientName}
                </option>
              ))}
            </optgroup>
            <optgroup label="Practice heads">
              {heads
                ?.filter((h) => h.brief !== null)
                .map((h) => (
                  <option key={h.id} value={h.id}>
                    {h.name}
                  </option>
                ))}
            </optgroup>
          </select>
        )}
      </Field>
      <Choice
        label="The drill"
        error={at('kind')}
        value={kind}
        options={(kinds ?? [])
          .filter((k) => k.isOfHead)
          .map((k) => ({ value: k.kind, words: k.words }))}
        onChoose={setKind}
      />
      <div className="flex items-center gap-3">
        <span className="text-soft">how hard</span>
        <Switch label="How hard" value={level} options={LEVELS} onChoose={setLevel} />
      </div>
      <Field label="What learners find it by" error={at('name')}>
        {(aria) => (
          <input
            {...aria}
            value={name}
            maxLength={80}
            onChange={(e) => setName(e.target.value)}
            className={CONTROL}
          />
        )}
      </Field>
      {made.error && !isAtField && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {made.error.message}
        </p>
      )}
      <Button type="submit" look="main" className="min-h-11 self-end" disabled={made.isPending}>
        Make it
      </Button>
    </form>
  );
}
