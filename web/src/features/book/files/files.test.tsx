import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { PlanFromFile } from '../client/PlanFromFile';
import { FilesPage } from './FilesPage';

const choose = (way: string, answer: () => unknown, label: string) => {
  serve({ [way]: answer });
  render(
    <WithWords>
      <MemoryRouter>
        <FilesPage />
      </MemoryRouter>
    </WithWords>,
  );
  fireEvent.change(screen.getByLabelText(label), {
    target: { files: [new File(['BEGIN'], 'mine.txt')] },
  });
};

const CALENDAR = 'POST /api/diary/calendar';
const CARDS = 'POST /api/clients/cards';

describe('files of the book', () => {
  it('tells what a calendar moves, and moves it once that is wished', async () => {
    let isKept = false;
    choose(
      CALENDAR,
      () => {
        const now = {
          isKept,
          changed: 1,
          left: 8,
          others: 2,
          moves: [{ words: 'Wren, install', was: 'Mon 9:00', is: 'Mon 9:30' }],
          faults: [],
        };
        isKept = true;
        return now;
      },
      'Calendar to move by',
    );
    const dialog = await screen.findByRole('dialog');
    expect(dialog.textContent).toContain('1 moved, 8 as the book says, 2 not of this book.');
    expect(dialog.textContent).toContain('Mon 9:00 → Mon 9:30');
    fireEvent.click(within(dialog).getByRole('button', { name: 'Move 1 appointment' }));
    expect((await screen.findByRole('status')).textContent).toBe('1 appointment moved.');
    expect(requestsTo(CALENDAR)).toHaveLength(2);
  });

  it('tells which card is wrong, and offers nothing then', async () => {
    choose(
      CARDS,
      () => ({
        isKept: false,
        added: 0,
        changed: 0,
        left: 0,
        changes: [],
        passedOver: [],
        faults: [{ card: 3, name: 'Wren', field: 'notes', reason: 'It has 5000 letters.' }],
      }),
      'Cards to take in',
    );
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByRole('listitem').textContent).toBe(
      'Card 3, Wren, notes: It has 5000 letters.',
    );
    expect(within(dialog).queryByRole('button', { name: /Take/ })).toBeNull();
  });

  it('tells whom cards bring, and what of them is left away', async () => {
    choose(
      CARDS,
      () => ({
        isKept: false,
        added: 1,
        changed: 1,
        left: 3,
        changes: [
          { card: 1, name: 'Ísold', isNew: true, what: [] },
          { card: 2, name: 'Wren', isNew: false, what: ['notes'] },
        ],
        passedOver: ['telephone'],
        faults: [],
      }),
      'Cards to take in',
    );
    const dialog = await screen.findByRole('dialog');
    expect(
      within(dialog)
        .getAllByRole('listitem')
        .map((l) => l.textContent),
    ).toEqual(['Ísold new', 'Wren notes']);
    expect(dialog.textContent).toContain('no place for it: telephone.');
    expect(within(dialog).getByRole('button', { name: 'Take 2 cards in' })).toBeTruthy();
  });

  it('says what went wrong', async () => {
    choose(
      CARDS,
      () => refusal(415, 'Only cards can be read here: text/vcard.'),
      'Cards to take in',
    );
    expect((await screen.findByRole('alert')).textContent).toContain('Only cards');
  });

  it('tells what plan a file makes, or at which place it is wrong', async () => {
    const answers = [
      { isKept: false, planId: null, name: 'Silk', words: '23 rows.', faults: [] },
      {
        isKept: false,
        planId: null,
        name: 'Silk',
        words: '',
        faults: [{ place: '/brief/fullness', reason: 'is no number' }],
      },
    ];
    serve({ 'POST /api/clients/c-1/plan-file': () => answers.shift() });
    render(
      <WithWords>
        <PlanFromFile clientId="c-1" />
      </WithWords>,
    );
    const file = new File(['{}'], 'silk.json');
    fireEvent.change(screen.getByLabelText('Plan to take in'), { target: { files: [file] } });
    const dialog = await screen.findByRole('dialog');
    expect(dialog.textContent).toContain('Silk');
    expect(dialog.textContent).toContain('23 rows.');
    fireEvent.click(within(dialog).getByRole('button', { name: 'Keep this plan' }));
    expect((await screen.findByRole('listitem')).textContent).toBe('/brief/fullness: is no number');
    expect(screen.queryByRole('button', { name: 'Keep this plan' })).toBeNull();
  });

  it('says for how long it has been reading, and stops', async () => {
    serve({
      'POST /api/clients/cards': () => new Promise(() => undefined),
    });
    render(
      <WithWords>
        <MemoryRouter>
          <FilesPage />
        </MemoryRouter>
      </WithWords>,
    );
    fireEvent.change(screen.getByLabelText('Cards to take in'), {
      target: { files: [new File(['BEGIN'], 'all.vcf')] },
    });
    expect(await screen.findByText(/Reading it… \d+ s/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(await screen.findByRole('button', { name: 'Take cards in' })).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
