import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Client, Diary, PlanTile } from '../../api/types';
import { sample, WithWords } from '../../testing/onBench';
import { refusal, requestsTo, serve } from '../../testing/server';
import { usePrefs } from '../../ui/prefs';
import { BookPage } from './BookPage';
import { ClientDialog } from './ClientDialog';

const { client, savedPlan } = sample;

/** A studio in which no chair was put down yet. */
const nobodyHere: Diary = {
  today: '2027-06-09',
  nowMinute: 615,
  zone: 'Europe/Lisbon',
  gapMinutes: 10,
  chairs: [],
  stylists: [],
  appointments: [],
};

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('BookPage', () => {
  const other: Client = { ...client, id: 'c2', name: 'Ánna Quay', wishes: '', heads: [] };
  const open = (clients: Client[], tiles: () => PlanTile[] = () => [sample.tile]) => {
    serve({
      'GET /api/clients': ({ query }) => {
        const typed = (query.get('typed') ?? '').toLowerCase();
        const fit = clients.filter((c) => c.name.toLowerCase().includes(typed));
        const from = Number(query.get('from'));
        return { clients: fit.slice(from, from + 24), count: fit.length };
      },
      'GET /api/diary': () => nobodyHere,
      'GET /api/plans/tiles': tiles,
      'POST /api/plans': () => ({ ...savedPlan, id: 'new-plan' }),
    });
    render(
      <WithWords>
        <MemoryRouter initialEntries={['/book']}>
          <Routes>
            <Route path="/book" element={<BookPage />} />
            <Route path="/bench/:plan" element={<p>on the bench</p>} />
          </Routes>
        </MemoryRouter>
      </WithWords>,
    );
  };

  it('shows each client with her plans, and the figures of each plan', async () => {
    open([client, other]);
    await screen.findByText('2 clients');
    await screen.findByRole('heading', { name: client.name });
    const hers = screen.getByRole('heading', { name: client.name }).closest('li') as HTMLElement;
    await within(hers).findByText(String(sample.tile.summary?.loops));
    expect(within(hers).getByText(/▲ tender spots/)).toBeTruthy();
    const theirs = screen.getByRole('heading', { name: other.name }).closest('li') as HTMLElement;
    // Only her own page is to be gone to: no plan is hers.
    expect(
      within(theirs)
        .getAllByRole('link')
        .map((l) => l.textContent),
    ).toEqual([other.name]);
  });

  it('finds a client by part of her name, and says when there is none', async () => {
    open([client, other]);
    await screen.findByText(/2 clients/);
    type('Find a client', 'QUAY');
    await screen.findByText('2 clients called “QUAY”');
    expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual(
      [client, other].filter((c) => /quay/i.test(c.name)).map((c) => c.name),
    );
    type('Find a client', 'nobody');
    await screen.findByText(/Nobody in the book is called “nobody”/);
  });

  it('shows a large book piece by piece', async () => {
    const many = Array.from({ length: 1030 }, (_, i) => ({
      ...other,
      id: `c${i}`,
      name: `Quay ${i}`,
    }));
    open(many, () => []);
    await screen.findByText('1,030 clients');
    await screen.findByText('24 of 1,030');
    press('Show more');
    await screen.findByText('48 of 1,030');
    expect(screen.getByRole('heading', { name: 'Quay 47' })).toBeTruthy();
    expect(screen.queryByRole('heading', { name: 'Quay 48' })).toBeNull();
  });

  it('asks again for figures that are being worked out', async () => {
    let asked = 0;
    open([client], () => [
      asked++ === 0
        ? { ...sample.tile, summary: null, isFresh: false }
        : { ...sample.tile, isFresh: true },
    ]);
    await screen.findByRole('link', { name: new RegExp(sample.tile.name) });
    expect(screen.getByText('being worked out …')).toBeTruthy();
    await screen.findByText(String(sample.tile.summary?.loops));
    expect(screen.queryByText('being worked out …')).toBeNull();
  });

  it('begins a plan and goes to the bench with it', async () => {
    open([client]);
    await screen.findByRole('button', { name: 'plan' });
    press('plan');
    await screen.findByText('on the bench');
    expect(requestsTo('POST /api/plans')[0]?.body).toMatchObject({ clientId: client.id });
  });

  it('shows nobody before the day above is there: nothing moves away under a finger', async () => {
    let answer: (due: unknown) => void = () => undefined;
    serve({ 'GET /api/follow-ups': () => new Promise((done) => (answer = done)) });
    open([client]);
    await screen.findByText(/1 client/);
    expect(screen.queryByRole('button', { name: 'plan' })).toBeNull();
    answer([]);
    expect(await screen.findByRole('button', { name: 'plan' })).toBeTruthy();
  });

  it('says why a plan could not be begun', async () => {
    open([other]);
    serve({ 'POST /api/plans': () => refusal(422, 'She has no head yet.') });
    await screen.findByRole('button', { name: 'plan' });
    press('plan');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('no head yet'));
  });

  it('leads on from an empty book', async () => {
    open([]);
    press(
      (await screen.findByRole('button', { name: 'Write down the first client' })).textContent ??
        '',
    );
    expect(await screen.findByRole('dialog', { name: 'New client' })).toBeTruthy();
  });
});

