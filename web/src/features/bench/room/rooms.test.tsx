import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { onBench, refusedAt, said, sample } from '../../../testing/onBench';
import { entryOf } from '../../../glossary';
import { serve } from '../../../testing/server';
import { Findings } from '../panels/Findings';
import { MapTable } from '../map/MapTable';
import { Drawn } from './Drawn';
import { Strip } from './Strip';
import { STEP_WORDS } from './stepWords';
import { useRoom } from './useRoom';

afterEach(() => vi.unstubAllGlobals());

describe('useRoom', () => {
  const at = (width: number, height: number) => {
    vi.stubGlobal('matchMedia', (query: string) => ({
      matches: query.includes('width')
        ? width < Number(/\d+/.exec(query)?.[0])
        : height < Number(/\d+/.exec(query)?.[0]),
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }));
    const Room = () => <p>{useRoom()}</p>;
    const { container, unmount } = render(<Room />);
    const room = container.textContent;
    unmount();
    return room;
  };

  it.each([
    [1920, 1080, 'wide'],
    [1280, 800, 'desk'],
    [820, 1180, 'upright'],
    [640, 400, 'low'],
    [390, 844, 'phone'],
  ])('at %d × %d is %s', (width, height, room) => {
    expect(at(width, height)).toBe(room);
  });
});

it('knows the words of every step', () => {
  for (const [step, ids] of Object.entries(STEP_WORDS)) {
    expect(ids.length, step).toBeGreaterThan(2);
    expect(ids.map(entryOf).map((e) => e.id)).toEqual(ids);
  }
});

describe('the strip', () => {
  it('says the figures in a line, where they stood before, and opens all of them', () => {
    const bench = onBench(<Strip />);
    const strip = screen.getByRole('button', { name: 'What it comes to' });
    const { ledger } = sample.plan;
    expect(strip.textContent).toContain(`loops${ledger.neededLoops}`);
    act(() => bench.getState().hold({ ...ledger, neededLoops: ledger.neededLoops + 7 }));
    expect(strip.textContent).toContain(`was ${ledger.neededLoops + 7}`);
    act(() => bench.getState().letGo());
    fireEvent.click(strip);
    expect(screen.getByRole('dialog', { name: 'What it comes to' })).toBeTruthy();
  });
});

describe('the sheet', () => {
  it('is drawn up step by step, laid down, and comes up for whoever goes to a step', () => {
    const bench = onBench(
      <Drawn figures={<p>figures</p>}>
        <button type="button">within</button>
      </Drawn>,
    );
    const sheet = screen.getByRole('region', { name: 'Step and figures' });
    const inner = sheet.lastElementChild as HTMLElement;
    const key = () => within(sheet).getByRole('button', { name: /the sheet/ });
    expect(inner.hasAttribute('inert')).toBe(true);
    fireEvent.click(key());
    expect(inner.hasAttribute('inert')).toBe(false);
    fireEvent.click(key());
    expect(key().getAttribute('aria-label')).toBe('Lay the sheet down');
    fireEvent.click(key());
    expect(inner.hasAttribute('inert')).toBe(true);
    act(() => bench.getState().go('wear'));
    expect(inner.hasAttribute('inert')).toBe(false);
  });
});

describe('a plan that cannot be made', () => {
  it('offers ways out, and takes one as a change', async () => {
    serve({
      'POST /api/ways-out': () => [
        { words: said('Braid straight back instead'), change: { fullness: 0.7 } },
      ],
    });
    const bench = onBench(<Findings />, {
      problem: refusedAt('foundation.parts[0].startMm', 'A spiral winds across every part.'),
    });
    expect(screen.getByText('A spiral winds across every part.')).toBeTruthy();
    const way = await screen.findByRole('button', { name: 'Braid straight back instead' });
    fireEvent.click(way);
    await waitFor(() => expect(bench.getState().brief.fullness).toBe(0.7));
    expect(bench.getState().past).toHaveLength(1);
  });
});

describe('the map in words', () => {
  it('says of every row where it ends, and the hair of every zone', () => {
    onBench(<MapTable />);
    const [rows, zones] = screen.getAllByRole('table') as [HTMLElement, HTMLElement];
    expect(within(rows).getAllByRole('row')).toHaveLength(sample.plan.rows.length + 1);
    const figures = within(zones)
      .getAllByRole('row')
      .slice(1)
      .map((r) => [...r.querySelectorAll('td')].map((d) => Number(d.textContent)));
    const shares = figures.reduce((sum, [n]) => sum + (n ?? 0), 0);
    const loops = figures.reduce((sum, [, n]) => sum + (n ?? 0), 0);
    expect(shares).toBe(sample.plan.stations.length);
    expect(Math.abs(loops - sample.plan.ledger.placedLoops)).toBeLessThanOrEqual(2);
  });
});
