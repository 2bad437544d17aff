import { queryOptions, useQuery } from '@tanstack/react-query';
import { createContext, useContext } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Door, Role } from '../../api/types';

const KEPT = 'gyrotaxis-door';

/** How the door stood when the server was last there: who was in goes on without it, who was out stays so. */
function keptDoor(): Door | undefined {
  try {
    const kept = localStorage.getItem(KEPT);
    return kept ? (JSON.parse(kept) as Door) : undefined;
  } catch {
    return undefined;
  }
}

export function keepDoor(door: Door) {
  try {
    localStorage.setItem(KEPT, JSON.stringify(door));
  } catch {
    // A full or forbidden store only means that nobody is known here without a server.
  }
}

/** Begins with what is kept, and asks at once. */
export const doorQuery = () =>
  queryOptions({
    queryKey: ['door'],
    queryFn: async () => {
      try {
        const door = await api.door();
        keepDoor(door);
        return door;
      } catch (thrown) {
        const kept = thrown instanceof Problem && thrown.status === 0 ? keptDoor() : undefined;
        if (kept) return kept;
        throw thrown;
      }
    },
    initialData: keptDoor,
    initialDataUpdatedAt: 0,
    staleTime: (query) => (query.state.dataUpdatedAt > 0 ? Infinity : 0),
    gcTime: Infinity,
    retry: false,
  });

const RANK: Record<Role, number> = { LEARNER: 0, STYLIST: 1, OWNER: 2 };

/** What whoever is within may. While the door is closed over her work she is still who she was: nothing of it changes. */
export const WithinContext = createContext<Role | undefined>(undefined);

/** Whether whoever is there may what a role may; on this machine alone everybody may everything. */
export function useMay(role: Role): boolean {
  const door = useQuery(doorQuery()).data;
  const within = useContext(WithinContext) ?? door?.me?.role;
  if (!door?.isStudio) return true;
  return within !== undefined && RANK[within] >= RANK[role];
}
