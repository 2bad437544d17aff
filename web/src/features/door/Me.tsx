import { useQuery } from '@tanstack/react-query';
import { LogOut } from 'lucide-react';
import { Popover } from 'radix-ui';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { doorQuery } from './door.queries';
import { useSignOut } from './useSignOut';

const WORDS = { LEARNER: 'learner', STYLIST: 'stylist', OWNER: 'owner' } as const;

/** Who is signed in, and the way out; nothing on this machine alone. */
export function Me() {
  const me = useQuery(doorQuery()).data?.me;
  const signOut = useSignOut();
  if (!me) return null;
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`${me.name}, signed in`}
        className="ml-1 grid size-9 shrink-0 place-items-center rounded-full border-2 border-plait-lit bg-sheet font-semibold hover:bg-well"
      >
        {me.name.slice(0, 1)}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={8}
          aria-label={me.name}
          className="z-30 flex w-64 flex-col gap-3 rounded-lg border border-edge bg-sheet p-4 shadow-xl"
        >
          <div>
            <p className="text-lg leading-tight font-semibold break-words">{me.name}</p>
            <p className="text-sm text-soft">{WORDS[me.role]}</p>
          </div>
          <Popover.Close asChild>
            <Link
              to="/door"
              className="inline-flex min-h-10 items-center justify-center rounded-md border border-edge px-3 hover:bg-well"
            >
              The door
            </Link>
          </Popover.Close>
          <Button look="main" className="min-h-11 text-base" onClick={() => signOut(false)}>
            <LogOut size={17} aria-hidden /> Sign out
          </Button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
