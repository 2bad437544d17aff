import { fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { WithWords } from '../../testing/onBench';
import { refusal, requestsTo, serve } from '../../testing/server';
import { CountByTable } from './CountByTable';

const TOLD = 'POST /api/stock/table';

const choose = (answer: () => unknown) => {
  serve({ [TOLD]: answer });
  render(
    <WithWords>
      <CountByTable />
    </WithWords>,
  );
  const file = new File(['kind,hair'], 'shelf.csv', { type: 'text/csv' });
  fireEvent.change(screen.getByLabelText('Table to count by'), { target: { files: [file] } });
};

const READ = { isKept: false, added: 1, changed: 1, left: 7, changes: [], faults: [] };

describe('counting by a table', () => {
  it('tells what would change, and puts it down once that is wished', async () => {
    let isKept = false;
    choose(() => {
      const now = {
        ...READ,
        isKept,
        changes: [
          { line: 2, words: 'Slack Water Deep, ink, packs of 24', unit: 'pack', was: 2, is: 3 },
        ],
      };
      isKept = true;
      return now;
    });
    const dialog = await screen.findByRole('dialog');
    expect(dialog.textContent).toContain('1 new, 1 changed, 7 as the book says');
    expect(within(dialog).getByText('3 pack')).toBeTruthy();
    fireEvent.click(within(dialog).getByRole('button', { name: 'Put down 2 counts' }));
    expect((await screen.findByRole('status')).textContent).toBe('2 counts put down.');
    expect(screen.queryByRole('dialog')).toBeNull();
    expect(requestsTo(TOLD)).toHaveLength(2);
  });

  it('tells every fault with its line, and offers nothing then', async () => {
    choose(() => ({
      ...READ,
      faults: [
        { line: 4, column: 'amount', reason: '“a few” is no number.' },
        { line: 0, column: '', reason: 'The file is empty.' },
      ],
    }));
    const dialog = await screen.findByRole('dialog');
    const faults = within(dialog).getAllByRole('listitem');
    expect(faults.map((f) => f.textContent)).toEqual([
      'Line 4, amount: “a few” is no number.',
      'The file is empty.',
    ]);
    expect(within(dialog).queryByRole('button', { name: /Put down/ })).toBeNull();
  });

  it('says that a file is too large', async () => {
    choose(() => refusal(413, 'At most 10 MB can be sent.'));
    expect((await screen.findByRole('alert')).textContent).toContain('At most 10 MB');
  });
});
