import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Invitation, Members, Role } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { BigField } from './BigField';
import { Card } from './Card';
import { DrawnCode } from './DrawnCode';
import { Said } from './Said';
import { when } from './when';

const ROLES: { value: Role; words: string; may: string }[] = [
  { value: 'STYLIST', words: 'stylist', may: 'clients, plans, chair and shelf' },
  { value: 'LEARNER', words: 'learner', may: 'practice on made-up heads; no client' },
  { value: 'OWNER', words: 'owner', may: 'everything, and who comes in' },
];

const NOBODY = 'NOBODY';

type Member = Members['members'][number];

/** Who may come in. */
export function MembersCard() {
  const queries = useQueryClient();
  const members = useQuery({ queryKey: ['door', 'members'], queryFn: api.members });
  const [isAdded, setAdded] = useState(false);
  const [changed, setChanged] = useState<string>();
  const [invitation, setInvitation] = useState<Invitation>();
  const settled = () => queries.invalidateQueries({ queryKey: ['door'] });
  const invite = useMutation({
    mutationFn: api.inviteAnew,
    onSuccess: (i) => {
      setInvitation(i);
      void settled();
    },
  });
  const all = members.data;
  return (
    <Card title="Who may come in">
      <ul className="divide-y divide-line">
        {all?.members.map((m) => (
          <li key={m.id} className="py-2">
            <div className="flex flex-wrap items-center gap-3">
              <div className="min-w-0 flex-1 basis-48">
                <p className="font-semibold break-words">{m.name}</p>
                <p className="text-sm text-soft">{state(m, all)}</p>
              </div>
              <Button
                aria-label={`New link for ${m.name}`}
                onClick={() => invite.mutate(m.id)}
                title="For somebody who has not come in yet, or lost her passphrase"
              >
                New link
              </Button>
              <Button
                aria-label={`Change ${m.name}`}
                aria-expanded={changed === m.id}
                onClick={() => setChanged(changed === m.id ? undefined : m.id)}
              >
                Change
              </Button>
            </div>
            {invitation?.memberId === m.id && (
              <Link invitation={invitation} onDone={() => setInvitation(undefined)} />
            )}
            {changed === m.id && (
              <Change member={m} all={all} onDone={() => setChanged(undefined)} />
            )}
          </li>
        ))}
      </ul>
      {isAdded && all ? (
        <Add
          all={all}
          onDone={(i) => {
            setAdded(false);
            setInvitation(i);
            void settled();
          }}
        />
      ) : (
        <Button look="main" className="mt-3" onClick={() => setAdded(true)}>
          <UserPlus size={17} aria-hidden /> Invite somebody
        </Button>
      )}
    </Card>
  );
}

function state(m: Member, all: Members): string {
  const chair = all.stylists.find((s) => s.id === m.stylistId);
  const parts = [m.roleWords];
  if (chair && chair.name !== m.name) parts.push(`${chair.name} at the chairs`);
  if (!m.canSignIn) parts.push(m.invitedUntil ? 'has not come in yet' : 'her link ran out');
  else if (m.invitedUntil) parts.push(`a new link is open until ${when(m.invitedUntil)}`);
  if (m.sessions > 0) parts.push(m.sessions === 1 ? 'signed in' : `signed in ${m.sessions} times`);
  return parts.join(', ');
}

/** The link, once: nobody can show it again. */
function Link({ invitation, onDone }: { invitation: Invitation; onDone: () => void }) {
  return (
    <div className="mt-2 flex flex-wrap gap-4 rounded-md border-2 border-thread-deep p-3">
      <DrawnCode
        path={invitation.qr}
        size={invitation.qrSize}
        words="The invitation as a code for a camera"
      />
      <div className="min-w-0 flex-1 basis-56">
        <p>
          For her camera, on a device that trusts the studio, or as a link. It opens once, until{' '}
          {when(invitation.until)}, and is not shown again.
        </p>
        <p className="mt-2 text-sm break-all select-all">{invitation.link}</p>
        <div className="mt-2 flex gap-2">
          <Button onClick={() => void navigator.clipboard.writeText(invitation.link)}>
            Copy it
          </Button>
          <Button look="quiet" onClick={onDone}>
            Put it away
          </Button>
        </div>
      </div>
    </div>
  );
}

