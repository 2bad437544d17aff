import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { api, onSignedOut } from '../../api/client';
import { BecomeOwner } from './BecomeOwner';
import { doorQuery, keepDoor } from './door.queries';
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
  const [within, setWithin] = useState<string>();
  if (me && within === undefined) setWithin(me.id);
  useEffect(
    () => onSignedOut(() => void queries.invalidateQueries({ queryKey: ['door'] })),
    [queries],
  );
  const cameIn = async () => {
    const now = await api.door();
    keepDoor(now);
    if ((within && now.me?.id !== within) || window.location.pathname === INVITED) {
      window.location.replace('/');
      return;
    }
    queries.setQueryData(doorQuery().queryKey, now);
    void queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'door' });
    // What waited for the server may go.
    window.dispatchEvent(new Event('online'));
  };
  if (!door.data) return door.isError ? children : null;
  if (!door.data.isStudio) return children;
  const secret = window.location.pathname === INVITED ? window.location.hash.slice(1) : '';
  if (me && !secret) return children;
  const way = secret ? (
    <TakeInvitation secret={secret} onIn={cameIn} />
  ) : door.data.needsOwner ? (
    <BecomeOwner isThisMachine={door.data.isThisMachine} onIn={cameIn} />
  ) : (
    <SignIn door={door.data} onIn={cameIn} />
  );
  return (
    <>
      {within && (
        <div inert className="h-full">
          {children}
        </div>
      )}
      <Doorway isOver={within !== undefined}>{way}</Doorway>
    </>
  );
}
