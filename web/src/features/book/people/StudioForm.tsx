import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { People } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { CONTROL, Field, TextField } from '../../../ui/Field';

/** What the studio is called, by whose clock it goes, and how long a pause is. */
export function StudioForm({
  people,
  onChanged,
}: {
  people: People;
  onChanged: (all: People) => void;
}) {
  const [draft, setDraft] = useState(people.studio);
  const save = useMutation({ mutationFn: api.changeStudio, onSuccess: onChanged });
  const problem = save.error instanceof Problem ? save.error : undefined;
  return (
    <form
      aria-label="The studio"
      className="flex flex-col gap-3 rounded-lg border border-line bg-sheet p-4"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(draft);
      }}
    >
      <h2 className="text-lg font-semibold">The studio</h2>
      <TextField
        label="What it is called"
        value={draft.name ?? ''}
        onChange={(e) => setDraft({ ...draft, name: e.target.value })}
        error={problem?.at('name')?.message}
      />
      <Field label="By whose clock" error={problem?.at('zone')?.message}>
        {(aria) => (
          <input
            list="zones"
            className={CONTROL}
            value={draft.zone ?? ''}
            onChange={(e) => setDraft({ ...draft, zone: e.target.value })}
            {...aria}
          />
        )}
      </Field>
      <datalist id="zones">
        {people.zones.map((z) => (
          <option key={z} value={z} />
        ))}
      </datalist>
      <TextField
        label="Pause between two appointments, minutes"
        inputMode="numeric"
        value={String(draft.gapMinutes ?? '')}
        onChange={(e) =>
          setDraft({ ...draft, gapMinutes: Number(e.target.value.replace(/\D/g, '')) })
        }
        error={problem?.at('gapMinutes')?.message}
      />
      {problem && problem.fields.length === 0 && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {problem.message}
        </p>
      )}
      <Button type="submit" disabled={save.isPending}>
        Keep
      </Button>
    </form>
  );
}
