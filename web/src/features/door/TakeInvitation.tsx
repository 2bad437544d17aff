import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { Button } from '../../ui/Button';
import { BigField } from './BigField';
import { PassphraseField } from './PassphraseField';
import { Said } from './Said';
import { useWayIn } from './useWayIn';

/** Somebody who was invited chooses her passphrase; the link is worth nothing afterwards. */
export function TakeInvitation({ secret, onIn }: { secret: string; onIn: () => Promise<void> }) {
  const invited = useQuery({
    queryKey: ['invited', secret],
    queryFn: () => api.invited(secret),
    retry: false,
    staleTime: Infinity,
  });
  const [passphrase, setPassphrase] = useState('');
  const [device, setDevice] = useState('');
  const way = useWayIn(onIn);
  if (invited.isError)
    return (
      <div className="flex flex-col gap-4">
        <h1 className="text-4xl leading-tight font-semibold">This link leads nowhere any more</h1>
        <Said>{invited.error.message}</Said>
        <a href="/" className="underline">
          To the door
        </a>
      </div>
    );
  if (!invited.data) return <p className="text-soft">Looking whose it is…</p>;
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        void way.go(() => api.takeInvitation({ secret, passphrase, deviceName: device }));
      }}
    >
      <h1 className="text-4xl leading-tight font-semibold break-words">
        Welcome, {invited.data.name}
      </h1>
      <p className="text-soft">
        You come in as {invited.data.roleWords}. Choose what you will sign in with.
      </p>
      <PassphraseField
        label="Your passphrase"
        isNew
        value={passphrase}
        onChange={setPassphrase}
        error={way.problem?.at('passphrase')?.message}
      />
      <BigField
        label="This device"
        hint="What you call it: “by the window”. Leave it empty on a device that is not the studio's."
        value={device}
        maxLength={60}
        onChange={(e) => setDevice(e.target.value)}
      />
      <Said>{way.said}</Said>
      <Button type="submit" look="main" className="min-h-14 text-lg" disabled={way.isAsked}>
        Come in
      </Button>
    </form>
  );
}
