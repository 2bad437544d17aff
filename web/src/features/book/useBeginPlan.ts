import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';

/** Begins a plan for a client and goes to the bench with it; where no hair is on the shelf yet, by way of the shelf. */
export function useBeginPlan(clientId: string) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => api.beginPlan({ clientId, name: '', stylistId: null }),
    onSuccess: (plan) => {
      void queries.invalidateQueries({ queryKey: ['plans'] });
      void navigate(`/bench/${plan.id}`);
    },
    // There and back: hair first, then her plan.
    onError: (e) => {
      if (e instanceof Problem && e.at('hairLineId')) void navigate(`/shelf?plan=${clientId}`);
    },
  });
}
