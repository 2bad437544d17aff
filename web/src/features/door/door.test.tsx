import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import type { Door, Members, Role } from '../../api/types';
import { refusal, requestsTo, serve } from '../../testing/server';
import { DoorGate } from './DoorGate';
import { DoorPage } from './DoorPage';
import { useMay } from './door.queries';

const OUT: Door = {
  isStudio: true,
  me: null,
  needsOwner: false,
  isThisMachine: false,
  deviceName: 'by the door',
  known: [],
};

const me = (role: Role, id = 'm1') => ({
  id,
  name: 'Orla Quillane',
  role,
  stylistId: null,
  hasDigits: false,
});

const inside = (role: Role = 'STYLIST', id = 'm1'): Door => ({ ...OUT, me: me(role, id) });

let door: Door;

beforeEach(() => {
  localStorage.clear();
  window.history.replaceState(null, '', '/book');
  serve({ 'GET /api/door': () => door });
});

const withQueries = (what: React.ReactNode) => (
  <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
    {what}
  </QueryClientProvider>
);

const gate = () =>
  render(
    withQueries(
      <DoorGate>
        <textarea aria-label="what she writes" />
        <May role="STYLIST" />
      </DoorGate>,
    ),
  );

const within_ = () => screen.findByLabelText('what she writes');
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('the gate', () => {
  it('stands open on this machine alone', async () => {
    door = { ...OUT, isStudio: false };
    gate();
    expect(await within_()).toBeTruthy();
  });

  it('lets nobody see what is within before she signed in', async () => {
    door = OUT;
    gate();
    expect(await screen.findByRole('heading', { name: 'Sign in' })).toBeTruthy();
    expect(screen.queryByLabelText('what she writes')).toBeNull();
    serve({
      'POST /api/door/sign-in': () => {
        door = inside();
        return undefined;
      },
    });
    type('Your name', 'Orla Quillane');
    type('Your passphrase', 'three oars');
    press('Come in');
    expect(await within_()).toBeTruthy();
    expect(requestsTo('POST /api/door/sign-in')[0]?.body).toMatchObject({ name: 'Orla Quillane' });
  });

  it('says what was refused, and keeps what was typed', async () => {
    door = OUT;
    gate();
    await screen.findByRole('heading', { name: 'Sign in' });
    serve({ 'POST /api/door/sign-in': () => refusal(429, 'Try again in 8 seconds.') });
    type('Your name', 'Orla');
    type('Your passphrase', 'three oars');
    press('Come in');
    expect((await screen.findByRole('alert')).textContent).toContain('8 seconds');
    expect(screen.getByLabelText<HTMLInputElement>('Your name').value).toBe('Orla');
  });

  it('closes over her work when her session ends, and gives it back to her', async () => {
    door = inside();
    gate();
    fireEvent.change(await within_(), { target: { value: 'two passes at the nape' } });
    door = OUT;
    serve({ 'GET /api/hair-lines': () => refusal(401, 'Sign in first.') });
    await act(() => api.hairLines().catch(() => undefined));
    expect(await screen.findByRole('heading', { name: 'Sign in' })).toBeTruthy();
    expect(screen.getByText('may')).toBeTruthy();
    serve({
      'POST /api/door/sign-in': () => {
        door = inside();
        return undefined;
      },
    });
    type('Your name', 'Orla Quillane');
    type('Your passphrase', 'three oars');
    press('Come in');
    await waitFor(() => expect(screen.queryByRole('heading', { name: 'Sign in' })).toBeNull());
    expect(screen.getByLabelText<HTMLTextAreaElement>('what she writes').value).toBe(
      'two passes at the nape',
    );
  });

  it('goes on without the server as it stood, and opens to nobody new', async () => {
    door = inside();
    const first = gate();
    await within_();
    first.unmount();
    serve({
      'GET /api/door': () => {
        throw new TypeError('no network');
      },
    });
    gate();
    expect(await within_()).toBeTruthy();
  });

  it('asks the first who comes whose the studio is, and for the code only elsewhere', async () => {
    door = { ...OUT, needsOwner: true };
    const elsewhere = gate();
    expect(await screen.findByLabelText(/The code that was printed/)).toBeTruthy();
    elsewhere.unmount();
    localStorage.clear();
    door = { ...OUT, needsOwner: true, isThisMachine: true };
    gate();
    await screen.findByRole('heading', { name: /Whose is it/ });
    expect(screen.queryByLabelText(/The code that was printed/)).toBeNull();
    serve({
      'POST /api/door/first': () =>
        refusal(422, 'no', [
          { field: 'passphrase', message: 'Among the first.', min: null, max: null, unit: '' },
        ]),
    });
    press('It is mine');
    expect((await screen.findByRole('alert')).textContent).toContain('Among the first.');
  });

  it('opens an invitation by the link alone', async () => {
    door = OUT;
    window.history.replaceState(null, '', '/come-in#abc');
    serve({
      'POST /api/door/invited': () => ({
        name: 'Tove Painter',
        role: 'LEARNER',
        roleWords: 'learner',
      }),
      'POST /api/door/take-invitation': () =>
        refusal(422, 'no', [
          { field: 'passphrase', message: 'Too short.', min: null, max: null, unit: '' },
        ]),
    });
    gate();
    expect(await screen.findByRole('heading', { name: 'Welcome, Tove Painter' })).toBeTruthy();
    type('Your passphrase', 'short');
    press('Come in');
    expect((await screen.findByRole('alert')).textContent).toContain('Too short.');
    expect(requestsTo('POST /api/door/take-invitation')[0]?.body).toMatchObject({ secret: 'abc' });
  });
});

