import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Appointment, Diary, FollowUp, Shopping } from '../../../api/types';
import { sample, WithWords } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { BookDays } from './BookDays';
import { clock, dayPlus, mondayOf, parseClock, places, reach, sayDay, shiftTo } from './dayTime';

const TODAY = '2027-06-09';

const appointment = (change: Partial<Appointment>): Appointment => ({
  id: 'a1',
  occasion: 'INSTALL',
  words: 'install',
  day: TODAY,
  fromMinute: 600,
  untilMinute: 780,
  minutes: 180,
  chairId: 'window',
  stylistId: 'orla',
  clientId: sample.client.id,
  clientName: 'Wen Ashdown',
  planId: 'p1',
  planName: 'Deep wave',
  visitId: null,
  belongsTo: null,
  state: 'PLANNED',
  note: '',
  isInHours: true,
  version: 3,
  ...change,
});

const diary = (appointments: Appointment[]): Diary => ({
  today: TODAY,
  nowMinute: 615,
  zone: 'Europe/Lisbon',
  gapMinutes: 10,
  chairs: [
    { id: 'window', name: 'by the window' },
    { id: 'door', name: 'by the door' },
  ],
  stylists: [
    {
      id: 'orla',
      name: 'Orla Quillane',
      days: [{ day: TODAY, fromMinute: 540, untilMinute: 1080, why: '' }],
    },
    {
      id: 'bethan',
      name: 'Bethan Skerry',
      days: [{ day: TODAY, fromMinute: null, untilMinute: null, why: 'rests' }],
    },
  ],
  appointments,
});

const due: FollowUp = {
  id: 'f1',
  clientId: 'c1',
  clientName: 'Ottoline Bowsprit',
  visitId: 'v1',
  what: 'SLIP_CHECK',
  words: 'slip check',
  due: '2027-06-07',
  outcome: null,
  outcomeWords: '',
  isTrouble: false,
  toldOn: null,
  note: '',
  choices: [
    { value: 'HELD', words: 'all held' },
    { value: 'MISSED', words: 'did not happen' },
  ],
};

const shopping: Shopping = { days: 7, suppliers: [], met: [] };

function open(appointments: Appointment[], at = '/book') {
  serve({
    'GET /api/diary': () => diary(appointments),
    'GET /api/follow-ups': () => [due],
    'GET /api/shopping': () => shopping,
    'PUT /api/follow-ups/f1': () => ({ ...due, outcome: 'HELD' }),
    'PUT /api/appointments/a1': () => [],
    'POST /api/appointments/a1/late': () => ({ moved: [] }),
    'POST /api/appointments/a1/state': () => [],
  });
  render(
    <WithWords>
      <MemoryRouter initialEntries={[at]}>
        <BookDays />
      </MemoryRouter>
    </WithWords>,
  );
}

const block = () => screen.findByRole('button', { name: /^install, Wen Ashdown/ });

describe('times of a day', () => {
  it.each([
    ['9:05', 545],
    ['9.05', 545],
    ['905', 545],
    ['9', 540],
    ['23:59', 1439],
    ['24:00', null],
    ['9:75', null],
    ['soon', null],
  ])('reads %s', (text, minute) => {
    expect(parseClock(text)).toBe(minute);
  });

  it('writes what it reads', () => {
    for (let m = 0; m < 24 * 60; m += 7) expect(parseClock(clock(m))).toBe(m);
  });

  it('counts days over months, years and the change of clocks', () => {
    expect(dayPlus('2027-03-27', 2)).toBe('2027-03-29');
    expect(dayPlus('2027-12-31', 1)).toBe('2028-01-01');
    expect(mondayOf('2027-06-13')).toBe('2027-06-07');
    expect(mondayOf('2027-06-07')).toBe('2027-06-07');
    expect(sayDay(dayPlus(TODAY, 1), TODAY)).toBe('Tomorrow');
  });

  it('reaches from the first to the last that happens, in whole hours', () => {
    expect(reach(diary([appointment({ untilMinute: 1110 })]))).toEqual({ from: 540, until: 1140 });
    expect(reach({ ...diary([]), stylists: [] })).toEqual({ from: 540, until: 1080 });
  });

  it('shows what goes on past midnight on both days', () => {
    const late = appointment({ day: dayPlus(TODAY, -1), fromMinute: 1380, untilMinute: 1530 });
    expect(shiftTo(late, TODAY)).toBe(-1440);
    expect(shiftTo(late, dayPlus(TODAY, -1))).toBe(0);
    expect(shiftTo(late, dayPlus(TODAY, 1))).toBeNull();
    expect(shiftTo({ ...late, untilMinute: 1440 }, TODAY)).toBeNull();
    expect(reach({ ...diary([late]), stylists: [] }, TODAY)).toEqual({ from: 0, until: 120 });
  });
});

