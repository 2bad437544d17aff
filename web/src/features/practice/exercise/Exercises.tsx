import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { Link } from 'react-router';
import { api } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { useMay } from '../../door';
import { DrillSign } from '../drill/DrillSign';
import { exercisesQuery } from './exercises.queries';

/** What trainers made of plans; nothing while there is none. */
export function Exercises() {
  const mayRemove = useMay('STYLIST');
  const client = useQueryClient();
  const { data: exercises } = useQuery(exercisesQuery());
  const removed = useMutation({
    mutationFn: api.removeExercise,
    onSettled: () => client.invalidateQueries(exercisesQuery()),
  });
  if (!exercises || exercises.length === 0) return null;
  return (
    <section aria-labelledby="set-for-you">
      <h2 id="set-for-you" className="mt-8 text-xl font-semibold">
        Made by your trainer
      </h2>
      {removed.error && (
        <p role="alert" className="mt-2 font-medium text-chalk">
          ✕ {removed.error.message}
        </p>
      )}
      <ul className="mt-3 grid gap-2 sm:grid-cols-2 lg:grid-cols-3" aria-label="Exercises">
        {exercises.map((e) => (
          <li key={e.id} className="relative">
            <Link
              to={`/practice/exercise/${e.id}`}
              className="flex h-full items-center gap-3 rounded-md border border-line bg-sheet p-3 pr-12 hover:border-thread-deep"
            >
              <span className="shrink-0 text-thread-deep">
                <DrillSign kind={e.kind} />
              </span>
              <span className="min-w-0">
                <span className="block truncate text-lg leading-tight font-semibold">{e.name}</span>
                <span className="block leading-snug text-soft">
                  {e.words}, level {e.level}
                </span>
              </span>
            </Link>
            {mayRemove && (
              <Button
                look="quiet"
                className="absolute top-2 right-1"
                aria-label={`take ${e.name} away`}
                disabled={removed.isPending}
                onClick={() => removed.mutate(e.id)}
              >
                <X size={16} aria-hidden />
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
