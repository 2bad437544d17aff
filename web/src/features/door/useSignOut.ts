import { useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import { forgetSent } from '../chair';
import { doorQuery, keepDoor } from './door.queries';

/** Signs out, here or everywhere; what this device kept of visits goes, but for what no server has yet. */
export function useSignOut() {
  const queries = useQueryClient();
  return (everywhere: boolean) => {
    void (async () => {
      await api.signOut(everywhere);
      await forgetSent();
      const door = queries.getQueryData(doorQuery().queryKey);
      if (door) keepDoor({ ...door, me: null });
      window.location.replace('/');
    })();
  };
}
