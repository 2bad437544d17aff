import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Brief, Family, Plan } from '../../../api/types';
import { onBench, refusedAt, sample } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { usePrefs } from '../../../ui/prefs';
import { withBack, withFoundation, withTail } from '../draft/edits/foundationEdits';
import { PartsStep } from './PartsStep';
import { HairlineTab } from './rows/HairlineTab';
import { OrderTab } from './rows/OrderTab';
import { inTurns } from './turns';
import { PatternTab } from './rows/PatternTab';
import { RowEntry } from './rows/RowEntry';

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const family = (of: Family) => (b: Brief) => withBack(b, { family: of });

describe('PartsStep', () => {
  it('adds a part where it was asked for, beside those there are', () => {
    const bench = onBench(<PartsStep />);
    const before = sample.savedPlan.brief.foundation.parts;
    press('left');
    press('middle');
    const parts = bench.getState().brief.foundation.parts;
    expect(parts.slice(0, before.length)).toEqual(before);
    expect(parts.slice(before.length).map((p) => p.startMm)).toEqual([-35, 0]);
    press('Remove part 1');
    expect(bench.getState().brief.foundation.parts.map((p) => p.startMm)).toEqual([-35, 0]);
    act(() => bench.getState().undo());
    expect(bench.getState().brief.foundation.parts).toEqual(parts);
  });

  it('says on which side of her a part starts', () => {
    const bench = onBench(<PartsStep />);
    const part = within(screen.getByRole('region', { name: 'Part 1' }));
    fireEvent.change(part.getByLabelText('starts'), { target: { value: '-2.5' } });
    expect(bench.getState().brief.foundation.parts[0]?.startMm).toBe(-25);
    expect(part.getByText('to her left')).toBeTruthy();
    fireEvent.change(part.getByLabelText('starts'), { target: { value: '0' } });
    expect(part.getByText('on the midline')).toBeTruthy();
    expect(part.queryByText(/braided to be seen/)).toBeNull();
  });

  it('asks how its rows end only of a part that stops short', () => {
    const bench = onBench(<PartsStep />, {
      brief: (b) =>
        withFoundation(b, { parts: b.foundation.parts.map((p) => ({ ...p, lengthMm: null })) }),
    });
    expect(screen.queryByText('Where it stops, its rows')).toBeNull();
    type('runs back', '6');
    fireEvent.click(screen.getByRole('radio', { name: 'crossed' }));
    expect(bench.getState().brief.foundation.parts[0]).toMatchObject({
      lengthMm: 60,
      end: 'CROSSED',
    });
  });

  it('shows how much scalp a laid part will show', () => {
    onBench(<PartsStep />);
    const laid = sample.plan.parts[0] as Plan['parts'][number];
    const part = screen.getByRole('region', { name: 'Part 1' });
    expect(part.textContent).toContain(
      `Shows ${(laid.meanMm / 10).toFixed(1)} cm of scalp, open for ${(laid.openMm / 10).toFixed(1)} cm`,
    );
  });

  it('says at the list when there are too many parts', () => {
    onBench(<PartsStep />, { problem: refusedAt('foundation.parts', 'At most four.') });
    expect(screen.getByRole('alert').textContent).toContain('At most four.');
  });

  it('names where a part could run, longest first, and what would stop it', () => {
    const gaps = sample.plan.gaps.map((g, i) =>
      i === 0 ? { ...g, openMm: 200, readsAsSkin: false, stoppedBy: 'P1' } : g,
    );
    const bench = onBench(<PartsStep />, { plan: { ...sample.plan, gaps } });
    const list = screen.getByRole('region', { name: 'Where a part could run' });
    const first = within(list).getAllByRole('listitem')[0] as HTMLElement;
    expect(first.textContent).toContain('20.0 cm long');
    expect(first.textContent).toContain('too narrow to read as skin; the tail of P1 crosses it');
    fireEvent.mouseEnter(first);
    expect(bench.getState().heldRow).toBe(gaps[0]?.leftRow);
  });
});

