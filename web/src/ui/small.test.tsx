import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { FingerField } from './FingerField';
import { Fold } from './Fold';
import { LengthField } from './LengthField';
import { moneyProblem } from './moneyProblem';
import { usePrefs } from './prefs';

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18, folds: {} }));

describe('Fold', () => {
  const fold = (isForced = false) => (
    <Fold id="a" title="More" tells="as usual" isForced={isForced}>
      <p>within</p>
    </Fold>
  );

  it('says what it holds, opens at a touch, and stays as it was left', () => {
    const { unmount } = render(fold());
    const details = screen.getByText('More').closest('details') as HTMLDetailsElement;
    expect(details.open).toBe(false);
    expect(screen.getByText('as usual')).toBeTruthy();
    details.open = true;
    fireEvent(details, new Event('toggle'));
    expect(usePrefs.getState().folds).toEqual({ a: true });
    unmount();
    render(fold());
    expect((screen.getByText('More').closest('details') as HTMLDetailsElement).open).toBe(true);
  });

  it('opens by itself while something within cannot be used', () => {
    render(fold(true));
    expect((screen.getByText('More').closest('details') as HTMLDetailsElement).open).toBe(true);
    expect(usePrefs.getState().folds).toEqual({});
  });
});

describe('FingerField', () => {
  const field = () => screen.getByLabelText<HTMLInputElement>(/my finger/);
  const type = (text: string) => fireEvent.change(field(), { target: { value: text } });

  it.each([
    ['17', 17],
    ['1.9 cm', 19],
    ['3/4 in', 19.05],
  ])('reads %s', (text, mm) => {
    render(<FingerField />);
    type(text);
    expect(usePrefs.getState().fingerMm).toBeCloseTo(mm, 2);
  });

  it('keeps what cannot be one, and says so', () => {
    render(<FingerField />);
    type('1');
    expect(field().value).toBe('1');
    expect(screen.getByRole('alert').textContent).toContain('between 10 and 30 mm');
    expect(usePrefs.getState().fingerMm).toBe(18);
    type('17');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('a length that is needed', () => {
  it('counts on while its field is empty, says so, and stands there again', () => {
    const change = vi.fn();
    render(<LengthField label="Starts" value={34} onChange={change} isNeeded />);
    const field = screen.getByLabelText<HTMLInputElement>('Starts');
    fireEvent.change(field, { target: { value: '' } });
    expect(change).not.toHaveBeenCalled();
    expect(screen.getByText('3.4 cm counts until you write another.')).toBeTruthy();
    fireEvent.blur(field);
    expect(field.value).toBe('3.4');
  });
});

describe('limits of money', () => {
  it('are said as amounts', () => {
    const refused = { message: 'x', min: 0, max: 100_000 };
    expect(moneyProblem('An hour', refused, 'EUR')).toBe(
      'An hour must be between €0.00 and €1,000.00.',
    );
    expect(moneyProblem('An hour', { message: 'x', min: null, max: null }, 'EUR')).toBe('x');
    expect(moneyProblem('An hour', undefined, 'EUR')).toBeUndefined();
  });
});
