import { useEffect, useState, useSyncExternalStore } from 'react';
import { VisitStore, type Shown } from './visitStore';

/** A visit on this device, and the store that what happens is told to; to be mounted anew for another visit. */
export function useVisit(id: string): [Shown, VisitStore] {
  const [store] = useState(() => new VisitStore(id));
  useEffect(() => {
    void store.open();
    return () => store.close();
  }, [store]);
  return [useSyncExternalStore(store.subscribe, store.read), store];
}
