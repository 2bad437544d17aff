import type { ReactNode } from 'react';
import type { Brief } from '../../../api/types';
import { LengthField } from '../../../ui/LengthField';
import { useLengths } from '../../../ui/prefs';
import { useBench, useComputed } from '../draft/useBench';

interface Props {
  label: string;
  /** Path of the field in the brief, as the server names it. */
  path: string;
  value: number | null | undefined;
  onChange: (brief: Brief, mm: number | null) => Brief;
  placeholder?: string;
  hint?: ReactNode;
}

/** A length of the brief: text that cannot be read yet is kept with the draft, and what the server says stands below. */
export function BenchLength({ label, path, value, onChange, placeholder, hint }: Props) {
  const text = useBench((b) => b.texts[path]);
  const setText = useBench((b) => b.setText);
  const change = useBench((b) => b.change);
  const { problem } = useComputed();
  const lengths = useLengths();
  const refused = problem?.at(path);
  const error =
    refused &&
    (refused.min !== null && refused.max !== null
      ? `${label} must be between ${lengths.say(refused.min)} and ${lengths.say(refused.max)}.`
      : refused.message);
  return (
    <LengthField
      isRow
      isNeeded
      label={label}
      value={value ?? null}
      onChange={(mm) => change(path, (b) => onChange(b, mm))}
      unread={text}
      onUnread={(t) => setText(path, t)}
      error={error}
      hint={hint}
      {...(placeholder !== undefined && { placeholder })}
    />
  );
}
