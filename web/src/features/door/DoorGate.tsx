import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { api, onSignedOut } from '../../api/client';
import type { Door } from '../../api/types';
import { BecomeOwner } from './BecomeOwner';
import { doorQuery, keepDoor, WithinContext } from './door.queries';
import { Doorway } from './Doorway';
import { SignIn } from './SignIn';
import { TakeInvitation } from './TakeInvitation';

const INVITED = '/come-in';

/**
 * Shows what stands within to those who may come in. Whoever is signed out while she works finds it below the door as she left it; if
 * somebody else comes in, she finds nothing of it.
 */
export function DoorGate({ children }: { children: ReactNode }) {
  const door = useQuery(doorQuery());
  const queries = useQueryClient();
  const me = door.data?.me ?? null;
  const [within, setWithin] = useState<NonNullable<Door['me']>>();
  if (me && me !== within) setWithin(me);
  useEffect(
    () => onSignedOut(() => void queries.invalidateQueries({ queryKey: ['door'] })),
    [queries],
  );
  const cameIn = async () => {
    const now = await api.door();
    keepDoor(now);
    if ((within && now.me?.id !== within.id) || window.location.pathname === INVITED) {
      window.location.replace('/');
      return;
    }
    queries.setQueryData(doorQuery().queryKey, now);
    void queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'door' });
    // What waited for the server may go.
    window.dispatchEvent(new Event('online'));
  };
  const secret = window.location.pathname === INVITED ? window.location.hash.slice(1) : '';
  const d = door.data;
  const isClosed = d?.isStudio === true && (!me || secret !== '');
  const isShown = d ? !isClosed || within !== undefined : door.isError;
  return (
    <>
      {/* The same place open and closed: what is below it would begin anew otherwise. */}
      <div className="contents" inert={isClosed}>
        {isShown && <WithinContext value={within?.role}>{children}</WithinContext>}
      </div>
      {isClosed && (
        <Doorway isOver={within !== undefined}>
          {secret ? (
            <TakeInvitation secret={secret} onIn={cameIn} />
          ) : d.needsOwner ? (
            <BecomeOwner isThisMachine={d.isThisMachine} onIn={cameIn} />
          ) : (
            <SignIn door={d} onIn={cameIn} />
          )}
        </Doorway>
      )}
    </>
  );
}
