import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { KnotAsked, KnotTried } from '../../../api/types';
import { WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { KnotsPage } from './KnotsPage';

const tried = (over: Partial<KnotTried>): KnotTried => ({
  score: 1.24,
  lasts: true,
  weeks: 11,
  mostWeeks: 16,
  grams: 1,
  widthMm: 2,
  isHidden: false,
  tie: { low: 24, likely: 30, high: 36 },
  takeOut: { low: 11, likely: 17, high: 24 },
  factors: [{ words: 'sliding fibre', factor: 0.7 }],
  byPasses: [
    { passes: 1, weeks: 0, seconds: 12 },
    { passes: 2, weeks: 3, seconds: 16 },
  ],
  ...over,
});

const show = (answer: (asked: KnotAsked) => unknown) => {
  serve({ 'POST /api/practice/knots': ({ body }) => answer(body as KnotAsked) });
  render(
    <WithWords>
      <MemoryRouter>
        <KnotsPage />
      </MemoryRouter>
    </WithWords>,
  );
};

const side = async (name: string) => within(await screen.findByRole('region', { name }));

describe('two knots', () => {
  it('stand beside each other with what each holds, takes and shows', async () => {
    show((k) => (k.holds.length > 0 ? tried({ weeks: 16, isHidden: true }) : tried({})));
    const a = await side('Knot A');
    const b = await side('Knot B');
    expect((await a.findByText('11')).parentElement?.textContent).toBe('holds 11 weeks');
    expect((await b.findByText('16+')).parentElement?.textContent).toBe('holds 16+ weeks');
    expect(a.getByText('seen from the front')).toBeTruthy();
    expect(b.getByText('not seen')).toBeTruthy();
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('2 passes 3 weeks');
  });

  it('are tied anew on one side alone, and a leg is carried back only where it is single', async () => {
    show(() => tried({}));
    const a = await side('Knot A');
    expect(a.queryByLabelText(/carry/)).toBeNull();
    fireEvent.click(a.getByRole('radio', { name: 'invisible' }));
    fireEvent.click(a.getByRole('button', { name: 'less: Passes' }));
    await vi.waitFor(() => {
      const asked = requestsTo('POST /api/practice/knots').map((r) => r.body as KnotAsked);
      expect(asked.at(-1)).toMatchObject({ knot: 'INVISIBLE', passes: 5, holds: [] });
      // Of the other side nothing was asked again.
      expect(asked.filter((k) => k.holds.length > 0)).toHaveLength(1);
    });
  });

  it('says which slides too soon, and what cannot be tied so', async () => {
    show((k) =>
      k.passes === 6
        ? tried({ lasts: false, weeks: 1 })
        : refusal(422, 'This hair comes undone when it is split: it goes in whole.'),
    );
    const a = await side('Knot A');
    expect((await a.findByText('1')).parentElement?.textContent).toBe(
      'holds 1 week: slides before 5',
    );
    const b = await side('Knot B');
    expect((await b.findByRole('alert')).textContent).toContain('goes in whole');
  });
});
