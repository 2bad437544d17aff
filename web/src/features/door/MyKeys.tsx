import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Door } from '../../api/types';
import { Button } from '../../ui/Button';
import { BigField } from './BigField';
import { Card } from './Card';
import { PassphraseField } from './PassphraseField';
import { useSignOut } from './useSignOut';

const at = (thrown: unknown, field: string) =>
  thrown instanceof Problem ? (thrown.at(field)?.message ?? undefined) : undefined;

/** What she comes in with: four digits on this device, her passphrase everywhere. */
export function MyKeys({ me }: { me: NonNullable<Door['me']> }) {
  const [open, setOpen] = useState<'digits' | 'passphrase'>();
  const signOut = useSignOut();
  return (
    <Card title={me.name}>
      <div className="flex flex-col gap-3">
        {open === 'digits' ? (
          <DigitsForm onDone={() => setOpen(undefined)} />
        ) : (
          <Digits hasDigits={me.hasDigits} onWrite={() => setOpen('digits')} />
        )}
        {open === 'passphrase' ? (
          <PassphraseForm onDone={() => setOpen(undefined)} />
        ) : (
          <Button className="self-start" onClick={() => setOpen('passphrase')}>
            Another passphrase
          </Button>
        )}
        <Button look="quiet" className="self-start" onClick={() => signOut(true)}>
          Sign out everywhere
        </Button>
      </div>
    </Card>
  );
}

function Digits({ hasDigits, onWrite }: { hasDigits: boolean; onWrite: () => void }) {
  const queries = useQueryClient();
  const none = useMutation({
    mutationFn: () => api.keepDigits(null),
    onSettled: () => queries.invalidateQueries({ queryKey: ['door'] }),
  });
  return (
    <div className="flex flex-wrap items-center gap-2">
      <p className="min-w-0 flex-1 basis-52">
        {hasDigits
          ? 'Four digits let you in on this device.'
          : 'On this device your passphrase lets you in. Four digits are quicker with wet hands.'}
      </p>
      <Button onClick={onWrite}>{hasDigits ? 'Other digits' : 'Choose four digits'}</Button>
      {hasDigits && (
        <Button look="quiet" onClick={() => none.mutate()}>
          None
        </Button>
      )}
    </div>
  );
}

function DigitsForm({ onDone }: { onDone: () => void }) {
  const [digits, setDigits] = useState('');
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () => api.keepDigits(digits),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['door'] });
      onDone();
    },
  });
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <div className="w-44">
        <BigField
          label="Four digits"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          autoFocus
          maxLength={4}
          value={digits}
          onChange={(e) => setDigits(e.target.value)}
          error={at(keep.error, 'digits')}
        />
      </div>
      <Button look="main" type="submit" className="h-12" disabled={keep.isPending}>
        Keep
      </Button>
      <Button look="quiet" className="h-12" onClick={onDone}>
        Leave it
      </Button>
    </form>
  );
}

function PassphraseForm({ onDone }: { onDone: () => void }) {
  const [before, setBefore] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const change = useMutation({
    mutationFn: () => api.changePassphrase({ before, passphrase }),
    onSuccess: onDone,
  });
  const said =
    change.error instanceof Problem && change.error.fields.length === 0
      ? change.error.message
      : undefined;
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <PassphraseField
        label="The one so far"
        value={before}
        onChange={setBefore}
        error={at(change.error, 'before') ?? said}
      />
      <PassphraseField
        label="The new one"
        isNew
        value={passphrase}
        onChange={setPassphrase}
        error={at(change.error, 'passphrase')}
      />
      <p className="text-sm text-soft">Wherever else you are signed in, you sign in anew.</p>
      <div className="flex gap-2">
        <Button look="main" type="submit" disabled={change.isPending}>
          Change it
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
