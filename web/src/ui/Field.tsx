import { useId, type ComponentProps, type ReactNode } from 'react';

interface FieldProps {
  label: string;
  hint?: ReactNode;
  error?: string | undefined;
  /** Label and hint on the left, control on the right; what is wrong goes below both. */
  isRow?: boolean;
  children: (aria: {
    id: string;
    'aria-invalid': boolean;
    'aria-describedby': string | undefined;
  }) => ReactNode;
}

/** A label, its control, and below it either what is wrong or a hint. */
export function Field({ label, hint, error, isRow = false, children }: FieldProps) {
  const id = useId();
  const below = error ?? hint;
  const aria = {
    id,
    'aria-invalid': error !== undefined,
    'aria-describedby': below ? `${id}-below` : undefined,
  };
  const name = (
    <label htmlFor={id} className={isRow ? 'leading-tight' : 'text-sm text-soft'}>
      {label}
    </label>
  );
  const note = below && (
    <p
      id={`${id}-below`}
      role={error ? 'alert' : undefined}
      className={`text-sm leading-snug ${error ? 'font-medium text-chalk' : 'text-soft'}`}
    >
      {error && <span aria-hidden="true">✕ </span>}
      {below}
    </p>
  );
  if (!isRow) {
    return (
      <div className="flex flex-col gap-0.5">
        {name}
        {children(aria)}
        {note}
      </div>
    );
  }
  return (
    <div className="flex flex-col gap-1">
      <div className="flex items-center justify-between gap-3">
        <div>
          {name}
          {!error && note}
        </div>
        {children(aria)}
      </div>
      {error && note}
    </div>
  );
}

export const CONTROL =
  'w-full rounded-md border border-edge bg-sheet px-2 py-1 text-ink aria-invalid:border-2 aria-invalid:border-chalk';

export function TextField({
  label,
  hint,
  error,
  ...rest
}: Omit<FieldProps, 'children'> & ComponentProps<'input'>) {
  return (
    <Field label={label} hint={hint} error={error}>
      {(aria) => <input className={CONTROL} {...aria} {...rest} />}
    </Field>
  );
}

export function TextArea({
  label,
  hint,
  error,
  ...rest
}: Omit<FieldProps, 'children'> & ComponentProps<'textarea'>) {
  return (
    <Field label={label} hint={hint} error={error}>
      {(aria) => <textarea rows={3} className={CONTROL} {...aria} {...rest} />}
    </Field>
  );
}

export function Choice<T extends string>({
  label,
  value,
  options,
  onChoose,
  error,
  hint,
}: Omit<FieldProps, 'children'> & {
  value: T;
  options: readonly { value: T; words: string }[];
  onChoose: (value: T) => void;
}) {
  return (
    <Field label={label} error={error} hint={hint}>
      {(aria) => (
        <select
          className={CONTROL}
          value={value}
          onChange={(e) => onChoose(e.target.value as T)}
          {...aria}
        >
          {options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
