import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { BalanceLine, Finding } from '../../../api/types';
import { onBench, said, sample } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { usePrefs } from '../../../ui/prefs';
import { CountsStep } from './CountsStep';
import { WearStep } from './WearStep';

const { plan, worn, savedPlan } = sample;

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('WearStep', () => {
  it('wears it with each part there is, and every other way without', () => {
    const bench = onBench(<WearStep />);
    const ways = within(screen.getByRole('radiogroup', { name: 'Worn' }));
    expect(ways.getAllByRole('radio')).toHaveLength(plan.parts.length + 7);
    expect(ways.getByRole('radio', { name: 'down, part 1' }).ariaChecked).toBe('true');
    fireEvent.click(ways.getByRole('radio', { name: 'bun' }));
    expect(bench.getState().worn).toMatchObject({ way: 'BUN', part: null });
    fireEvent.click(ways.getByRole('radio', { name: 'down, part 1' }));
    expect(bench.getState().worn).toMatchObject({ way: 'DOWN', part: 0 });
  });

  it('moves from day to day with the keys', () => {
    const bench = onBench(<WearStep />);
    const day = screen.getByRole('slider', { name: 'Day after the install' });
    fireEvent.keyDown(day, { key: 'ArrowRight' });
    fireEvent.keyDown(day, { key: 'End' });
    expect(bench.getState().worn.day).toBe(14);
    expect(bench.getState().past).toEqual([]);
  });

  it('says how much shows, by zone, and waits where that is not known yet', () => {
    onBench(<WearStep />);
    expect(screen.queryByRole('region', { name: 'What shows' })).toBeNull();
    act(() => undefined);
    onBench(<WearStep />, { worn });
    const shown = screen.getByRole('region', { name: 'What shows' });
    expect(shown.textContent).toContain(`${worn.exposedPercent.toFixed(1)} %`);
    expect(
      within(shown)
        .getAllByRole('listitem')
        .map((z) => z.textContent),
    ).toEqual(worn.zones.map((z) => `${z.words}${z.exposedPercent.toFixed(1)} %`));
  });

  it('leads from a knot or a row that shows to its place on the map', () => {
    const knot = { station: plan.stations[0]?.id ?? '', why: 'a regular knot beside the part' };
    const bench = onBench(<WearStep />, { worn: { ...worn, knots: [knot] } });
    press(knot.station);
    expect(bench.getState().heldStation).toBe(knot.station);
    const rows = screen.getByRole('region', { name: 'Rows that show' });
    fireEvent.click(within(rows).getAllByRole('button')[0] as HTMLElement);
    expect(bench.getState().heldRow).toBe(worn.rows[0]?.row);
  });

  it('numbers the gaps as the map does', () => {
    onBench(<WearStep />, { worn });
    const gaps = within(screen.getByRole('region', { name: 'Gaps' })).getAllByRole('listitem');
    expect(gaps.map((g) => g.textContent?.slice(0, 2))).toEqual(
      worn.gaps.map((_, i) => `${i + 1}.`),
    );
  });

  it('offers the remedies of what is remarked, each as one change', () => {
    const brief = { ...savedPlan.brief, fullness: 1 };
    const remark = {
      ...(worn.remarks[0] as Finding),
      remedies: [{ words: said('Hook the front closer'), change: { fullness: 1 }, left: null }],
      untried: 0,
    };
    const bench = onBench(<WearStep />, { worn: { ...worn, remarks: [remark] } });
    const remarks = screen.getByRole('region', { name: 'As it is worn' });
    fireEvent.click(within(remarks).getByRole('button', { name: 'Hook the front closer' }));
    expect(bench.getState().brief).toEqual(brief);
    expect(bench.getState().past).toEqual([savedPlan.brief]);
  });

  it('judges the edge of each updo, and says which she asked for', () => {
    onBench(<WearStep />);
    for (const u of plan.updos) {
      const words = screen.getByRole('region', { name: u.words }).textContent ?? '';
      expect(words).toContain(u.works ? 'carries it' : 'shows');
      expect(words.includes('asked for')).toBe(savedPlan.brief.consultation.ways.includes(u.way));
    }
  });
});