describe('PatternTab', () => {
  beforeEach(() => serve({ 'GET /api/patterns': () => [] }));

  it('offers as many rows behind as the core says there can be', () => {
    const bench = onBench(<PatternTab />, {
      brief: (b) => withFoundation(family('STRAIGHT')(b), { frontRows: 7, backRows: 9 }),
      plan: { ...sample.plan, backRows: { min: 2, max: 7 } },
    });
    const behind = screen.getByText('Rows behind').parentElement as HTMLElement;
    expect(behind.textContent).toContain('7');
    expect(
      (screen.getByRole('button', { name: 'more: Rows behind' }) as HTMLButtonElement).disabled,
    ).toBe(true);
    press('less: Rows in front');
    // What was asked behind is asked still, for when there are rows enough again.
    expect(bench.getState().brief.foundation).toMatchObject({ frontRows: 6, backRows: 9 });
  });

  it.each<[Family, string, string | null]>([
    ['STRAIGHT', 'Rows behind', 'Level rows'],
    ['SWITCHBACK', 'Level rows', 'Rows behind'],
    ['CAPPED', 'Cap begins behind the line', 'Level rows'],
    ['WEFTED', 'Weft rows', 'Rows behind'],
    ['SPIRAL', 'From turn to turn', 'Rows in front'],
  ])('asks of the %s family what it needs: %s, not %s', (of, asked, notAsked) => {
    onBench(<PatternTab />, { brief: family(of) });
    expect(screen.getAllByText(asked).length).toBeGreaterThan(0);
    if (notAsked) expect(screen.queryByText(notAsked)).toBeNull();
  });

  it('keeps the figures of a family while another is tried', () => {
    const bench = onBench(<PatternTab />, { brief: family('SWITCHBACK') });
    press('more: Level rows');
    const levels = bench.getState().brief.foundation.back.levels;
    fireEvent.click(screen.getByRole('radio', { name: /straight back/ }));
    expect(bench.getState().brief.foundation.back).toMatchObject({ family: 'STRAIGHT', levels });
  });

  it('takes a cap off the head to hook it', () => {
    const bench = onBench(<PatternTab />, { brief: family('CAPPED') });
    fireEvent.click(screen.getByLabelText('hooked off the head, before she comes'));
    expect(bench.getState().brief.foundation.back.isHookedOff).toBe(true);
  });

  it('sets a second overlay behind the first', () => {
    const bench = onBench(<PatternTab />, {
      brief: (b) => withFoundation(b, { overlaysMm: [] }),
    });
    press('more: Overlay rows');
    press('more: Overlay rows');
    expect(bench.getState().brief.foundation.overlaysMm).toEqual([30, 64]);
    type('Overlay 1 behind the ear line', '2.5');
    press('less: Overlay rows');
    expect(bench.getState().brief.foundation.overlaysMm).toEqual([25]);
  });

  it('says at the family what a head is too small for', () => {
    onBench(<PatternTab />, {
      problem: refusedAt('foundation.back.family', 'There is no room for a cap.'),
    });
    expect(screen.getByRole('alert').textContent).toContain('no room for a cap');
  });

  it('keeps a foundation under a name, and lays a kept one on this head', async () => {
    const kept = {
      id: 'x',
      name: 'Harbour six',
      foundation: { ...sample.savedPlan.brief.foundation, frontRows: 9, parts: [] },
    };
    serve({
      'GET /api/patterns': () => [kept],
      'POST /api/patterns': () => refusal(422, 'Give it a name.'),
    });
    const bench = onBench(<PatternTab />);
    await waitFor(() => screen.getByRole('button', { name: 'Harbour six' }));
    press('Harbour six');
    expect(bench.getState().brief.foundation.frontRows).toBe(9);
    expect(bench.getState().brief.head).toEqual(sample.savedPlan.brief.head);
    press('Keep the pattern');
    await waitFor(() => expect(screen.getByText(/Give it a name/)).toBeTruthy());
    expect(requestsTo('POST /api/patterns')).toHaveLength(1);
  });
});

describe('HairlineTab', () => {
  it('has the figures of a treatment only where it is wanted', () => {
    const bench = onBench(<HairlineTab />, {
      brief: (b) => withFoundation(b, { rim: { ...b.foundation.rim, perimeter: 'NOWHERE' } }),
    });
    expect(screen.queryByLabelText('Perimeter braid runs inside by')).toBeNull();
    fireEvent.change(screen.getByLabelText('Perimeter braid'), { target: { value: 'ALL_ROUND' } });
    type('Perimeter braid runs inside by', '1.2');
    expect(bench.getState().brief.foundation.rim).toMatchObject({
      perimeter: 'ALL_ROUND',
      perimeterMm: 12,
    });
    const nape = screen.getByRole('radiogroup', { name: 'Lines of singles, the nape' });
    fireEvent.click(within(nape).getByRole('radio', { name: 'two' }));
    press('more: how many, the nape');
    const left = screen.getByRole('radiogroup', { name: 'Lines of singles, her left' });
    fireEvent.click(within(left).getByRole('radio', { name: 'one line' }));
    fireEvent.click(screen.getByRole('radio', { name: 'twisted' }));
    expect(bench.getState().brief.foundation.rim).toMatchObject({
      singles: [
        { stretch: 'NAPE', lines: 2, count: 7 },
        { stretch: 'LEFT', lines: 1, count: 6 },
      ],
      areTwisted: true,
    });
    fireEvent.click(within(nape).getByRole('radio', { name: 'none' }));
    expect(bench.getState().brief.foundation.rim.singles).toHaveLength(1);
  });
});

