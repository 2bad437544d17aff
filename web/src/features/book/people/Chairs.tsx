import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { People } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { CONTROL } from '../../../ui/Field';

/** The chairs; each is called as people here call it. */
export function Chairs({
  people,
  onChanged,
}: {
  people: People;
  onChanged: (all: People) => void;
}) {
  const [name, setName] = useState('');
  const add = useMutation({
    mutationFn: () => api.addChair(name),
    onSuccess: (all) => {
      setName('');
      onChanged(all);
    },
  });
  const rename = useMutation({
    mutationFn: ({ id, to }: { id: string; to: string }) => api.renameChair(id, to),
    onSuccess: onChanged,
  });
  const remove = useMutation({ mutationFn: api.removeChair, onSuccess: onChanged });
  const problem = [add.error, rename.error, remove.error].find((e) => e instanceof Problem);
  return (
    <section aria-label="Chairs" className="rounded-lg border border-line bg-sheet p-4">
      <h2 className="text-lg font-semibold">Chairs</h2>
      <ul className="mt-2 flex flex-col gap-2">
        {people.chairs.map((c) => (
          <li key={c.id} className="flex gap-2">
            <input
              aria-label={`Name of ${c.name}`}
              className={CONTROL}
              defaultValue={c.name}
              onBlur={(e) => {
                if (e.target.value.trim() !== c.name)
                  rename.mutate({ id: c.id, to: e.target.value });
              }}
            />
            <Button
              look="quiet"
              aria-label={`Take ${c.name} away`}
              onClick={() => remove.mutate(c.id)}
            >
              away
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <input
          aria-label="A new chair"
          placeholder="by the window"
          className={CONTROL}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Button type="submit" disabled={!name.trim()}>
          Put there
        </Button>
      </form>
      {problem && (
        <p role="alert" className="mt-2 font-medium text-chalk">
          ✕ {problem.message}
        </p>
      )}
    </section>
  );
}
