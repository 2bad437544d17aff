import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { api } from '../../../api/client';
import { Asked } from '../drill/Asked';
import { PracticeHeader } from '../PracticeHeader';
import { exercisesQuery } from './exercises.queries';

/** A drill that a trainer made of a plan. */
export function ExercisePage() {
  const id = useParams().id ?? '';
  const go = useNavigate();
  const { data: all } = useQuery(exercisesQuery());
  const drill = useQuery({
    queryKey: ['exercise', id],
    queryFn: () => api.exercise(id),
    retry: false,
  });
  const named = all?.find((e) => e.id === id);
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <PracticeHeader title={named?.name ?? 'Exercise'}>
        {named && <p className="text-soft">{named.words}</p>}
      </PracticeHeader>
      {drill.error && (
        <p role="alert" className="m-4 font-medium text-chalk">
          ✕ {drill.error.message}
        </p>
      )}
      {drill.isPending && (
        <p role="status" className="m-4 text-soft">
          Fetching the head…
        </p>
      )}
      {drill.data && (
        <Asked
          drill={drill.data}
          judge={(answer) => api.judgeExercise(id, answer)}
          onDone={() => undefined}
          onNext={() => void go('/practice')}
          nextWords="Back to practice"
        />
      )}
    </main>
  );
}
