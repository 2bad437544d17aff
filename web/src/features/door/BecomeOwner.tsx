import { useState } from 'react';
import { api } from '../../api/client';
import { Button } from '../../ui/Button';
import { BigField } from './BigField';
import { PassphraseField } from './PassphraseField';
import { Said } from './Said';
import { useWayIn } from './useWayIn';

/** The first who comes in owns the studio. From another device she proves with the printed code that she started it. */
export function BecomeOwner({
  isThisMachine,
  onIn,
}: {
  isThisMachine: boolean;
  onIn: () => Promise<void>;
}) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [code, setCode] = useState('');
  const way = useWayIn(onIn);
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        void way.go(() => api.becomeOwner({ name, passphrase, code, deviceName: '' }));
      }}
    >
      <h1 className="text-4xl leading-tight font-semibold">The studio is open. Whose is it?</h1>
      <p className="text-soft">
        Its owner decides who else comes in. A passphrase that is lost cannot be found again.
      </p>
      <BigField
        label="Your name"
        autoComplete="username"
        autoFocus
        value={name}
        onChange={(e) => setName(e.target.value)}
        error={way.problem?.at('name')?.message}
      />
      <PassphraseField
        label="Your passphrase"
        isNew
        value={passphrase}
        onChange={setPassphrase}
        error={way.problem?.at('passphrase')?.message}
      />
      {!isThisMachine && (
        <BigField
          label="The code that was printed when the studio was started"
          autoComplete="one-time-code"
          placeholder="ABCD-EFGH-JKMN"
          value={code}
          onChange={(e) => setCode(e.target.value)}
          error={way.problem?.at('code')?.message}
        />
      )}
      <Said>{way.said}</Said>
      <Button type="submit" look="main" className="min-h-14 text-lg" disabled={way.isAsked}>
        It is mine
      </Button>
    </form>
  );
}
