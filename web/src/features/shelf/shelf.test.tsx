import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { HairLine } from '../../api/types';
import { sample, WithWords } from '../../testing/onBench';
import { refusal, requestsTo, serve } from '../../testing/server';
import { usePrefs } from '../../ui/prefs';
import { LineDialog } from './LineDialog';
import { ShelfPage } from './ShelfPage';

const SIZES = 'Other packs: loops at a price, with semicolons between';
const deep = sample.hairLines.find((l) => l.name === 'Slack Water Deep') as HairLine;

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const around = (shown: React.ReactNode, at = '/shelf') =>
  render(
    <WithWords>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path="/shelf" element={shown} />
          <Route path="/bench/:id" element={<p>on the bench</p>} />
        </Routes>
      </MemoryRouter>
    </WithWords>,
  );

describe('ShelfPage', () => {
  it('counts what is in hand over all lines', async () => {
    serve({ 'GET /api/hair-lines': () => sample.hairLines });
    around(<ShelfPage />);
    const loops = sample.hairLines.reduce((sum, l) => sum + l.loopsOnShelf, 0);
    await screen.findByText(`${sample.hairLines.length} lines of hair, ${loops} loops in hand`);
    fireEvent.click(screen.getByRole('button', { name: `Change ${deep.name}` }));
    expect(await screen.findByRole('dialog', { name: deep.name })).toBeTruthy();
  });

  it('says so when the shelf is empty, and when the server is away', async () => {
    serve({ 'GET /api/hair-lines': () => [] });
    around(<ShelfPage />);
    await screen.findByText('The shelf is empty');
    serve({ 'GET /api/hair-lines': () => refusal(503, 'The server is busy.') });
    around(<ShelfPage />);
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('The server is busy.'));
  });
});

describe('an empty shelf', () => {
  const starter = { ...deep, id: 'starter', name: 'Starter deep wave', isStarter: true };

  it('offers a starter set, and takes it off again', async () => {
    serve({
      'GET /api/hair-lines': () => [],
      'POST /api/hair-lines/starter': () => [starter],
      'DELETE /api/hair-lines/starter': () => [],
    });
    around(<ShelfPage />);
    fireEvent.click(await screen.findByRole('button', { name: 'Put a starter set there' }));
    await screen.findByText('Starter deep wave');
    press('Take it off the shelf');
    await screen.findByText('The shelf is empty');
  });

  it('lays the plan on the bench that waited for hair', async () => {
    serve({
      'GET /api/hair-lines': () => [],
      [`GET /api/clients/${sample.client.id}`]: () => sample.client,
      'POST /api/hair-lines/starter': () => [starter],
      'POST /api/plans': () => sample.savedPlan,
    });
    around(<ShelfPage />, `/shelf?plan=${sample.client.id}`);
    await screen.findByText(/the first plan for Isolde/);
    press('Put a starter set there');
    await screen.findByText('on the bench');
    expect(requestsTo('POST /api/plans')[0]?.body).toMatchObject({ clientId: sample.client.id });
  });
});

