import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Lesson, People } from '../../../api/types';
import { sayLearned } from '../../../lib/learned';
import { sample, WithWords } from '../../../testing/onBench';
import { requestsTo, serve } from '../../../testing/server';
import { LearnedPage } from './LearnedPage';

const point = (visitId: string, value: number, weight: number): Lesson['points'][number] => ({
  visitId,
  day: '2027-05-01',
  value,
  weight,
  isLeftOut: false,
});

const lesson: Lesson = {
  what: 'BRAIDING',
  words: 'parting and braiding',
  of: 'STYLIST',
  scale: 'FACTOR',
  usual: 1,
  value: 1.12,
  least: 0.25,
  most: 4,
  from: 'HANDS',
  visits: 2,
  points: [point('v1', 1.2, 1), point('v2', 1.25, 1), point('v3', 3, 0)],
  isRefused: false,
};

const people = {
  studio: { name: '', zone: 'Europe/Lisbon', gapMinutes: 10, version: 1 },
  chairs: [],
  stylists: [{ id: 'orla', name: 'Orla Quillane', methodId: null, week: [], off: [], version: 1 }],
  zones: [],
  usualWeek: [],
} satisfies People;

describe('what was learned', () => {
  const open = () => {
    serve({
      'GET /api/people': () => people,
      'GET /api/hair-lines': () => sample.hairLines,
      'GET /api/learning': () => ({ asOf: '2027-06-09', lessons: [lesson] }),
      'PUT /api/learning/visits/v2/left-out': () => new Response(null, { status: 204 }),
      'PUT /api/learning/orla/BRAIDING/refused': () => new Response(null, { status: 204 }),
    });
    render(
      <WithWords>
        <MemoryRouter>
          <LearnedPage />
        </MemoryRouter>
      </WithWords>,
    );
  };

  it('shows the usual, each visit, and what is believed', async () => {
    open();
    expect(await screen.findByText('112 %')).toBeTruthy();
    expect(screen.getByText('from 2 visits, by her hands, on all hair')).toBeTruthy();
    expect(screen.getAllByRole('button', { name: /^Visit of/ })).toHaveLength(3);
    expect(screen.getByRole('button', { name: /300 %, too odd to count/ })).toBeTruthy();
  });

  it('leaves a visit out, and keeps to the usual', async () => {
    open();
    fireEvent.click(await screen.findByRole('button', { name: 'Visit of 2027-05-01: 125 %' }));
    await waitFor(() =>
      expect(requestsTo('PUT /api/learning/visits/v2/left-out')[0]?.body).toEqual({
        isWished: true,
      }),
    );
    fireEvent.click(screen.getByRole('button', { name: 'keep to the usual' }));
    await waitFor(() =>
      expect(requestsTo('PUT /api/learning/orla/BRAIDING/refused')[0]?.body).toEqual({
        isWished: true,
      }),
    );
  });

  it('says figures as one says them', () => {
    expect(sayLearned('FACTOR', 1.124)).toBe('112 %');
    expect(sayLearned('PERCENT', 9.6)).toBe('10 %');
    expect(sayLearned('PASSES', 1)).toBe('+1');
    expect(sayLearned('PASSES', -0.5)).toBe('-0.5');
    expect(sayLearned('WEEKS', 4.25)).toBe('4.3 weeks');
  });
});
