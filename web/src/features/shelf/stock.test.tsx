import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { HairLine, Shopping, Stock } from '../../api/types';
import { sample, WithWords } from '../../testing/onBench';
import { refusal, requestsTo, serve } from '../../testing/server';
import { sayLoops } from '../../lib/amount';
import { BuyPage } from './BuyPage';
import { CountPage } from './CountPage';
import { StockDialog } from './StockDialog';

const line = sample.hairLines[0] as HairLine;

const stock: Stock = {
  hair: [
    {
      lineId: line.id,
      colour: 'ink',
      tint: '#1d1715',
      loops: 52.5,
      free: 52.5,
      packs: [{ lot: 'lot 41', loops: 20, count: 2 }],
      open: [{ lot: '', loops: 12.5, grams: 40 }],
      washed: [{ grade: 'FAIR', words: 'washed, for the back', loops: 30 }],
      weftCm: 0,
      setAside: [],
    },
  ],
  things: [],
  kinds: [{ kind: 'CAP', words: 'mesh cap', unit: 'piece' }],
  grades: [{ value: 'FAIR', words: 'washed, for the back' }],
  suppliers: [{ name: 'Ninth Pier', leadDays: 2 }],
};

const shown = (what: React.ReactNode) =>
  render(
    <WithWords>
      <MemoryRouter>{what}</MemoryRouter>
    </WithWords>,
  );

describe('the stock of a line', () => {
  it('says halves of loops as one says them', () => {
    expect([3, 3.5, 3.24, 3.26, 0.5].map(sayLoops)).toEqual(['3', '3½', '3', '3½', '0½']);
  });

  it('puts down what came, under a name of its own each time', async () => {
    serve({ 'POST /api/stock/movements': () => stock });
    shown(
      <StockDialog
        line={line}
        stock={stock.hair}
        grades={stock.grades}
        onClose={() => undefined}
      />,
    );
    fireEvent.change(screen.getByLabelText('How many packs'), { target: { value: '3' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put down' }));
    await screen.findByText('Put down.');
    fireEvent.click(screen.getByRole('button', { name: 'Put down' }));
    await waitFor(() => expect(requestsTo('POST /api/stock/movements')).toHaveLength(2));
    const [first, second] = requestsTo('POST /api/stock/movements').map(
      (r) => r.body as { id: string; why: string; amount: number; good: { kind: string } },
    );
    expect(first).toMatchObject({ why: 'BOUGHT', amount: 3, good: { kind: 'PACKS' } });
    expect(second?.id).not.toBe(first?.id);
  });

  it('says at its field what cannot go, and keeps what was typed', async () => {
    const words = 'Only 12.5 loops of ink are on the shelf.';
    serve({
      'POST /api/stock/movements': () =>
        refusal(422, words, [{ field: 'amount', message: words, words: [] }]),
    });
    shown(
      <StockDialog
        line={line}
        stock={stock.hair}
        grades={stock.grades}
        onClose={() => undefined}
      />,
    );
    fireEvent.change(screen.getByLabelText('What happened'), { target: { value: 'LOST' } });
    fireEvent.change(screen.getByLabelText('How many loops'), { target: { value: '40' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put down' }));
    expect(await screen.findByText(words)).toBeTruthy();
    expect((screen.getByLabelText('How many loops') as HTMLInputElement).value).toBe('40');
  });
});

describe('a counting day', () => {
  it('puts down what differs', async () => {
    serve({
      'GET /api/stock': () => stock,
      'GET /api/hair-lines': () => sample.hairLines,
      'POST /api/stock/counts': () => stock,
    });
    shown(<CountPage />);
    const field = await screen.findByLabelText(`Counted: ${line.name}, ink: packs of 20, lot 41`);
    fireEvent.change(field, { target: { value: '2' } });
    expect(screen.getByRole('button', { name: 'right' })).toBeTruthy();
    fireEvent.change(field, { target: { value: '1' } });
    fireEvent.click(screen.getByRole('button', { name: '1 less' }));
    await waitFor(() => expect(requestsTo('POST /api/stock/counts')).toHaveLength(1));
    expect(requestsTo('POST /api/stock/counts')[0]?.body).toMatchObject({
      counted: 1,
      good: { kind: 'PACKS', lot: 'lot 41', packLoops: 20 },
    });
  });
});

describe('what to buy', () => {
  const list: Shopping = {
    days: 14,
    suppliers: [
      {
        supplier: 'Ninth Pier',
        leadDays: 2,
        costMinor: 1920,
        currency: 'EUR',
        buys: [
          {
            lineId: line.id,
            lineName: line.name,
            colour: 'rust',
            missingLoops: 48,
            packs: 3,
            packWords: '2 of 20 and 1 of 12',
            sizes: [
              { count: 2, loops: 20 },
              { count: 1, loops: 12 },
            ],
            costMinor: 1920,
            orderBy: '2027-06-08',
            isLate: true,
            late: 'Ordered today it comes 1 day too late for Wen Ashdown on Thursday.',
            forWhom: [
              { planId: 'p1', clientName: 'Wen Ashdown', ready: '2027-06-10', missingLoops: 48 },
            ],
            instead: [
              {
                lineId: line.id,
                lineName: line.name,
                colour: 'copper',
                loops: 60,
                isSameLine: true,
              },
            ],
          },
        ],
      },
    ],
    met: [],
  };

  it('says what happens if it comes late, and what could be taken instead', async () => {
    serve({ 'GET /api/shopping': () => list, 'GET /api/stock': () => stock });
    shown(<BuyPage />);
    expect(await screen.findByText(/1 day too late for Wen Ashdown on Thursday/)).toBeTruthy();
    expect(screen.getByText(/Nearest: copper \(60 there\)/)).toBeTruthy();
    expect(screen.getAllByText('€19.20')).toHaveLength(2);
  });

  it('puts down what came when it is tapped again, by the sizes of packs, and once though it is told twice', async () => {
    let isDown = false;
    serve({
      'GET /api/shopping': () => list,
      'GET /api/stock': () => stock,
      'POST /api/stock/movements': ({ body }) =>
        (body as { amount: number }).amount === 1 && !isDown
          ? ((isDown = true), refusal(500, 'The disk is full.'))
          : stock,
    });
    shown(<BuyPage />);
    const came = await screen.findByRole('button', { name: `${line.name}, rust: It came` });
    fireEvent.click(came);
    expect(came.textContent).toBe('3 packs came');
    expect(requestsTo('POST /api/stock/movements')).toEqual([]);
    fireEvent.click(came);
    expect(await screen.findByText(/The disk is full/)).toBeTruthy();
    fireEvent.click(came);
    fireEvent.click(came);
    expect(await screen.findByText(/3 packs of .*, rust: put down as bought/)).toBeTruthy();
    const told = requestsTo('POST /api/stock/movements').map((r) => r.body as { id: string });
    expect(told).toMatchObject([
      { why: 'BOUGHT', amount: 2, good: { kind: 'PACKS', colour: 'rust', packLoops: 20 } },
      { why: 'BOUGHT', amount: 1, good: { packLoops: 12 } },
      { amount: 2 },
      { amount: 1 },
    ]);
    expect(new Set(told.map((t) => t.id)).size).toBe(2);
  });

  it('says so when all is there', async () => {
    serve({
      'GET /api/shopping': () => ({ days: 14, suppliers: [], met: [] }),
      'GET /api/stock': () => stock,
    });
    shown(<BuyPage />);
    expect(await screen.findByText(/No install with a plan stands in the book/)).toBeTruthy();
  });
});
