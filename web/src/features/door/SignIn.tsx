import { Delete } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../api/client';
import type { Door } from '../../api/types';
import { Button } from '../../ui/Button';
import { BigField } from './BigField';
import { PassphraseField } from './PassphraseField';
import { Said } from './Said';
import { useWayIn } from './useWayIn';

interface Props {
  door: Door;
  onIn: () => Promise<void>;
}

type Known = Door['known'][number];

/** Who is there: those this device knows by one tap, and four digits if they have any; everybody by name and passphrase. */
export function SignIn({ door, onIn }: Props) {
  const [who, setWho] = useState<Known>();
  const [isByName, setByName] = useState(door.known.length === 0);
  if (who?.hasDigits) return <Digits who={who} onIn={onIn} onBack={() => setWho(undefined)} />;
  if (who || isByName)
    return (
      <ByPassphrase
        door={door}
        name={who?.name ?? ''}
        onIn={onIn}
        onBack={
          door.known.length > 0
            ? () => {
                setWho(undefined);
                setByName(false);
              }
            : undefined
        }
      />
    );
  return (
    <>
      <h1 className="text-4xl leading-tight font-semibold">Who is there?</h1>
      {door.deviceName && <p className="mt-1 text-soft">{door.deviceName}</p>}
      <ul className="mt-6 flex flex-col gap-3">
        {door.known.map((k) => (
          <li key={k.id}>
            <button
              type="button"
              onClick={() => setWho(k)}
              className="flex min-h-16 w-full items-center gap-4 rounded-lg border border-edge bg-sheet px-4 py-2 text-left hover:bg-well"
            >
              <span
                aria-hidden
                className="grid size-11 shrink-0 place-items-center rounded-full border-2 border-plait-lit text-lg font-semibold"
              >
                {k.name.slice(0, 1)}
              </span>
              <span className="min-w-0 flex-1 text-xl leading-tight font-semibold break-words">
                {k.name}
              </span>
              <span className="shrink-0 text-sm text-soft">
                {k.hasDigits ? 'four digits' : 'passphrase'}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <Button look="quiet" className="mt-4 min-h-12 text-base" onClick={() => setByName(true)}>
        Somebody else
      </Button>
    </>
  );
}

function ByPassphrase({
  door,
  name: known,
  onIn,
  onBack,
}: Props & { name: string; onBack: (() => void) | undefined }) {
  const [name, setName] = useState(known);
  const [passphrase, setPassphrase] = useState('');
  const [device, setDevice] = useState('');
  const way = useWayIn(onIn);
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        void way.go(() => api.signIn({ name, passphrase, deviceName: device }));
      }}
    >
      <h1 className="text-4xl leading-tight font-semibold">Sign in</h1>
      <BigField
        label="Your name"
        autoComplete="username"
        autoFocus={!known}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <PassphraseField label="Your passphrase" value={passphrase} onChange={setPassphrase} />
      {!door.deviceName && (
        <BigField
          label="This device"
          hint="What you call it: “by the window”. Leave it empty on a device that is not the studio's."
          value={device}
          maxLength={60}
          onChange={(e) => setDevice(e.target.value)}
        />
      )}
      <Said>{way.said}</Said>
      <Button
        type="submit"
        look="main"
        className="min-h-14 text-lg"
        disabled={way.isAsked || !name.trim() || !passphrase}
      >
        Come in
      </Button>
      {onBack && (
        <Button look="quiet" className="min-h-12 self-start text-base" onClick={onBack}>
          Back
        </Button>
      )}
    </form>
  );
}

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0', 'back'];
const DIGITS = 4;

/** Four digits, by large keys or the keyboard; the fourth lets her in. */
function Digits({
  who,
  onIn,
  onBack,
}: {
  who: Known;
  onIn: () => Promise<void>;
  onBack: () => void;
}) {
  const [typed, setTyped] = useState('');
  const way = useWayIn(onIn);
  const type = (next: string) => {
    setTyped(next);
    if (next.length < DIGITS) return;
    void way.go(() => api.switchTo({ memberId: who.id, digits: next })).then(() => setTyped(''));
  };
  const press = (key: string) => {
    if (way.isAsked) return;
    if (key === 'back') setTyped(typed.slice(0, -1));
    else if (typed.length < DIGITS) type(typed + key);
  };
  return (
    <div
      className="flex flex-col gap-5"
      onKeyDown={(e) => {
        if (e.target instanceof HTMLInputElement) return;
        if (/^\d$/.test(e.key)) press(e.key);
        else if (e.key === 'Backspace') press('back');
      }}
    >
      <h1 className="text-3xl leading-tight font-semibold break-words">{who.name}</h1>
      <label className="sr-only" htmlFor="digits">
        Four digits
      </label>
      <input
        id="digits"
        autoFocus
        inputMode="none"
        autoComplete="off"
        type="password"
        value={typed}
        onChange={(e) => {
          const next = e.target.value.replace(/\D/g, '').slice(0, DIGITS);
          if (!way.isAsked) type(next);
        }}
        className="sr-only"
      />
      <p aria-hidden className="flex justify-center gap-4">
        {Array.from({ length: DIGITS }, (_, i) => (
          <span
            key={i}
            className={`size-6 rounded-full border-2 border-edge ${i < typed.length ? 'bg-thread' : ''}`}
          />
        ))}
      </p>
      <Said>{way.said}</Said>
      <div className="mx-auto grid w-full max-w-80 grid-cols-3 gap-3">
        {KEYS.map((key, i) =>
          key === '' ? (
            <span key={i} />
          ) : (
            <button
              key={i}
              type="button"
              aria-label={key === 'back' ? 'Take one back' : key}
              onClick={() => press(key)}
              className="grid min-h-16 place-items-center rounded-lg border border-edge bg-sheet text-3xl tabular-nums hover:bg-well active:bg-well"
            >
              {key === 'back' ? <Delete size={26} aria-hidden /> : key}
            </button>
          ),
        )}
      </div>
      <Button look="quiet" className="min-h-12 self-start text-base" onClick={onBack}>
        Somebody else
      </Button>
    </div>
  );
}
