import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { FileDown, Save, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../../../api/client';
import { Problem } from '../../../../api/problems';
import { Button } from '../../../../ui/Button';
import { plural } from '../../../../lib/time';
import { TextField } from '../../../../ui/Field';
import { Fold } from '../../../../ui/Fold';
import { KeptFileIn } from '../../../../ui/KeptFileIn';
import { useMay } from '../../../door';
import { patternsQuery } from '../../bench.queries';
import { useBench } from '../../draft/useBench';

/** Foundations that this stylist keeps as patterns of her own: laid on another head, they fit themselves to it. */
export function Patterns() {
  const patterns = useQuery(patternsQuery());
  const foundation = useBench((b) => b.brief.foundation);
  const change = useBench((b) => b.change);
  const mayKeep = useMay('STYLIST');
  const [name, setName] = useState('');
  const queries = useQueryClient();
  const refresh = () => void queries.invalidateQueries({ queryKey: ['patterns'] });
  const keep = useMutation({
    mutationFn: () => api.keepPattern({ name, foundation }),
    onSuccess: () => {
      setName('');
      refresh();
    },
  });
  const remove = useMutation({ mutationFn: api.removePattern, onSuccess: refresh });
  const error = keep.error instanceof Problem ? keep.error : undefined;
  return (
    <Fold
      id="rows mine"
      title="My patterns"
      tells={patterns.data && plural(patterns.data.length, 'kept', 'kept')}
      isForced={error !== undefined}
    >
      {patterns.data?.map((p) => (
        <div key={p.id} className="flex items-center gap-1">
          <Button
            className="min-w-0 flex-1 justify-start"
            onClick={() => change('pattern', (b) => ({ ...b, foundation: p.foundation }))}
          >
            <span className="truncate">{p.name}</span>
          </Button>
          <a
            href={`/api/patterns/${p.id}/pattern.json`}
            download
            aria-label={`${p.name} as a file`}
            title="As a file"
            className="rounded p-1.5 hover:bg-well"
          >
            <FileDown size={15} />
          </a>
          {mayKeep && (
            <button
              type="button"
              aria-label={`Throw away ${p.name}`}
              className="rounded p-1.5 hover:bg-well"
              onClick={() => remove.mutate(p.id)}
            >
              <Trash2 size={15} />
            </button>
          )}
        </div>
      ))}
      {mayKeep && (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            keep.mutate();
          }}
        >
          <div className="min-w-0 flex-1">
            <TextField
              label="Keep this one as"
              value={name}
              maxLength={80}
              onChange={(e) => setName(e.target.value)}
              error={error?.at('name')?.message ?? error?.message}
            />
          </div>
          <Button type="submit" aria-label="Keep the pattern" disabled={keep.isPending}>
            <Save size={15} aria-hidden />
          </Button>
        </form>
      )}
      {mayKeep && (
        <KeptFileIn
          words="A pattern from a file"
          label="Pattern to take in"
          read={api.patternFile}
          offer="Keep this pattern"
          done="The pattern is kept."
        />
      )}
    </Fold>
  );
}
