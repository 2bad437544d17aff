import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Door } from '../../api/types';
import { sample, WithWords } from '../../testing/onBench';
import { refusal, serve } from '../../testing/server';
import { PracticePage } from './PracticePage';

const LEARNER: Door = {
  isStudio: true,
  me: {
    id: 'm1',
    name: 'Nell Arkwright-Sound',
    role: 'LEARNER',
    stylistId: null,
    hasDigits: false,
  },
  needsOwner: false,
  isThisMachine: false,
  deviceName: 'by the door',
  known: [],
};

let door: Door;

const HEADS = [
  { id: 'h1', name: 'Tide table', texture: 'DEEP_WAVE', brief: sample.savedPlan.brief },
  { id: 'h2', name: 'Cox', texture: 'TIGHT_CURL', brief: null },
];

beforeEach(() => {
  door = { ...LEARNER, isStudio: false, me: null };
});

const EXERCISES = [
  {
    id: 'e1',
    name: 'Two parts, much hair',
    kind: 'PACKS',
    words: 'How many packs',
    level: 3,
    seed: 5,
    madeAt: '2026-06-01T10:00:00Z',
  },
];

const show = (
  heads: () => unknown = () => HEADS,
  made: () => unknown = () => refusal(500, 'It could not be kept.'),
) => {
  serve({
    'GET /api/door': () => door,
    'GET /api/practice/heads': heads,
    'GET /api/practice/learners': () => [],
    'GET /api/practice/exercises': () => EXERCISES,
    'POST /api/practice/exercises': made,
    'GET /api/plans': () => [sample.savedPlan],
    'GET /api/practice/drills': () => [
      {
        kind: 'PACKS',
        words: 'How many packs',
        task: 'Say how many packs you would buy.',
        isOfHead: true,
      },
      { kind: 'KNOTS', words: 'Which knot holds', task: 'Choose one.', isOfHead: false },
    ],
  });
  render(
    <WithWords>
      <MemoryRouter>
        <PracticePage />
      </MemoryRouter>
    </WithWords>,
  );
};

describe('practice', () => {
  it('offers each head with what it is hooked with, and leads to its bench', async () => {
    show();
    const head = await screen.findByRole('link', { name: /Tide table/ });
    expect(head.getAttribute('href')).toBe('/practice/h1');
    expect(head.textContent).toContain('deep wave');
    const heads = screen.getByRole('list', { name: 'Practice heads' });
    expect(within(heads).getAllByRole('listitem')).toHaveLength(1);
  });

  it('offers the drills, each with what is done in it', async () => {
    show();
    const drills = await screen.findByRole('list', { name: 'Drills' });
    const drill = await within(drills).findByRole('link', { name: /How many packs/ });
    expect(drill.getAttribute('href')).toBe('/practice/drill/PACKS?level=1');
    expect(drill.textContent).toContain('Say how many packs you would buy.');
  });

  it('says which hair the shelf lacks, and who can put it there', async () => {
    show();
    expect(await screen.findByText(/no hair of this kind yet: tight curl/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Put some on the shelf' })).toBeTruthy();
  });

  it('sends a learner to her trainer for it', async () => {
    door = LEARNER;
    show();
    expect(await screen.findByText(/Ask your trainer/)).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Put some on the shelf' })).toBeNull();
  });

  it('offers what a trainer made of a plan', async () => {
    show();
    const exercise = await screen.findByRole('link', { name: /Two parts, much hair/ });
    expect(exercise.getAttribute('href')).toBe('/practice/exercise/e1');
    expect(exercise.textContent).toContain('How many packs, level 3');
    expect(screen.getByRole('button', { name: 'take Two parts, much hair away' })).toBeTruthy();
  });

  it('makes a drill of a plan, and says at its field what is missing', async () => {
    show(
      () => HEADS,
      () =>
        refusal(422, 'This cannot be used.', [
          { field: 'name', message: 'The name is missing.' },
          { field: 'brief', message: 'The brief is missing.' },
        ]),
    );
    fireEvent.click(await screen.findByRole('button', { name: 'a drill about a plan' }));
    const dialog = await screen.findByRole('dialog');
    await within(dialog).findByRole('option', { name: 'How many packs' });
    expect(within(dialog).queryByRole('option', { name: 'Which knot holds' })).toBeNull();
    fireEvent.click(within(dialog).getByRole('button', { name: 'Make it' }));
    expect(await within(dialog).findByText(/The name is missing/)).toBeTruthy();
    expect(within(dialog).getByText(/Choose the plan/)).toBeTruthy();
  });

  it('leaves that to those who teach', async () => {
    door = LEARNER;
    show();
    await screen.findByRole('link', { name: /Two parts, much hair/ });
    expect(screen.queryByRole('button', { name: 'a drill about a plan' })).toBeNull();
    expect(screen.queryByRole('button', { name: /take .* away/ })).toBeNull();
  });

  it('says what is wrong where the heads do not come', async () => {
    show(() => refusal(500, 'The server could not do it.'));
    expect((await screen.findByRole('alert')).textContent).toContain('The server could not do it.');
  });
});
