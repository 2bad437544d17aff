import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { MessagesPage } from './MessagesPage';

const draft = (client: string, more = {}) => ({
  cue: 'APPOINTMENT',
  said: 'before an appointment',
  about: client,
  told: '2031-06-05T09:00:00Z',
  client,
  words: `Dear ${client}, we see you.`,
  due: '2031-06-03',
  isDue: true,
  isChanged: false,
  isLost: false,
  ...more,
});
const all = (drafts: object[]) => ({
  templates: [
    { cue: 'APPOINTMENT', said: 'before an appointment', words: 'Ahoy', usual: 'Dear {name}' },
  ],
  places: ['day', 'name'],
  drafts,
  sent: [],
});
const WREN = draft('Wren');
const ODA = draft('Oda', { isChanged: true });
const LATER = draft('Ilse', { isDue: false, due: '2031-06-09' });

const show = (answers: Parameters<typeof serve>[0]) => {
  serve(answers);
  render(
    <WithWords>
      <MemoryRouter>
        <MessagesPage />
      </MemoryRouter>
    </WithWords>,
  );
};

describe('messages', () => {
  it('sends what is due one by one, and stops at the first that is not taken', async () => {
    let sent = 0;
    show({
      'GET /api/messages': () => all([WREN, ODA, LATER]),
      'POST /api/messages/sent': () =>
        sent++ === 0 ? all([ODA, LATER]) : refusal(503, 'Messages are not taken at present.'),
    });
    expect(await screen.findByText(/it was moved since/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Send all that is due, 2' }));
    expect((await screen.findByRole('alert')).textContent).toContain('not taken at present');
    expect(requestsTo('POST /api/messages/sent')).toHaveLength(2);
    expect(screen.queryByRole('button', { name: /Send to Wren/ })).toBeNull();
    expect(screen.getByRole('button', { name: /Send to Oda/ })).toBeTruthy();
  });

  it('says it in other words to one, and in her own to all', async () => {
    show({
      'GET /api/messages': () => all([WREN]),
      'POST /api/messages/sent': () => all([]),
      'PUT /api/messages/words/APPOINTMENT': () =>
        refusal(422, 'Some entries cannot be used.', [
          { field: 'words', message: 'Nothing is known that could stand for {dya}.' },
        ]),
    });
    const words = await screen.findByRole('form', { name: 'before an appointment' });
    fireEvent.change(within(words).getByRole('textbox'), { target: { value: 'Ahoy {dya}' } });
    fireEvent.click(within(words).getByRole('button', { name: 'Keep' }));
    expect((await within(words).findByRole('alert')).textContent).toContain('{dya}');
    fireEvent.click(screen.getByRole('button', { name: 'Other words for her' }));
    fireEvent.change(screen.getByLabelText('Words to Wren'), { target: { value: 'Come early.' } });
    fireEvent.click(screen.getByRole('button', { name: /Send to Wren/ }));
    expect(await screen.findByText(/All is said/)).toBeTruthy();
    expect(requestsTo('POST /api/messages/sent')[0]?.body).toMatchObject({ words: 'Come early.' });
  });
});
