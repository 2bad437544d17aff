import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../../../api/client';
import { usePrefs } from '../../../ui/prefs';

export const learnersQuery = () => queryOptions({ queryKey: ['learners'], queryFn: api.learners });

const progressQuery = (id: string) =>
  queryOptions({ queryKey: ['progress', id], queryFn: () => api.progress(id) });

/** Who practises on this device, how far she is, and how that is asked for anew; nobody if nobody said, or she was taken off. */
export function useLearner() {
  const chosen = usePrefs((p) => p.learner);
  const client = useQueryClient();
  const { data: learners } = useQuery(learnersQuery());
  const id = learners?.some((l) => l.id === chosen) ? chosen : null;
  const progress = useQuery({ ...progressQuery(id ?? ''), enabled: id !== null });
  return {
    id,
    progress: progress.data,
    /** How far she is by now; nothing where nobody practises. */
    learned: async () =>
      id === null ? undefined : client.fetchQuery({ ...progressQuery(id), staleTime: 0 }),
  };
}
