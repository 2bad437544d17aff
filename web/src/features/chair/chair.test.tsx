import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Outlook, Visit, RecordedEvent } from '../../api/types';
import { WithWords } from '../../testing/onBench';
import { serve } from '../../testing/server';
import { samples } from '../../testing/work';
import { Count } from './Count';
import { Doing } from './Doing';
import { OtherHairForm } from './more/forms';
import { OptionsDialog } from './more/OptionsDialog';
import { Notices } from './Notices';
import { keyNow } from './visit/actions';
import { fold, nextSteps } from './visit/fold';
import { hooked, stage, type EventOf } from './visit/visitEvent';
import { otherwise } from './visit/otherwise';
import type { Shown } from './visit/visitStore';

vi.mock('./ForecastLine', () => ({ default: () => null }));

const sheet = samples.sheet;

function shown(events: RecordedEvent[], change: Partial<Shown> = {}): Shown {
  return {
    visit: { sheet, unfit: [] } as unknown as Visit,
    state: fold(sheet, events),
    device: 'here',
    unsent: 0,
    isAway: false,
    arrived: events.length,
    problem: undefined,
    ...change,
  };
}

const adjusted = (
  change: Pick<EventOf<'ADJUSTED'>, 'adjustment'> & Partial<EventOf<'ADJUSTED'>>,
): EventOf<'ADJUSTED'> => ({
  kind: 'ADJUSTED',
  leftOut: [],
  otherwise: [],
  size: null,
  supply: null,
  packs: 0,
  ...change,
});

const event = (count: number, w: RecordedEvent['what'], at = Date.now()): RecordedEvent => ({
  device: 'here',
  count,
  clock: count,
  at: new Date(at).toISOString(),
  what: w,
});

const shows = {
  exposed: 0.05,
  way: 'DOWN',
  part: -1,
  wayWords: 'down',
  fullness: 1,
  gapsMm2: 0,
  covers: true,
  gaps: [],
};

const outlook = (change: Partial<Outlook>): Outlook =>
  ({
    arrived: 0,
    hair: [
      {
        supply: 0,
        inLoops: 10,
        perLoop: 1.2,
        total: { low: 40, likely: 45, high: 50 },
        there: 40,
        bundles: { low: 2, likely: 3, high: 3 },
        lasts: 'NO',
        endsBefore: 5,
      },
    ],
    minutesLeft: { low: 30, likely: 40, high: 55 },
    paceOfHooking: 1,
    planned: [],
    gone: [],
    ahead: [],
    now: shows,
    goingOn: shows,
    mayStop: false,
    options: [],
    ...change,
  }) as unknown as Outlook;

describe('other hair', () => {
  it('is a line of the shelf by its id, or any other by its name', async () => {
    serve({
      'GET /api/hair-lines': () => [
        { id: 'h7', name: 'Ebb Loose', colours: ['ink', 'rust'], loopsPerBundle: 16 },
      ],
    });
    const done = vi.fn();
    render(
      <WithWords>
        <OtherHairForm sheet={sheet} state={fold(sheet, [])} done={done} />
      </WithWords>,
    );
    fireEvent.change(screen.getByLabelText('Another line'), {
      target: { value: ' Lent by a friend ' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Put it down' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Ebb Loose' }));
    fireEvent.click(screen.getByRole('button', { name: 'rust' }));
    fireEvent.click(screen.getByRole('button', { name: 'Put it down' }));
    expect(done.mock.calls.map(([w]) => [w.id, w.line, w.colour, w.bundle])).toEqual([
      [null, 'Lent by a friend', '', null],
      ['h7', 'Ebb Loose', 'rust', 16],
    ]);
  });
});

describe('the count', () => {
  it('says on which row the hair runs out, and opens what can be done', () => {
    const open = vi.fn();
    render(<Count shown={shown([])} outlook={outlook({})} record={vi.fn()} onOptions={open} />);
    const row = sheet.shares[4]?.row ?? '';
    fireEvent.click(screen.getByText(`At this pace the hair runs out on row ${row}.`));
    expect(open).toHaveBeenCalledOnce();
    expect(screen.getByText('40 min')).toBeTruthy();
  });

  it('counts by the plan while no server says more', () => {
    const { container } = render(
      <Count shown={shown([])} outlook={undefined} record={vi.fn()} onOptions={vi.fn()} />,
    );
    expect(container.textContent).toContain('to go');
    expect(container.textContent).not.toContain('runs out');
  });

  it('puts down a bundle at a touch', () => {
    const record = vi.fn();
    render(<Count shown={shown([])} outlook={undefined} record={record} onOptions={vi.fn()} />);
    fireEvent.click(screen.getAllByText('opened one')[0] as HTMLElement);
    expect(record).toHaveBeenCalledWith([
      { kind: 'BUNDLE_OPENED', supply: 0, lot: '', loops: null },
    ]);
  });
});