/** A stream of balancing, line by line, cut anywhere. */
const balancing = (lines: BalanceLine[], cut = 7) => {
  const bytes = new TextEncoder().encode(lines.map((l) => `${JSON.stringify(l)}\n`).join(''));
  return new Response(
    new ReadableStream({
      start(to) {
        for (let i = 0; i < bytes.length; i += cut) to.enqueue(bytes.slice(i, i + cut));
        to.close();
      },
    }),
    { status: 200, headers: { 'Content-Type': 'application/x-ndjson' } },
  );
};

const RESULT: NonNullable<BalanceLine['result']> = {
  change: { fullness: 0.8 },
  isMet: true,
  isBetter: true,
  words: '9 loops fewer, and no more shows.',
  zones: [
    {
      zone: 'BACK',
      words: 'back',
      spacingBefore: 25,
      spacingAfter: 31,
      shareBefore: 'half',
      shareAfter: 'half',
      exposedPercentBefore: 4,
      exposedPercentAfter: 5.2,
    },
  ],
  loopsBefore: 60,
  loopsAfter: 51,
  exposedPercentBefore: 4,
  exposedPercentAfter: 4.1,
  tried: 80,
};
const done = (result: BalanceLine['result'], problem: string | null = null): BalanceLine => ({
  done: 1,
  result,
  problem,
});

