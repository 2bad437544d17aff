import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Brief, Comparison, Ledger, SavedPlan } from '../../../api/types';
import { createBench } from '../draft/benchStore';
import { BenchContext } from '../draft/useBench';
import { said } from '../../../testing/onBench';
import { WhatIf } from './WhatIf';

const { compare } = vi.hoisted(() => ({ compare: vi.fn() }));
vi.mock('../../../api/client', () => ({ api: { compare } }));
// The maps have tests of their own; here it is told only which plan and which look each is given.
vi.mock('../../../viz/chart/ScalpChart', () => ({
  SHEET: { x: 0, y: 0, width: 1, height: 1 },
  ScalpChart: (props: { plan: { name: string }; worn?: { words: string } }) => (
    <text>
      {props.plan.name} {props.worn?.words}
    </text>
  ),
}));

const PLAN = {
  id: 'p1',
  clientId: 'c1',
  clientName: 'Odalys Fenwright',
  name: 'Ball curls',
  version: 1,
  brief: { fullness: 1, foundation: { parts: [] } } as unknown as Brief,
} as SavedPlan;

const figure = (
  what: string,
  values: [number, number],
  rest: Partial<Comparison['figures'][number]> = {},
): Comparison['figures'][number] => ({
  what,
  values,
  differs: values[0] !== values[1],
  kind: 'COUNT',
  better: 'LESS',
  group: 'HOOKING',
  reckoned: null,
  why: [],
  ...rest,
});

const answer = (parts: Partial<Comparison> = {}) =>
  ({
    plans: [
      { drawn: { name: 'as it was' }, read: { ledger: { currency: 'EUR' } } },
      { drawn: { name: 'as it is' }, read: { ledger: { currency: 'EUR' } } },
    ],
    worn: [{ words: 'down' }, { words: 'down' }],
    choices: [],
    figures: [],
    ...parts,
  }) as unknown as Comparison;

beforeEach(() => {
  localStorage.clear();
  compare.mockReset();
});

function show() {
  const store = createBench(PLAN, 2);
  render(
    <BenchContext value={store}>
      <WhatIf />
    </BenchContext>,
  );
  return store;
}

const rows = () => within(screen.getByRole('group')).getAllByRole('row').slice(1);

describe('WhatIf', () => {
  it('is not there until a plan is kept beside', async () => {
    compare.mockResolvedValue(answer());
    const store = show();
    expect(screen.queryByLabelText('What if')).toBeNull();
    expect(compare).not.toHaveBeenCalled();
    act(() => store.getState().keepBeside(true));
    await waitFor(() => expect(screen.getByText(/Nothing differs yet/)).toBeTruthy());
    act(() => store.getState().keepBeside(false));
    expect(screen.queryByLabelText('What if')).toBeNull();
  });

  it('compares the kept one with the one on the bench, worn as it is looked at', async () => {
    compare.mockResolvedValue(answer());
    const store = show();
    act(() => store.getState().keepBeside(true));
    act(() => store.getState().wear({ way: 'BUN' }));
    act(() => store.getState().change('fullness', (b) => ({ ...b, fullness: 1.3 })));
    await waitFor(() => {
      const asked = compare.mock.lastCall?.[0] as {
        briefs: { brief: Brief }[];
        worn: { way: string };
      };
      expect(asked.briefs.map((b) => b.brief.fullness)).toEqual([1, 1.3]);
      expect(asked.worn.way).toBe('BUN');
    });
    expect(screen.getByText('as it was down')).toBeTruthy();
    expect(screen.getByText('as it is down')).toBeTruthy();
  });

  it('lists only what differs: choices, then what is seen, then what is hooked', async () => {
    compare.mockResolvedValue(
      answer({
        choices: [
          { what: 'hair', words: ['Slack Water', 'Slack Water'], differs: false },
          { what: 'wished fullness', words: ['100 %', '130 %'], differs: true },
        ],
        figures: [
          figure('rows in front', [14, 14], { group: 'FOUNDATION' }),
          figure('hair costs', [4680, 5200], { kind: 'MONEY' }),
          figure('in the chair', [140, 125], { kind: 'MINUTES' }),
          figure('skin that shows', [2.5, 1.2], { kind: 'PERCENT', group: 'WORN' }),
        ],
      }),
    );
    const store = show();
    act(() => store.getState().keepBeside(true));
    await waitFor(() => expect(screen.getByRole('group')).toBeTruthy());
    expect(rows().map((r) => within(r).getByRole('rowheader').textContent)).toEqual([
      'wished fullness',
      'skin that shows',
      'hair costs',
      'in the chair',
    ]);
    const said = rows().map((r) => r.textContent);
    expect(said[1]).toContain('2.5 %');
    expect(said[2]).toContain('€46.80');
    expect(said[3]).toContain('2 h 05');
  });

  it('tells of a figure how it comes about in each of the two', async () => {
    compare.mockResolvedValue(
      answer({
        figures: [
          figure('skin that shows', [2.5, 1.2], {
            group: 'WORN',
            why: [[said('Front: 4 %.')], [said('Front: 2 %.')]],
          }),
        ],
      }),
    );
    const store = show();
    act(() => store.getState().keepBeside(true));
    fireEvent.click(await screen.findByRole('button', { name: 'why: skin that shows' }));
    const steps = within(screen.getByRole('dialog')).getAllByRole('listitem');
    expect(steps.map((s) => s.textContent)).toEqual(['Front: 4 %.', 'Front: 2 %.']);
  });

  it('marks the better of the two, and neither where nobody would say', async () => {
    compare.mockResolvedValue(
      answer({
        figures: [
          figure('loops', [100, 80]),
          figure('longest part', [60, 90], { better: 'MORE', kind: 'COUNT' }),
          figure('stations', [150, 120], { better: 'NEITHER' }),
        ],
      }),
    );
    const store = show();
    act(() => store.getState().keepBeside(true));
    await waitFor(() => expect(screen.getByRole('group')).toBeTruthy());
    const marked = rows().map((r) => within(r).queryAllByLabelText('better').length);
    expect(marked).toEqual([1, 1, 0]);
    const cells = within(rows()[0] as HTMLElement).getAllByRole('cell');
    expect(within(cells[1] as HTMLElement).queryByLabelText('better')).not.toBeNull();
  });

  it('waits while something is in the hand', async () => {
    compare.mockResolvedValue(answer());
    const store = show();
    act(() => store.getState().keepBeside(true));
    await waitFor(() => expect(compare).toHaveBeenCalledTimes(1));
    act(() => store.getState().hold({} as Ledger));
    act(() => store.getState().change('fullness', (b) => ({ ...b, fullness: 1.1 })));
    act(() => store.getState().change('fullness', (b) => ({ ...b, fullness: 1.2 })));
    expect(compare).toHaveBeenCalledTimes(1);
    act(() => store.getState().letGo());
    await waitFor(() => expect(compare).toHaveBeenCalledTimes(2));
  });
});
