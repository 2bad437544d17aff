import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { LengthField } from './LengthField';
import { usePrefs } from './prefs';

let entered: (number | null)[] = [];

function Host({ start = 565, error }: { start?: number | null; error?: string }) {
  const [mm, setMm] = useState<number | null>(start);
  const [unread, setUnread] = useState<string>();
  return (
    <LengthField
      label="Round the head"
      value={mm}
      error={error}
      unread={unread}
      onUnread={setUnread}
      onChange={(v) => {
        entered.push(v);
        setMm(v);
      }}
    />
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Round the head');
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });

beforeEach(() => {
  entered = [];
  usePrefs.getState().set({ unit: 'cm', fingerMm: 18 });
});

describe('LengthField', () => {
  it('shows millimetres in the unit spoken in, and follows it', () => {
    render(<Host />);
    expect(field().value).toBe('56.5');
    usePrefs.getState().set({ unit: 'in' });
    cleanup();
    render(<Host />);
    expect(field().value).toBe('22 ¼');
  });

  it('reads other units than the one shown', () => {
    render(<Host />);
    type('22 1/4 in');
    expect(entered).toEqual([565.15]);
    // While it is being typed it stays as typed; afterwards it is written in the unit shown.
    expect(field().value).toBe('22 1/4 in');
    fireEvent.blur(field());
    expect(field().value).toBe('56.5');
  });

  it('keeps what it cannot read, and says so at the field', () => {
    render(<Host />);
    type('wide');
    fireEvent.blur(field());
    expect(field().value).toBe('wide');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    const below = document.getElementById(field().getAttribute('aria-describedby') ?? '');
    expect(below?.textContent).toContain('Write a length');
    expect(entered).toEqual([]);
    type('57');
    expect(entered).toEqual([570]);
    expect(field().getAttribute('aria-invalid')).toBe('false');
  });

  it('takes an emptied field as not measured', () => {
    render(<Host />);
    type('');
    expect(entered).toEqual([null]);
  });

  it('shows the caller’s complaint', () => {
    render(<Host error="Round the head must be between 43.0 cm and 69.0 cm." />);
    expect(screen.getByRole('alert').textContent).toContain('between 43.0 cm');
  });
});