describe('places on a line', () => {
  const on = (...spans: [number, number][]) =>
    spans.map(([fromMinute, untilMinute], i) =>
      appointment({ id: String(i), fromMinute, untilMinute }),
    );
  const at = (spans: [number, number][], least = 0) =>
    spans.map((_, i) => places(on(...spans), least).get(String(i)));

  it('are one where nothing meets, however it is listed', () => {
    expect(
      at([
        [600, 660],
        [540, 600],
        [660, 700],
      ]),
    ).toEqual([0, 0, 0]);
    expect(at([])).toEqual([]);
  });

  it('are as many as happen at once, and free ones are taken again', () => {
    expect(
      at([
        [540, 600],
        [550, 700],
        [610, 640],
      ]),
    ).toEqual([0, 1, 0]);
    expect(
      at([
        [540, 700],
        [550, 700],
        [560, 700],
      ]),
    ).toEqual([0, 1, 2]);
  });

  it('keep apart what is drawn longer than it takes', () => {
    expect(
      at(
        [
          [540, 545],
          [550, 560],
        ],
        15,
      ),
    ).toEqual([0, 1]);
  });
});

describe('the day', () => {
  it('shows who sits where, now, and who is away and why', async () => {
    open([appointment({})]);
    expect(await block()).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Now, 10:15' })).toBeTruthy();
    expect(screen.getByText(/away: rests/)).toBeTruthy();
  });

  it('moves what is held by keys, far and a little, and to the other chair', async () => {
    open([appointment({})]);
    const hers = await block();
    fireEvent.keyDown(hers, { key: 'ArrowRight' });
    await waitFor(() => expect(requestsTo('PUT /api/appointments/a1')).toHaveLength(1));
    expect(requestsTo('PUT /api/appointments/a1')[0]?.body).toMatchObject({
      minute: 615,
      minutes: 180,
      chairId: 'window',
      version: 3,
    });
    fireEvent.keyDown(hers, { key: 'ArrowLeft', shiftKey: true });
    await waitFor(() => expect(requestsTo('PUT /api/appointments/a1')).toHaveLength(2));
    expect(requestsTo('PUT /api/appointments/a1')[1]?.body).toMatchObject({ minute: 595 });
    fireEvent.keyDown(hers, { key: 'ArrowDown' });
    await waitFor(() => expect(requestsTo('PUT /api/appointments/a1')).toHaveLength(3));
    expect(requestsTo('PUT /api/appointments/a1')[2]?.body).toMatchObject({ chairId: 'door' });
    // There is no chair above the first.
    fireEvent.keyDown(hers, { key: 'ArrowUp' });
    expect(requestsTo('PUT /api/appointments/a1')).toHaveLength(3);
  });

  it('leaves what is worked or done where it is', async () => {
    open([appointment({ visitId: 'v1' })]);
    fireEvent.keyDown(await block(), { key: 'ArrowRight' });
    expect(requestsTo('PUT /api/appointments/a1')).toHaveLength(0);
  });

  it('says what was refused until somebody has read it', async () => {
    open([appointment({})]);
    const hers = await block();
    serve({
      'PUT /api/appointments/a1': () =>
        refusal(
          422,
          'Orla Quillane has install for Mara from 10:15 to 12:00. Free: today from 14:10.',
        ),
    });
    fireEvent.keyDown(hers, { key: 'ArrowRight' });
    expect((await screen.findByRole('alert')).textContent).toContain('Free: today from 14:10');
    fireEvent.click(screen.getByRole('button', { name: 'Leave it as it is' }));
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  });

  it('pushes the day with one tap when one runs late', async () => {
    open([appointment({})]);
    fireEvent.click(await block());
    fireEvent.click(await screen.findByRole('button', { name: '+20' }));
    await waitFor(() => expect(requestsTo('POST /api/appointments/a1/late')).toHaveLength(1));
    expect(requestsTo('POST /api/appointments/a1/late')[0]?.body).toEqual({ untilMinute: 800 });
  });

  it('tells in one tap how something was that was due', async () => {
    open([]);
    const list = await screen.findByRole('region', { name: 'Is due' });
    fireEvent.click(await within(list).findByRole('button', { name: 'all held' }));
    await waitFor(() => expect(requestsTo('PUT /api/follow-ups/f1')).toHaveLength(1));
    expect(requestsTo('PUT /api/follow-ups/f1')[0]?.body).toMatchObject({ outcome: 'HELD' });
  });

  it('leads from an install of today to the chair, under the hands it was given to', async () => {
    open([appointment({})]);
    serve({ 'POST /api/visits': () => ({}) });
    fireEvent.click(await block());
    fireEvent.click(await screen.findByRole('button', { name: 'Begin at the chair' }));
    await waitFor(() => expect(requestsTo('POST /api/visits')).toHaveLength(1));
    expect(requestsTo('POST /api/visits')[0]?.body).toMatchObject({
      planId: 'p1',
      stylistId: 'orla',
    });
  });

  it('begins no install before its day', async () => {
    open([appointment({ day: dayPlus(TODAY, 1) })], `/book?day=${dayPlus(TODAY, 1)}`);
    fireEvent.click(await block());
    expect(await screen.findByRole('button', { name: 'Move' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Begin at the chair' })).toBeNull();
  });

  it('leads from a takedown to what she wears, and not to what is down', async () => {
    open([appointment({ occasion: 'TAKEDOWN', words: 'takedown' })]);
    const visit = { isFinished: true, isDown: false };
    serve({
      [`GET /api/clients/${sample.client.id}/visits`]: () => [
        { ...visit, id: 'v2', isDown: true },
        { ...visit, id: 'v1' },
      ],
    });
    fireEvent.click(await screen.findByRole('button', { name: /^takedown, Wen Ashdown/ }));
    const way = await screen.findByRole('link', { name: 'To the chair' });
    expect(way.getAttribute('href')).toBe('/chair/v1');
  });

  it('says that there is nothing only once it knows', async () => {
    open([]);
    let tell: (list: Shopping) => void = () => undefined;
    serve({ 'GET /api/shopping': () => new Promise<Shopping>((done) => (tell = done)) });
    const list = await screen.findByRole('region', { name: 'Is missing' });
    expect(within(list).queryByText('Nothing.')).toBeNull();
    await waitFor(() => expect(requestsTo('GET /api/shopping')).toHaveLength(1));
    tell(shopping);
    expect(await within(list).findByText('Nothing.')).toBeTruthy();
  });

  it('asks who works here before there are days', async () => {
    serve({ 'GET /api/diary': () => ({ ...diary([]), chairs: [], stylists: [] }) });
    render(
      <WithWords>
        <MemoryRouter>
          <BookDays />
        </MemoryRouter>
      </WithWords>,
    );
    expect(await screen.findByText('Who works here?')).toBeTruthy();
  });

  it('shows a week with what is on each day', async () => {
    open([appointment({})], '/book?view=week');
    const week = await screen.findByRole('region', { name: 'The week' });
    expect(within(week).getByRole('link', { name: 'install, Wen Ashdown, 10:00' })).toBeTruthy();
    expect(within(week).getAllByRole('listitem')).toHaveLength(7);
  });
});
