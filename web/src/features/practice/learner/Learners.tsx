import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { Problem } from '../../../api/problems';
import { api } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { CONTROL, Field } from '../../../ui/Field';
import { usePrefs } from '../../../ui/prefs';
import { learnersQuery, useLearner } from './useLearner';

/** Who practises here: a name to touch for each, and a field for another. */
export function Learners() {
  const { data: learners } = useQuery(learnersQuery());
  const { id } = useLearner();
  const set = usePrefs((p) => p.set);
  const [isAdding, setAdding] = useState(false);
  if (!learners) return null;
  return (
    <section aria-label="Who practises" className="mt-4 flex flex-wrap items-end gap-2">
      {learners.map((l) => (
        <button
          key={l.id}
          type="button"
          aria-pressed={l.id === id}
          onClick={() => set({ learner: l.id === id ? null : l.id })}
          className="min-h-10 max-w-72 truncate rounded-full border border-edge bg-sheet px-4 hover:bg-well aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-sheet"
        >
          {l.name}
        </button>
      ))}
      {isAdding ? (
        <NewLearner onDone={() => setAdding(false)} />
      ) : (
        <Button look="quiet" className="min-h-10" onClick={() => setAdding(true)}>
          <Plus size={16} aria-hidden />
          {learners.length === 0 ? 'Keep how far I am' : 'somebody else'}
        </Button>
      )}
    </section>
  );
}

function NewLearner({ onDone }: { onDone: () => void }) {
  const [name, setName] = useState('');
  const client = useQueryClient();
  const set = usePrefs((p) => p.set);
  const add = useMutation({
    mutationFn: api.addLearner,
    onSuccess: async (learner) => {
      await client.invalidateQueries(learnersQuery());
      set({ learner: learner.id });
      onDone();
    },
  });
  const submit = (e: FormEvent) => {
    e.preventDefault();
    add.mutate(name);
  };
  const wrong = add.error instanceof Problem ? add.error.at('name')?.message : undefined;
  return (
    <form onSubmit={submit} className="flex flex-wrap items-end gap-2" noValidate>
      <Field
        label="Who practises"
        error={wrong ?? add.error?.message}
        hint="Her answers are kept, and say what comes next."
      >
        {(aria) => (
          <input
            {...aria}
            autoFocus
            value={name}
            maxLength={80}
            onChange={(e) => setName(e.target.value)}
            className={CONTROL}
          />
        )}
      </Field>
      <Button type="submit" look="main" className="min-h-10" disabled={add.isPending}>
        Keep
      </Button>
      <Button look="quiet" className="min-h-10" onClick={onDone}>
        Leave it
      </Button>
    </form>
  );
}
