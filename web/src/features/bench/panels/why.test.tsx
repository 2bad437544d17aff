// @vitest-environment jsdom
import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { said, sample, WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { createBench } from '../draft/benchStore';
import { BenchContext } from '../draft/useBench';
import { Why } from './Why';

const show = (answer: () => unknown) => {
  serve({ 'POST /api/reckonings': answer });
  render(
    <WithWords>
      <BenchContext value={createBench(sample.savedPlan, 2)}>
        <MemoryRouter>
          <Why figure="PACKS" words="packs to buy" />
        </MemoryRouter>
      </BenchContext>
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

  it('says what went wrong', async () => {
    fireEvent.click(show(() => refusal(500, 'The server could not do it.')));
    expect((await screen.findByRole('alert')).textContent).toContain('could not do it');
  });
});
