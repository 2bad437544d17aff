import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Guess, Progress, Skill } from '../../../api/types';
import { usePrefs } from '../../../ui/prefs';
import { WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { dueWords } from './due';
import { clockWords } from './HandsLog';
import { ProgressPage } from './ProgressPage';

const NOW = Date.UTC(2026, 4, 4, 9);
const DAY = 86_400_000;

const skill = (over: Partial<Skill>): Skill => ({
  kind: 'PACKS',
  words: 'How many packs',
  level: 2,
  tries: 4,
  right: 3,
  knownPercent: 87,
  isDue: true,
  dueAt: NOW,
  ...over,
});

const guess = (overPercent: number, at = 0): Guess => ({
  kind: 'PACKS',
  at,
  said: 4,
  isSo: 4,
  overPercent,
  latelyPercent: overPercent,
  lately: `${overPercent} % too much`,
});

const PROGRESS: Progress = {
  learner: { id: 'l1', name: 'Nell Arkwright-Sound' },
  next: skill({}),
  skills: [skill({}), skill({ kind: 'CUT', words: 'Tail or fibre', tries: 0, dueAt: null })],
  guesses: [guess(30, 1), guess(20, 2)],
  hands: [],
  pacePercent: 112,
};

const show = (learners = [PROGRESS.learner]) => {
  serve({
    'GET /api/practice/learners': () => learners,
    'POST /api/practice/learners': ({ body }) => {
      if ((body as { name: string }).name === '')
        return refusal(400, 'Refused', [{ field: 'name', message: 'The name is missing.' }]);
      learners.push(PROGRESS.learner);
      return PROGRESS.learner;
    },
    'GET /api/practice/learners/l1': () => PROGRESS,
    'GET /api/methods': () => [{ id: 'm1', name: 'Quick back', method: { passes: 2 } }],
    'POST /api/methods': ({ body }) => ({ id: 'm2', ...(body as object) }),
    'POST /api/practice/learners/l1/hands': () => PROGRESS,
  });
  render(
    <WithWords>
      <MemoryRouter>
        <ProgressPage />
      </MemoryRouter>
    </WithWords>,
  );
};

beforeEach(() => {
  usePrefs.getState().set({ learner: 'l1' });
});

describe('how far a learner is', () => {
  it('is told as one says it', () => {
    expect(dueWords({ dueAt: null, isDue: false }, NOW)).toBe('new');
    expect(dueWords({ dueAt: NOW - DAY, isDue: true }, NOW)).toBe('due');
    expect(dueWords({ dueAt: NOW + DAY / 4, isDue: false }, NOW)).toBe('again today');
    expect(dueWords({ dueAt: NOW + DAY, isDue: false }, NOW)).toBe('again tomorrow');
    expect(dueWords({ dueAt: NOW + 9 * DAY, isDue: false }, NOW)).toBe('again in 9 days');
    expect(dueWords({ dueAt: NOW + 90 * DAY, isDue: false }, NOW)).toBe('again in 3 months');
    expect(clockWords(0)).toBe('0:00');
    expect(clockWords(599.9)).toBe('9:59');
  });

  it('stands kind by kind, with what was guessed', async () => {
    show();
    const kinds = within(await screen.findByRole('region', { name: 'Kinds of drill' }));
    kinds.getByText('6');
    const packs = kinds.getByRole('link', { name: 'How many packs' });
    expect(packs.getAttribute('href')).toBe('/practice/drill/PACKS?level=2');
    kinds.getByText('87 %');
    screen.getByText('112');
    kinds.getByText('not tried');
    screen.getByRole('img', { name: /^2 guesses, 0 of them within 15/ });
  });

  it('is kept for whoever says her name, which is asked for where there is none', async () => {
    usePrefs.getState().set({ learner: null });
    show([]);
    fireEvent.click(await screen.findByRole('button', { name: 'Keep how far I am' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect((await screen.findByRole('alert')).textContent).toContain('The name is missing.');
    fireEvent.change(screen.getByRole('textbox', { name: 'Who practises' }), {
      target: { value: 'Nell' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await screen.findByRole('heading', { name: 'How far Nell Arkwright-Sound is' });
    expect(usePrefs.getState().learner).toBe('l1');
  });

  it('counts what her hands do against the clock, less what gave way', async () => {
    show();
    const start = await screen.findByRole('button', { name: 'Start the clock' });
    vi.useFakeTimers({ toFake: ['Date', 'performance'], now: 1_000_000 });
    fireEvent.click(start);
    const done = screen.getByRole('button', { name: /done: touch for each/ });
    for (let i = 0; i < 3; i++) fireEvent.click(done);
    await waitFor(() => expect(done.textContent).toContain('3'));
    vi.advanceTimersByTime(45_000);
    fireEvent.click(screen.getByRole('button', { name: 'Stop the clock' }));
    vi.useRealTimers();
    fireEvent.click(screen.getByRole('button', { name: 'more: Gave way under a firm pull' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(requestsTo('POST /api/practice/learners/l1/hands')).toHaveLength(1));
    const kept = requestsTo('POST /api/practice/learners/l1/hands')[0]?.body;
    expect(kept).toMatchObject({ knot: null, passes: 1, pieces: 3, slipped: 1 });
    expect((kept as { seconds: number }).seconds).toBe(45);
  });

  it('keeps a method at her pace, like another in everything else', async () => {
    show();
    const like = await screen.findByLabelText('In everything else as');
    fireEvent.change(like, { target: { value: 'm1' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep a method at this pace' }));
    expect(await screen.findByText(/Choose it on the bench/)).toBeTruthy();
    expect(requestsTo('POST /api/methods')[0]?.body).toEqual({
      name: 'Quick back, at the pace of Nell Arkwright-Sound',
      method: { passes: 2, pacePercent: 112 },
    });
  });
});