describe('what is to be done', () => {
  it('asks for a caution to be read before anything else', () => {
    const cautious = sheet.steps.find((s) => s.cautions.length > 0);
    const state = fold(sheet, []);
    const key = keyNow(sheet, state, false);
    render(
      <WithWords>
        <Doing
          sheet={sheet}
          state={state}
          steps={nextSteps(sheet, state)}
          chairKey={key}
          onPress={vi.fn()}
          onBack={vi.fn()}
          onBead={vi.fn()}
        />
      </WithWords>,
    );
    const isFirst = cautious?.number === 1;
    expect(screen.queryByText('I have read this') !== null).toBe(isFirst);
    if (isFirst) expect(screen.getByText(cautious.cautions[0] ?? '')).toBeTruthy();
  });
});

describe('what is done otherwise than planned', () => {
  const step = sheet.steps.find((s) => s.shares.length > 2);
  const [first, second] = step?.shares ?? [];

  it('is said beside the sentence that was frozen, and only of what is still to do', () => {
    if (!step || !first || !second) throw new Error('no row has three shares');
    const words = (events: RecordedEvent[]) =>
      otherwise(sheet, fold(sheet, events), step, {
        knot: (k) => k,
        share: (n) => (n === 8 ? 'eighth' : `1/${n}`),
      });
    expect(words([])).toEqual([]);
    const change = event(1, { kind: 'FROM_HERE_ON', from: first, knot: null, passes: 3, size: 8 });
    expect(words([change]).join()).toContain('eighth');
    const out = event(2, adjusted({ adjustment: 'STOP_HERE', leftOut: step.shares }));
    expect(words([change, out])).toEqual([`${step.shares.length} shares left out`]);
    const done = event(1, hooked(step.shares));
    expect(words([done, { ...change, count: 2, clock: 2 }])).toEqual([]);
  });
});

describe('notices', () => {
  it('offers a likely end for a clock that was left running', () => {
    const record = vi.fn();
    const long = Date.now() - 5 * 3_600_000;
    render(
      <Notices shown={shown([event(1, stage('STAGE_BEGUN', 'HOOK'), long)])} record={record} />,
      { wrapper: WithWords },
    );
    fireEvent.click(screen.getByText(/^Stop it at/));
    expect(record).toHaveBeenCalledWith([stage('STAGE_PAUSED', 'HOOK')], long + 5 * 60_000);
  });

  it('tells of what could not be used', () => {
    render(<Notices shown={shown([event(1, hooked([9_999]))])} record={vi.fn()} />, {
      wrapper: WithWords,
    });
    expect(screen.getByText(/1 thing put down on another device could not be used/)).toBeTruthy();
  });
});

describe('what two devices disagree on', () => {
  const left = adjusted({ adjustment: 'STOP_HERE', leftOut: [1, 2] });
  const both = [event(1, hooked([1])), { ...event(2, left), device: 'there', count: 1 }];

  it('is asked, and settled by whoever looks', () => {
    const record = vi.fn();
    render(<Notices shown={shown(both)} record={record} />, { wrapper: WithWords });
    expect(screen.getByText(/1 share on row .* hooked on one device and left out/)).toBeTruthy();
    fireEvent.click(screen.getByText('Yes, in'));
    expect(record).toHaveBeenCalledWith([hooked([1])]);
    const settled = fold(sheet, [...both, event(3, hooked([1]))]);
    expect(settled.disputed.size).toBe(0);
    expect(settled.shares.get(1)?.done).toBe('HOOKED');
  });

  it('is nothing where one device changed its mind', () => {
    const mine = [event(1, left), event(2, hooked([1]))];
    expect(fold(sheet, mine).disputed.size).toBe(0);
  });
});

describe('what else can be done', () => {
  it('says what each shows and costs, and takes one at a touch', () => {
    const record = vi.fn();
    const fetch = adjusted({ adjustment: 'FETCH_PACKS', packs: 1, supply: 0 });
    render(
      <OptionsDialog
        isOpen
        onClose={vi.fn()}
        record={record}
        outlook={outlook({
          options: [
            {
              kind: 'FETCH_PACKS',
              words: 'fetch more',
              says: 'Have another pack fetched.',
              what: fetch,
              savesLoops: 20,
              minutes: 0,
              costMinor: 650,
              currency: 'EUR',
              shows,
              lasts: true,
            } as never,
          ],
        })}
      />,
    );
    expect(screen.getByText('5 % shows, no gap, €6.50, then it lasts')).toBeTruthy();
    fireEvent.click(screen.getByText('fetch more'));
    expect(record).toHaveBeenCalledWith([fetch]);
  });
});