describe('CountsStep', () => {
  const outcome = () => screen.findByRole('region', { name: 'What balancing came to' });

  it('accounts for every loop of every hair: placed, kept back, in hand, bought, left over', () => {
    onBench(<CountsStep />);
    for (const h of plan.hairs) {
      const bought = h.bought.reduce((sum, b) => sum + b.count * b.loopsPerPack, 0);
      expect(h.shelfLoops + bought - h.placedLoops - h.reserveLoops).toBe(h.leftOverLoops);
      const told = screen.getByRole('region', { name: `${h.name}, ${h.colour}` }).textContent;
      expect(told).toContain(`${h.placedLoops} placed + ${h.reserveLoops} for fills`);
      expect(told).toContain(`${h.leftOverLoops} loops left over`);
    }
  });

  it('counts loose fibre by weight, and pieces that are cut of it once', () => {
    const [main] = plan.hairs;
    if (!main) throw new Error('no hair');
    const loose = { ...main, isLooped: false, gramsPerLoop: 5, gramsPlaced: 312.4 };
    const cut = { ...loose, isCutOfMain: true, placedLoops: 49, colour: 'cut' };
    onBench(<CountsStep />, { plan: { ...plan, hairs: [loose, cut] } });
    const told = screen.getByRole('region', { name: `${main.name}, ${main.colour}` }).textContent;
    expect(told).toContain(`${main.placedLoops} placed in tufts of 5 g, 312 g,`);
    for (const b of main.bought) expect(told).toContain(`of ${b.loopsPerPack * 5} g`);
    expect(screen.getByRole('region', { name: `${main.name}, cut` }).textContent).toContain(
      '49 pieces of half the length, two from each tuft above',
    );
  });

  it('lists what to split in the order it is taken, and halves left over for wisps', () => {
    const [main, ...others] = plan.hairs;
    const hairs = main
      ? [{ ...main, shares: main.shares.map((s, i) => ({ ...s, leftOver: i })) }, ...others]
      : [];
    onBench(<CountsStep />, { plan: { ...plan, hairs } });
    const [split] = screen.getAllByRole('list', { name: 'Split before the chair, hang sorted' });
    const lines = within(split as HTMLElement).getAllByRole('listitem');
    const shares = hairs[0]?.shares ?? [];
    expect(lines.map((l) => /hang (\w+)/.exec(l.textContent ?? '')?.[1])).toEqual(
      ['first', 'second', 'third', 'fourth'].slice(0, shares.length),
    );
    for (const [turn, share] of shares.entries()) {
      const many = share.words === 'half' ? 'halves' : `${share.words}s`;
      const over = `${share.leftOver} ${share.leftOver === 1 ? share.words : many} over, for wisps`;
      expect(lines[turn]?.textContent?.includes(over)).toBe(share.leftOver > 0);
    }
    expect(shares.some((s) => s.leftOver > 0)).toBe(true);
  });

  it('adds the quote up from what stands above it', () => {
    onBench(<CountsStep />);
    const quote = screen.getByRole('region', { name: 'What is in it' }).textContent ?? '';
    const { materials, margins, chair, totals } = plan.quote;
    const parts = [materials, ...margins, chair].map((m) => m.minor);
    const totalMinor = totals[0]?.minor ?? 0;
    expect(totals).toHaveLength(1);
    expect(parts.reduce((sum, minor) => sum + minor, 0)).toBe(totalMinor);
    const total = screen.getByRole('region', { name: 'Quote' }).textContent ?? '';
    expect(total).toContain(`€${(totalMinor / 100).toFixed(2)}`);
    for (const minor of parts) {
      expect(quote).toContain(`€${(minor / 100).toFixed(2)}`);
    }
  });

  it('shows what balancing would change before it is taken, and takes it as one change', async () => {
    serve({
      'POST /api/balance': () =>
        balancing([{ done: 0.2, result: null, problem: null }, done(RESULT)]),
    });
    const bench = onBench(<CountsStep />);
    fireEvent.change(screen.getByLabelText('May show, %'), { target: { value: '4,5' } });
    press('Fewest loops');
    const told = await outcome();
    expect(requestsTo('POST /api/balance')[0]?.body).toMatchObject({
      kind: 'FEWEST',
      exposedPercent: 4.5,
      packs: null,
      packLoops: null,
    });
    expect(told.textContent).toContain('9 loops fewer');
    expect(told.textContent).toContain('3.1 cm');
    expect(bench.getState().brief).toBe(savedPlan.brief);
    press('Hook it so');
    expect(bench.getState().brief).toEqual({ ...savedPlan.brief, fullness: 0.8 });
    expect(screen.queryByRole('region', { name: 'What balancing came to' })).toBeNull();
    act(() => bench.getState().undo());
    expect(bench.getState().brief).toEqual(savedPlan.brief);
  });

  it('has to be asked anew once the plan has changed, so that no other change is taken back', async () => {
    serve({
      'POST /api/balance': () => balancing([done(RESULT)]),
    });
    const bench = onBench(<CountsStep />);
    press('Fewest loops');
    await outcome();
    act(() => bench.getState().change('who', (b) => ({ ...b, installer: 'SELF' })));
    expect(screen.queryByRole('button', { name: 'Hook it so' })).toBeNull();
    expect(screen.getByText(/The plan has changed since/)).toBeTruthy();
    press('Balance it anew');
    await waitFor(() => screen.getByRole('button', { name: 'Hook it so' }));
    expect(requestsTo('POST /api/balance')[1]?.body).toMatchObject({
      kind: 'FEWEST',
      brief: { installer: 'SELF' },
    });
    press('Hook it so');
    expect(bench.getState().brief).toMatchObject({ installer: 'SELF', fullness: 0.8 });
  });

  it('offers the nearest there is where a wish cannot be met', async () => {
    serve({
      'POST /api/balance': () =>
        balancing([done({ ...RESULT, isMet: false, words: 'Five.' })], 999),
    });
    const bench = onBench(<CountsStep />);
    press('make the back lighter');
    expect((await outcome()).textContent).toContain('Not quite');
    expect(requestsTo('POST /api/balance')[0]?.body).toMatchObject({
      kind: 'ZONE',
      zone: 'BACK',
      fuller: false,
    });
    press('leave it');
    expect(bench.getState().brief).toBe(savedPlan.brief);
    press('make part 1 fuller');
    await outcome();
    expect(requestsTo('POST /api/balance')[1]?.body).toMatchObject({
      kind: 'PART',
      part: 0,
      fuller: true,
    });
  });

  it('says at the field what cannot be asked for, and what went wrong below it', async () => {
    serve({
      'POST /api/balance': () =>
        refusal(422, 'No.', [{ field: 'packs', message: 'At least one pack.', unit: '' }]),
    });
    onBench(<CountsStep />);
    fireEvent.change(screen.getByLabelText(/^Packs .*in hand$/), { target: { value: '0' } });
    press('Best for these');
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toContain('At least one pack.'),
    );
    serve({ 'POST /api/balance': () => balancing([done(null, 'It took too long.')]) });
    press('Fewest loops');
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toContain('It took too long.'),
    );
  });

  it('can be stopped, and nothing comes of it then', async () => {
    let finish: () => void = () => undefined;
    serve({
      'POST /api/balance': () =>
        new Promise((resolve) => {
          finish = () => resolve(balancing([done(RESULT)]));
        }),
    });
    onBench(<CountsStep />);
    press('Fewest loops');
    await waitFor(() => screen.getByRole('progressbar', { name: 'Balancing' }));
    press('Stop');
    await act(async () => finish());
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(screen.queryByRole('region', { name: 'What balancing came to' })).toBeNull();
  });
});
