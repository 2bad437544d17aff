import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { outbox } from './outbox';

/** Sends what was left at a chair; what other places show is asked for anew once the server has it. */
export function useOutbox() {
  const queries = useQueryClient();
  useEffect(() => outbox.start(() => void queries.invalidateQueries()), [queries]);
}
