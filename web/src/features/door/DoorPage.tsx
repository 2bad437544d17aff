import { useQuery } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { AddressCard } from './AddressCard';
import { DevicesCard } from './DevicesCard';
import { doorQuery, useMay } from './door.queries';
import { Deeds } from './Deeds';
import { MembersCard } from './MembersCard';
import { MyKeys } from './MyKeys';
import { SessionsCard } from './SessionsCard';

/** The door of the studio: how I come in, where I am in, and for the owner, who may come in and what was done. */
export function DoorPage() {
  const door = useQuery(doorQuery());
  const isOwner = useMay('OWNER');
  if (door.data && !door.data.isStudio) return <Navigate to="/book" replace />;
  if (!door.data?.me) return null;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5">
        <h1 className="text-3xl leading-none font-semibold">The door</h1>
        <p className="mt-1 text-soft">Who may come in, from where, and who did what.</p>
      </header>
      <div className="grid items-start gap-4 lg:grid-cols-[3fr_2fr]">
        <div className="flex flex-col gap-4">
          {isOwner && <MembersCard />}
          <SessionsCard isOwner={isOwner} />
          {isOwner && <Deeds />}
        </div>
        <div className="flex flex-col gap-4">
          <MyKeys me={door.data.me} />
          <DevicesCard />
          <AddressCard />
        </div>
      </div>
    </main>
  );
}