describe('RowEntry', () => {
  const row = sample.plan.rows.find((r) => r.id === 'F3') as Plan['rows'][number];
  const inHand = (around = {}) => {
    const bench = onBench(<RowEntry />, around);
    act(() => bench.getState().holdRow(row.id));
    return bench;
  };

  it('waits for a row to be touched', () => {
    onBench(<RowEntry />);
    expect(screen.getByText(/Touch a row on the map/)).toBeTruthy();
  });

  it('adds up moves of one row, and keeps other changes apart', () => {
    const bench = inHand();
    press('to her right');
    press('to her right');
    press('wider');
    press('to her left');
    expect(bench.getState().brief.foundation.edits).toEqual([
      { row: 'F3', kind: 'MOVE', moveMm: 6, factor: null, endsAt: null },
      { row: 'F3', kind: 'RESIZE', moveMm: null, factor: 1.2, endsAt: null },
      { row: 'F3', kind: 'MOVE', moveMm: -3, factor: null, endsAt: null },
    ]);
    press('Undo 3 changes to single rows');
    expect(bench.getState().brief.foundation.edits).toEqual([]);
  });

  it('sends a front row into another row behind, and its neighbours along where they must', () => {
    // The sample's front rows as if they joined two and two.
    const rows = sample.plan.rows.filter((r) => r.section === 'FRONT');
    const behind = rows
      .filter((_, i) => i % 2 === 0)
      .map((r, i) => ({ ...r, id: `B${i + 1}`, section: 'BACK' as const, joins: null }));
    const joined = rows.map((r, i) => ({ ...r, joins: `B${Math.floor(i / 2) + 1}` }));
    const bench = inHand({ plan: { ...sample.plan, rows: [...joined, ...behind] } });
    const joins = screen.getByRole('radiogroup', { name: 'It joins' });
    expect(within(joins).getByRole('radio', { checked: true }).textContent).toBe('2');
    fireEvent.click(within(joins).getByRole('radio', { name: '1' }));
    const { joins: sizes } = bench.getState().brief.foundation;
    expect(sizes.slice(0, 2)).toEqual([3, 1]);
    expect(sizes.reduce((a, b) => a + b, 0)).toBe(rows.length);
    press('join as usual');
    expect(bench.getState().brief.foundation.joins).toEqual([]);
  });

  it('sends a tail by name, and lets it be suggested again', () => {
    const bench = inHand();
    fireEvent.change(screen.getByLabelText('or into'), { target: { value: 'F2' } });
    expect(bench.getState().brief.foundation.tails).toEqual([
      { row: 'F3', end: 'FED', into: 'F2', at: 0.75 },
    ]);
    press('pin');
    expect(bench.getState().brief.foundation.tails).toMatchObject([{ end: 'PINNED', into: null }]);
    press('as suggested');
    expect(bench.getState().brief.foundation.tails).toEqual([]);
  });

  it('takes the tail to the map, and lays it down again', () => {
    const bench = inHand();
    press('Feed it into a row on the map');
    expect(bench.getState().tool).toEqual({ kind: 'tail', row: 'F3', end: 'FED' });
    press('Now touch the row that takes it');
    expect(bench.getState().tool).toBeUndefined();
  });

  it('says at the choice why a tail cannot go there', () => {
    inHand({
      brief: (b: Brief) => withTail(b, 'F3', 'FED', 'F1'),
      problem: refusedAt('foundation.tails[0].into', 'They would run in a circle.'),
    });
    expect(screen.getByRole('alert').textContent).toContain('in a circle');
  });
});

describe('OrderTab', () => {
  it('numbers the braiding, and shows a touched step on the map', () => {
    const bench = onBench(<OrderTab />);
    const steps = [...document.querySelectorAll<HTMLElement>('[data-turn]')];
    expect(steps.map((s) => Number(s.dataset.turn))).toEqual(
      sample.plan.steps.map((s) => s.number),
    );
    const braid = sample.plan.steps.findIndex((s) => s.kind === 'BRAID');
    expect(screen.queryByText(sample.plan.steps[braid]?.words ?? '')).toBeNull();
    fireEvent.click(steps[braid] as HTMLElement);
    expect(bench.getState().heldRow).toBe(sample.plan.steps[braid]?.rows[0]);
    expect(screen.getByText(sample.plan.steps[braid]?.words ?? '')).toBeTruthy();
  });

  it('puts mirrored rows that follow each other beside one picture', () => {
    const turn = (number: number, row: string) => ({
      number,
      row,
      name: row,
      aside: '',
      words: '',
    });
    const fronts = sample.plan.rows.filter((r) => r.section === 'FRONT').map((r) => r.id);
    const [first = '', second = '', last = ''] = [fronts[0], fronts[1], fronts.at(-1)];
    const groups = inTurns(sample.plan.rows, [turn(1, first), turn(2, last), turn(3, second)]);
    expect(groups.map((g) => g.map((t) => t.number))).toEqual([[1, 2], [3]]);
    expect(inTurns(sample.plan.rows, [turn(1, first), turn(2, second)])).toHaveLength(2);
  });

  it('says how hard it is on oneself, and why', () => {
    onBench(<OrderTab />, {
      plan: { ...sample.plan, selfWork: { grade: 'HARD', strain: 9, reasons: ['by feel'] } },
    });
    expect(screen.getByText('hard on oneself')).toBeTruthy();
    expect(screen.getByText(/by feel/)).toBeTruthy();
  });
});
