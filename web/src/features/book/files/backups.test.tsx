import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { Backups } from './Backups';

const NONE = {
  wish: { folder: '', every: 'DAY', kept: 14 },
  choices: [
    { id: 'HOUR', words: 'every hour' },
    { id: 'DAY', words: 'every day' },
  ],
  there: [],
  running: null,
  trouble: '',
  troubleAt: null,
  isSealed: false,
};
const SOMEWHERE = { ...NONE, wish: { ...NONE.wish, folder: '/media/stick' } };
const ONE = {
  name: 'gyrotaxis-book-2031-06-02-050607.zip',
  bytes: 1_340_000,
  madeAt: '2031-06-02T05:06:07Z',
  held: {
    madeAt: '2031-06-02T05:06:07Z',
    studio: 'Two Chairs',
    schema: 20,
    clients: 7,
    plans: 8,
    visits: 1,
    appointments: 3,
    lines: 9,
    pictures: 0,
  },
  trouble: '',
};

const show = (answers: Record<string, () => unknown>) => {
  serve(answers);
  render(
    <WithWords>
      <MemoryRouter>
        <Backups />
      </MemoryRouter>
    </WithWords>,
  );
};

describe('backups', () => {
  it('asks for a folder first, and says at the field what is wrong with it', async () => {
    show({
      'GET /api/backups': () => NONE,
      'PUT /api/backups/wish': () =>
        refusal(422, 'Some entries cannot be used.', [
          { field: 'folder', message: 'Name the folder in full.' },
        ]),
    });
    fireEvent.change(await screen.findByLabelText('Folder'), { target: { value: 'stick' } });
    expect(screen.queryByRole('button', { name: 'Put it down now' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Name the folder in full.');
    expect(screen.getByLabelText('Folder')).toHaveProperty('value', 'stick');
  });

  it('tells how far one is, stops it, and tells what came of it', async () => {
    show({
      'GET /api/backups': () => SOMEWHERE,
      'POST /api/backups': () => ({
        ...SOMEWHERE,
        running: { stage: 'Checking', fraction: 0.414 },
      }),
      'DELETE /api/backups/running': () => ({
        ...SOMEWHERE,
        trouble: 'It was stopped; nothing of it was kept.',
      }),
    });
    fireEvent.click(await screen.findByRole('button', { name: 'Put it down now' }));
    expect((await screen.findByRole('status')).textContent).toBe('Checking the book… 41 %');
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect((await screen.findByRole('alert')).textContent).toContain('It was stopped');
    expect(requestsTo('DELETE /api/backups/running')).toHaveLength(1);
  });

  it('tells what each holds, and the reason of one that cannot be read', async () => {
    const spoilt = {
      ...ONE,
      name: ONE.name.replace('07', '08'),
      held: null,
      trouble: 'It is damaged.',
    };
    show({ 'GET /api/backups': () => ({ ...SOMEWHERE, there: [ONE, spoilt] }) });
    const [first, second] = await screen.findAllByRole('listitem');
    expect(first?.textContent).toContain('7 clients, 8 plans, 1 visit, 0 pictures1.3 MB');
    expect(second?.textContent).toContain('It is damaged.');
  });
});
