import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Plan } from '../../../api/types';
import { sample, WithWords } from '../../../testing/onBench';
import { requestsTo, serve } from '../../../testing/server';
import { usePrefs } from '../../../ui/prefs';
import { ReadContext } from '../draft/useBench';
import { Welcome } from './Welcome';

const BOX = { left: 10, top: 10, width: 100, height: 40, right: 110, bottom: 50, x: 10, y: 10 };

beforeEach(() => {
  usePrefs.getState().set({ isShownRound: false });
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue(BOX as DOMRect);
  vi.stubGlobal(
    'DOMRect',
    class {
      height = 0;
      left = 0;
      top = 0;
      width = 0;
    },
  );
});

const show = (plans: number) => {
  serve({ 'GET /api/plans': () => Array.from({ length: plans }, () => sample.savedPlan) });
  render(
    <WithWords>
      <nav aria-label="Steps of the plan" />
      <aside aria-label="What it comes to" />
      <ReadContext value={sample.plan}>
        <Welcome />
      </ReadContext>
    </WithWords>,
  );
};

describe('being shown round', () => {
  it('is offered with the first plan, goes from stop to stop, and is over for good', async () => {
    show(1);
    fireEvent.click(await screen.findByRole('button', { name: 'Show me round' }));
    await screen.findByRole('dialog', { name: 'From the client to the counts' });
    // What is not on the screen is passed over.
    expect(screen.getByText('1 of 2')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Next' }));
    await screen.findByRole('dialog', { name: 'What it comes to' });
    fireEvent.click(screen.getByRole('button', { name: 'Back' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Next' }));
    fireEvent.click(await screen.findByRole('button', { name: 'To work' }));
    expect(screen.queryByRole('dialog')).toBeNull();
    expect(usePrefs.getState().isShownRound).toBe(true);
  });

  it('can be left at any stop, and refused', async () => {
    show(1);
    fireEvent.click(await screen.findByRole('button', { name: 'Show me round' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Leave it' }));
    expect(usePrefs.getState().isShownRound).toBe(true);
    expect(screen.queryByRole('button', { name: 'Show me round' })).toBeNull();
  });

  it('is not offered before the plan is computed', async () => {
    serve({ 'GET /api/plans': () => [sample.savedPlan] });
    const bench = (plan: Plan | undefined) => (
      <ReadContext value={plan}>
        <Welcome />
      </ReadContext>
    );
    const { rerender } = render(bench(undefined), { wrapper: WithWords });
    await waitFor(() => expect(requestsTo('GET /api/plans')).not.toHaveLength(0));
    await act(async () => undefined);
    expect(screen.queryByRole('button', { name: 'Show me round' })).toBeNull();
    rerender(bench(sample.plan));
    await screen.findByRole('button', { name: 'Show me round' });
  });

  it('is not offered to whoever has plans already', async () => {
    show(2);
    await waitFor(() => expect(requestsTo('GET /api/plans')).not.toHaveLength(0));
    await act(async () => undefined);
    expect(screen.queryByRole('button', { name: 'Show me round' })).toBeNull();
  });
});
