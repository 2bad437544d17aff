import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { WithWords } from '../../../testing/onBench';
import { usePrefs } from '../../../ui/prefs';
import { TyingPage } from './TyingPage';

const show = (address: string) =>
  render(
    <WithWords>
      <MemoryRouter initialEntries={[address]}>
        <Routes>
          <Route path="/practice/tying/:knot?" element={<TyingPage />} />
        </Routes>
      </MemoryRouter>
    </WithWords>,
  );

const key = (name: RegExp) => screen.getByRole('button', { name });

beforeEach(() => usePrefs.getState().set({ isLeftHanded: false }));
afterEach(() => vi.useRealTimers());

describe('how a knot is tied', () => {
  it('is gone through step by step, to what usually goes wrong', async () => {
    show('/practice/tying/TWIST_FIRST');
    await screen.findByText('Step 1 of 6');
    expect(key(/Before/)).toHaveProperty('disabled', true);
    for (let i = 0; i < 3; i++) fireEvent.click(key(/Next/));
    screen.getByText('Turn the loop once, before anything goes through it.', { selector: 'p' });
    fireEvent.keyDown(key(/Next/), { key: 'ArrowRight' });
    screen.getByText('Step 5 of 6');
    fireEvent.click(
      within(screen.getByRole('list', { name: 'All steps' })).getAllByRole(
        'button',
      )[6] as HTMLElement,
    );
    screen.getByText('✕ What usually goes wrong');
    expect(key(/Next/)).toHaveProperty('disabled', true);
  });

  it('runs by itself to its end and can be made to stand still', async () => {
    show('/practice/tying/REGULAR');
    await screen.findByText('Step 1 of 5');
    vi.useFakeTimers();
    fireEvent.click(key(/Let it run/));
    act(() => void vi.advanceTimersByTime(2300));
    screen.getByText('Step 2 of 5');
    fireEvent.click(key(/Stand still/));
    act(() => void vi.advanceTimersByTime(9000));
    screen.getByText('Step 2 of 5');
    fireEvent.click(key(/Let it run/));
    for (let i = 0; i < 6; i++) act(() => void vi.advanceTimersByTime(2300));
    screen.getByText('Step 5 of 5');
  });

  it('is mirrored for who holds the hook in her left hand', async () => {
    const { container } = show('/practice/tying');
    await screen.findByText('Step 1 of 5');
    expect(container.querySelectorAll('g[transform^="translate(260 0) scale(-1"]')).toHaveLength(0);
    fireEvent.click(screen.getByRole('radio', { name: 'left hand' }));
    expect(
      container.querySelectorAll('g[transform^="translate(260 0) scale(-1"]').length,
    ).toBeGreaterThan(10);
    expect(usePrefs.getState().isLeftHanded).toBe(true);
  });
});
