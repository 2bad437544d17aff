import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { WithWords } from '../../testing/onBench';
import { refusal, requestsTo, serve } from '../../testing/server';
import { OrderKey } from './OrderKey';
import { Orders } from './Orders';

const NOTHING = { open: [], closed: [], onTheWay: [] };
const item = (colour: string, otherwise: string) => ({
  lineId: 'deep',
  lineName: 'Slack Water Deep',
  colour,
  packs: 2,
  loops: 20,
  otherwise,
});
const ORDER = {
  id: 'o1',
  supplier: 'Tollgate Hair Store',
  orderedOn: '2031-06-02',
  due: '2031-06-05',
  late: 'Promised for Thursday, 5 June; the last of it comes on Monday, 9 June.',
  missing: '',
  isClosed: false,
  items: [
    { lineId: 'deep', lineName: 'Slack Water Deep', colour: 'ink', packs: 4, loops: 20, came: 0 },
  ],
  parcels: [
    {
      number: 1,
      comes: '2031-06-02',
      isHere: true,
      isLooked: false,
      lot: '3F2A',
      items: [item('ink', ''), item('chestnut', 'ordered in ink')],
    },
    { number: 2, comes: '2031-06-09', isHere: false, isLooked: false, lot: '', items: [] },
  ],
};

const show = (children: React.ReactNode) => render(<WithWords>{children}</WithWords>);

describe('orders', () => {
  it('sends back what was not ordered, unless she keeps it', async () => {
    serve({
      'GET /api/orders': () => ({ ...NOTHING, open: [ORDER] }),
      'POST /api/orders/o1/parcels/1': () => NOTHING,
    });
    show(<Orders />);
    const parcel = await screen.findByRole('region', { name: 'Parcel 1 of Tollgate Hair Store' });
    expect(parcel.textContent).toContain('ordered in ink');
    expect(
      within(parcel)
        .getAllByRole('checkbox')
        .map((c) => (c as HTMLInputElement).checked),
    ).toEqual([true, false]);
    expect(screen.getByText(/the last of it comes on Monday/)).toBeTruthy();
    expect(screen.getByText(/Parcel 2 of 2 comes/)).toBeTruthy();
    fireEvent.click(
      within(parcel).getByRole('button', { name: 'Put what is ticked on the shelf' }),
    );
    await waitFor(() => expect(screen.queryByText('Ordered')).toBeNull());
    const [asked] = requestsTo('POST /api/orders/o1/parcels/1');
    expect(asked?.body).toEqual({ kept: [0] });
  });

  it('orders once what is to be bought, and says what the supplier says', async () => {
    let isSilent = true;
    serve({
      'POST /api/orders': () =>
        isSilent ? refusal(503, 'Tollgate Hair Store does not answer.') : NOTHING,
    });
    const buy = (lineId: string, colour: string) =>
      ({ lineId, colour, sizes: [{ count: 3, loops: 20 }] }) as never;
    show(
      <OrderKey
        list={{
          supplier: 'Tollgate Hair Store',
          leadDays: 3,
          costMinor: 1,
          currency: 'EUR',
          buys: [buy('deep', 'ink')],
        }}
      />,
    );
    const key = await screen.findByRole('button', { name: 'Order 3 packs' });
    fireEvent.click(key);
    expect((await screen.findByRole('alert')).textContent).toContain('does not answer');
    isSilent = false;
    fireEvent.click(screen.getByRole('button', { name: 'Order 3 packs' }));
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    const asked = requestsTo('POST /api/orders').map((r) => r.body as { id: string });
    expect(asked).toHaveLength(2);
    expect(asked[0]?.id).toBe(asked[1]?.id);
  });
});