function RoleChoice({ role, onChoose }: { role: Role; onChoose: (role: Role) => void }) {
  return (
    <fieldset className="flex flex-col gap-1">
      <legend className="text-sm text-soft">What she may</legend>
      {ROLES.map((r) => (
        <label key={r.value} className="flex min-h-8 items-center gap-2">
          <input
            type="radio"
            name="role"
            checked={role === r.value}
            onChange={() => onChoose(r.value)}
            className="size-5 accent-[var(--thread-deep)]"
          />
          <span>
            <span className="font-semibold">{r.words}</span>: {r.may}
          </span>
        </label>
      ))}
    </fieldset>
  );
}

function ChairChoice({
  all,
  stylist,
  onChoose,
}: {
  all: Members;
  stylist: string | null;
  onChoose: (id: string | null) => void;
}) {
  return (
    <Choice
      label="Who she is at the chairs"
      value={stylist ?? NOBODY}
      options={[
        { value: NOBODY, words: 'nobody: she works at none' },
        ...all.stylists.map((s) => ({ value: s.id, words: s.name })),
      ]}
      onChoose={(v) => onChoose(v === NOBODY ? null : v)}
    />
  );
}

function Add({ all, onDone }: { all: Members; onDone: (i: Invitation | undefined) => void }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('STYLIST');
  const [stylistId, setStylist] = useState<string | null>(null);
  const add = useMutation({
    mutationFn: () => api.addMember({ name, role, stylistId }),
    onSuccess: onDone,
  });
  const problem = add.error instanceof Problem ? add.error : undefined;
  return (
    <form
      className="mt-3 flex flex-col gap-3 border-t border-line pt-3"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate();
      }}
    >
      <BigField
        label="Her name"
        autoFocus
        value={name}
        maxLength={80}
        onChange={(e) => setName(e.target.value)}
        error={problem?.at('name')?.message}
      />
      <RoleChoice role={role} onChoose={setRole} />
      {role !== 'LEARNER' && <ChairChoice all={all} stylist={stylistId} onChoose={setStylist} />}
      <Said>{problem && problem.fields.length === 0 ? problem.message : undefined}</Said>
      <div className="flex gap-2">
        <Button look="main" type="submit" disabled={add.isPending}>
          Make her a link
        </Button>
        <Button look="quiet" onClick={() => onDone(undefined)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

function Change({ member: m, all, onDone }: { member: Member; all: Members; onDone: () => void }) {
  const queries = useQueryClient();
  const [role, setRole] = useState(m.role);
  const [stylistId, setStylist] = useState(m.stylistId);
  const [isSure, setSure] = useState(false);
  const done = async () => {
    await queries.invalidateQueries({ queryKey: ['door'] });
    onDone();
  };
  const change = useMutation({
    mutationFn: () => api.changeMember(m.id, { name: m.name, role, stylistId }),
    onSuccess: done,
  });
  const remove = useMutation({ mutationFn: () => api.removeMember(m.id), onSuccess: done });
  const problem = change.error ?? remove.error;
  return (
    <form
      className="mt-2 flex flex-col gap-3 rounded-md border border-line p-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <RoleChoice role={role} onChoose={setRole} />
      {role !== 'LEARNER' && <ChairChoice all={all} stylist={stylistId} onChoose={setStylist} />}
      <Said>
        {problem instanceof Problem ? (problem.fields[0]?.message ?? problem.message) : undefined}
      </Said>
      <div className="flex flex-wrap gap-2">
        <Button look="main" type="submit" disabled={change.isPending}>
          Keep the change
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
        <span className="grow" />
        {isSure ? (
          <Button look="grave" onClick={() => remove.mutate()}>
            Yes, {m.name} is out at once
          </Button>
        ) : (
          <Button look="grave" onClick={() => setSure(true)}>
            Take her out
          </Button>
        )}
      </div>
    </form>
  );
}