describe('four digits', () => {
  it('let in who is known here, by keys of either kind', async () => {
    door = {
      ...OUT,
      known: [
        { id: 'm1', name: 'Orla Quillane', hasDigits: true, isLocked: false },
        { id: 'm2', name: 'Bethan Skerry', hasDigits: false, isLocked: true },
      ],
    };
    const answers = vi.fn<() => unknown>(() => refusal(401, 'These are not the four digits.'));
    serve({ 'POST /api/door/switch': answers });
    gate();
    fireEvent.click(await screen.findByRole('button', { name: /Orla Quillane/ }));
    for (const k of ['4', '7', '1', '1']) press(k);
    expect((await screen.findByRole('alert')).textContent).toContain('not the four digits');
    expect(requestsTo('POST /api/door/switch')[0]?.body).toEqual({
      memberId: 'm1',
      digits: '4711',
    });
    answers.mockImplementation(() => {
      door = inside();
      return undefined;
    });
    press('4');
    press('7');
    press('Take one back');
    for (const k of ['7', '1', '6'])
      fireEvent.keyDown(screen.getByRole('button', { name: '1' }), { key: k });
    expect(await within_()).toBeTruthy();
    expect(requestsTo('POST /api/door/switch')[1]?.body).toMatchObject({ digits: '4716' });
  });
});

function May({ role }: { role: Role }) {
  return <p>{useMay(role) ? 'may' : 'may not'}</p>;
}

describe('what somebody may', () => {
  it.each<[Door, Role, string]>([
    [{ ...OUT, isStudio: false }, 'OWNER', 'may'],
    [OUT, 'LEARNER', 'may not'],
    [inside('LEARNER'), 'LEARNER', 'may'],
    [inside('LEARNER'), 'STYLIST', 'may not'],
    [inside('STYLIST'), 'OWNER', 'may not'],
    [inside('OWNER'), 'OWNER', 'may'],
  ])('%#', async (stands, role, words) => {
    door = stands;
    localStorage.setItem('gyrotaxis-door', JSON.stringify(stands));
    render(withQueries(<May role={role} />));
    expect(await screen.findByText(words)).toBeTruthy();
  });
});