describe('LineDialog', () => {
  it('asks for what stands on a pack, and leaves the rest to be estimated', async () => {
    serve({ 'POST /api/hair-lines': () => deep });
    const onClose = show();
    type('Name', 'Fog Bank');
    type('Hangs (length of a leg)', '40');
    type('or a pack weighs, g', '95');
    press('Put it on the shelf');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(requestsTo('POST /api/hair-lines')[0]?.body).toMatchObject({
      name: 'Fog Bank',
      lengthMm: 400,
      packGrams: 95,
      loopsPerBundle: null,
      gramsPerLoop: null,
      priceMinor: null,
    });
  });

  it('asks again for what was estimated', () => {
    show({ ...deep, guessed: ['PRICE', 'GRAMS'] });
    const value = (label: string) => (screen.getByLabelText(label) as HTMLInputElement).value;
    expect(value('Price of a pack')).toBe('');
    expect(value('Grams of a loop')).toBe('');
    expect(value('Pieces in a pack')).toBe(String(deep.loopsPerBundle));
    expect(screen.getByText(/^estimated: about €/)).toBeTruthy();
  });

  it('asks before what was written is left', () => {
    const onClose = show();
    type('Name', 'Fog Bank');
    fireEvent.keyDown(screen.getByLabelText('Name'), { key: 'Escape' });
    expect(onClose).not.toHaveBeenCalled();
    press('Go on writing');
    fireEvent.keyDown(screen.getByLabelText('Name'), { key: 'Escape' });
    fireEvent.click(screen.getAllByRole('button', { name: 'Leave it' }).at(-1) as HTMLElement);
    expect(onClose).toHaveBeenCalledOnce();
  });

  it('says a limit of the price as an amount', async () => {
    serve({
      'POST /api/hair-lines': () =>
        refusal(422, 'Some entries cannot be used.', [
          { field: 'priceMinor', message: '-', min: 0, max: 100_000_000, unit: '' },
        ]),
    });
    show();
    press('Put it on the shelf');
    await screen.findByText(/between €0.00 and €1,000,000.00/);
  });

  const show = (of?: HairLine) => {
    const onClose = vi.fn();
    around(<LineDialog line={of} onClose={onClose} />);
    return onClose;
  };
  const sent = () => requestsTo(`PUT /api/hair-lines/${deep.id}`)[0]?.body as HairLine;

  it('opens with what is known and sends it back unchanged', async () => {
    serve({ [`PUT /api/hair-lines/${deep.id}`]: () => deep });
    const onClose = show(deep);
    press('Keep the change');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    for (const [field, value] of Object.entries(sent())) {
      if (field !== 'packGrams')
        expect([field, value]).toEqual([field, deep[field as keyof HairLine]]);
    }
  });

  it('reads prices, colours and other pack sizes as they are written', async () => {
    serve({ [`PUT /api/hair-lines/${deep.id}`]: () => deep });
    const onClose = show(deep);
    type('Price of a pack', '7,95');
    type('Colours, with commas between', 'ink,  tide grey , ,sand');
    type(SIZES, '60 at 21.90; 22 @ 8');
    press('Keep the change');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent()).toMatchObject({
      priceMinor: 795,
      colours: ['ink', 'tide grey', 'sand'],
      otherPacks: [
        { loops: 60, priceMinor: 2190 },
        { loops: 22, priceMinor: 800 },
      ],
    });
  });

  it.each([
    ['Price of a pack', 'cheap', 'Write a price, such as'],
    ['Pieces in a pack', 'a few', 'Write a number.'],
    ['Hangs (length of a leg)', 'long', 'Write a length'],
    [SIZES, '60 for 20', 'Write the loops'],
  ])('sends nothing while %s reads “%s”', (label, text, says) => {
    show(deep);
    type(label, text);
    press('Keep the change');
    expect(requestsTo(`PUT /api/hair-lines/${deep.id}`)).toEqual([]);
    expect(screen.getByRole('alert').textContent).toContain(says);
  });

  it('counts money in the smallest unit of its currency', async () => {
    serve({ [`PUT /api/hair-lines/${deep.id}`]: () => deep });
    const otherPacks = [{ loops: 90, priceMinor: 1500 }];
    const onClose = show({ ...deep, currency: 'JPY', priceMinor: 900, otherPacks });
    expect((screen.getByLabelText('Price of a pack') as HTMLInputElement).value).toBe('900');
    type('Price of a pack', '950');
    type(SIZES, `${(screen.getByLabelText(SIZES) as HTMLInputElement).value}; 20 at 400`);
    press('Keep the change');
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent()).toMatchObject({
      priceMinor: 950,
      currency: 'JPY',
      otherPacks: [...otherPacks, { loops: 20, priceMinor: 400 }],
    });
  });

  it('says each refusal at its field', async () => {
    serve({
      'POST /api/hair-lines': () =>
        refusal(422, 'Some entries cannot be used.', [
          { field: 'loopsPerBundle', message: 'A pack needs loops.', min: 1, max: 80, unit: '' },
          { field: 'otherPacks[0].loops', message: 'Not 0.', min: 1, max: 500, unit: '' },
        ]),
    });
    show();
    type('Name', 'Fog Bank');
    press('Put it on the shelf');
    await screen.findByText('A pack needs loops.');
    expect(screen.getByText('Not 0.')).toBeTruthy();
    expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Fog Bank');
  });
});
