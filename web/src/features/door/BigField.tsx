import type { ComponentProps } from 'react';
import { CONTROL, Field } from '../../ui/Field';

/** A field for a hand in a hurry. */
export function BigField({
  label,
  hint,
  error,
  ...rest
}: { label: string; hint?: string; error?: string | undefined } & ComponentProps<'input'>) {
  return (
    <Field label={label} hint={hint} error={error}>
      {(aria) => <input {...aria} {...rest} className={`${CONTROL} h-12 text-lg`} />}
    </Field>
  );
}
