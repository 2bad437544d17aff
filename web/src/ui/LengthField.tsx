import { useState, type ReactNode } from 'react';
import { parseLength } from '../lib/length';
import { CONTROL, Field } from './Field';
import { useLengths } from './prefs';

interface Props {
  label: string;
  /** mm; null where nothing is entered. */
  value: number | null;
  onChange: (mm: number | null) => void;
  /** What stands in the field while it is empty, such as an estimate. */
  placeholder?: string;
  error?: string | undefined;
  hint?: ReactNode;
  /** Whether it cannot be left empty: emptied, what it was counts on, and stands there again once the field is left. */
  isNeeded?: boolean;
  /** Whether the label stands beside the field. */
  isRow?: boolean;
  /** Text that could not be read yet, kept by the caller so that a reload does not lose it. */
  unread?: string | undefined;
  onUnread?: (text: string | undefined) => void;
}

/** A length, written and read in the stylist's unit: "56.5", "2 fingers", "3/4 in". */
export function LengthField({
  label,
  value,
  onChange,
  placeholder,
  error,
  hint,
  isRow = false,
  isNeeded = false,
  unread,
  onUnread,
}: Props) {
  const { unit, fingerMm, parts, say } = useLengths();
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? unread ?? (value === null ? '' : parts(value).figure);

  const isKept = isNeeded && value !== null && typed?.trim() === '';

  const read = (text: string) => {
    setTyped(text);
    if (isNeeded && value !== null && text.trim() === '') {
      onUnread?.(undefined);
      return;
    }
    const mm = text.trim() === '' ? null : parseLength(text, unit, fingerMm);
    const isUnread = mm === null && text.trim() !== '';
    onUnread?.(isUnread ? text : undefined);
    if (!isUnread) onChange(mm);
  };

  const unreadError =
    unread !== undefined ? 'Write a length, such as 56.5, 22 1/4 in or 2 fingers.' : undefined;
  return (
    <Field
      label={label}
      error={unreadError ?? error}
      hint={isKept ? `${say(value)} counts until you write another.` : hint}
      isRow={isRow}
    >
      {(aria) => (
        <div className={`relative ${isRow ? 'w-26 shrink-0' : ''}`}>
          <input
            className={`${CONTROL} ${unit === 'fingers' ? 'pr-14' : 'pr-9'} text-lg font-semibold placeholder:font-normal placeholder:text-soft placeholder:italic`}
            inputMode="decimal"
            autoComplete="off"
            placeholder={placeholder}
            value={shown}
            onChange={(e) => read(e.target.value)}
            onBlur={() => setTyped(undefined)}
            {...aria}
          />
          <span className="pointer-events-none absolute inset-y-0 right-2 flex items-center text-sm text-soft">
            {unit}
          </span>
        </div>
      )}
    </Field>
  );
}
