import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../../../api/client';
import type { Appointment, AppointmentDraft } from '../../../api/types';

/** What moves appointments; whatever it did is asked for anew, and what was refused is told. */
export function useBooking() {
  const queries = useQueryClient();
  const anew = () =>
    Promise.all(
      ['diary', 'shopping', 'client-appointments'].map((key) =>
        queries.invalidateQueries({ queryKey: [key] }),
      ),
    );
  const change = useMutation({
    mutationFn: ({ id, draft }: { id: string; draft: AppointmentDraft }) =>
      api.changeAppointment(id, draft),
    onSettled: anew,
  });
  const become = useMutation({
    mutationFn: ({ a, state }: { a: Appointment; state: Appointment['state'] }) =>
      api.becomeAppointment(a.id, { state, version: a.version }),
    onSettled: anew,
  });
  const late = useMutation({
    mutationFn: ({ a, until }: { a: Appointment; until: number }) => api.runLate(a.id, until),
    onSettled: anew,
  });
  return {
    change,
    become,
    late,
    problem: change.error ?? become.error ?? late.error ?? undefined,
    forget: () => {
      change.reset();
      become.reset();
      late.reset();
    },
  };
}
