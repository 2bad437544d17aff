import { Eye, EyeOff } from 'lucide-react';
import { useState } from 'react';
import { CONTROL, Field } from '../../ui/Field';

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  isNew?: boolean;
  error?: string | undefined;
}

/** A passphrase, hidden until its eye is opened. */
export function PassphraseField({ label, value, onChange, isNew = false, error }: Props) {
  const [isShown, setShown] = useState(false);
  return (
    <Field
      label={label}
      error={error}
      hint={
        isNew
          ? 'Ten characters at least; four words that do not belong together do well.'
          : undefined
      }
    >
      {(aria) => (
        <div className="relative">
          <input
            {...aria}
            type={isShown ? 'text' : 'password'}
            autoComplete={isNew ? 'new-password' : 'current-password'}
            className={`${CONTROL} h-12 pr-12 text-lg`}
            value={value}
            onChange={(e) => onChange(e.target.value)}
          />
          <button
            type="button"
            aria-label={isShown ? 'Hide it' : 'Show it'}
            onClick={() => setShown(!isShown)}
            className="absolute top-0 right-0 grid size-12 place-items-center text-soft"
          >
            {isShown ? <EyeOff size={20} /> : <Eye size={20} />}
          </button>
        </div>
      )}
    </Field>
  );
}