describe('ClientDialog', () => {
  const show = (of?: Client) => {
    const onClose = vi.fn();
    render(
      <WithWords>
        <ClientDialog client={of} onClose={onClose} />
      </WithWords>,
    );
    return onClose;
  };

  it('writes a new client down with what was measured, in millimetres', async () => {
    serve({ 'POST /api/clients': () => client });
    const onClose = show();
    type('Name', 'Oriel Tamblyn');
    type('Round the head', '55,5');
    type('Front to nape', '14 in');
    type('How long is it?', '10 fingers');
    fireEvent.click(screen.getByLabelText('thin edges'));
    press('Put in the book');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    const [sent] = requestsTo('POST /api/clients');
    expect(sent?.body).toMatchObject({
      name: 'Oriel Tamblyn',
      head: { roundMm: 555, frontToNapeMm: 355.6, overTopMm: null },
      ownHair: { lengthMm: 180, conditions: ['THIN_EDGES'] },
    });
  });

  it('sends nothing while a measure cannot be read', () => {
    show();
    type('Round the head', 'about 55');
    press('Put in the book');
    expect(requestsTo('POST /api/clients')).toEqual([]);
    expect(screen.getByRole('alert').textContent).toContain('Write a length');
  });

  it('says each refusal at its field and loses nothing that was written', async () => {
    serve({
      'POST /api/clients': () =>
        refusal(422, 'Some entries cannot be used.', [
          { field: 'name', message: 'A name is needed.', min: null, max: null, unit: '' },
          { field: 'head.roundMm', message: 'x', min: 430, max: 690, unit: 'mm' },
        ]),
    });
    const onClose = show();
    type('Round the head', '30');
    type('What is wanted', 'Full, with a left part.');
    press('Put in the book');
    await screen.findByText('Round the head must be between 43.0 cm and 69.0 cm.');
    expect(screen.getByText('A name is needed.')).toBeTruthy();
    expect((screen.getByLabelText('What is wanted') as HTMLTextAreaElement).value).toContain(
      'left',
    );
    expect(onClose).not.toHaveBeenCalled();
  });

  it('carries the version it was opened with, and says when a newer one is stored', async () => {
    serve({
      [`PUT /api/clients/${client.id}`]: () =>
        refusal(409, 'Somebody changed her in the meantime.'),
    });
    show({ ...client, version: 4 });
    type('To remember', 'Prefers the window chair.');
    press('Keep the change');
    await screen.findByText(/changed her in the meantime/);
    expect(requestsTo(`PUT /api/clients/${client.id}`)[0]?.body).toMatchObject({ version: 4 });
  });

  it('erases only when asked twice', async () => {
    serve({ [`DELETE /api/clients/${client.id}`]: () => new Response(null, { status: 204 }) });
    const onClose = show(client);
    press('Erase');
    expect(requestsTo(`DELETE /api/clients/${client.id}`)).toEqual([]);
    press('Yes, erase heads and plans too');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
  });
});