describe('the page of the door', () => {
  const members: Members = {
    members: [
      {
        id: 'm1',
        name: 'Orla Quillane',
        role: 'OWNER',
        roleWords: 'owner',
        stylistId: null,
        canSignIn: true,
        invitedUntil: null,
        sessions: 1,
      },
    ],
    stylists: [{ id: 's1', name: 'Bethan Skerry' }],
  };

  const page = () =>
    render(
      withQueries(
        <MemoryRouter>
          <DoorPage />
        </MemoryRouter>,
      ),
    );

  beforeEach(() => {
    serve({
      'GET /api/door/members': () => members,
      'GET /api/door/sessions': () => [
        {
          memberId: 'm1',
          memberName: 'Orla Quillane',
          handle: 'h1',
          device: 'desk',
          since: '2027-06-09T09:00:00Z',
          seen: '2027-06-09T09:00:00Z',
          isThis: true,
        },
        {
          memberId: 'm2',
          memberName: 'Bethan Skerry',
          handle: 'h2',
          device: '',
          since: '2027-06-09T09:00:00Z',
          seen: '2027-06-09T09:00:00Z',
          isThis: false,
        },
      ],
      'GET /api/door/devices': () => [
        {
          id: 'd1',
          name: 'old tablet',
          signedInAt: '2027-05-01T09:00:00Z',
          hasDigits: true,
          isThis: false,
        },
      ],
      'GET /api/door/deeds': () => ({
        deeds: [
          {
            id: 7,
            at: '2027-06-09T09:00:00Z',
            who: 'Bethan Skerry',
            words: 'opened a client',
            clientId: 'c1',
            of: 'Wen Ashdown',
            address: '192.0.2.9',
          },
        ],
        isMore: false,
        keptDays: 90,
      }),
      'GET /api/door/address': () => ({
        address: 'https://192.0.2.7:8421',
        plain: 'http://192.0.2.7:8420',
        qr: 'M4 4h1v1h-1z',
        qrSize: 33,
        fingerprint: 'AB CD',
      }),
    });
  });

  it('shows the owner who may come in, who is in, and what was done', async () => {
    door = inside('OWNER');
    page();
    const may = await screen.findByRole('region', { name: 'Who may come in' });
    expect(await within(may).findByText('owner, signed in')).toBeTruthy();
    expect(await screen.findByRole('link', { name: 'Wen Ashdown' })).toBeTruthy();
    serve({ 'DELETE /api/door/sessions/h2': () => undefined });
    fireEvent.click(await screen.findByRole('button', { name: /End it: Bethan/ }));
    await waitFor(() => expect(requestsTo('DELETE /api/door/sessions/h2')).toHaveLength(1));
  });

  it('forgets a device that was lost', async () => {
    door = inside('STYLIST');
    page();
    const devices = await screen.findByRole('region', { name: 'Devices that know you' });
    expect(await within(devices).findByText(/four digits let you in/)).toBeTruthy();
    serve({ 'DELETE /api/door/devices/d1': () => undefined });
    fireEvent.click(within(devices).getByRole('button', { name: 'Forget old tablet' }));
    await waitFor(() => expect(requestsTo('DELETE /api/door/devices/d1')).toHaveLength(1));
  });

  it('makes a link once for whom it is, with a word at the field that is wrong', async () => {
    door = inside('OWNER');
    page();
    fireEvent.click(await screen.findByRole('button', { name: 'Invite somebody' }));
    serve({
      'POST /api/door/members': () =>
        refusal(422, 'no', [
          { field: 'name', message: 'The name is missing.', min: null, max: null, unit: '' },
        ]),
    });
    press('Make her a link');
    expect((await screen.findByRole('alert')).textContent).toContain('The name is missing.');
    serve({
      'POST /api/door/members': () => ({
        memberId: 'm1',
        link: 'https://192.0.2.7:8421/come-in#x',
        qr: 'M4 4h1v1h-1zM5 4h1v1h-1z',
        qrSize: 41,
        until: '2027-06-12T09:00:00Z',
      }),
    });
    type('Her name', 'Tove Painter');
    fireEvent.click(screen.getByLabelText(/^learner/));
    press('Make her a link');
    expect(await screen.findByText('https://192.0.2.7:8421/come-in#x')).toBeTruthy();
    expect(requestsTo('POST /api/door/members')[1]?.body).toMatchObject({
      name: 'Tove Painter',
      role: 'LEARNER',
    });
  });

  it('shows everybody else her own keys alone', async () => {
    door = inside('STYLIST');
    page();
    expect(await screen.findByRole('region', { name: 'Where you are signed in' })).toBeTruthy();
    expect(screen.queryByRole('region', { name: 'Who may come in' })).toBeNull();
    serve({
      'PUT /api/door/digits': () =>
        refusal(422, 'no', [
          { field: 'digits', message: 'Four digits, please.', min: null, max: null, unit: '' },
        ]),
    });
    press('Choose four digits');
    type('Four digits', '12');
    press('Keep');
    expect((await screen.findByRole('alert')).textContent).toContain('Four digits, please.');
  });
});
