import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { said, sample, WithWords } from '../testing/onBench';
import { refusal, requestsTo, serve } from '../testing/server';
import type { Brief } from '../api/types';
import { Steps, WhyKey, WhyOfPlan } from '.';

const show = (answer: () => unknown) => {
  serve({ 'POST /api/reckonings': answer });
  render(
    <WithWords>
      <MemoryRouter>
        <WhyOfPlan
          figure="PACKS"
          words="packs to buy"
          brief={sample.savedPlan.brief as Brief}
          planId={sample.savedPlan.id}
        />
      </MemoryRouter>
    </WithWords>,
  );
  return screen.getByRole('button', { name: 'why: packs to buy' });
};

describe('why', () => {
  it('tells what a figure was reckoned from, once it is asked', async () => {
    const key = show(() => [
      { figure: 'LOOPS', steps: [said('40 halves.')] },
      { figure: 'PACKS', steps: [said('121 loops are needed.'), said('7 packs of 20 make 140.')] },
    ]);
    expect(requestsTo('POST /api/reckonings')).toHaveLength(0);
    fireEvent.click(key);
    const told = await screen.findByRole('dialog');
    const steps = await within(told).findAllByRole('listitem');
    expect(steps.map((s) => s.textContent)).toEqual([
      '121 loops are needed.',
      '7 packs of 20 make 140.',
    ]);
  });

  it('of a kept plan is told by what was kept of it', async () => {
    serve({
      [`GET /api/plans/${sample.savedPlan.id}`]: () => sample.savedPlan,
      'POST /api/reckonings': () => [{ figure: 'LOOPS', steps: [said('40 halves.')] }],
    });
    render(
      <WithWords>
        <MemoryRouter>
          <WhyOfPlan figure="LOOPS" words="loops" planId={sample.savedPlan.id} />
        </MemoryRouter>
      </WithWords>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'why: loops' }));
    expect(await screen.findByText('40 halves.')).toBeTruthy();
    expect(requestsTo('POST /api/reckonings')).toHaveLength(1);
  });

  it('tells what was sent along with the figure at once', () => {
    render(
      <WithWords>
        <MemoryRouter>
          <WhyKey words="minutes to go" told={<Steps steps={[said('Together 40 min.')]} />} />
        </MemoryRouter>
      </WithWords>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'why: minutes to go' }));
    expect(screen.getByRole('listitem').textContent).toBe('Together 40 min.');
  });

  it('says what went wrong', async () => {
    fireEvent.click(show(() => refusal(500, 'The server could not do it.')));
    expect((await screen.findByRole('alert')).textContent).toContain('could not do it');
  });
});
