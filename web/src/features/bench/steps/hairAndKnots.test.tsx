import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Brief, HairLine, Method, Plan, PlanStation, Stopping } from '../../../api/types';
import { onBench, refusedAt, said, sample } from '../../../testing/onBench';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { changed } from '../../../lib/change';
import { usePrefs } from '../../../ui/prefs';
import { kindOf } from '../../../viz/chart/beads';
import { withHooking, withMix } from '../draft/edits/hookingEdits';
import { HairStep } from './HairStep';
import { FillsTab } from './knots/FillsTab';
import { MethodTab } from './knots/MethodTab';
import { StationTab } from './knots/StationTab';
import { WorkTab } from './knots/WorkTab';
import { ZonesTab } from './knots/ZonesTab';

const { plan, hairLines, savedPlan, fills, words } = sample;
const lineNamed = (name: string) => hairLines.find((l) => l.name === name) as HairLine;

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const onlyMain = (b: Brief) => withHooking(b, { mix: null });

describe('HairStep', () => {
  const show = async (around = {}) => {
    serve({ 'GET /api/hair-lines': () => hairLines });
    const bench = onBench(<HairStep />, around);
    await waitFor(() => screen.getByText('supplier'));
    return bench;
  };

  it('shows what is known of the hair, and takes another', async () => {
    const bench = await show({ brief: onlyMain });
    expect(screen.getByText('20 loops')).toBeTruthy();
    choose('Hair', lineNamed('Barnacle Coil').id);
    expect(bench.getState().brief.hairLineId).toBe(lineNamed('Barnacle Coil').id);
    expect(screen.getByText('Ninth Pier Wholesale')).toBeTruthy();
  });

  it('offers to cut in half only hair that has no loop', async () => {
    const bench = await show({ brief: onlyMain });
    expect(screen.queryByText(/Cut in half/)).toBeNull();
    choose('Hair', lineNamed('Kelp Coarse').id);
    fireEvent.click(screen.getByLabelText('front'));
    fireEvent.click(screen.getByLabelText('nape'));
    expect(bench.getState().brief.hooking.cutZones).toEqual(['FRONT', 'NAPE']);
    press('more: A tuft, folded once');
    expect(bench.getState().brief.hooking.tuftGrams).toBe(5.7);
    // Whatever was asked of loose fibre can be taken back where looped hair is chosen after it.
    press('as it comes');
    expect(bench.getState().brief.hooking.tuftGrams).toBeNull();
    expect(bench.getState().brief.hooking.cutZones).toEqual([]);
  });

  it('lets a cut be taken back that was asked of looped hair, and says why it cannot be', async () => {
    const bench = await show({
      brief: (b: Brief) => withHooking(b, { cutZones: ['FRONT'] }),
      problem: refusedAt('hooking.cutZones', 'Its loop would be lost.'),
    });
    expect(screen.getByRole('alert').textContent).toContain('Its loop would be lost.');
    fireEvent.click(screen.getByLabelText('front'));
    expect(bench.getState().brief.hooking.cutZones).toEqual([]);
  });

  it('goes up and down in fullness within its limits', async () => {
    const bench = await show({ brief: (b: Brief) => ({ ...b, fullness: 1.58 }) });
    press('more: Fullness');
    expect(bench.getState().brief.fullness).toBe(1.6);
    expect(
      (screen.getByRole('button', { name: 'more: Fullness' }) as HTMLButtonElement).disabled,
    ).toBe(true);
  });

  it('mixes up to four others in, by percent or by zone', async () => {
    const bench = await show({ brief: onlyMain });
    for (let i = 0; i < 4; i++) press('another');
    expect(screen.queryByRole('button', { name: 'another' })).toBeNull();
    press('more: Parts of a hundred, hair 2');
    press('Take hair 5 out of the mix');
    press('Take hair 4 out of the mix');
    const mix = () => bench.getState().brief.hooking.mix;
    expect(mix()?.others?.map((o) => o.percent)).toEqual([25, 20]);
    choose('How it is mixed', 'ZONES');
    expect(screen.queryByText(/Parts of a hundred/)).toBeNull();
    choose('Zone of hair 3', 'NAPE');
    expect(mix()).toMatchObject({ how: 'ZONES', others: [{ zone: null }, { zone: 'NAPE' }] });
  });

  it('takes the first colour of a line that is mixed in instead', async () => {
    const bench = await show();
    const other = lineNamed('Ebb Loose');
    choose('Hair 2', other.id);
    expect(bench.getState().brief.hooking.mix?.others?.[0]).toMatchObject({
      hairLineId: other.id,
      colour: other.colours[0],
      percent: 25,
    });
  });

  it('keeps the seed of a mix, so that it can be repeated', async () => {
    const bench = await show();
    press('another');
    fireEvent.click(screen.getByLabelText('two alike may lie side by side'));
    expect(bench.getState().brief.hooking.mix).toMatchObject({ seed: 7, mayClump: true });
  });

  it('says what does not add up, and where', async () => {
    await show({
      brief: (b: Brief) => withMix(b, [...(b.hooking.mix?.others ?? [])]),
      problem: refusedAt('hooking.mix.others', 'That is 120 of a hundred.'),
    });
    expect(
      within(screen.getByRole('region', { name: 'Mixed in' })).getByRole('alert'),
    ).toBeTruthy();
  });
});

describe('ZonesTab', () => {
  it('hooks one zone closer and wider by the same step, and as usual again', () => {
    const bench = onBench(<ZonesTab />);
    press('hook the back closer');
    press('hook the back closer');
    press('hook the back wider');
    expect(bench.getState().brief.hooking.zones).toEqual([
      { zone: 'BACK', closer: 1.08, shareParts: null },
    ]);
    press('hook the back as usual');
    expect(bench.getState().brief.hooking.zones[0]).toMatchObject({ closer: 1 });
    expect(screen.queryByRole('button', { name: 'hook the back as usual' })).toBeNull();
  });

  it('stops at the closest and the widest there is', () => {
    const bench = onBench(<ZonesTab />, {
      brief: (b) => withHooking(b, { zones: [{ zone: 'NAPE', closer: 2.45, shareParts: 2 }] }),
    });
    press('hook the nape closer');
    press('hook the nape closer');
    expect(bench.getState().brief.hooking.zones).toEqual([
      { zone: 'NAPE', closer: words.limits.closer.max, shareParts: 2 },
    ]);
  });

  it('sets the share of a zone, and says at the zone what is wrong with it', () => {
    const bench = onBench(<ZonesTab />, {
      problem: refusedAt('hooking.zones[0]', 'The knots would touch.'),
    });
    choose('Share at the front', '4');
    expect(bench.getState().brief.hooking.zones[0]).toMatchObject({ shareParts: 4 });
    const front = screen.getByRole('region', { name: 'front' });
    expect(within(front).getByRole('alert').textContent).toContain('would touch');
    expect(screen.getAllByRole('alert')).toHaveLength(1);
  });

  it('says distances as clear gap and centre to centre, in her unit', () => {
    usePrefs.setState({ unit: 'fingers' });
    onBench(<ZonesTab />);
    const front = plan.ledger.zones[0];
    expect(screen.getByRole('region', { name: 'front' }).textContent).toMatch(
      new RegExp(`${((front?.spacingMm ?? 0) / 18).toFixed(1)} fingers?`),
    );
  });

  it('hooks closer beside one part only', () => {
    const bench = onBench(<ZonesTab />);
    press('hook beside part 1 closer');
    press('hook beside part 1 closer');
    expect(bench.getState().brief.hooking.parts).toEqual([{ part: 0, closer: 1.166 }]);
  });
});

describe('StationTab', () => {
  const station = plan.stations.find((s) => s.row === 'F3') as PlanStation;
  const inHand = (around = {}) => {
    const bench = onBench(<StationTab />, around);
    act(() => bench.getState().pickStation(station.id));
    return bench;
  };

  it('tells how the share in hand holds, factor by factor', () => {
    inHand();
    const { hold } = kindOf(plan, station);
    const told = screen.getByRole('region', { name: 'How it holds' });
    expect(within(told).getAllByRole('listitem')).toHaveLength(hold.factors.length);
    expect(told.textContent).toContain(`${Math.round(hold.score * 100)} %`);
  });

  it('changes what is asked of it, each change on top of the last', () => {
    const bench = inHand();
    choose('Share', '3');
    choose('Knot', 'TWIST_FIRST');
    choose('Passes', '4');
    choose('Extra hold', 'TIED_SLIVER');
    press('nearer the end');
    press('take it out');
    const { edits } = bench.getState().brief.hooking;
    expect(edits).toMatchObject([
      { kind: 'SHARE', shareParts: 3 },
      { kind: 'KNOT', knot: 'TWIST_FIRST' },
      { kind: 'PASSES', passes: 4 },
      { kind: 'HOLD', hold: 'TIED_SLIVER' },
      { kind: 'MOVE', moveMm: 4 },
      { kind: 'REMOVE' },
    ]);
    expect(new Set(edits.map((e) => `${e.row} ${e.at}`))).toEqual(new Set([`F3 ${station.at}`]));
    press('Undo 6 changes to single shares');
    expect(bench.getState().brief.hooking.edits).toEqual([]);
  });

  it('draws the gap to the knot beyond it shut, where the plan says that there is one', () => {
    const { beyond, shareParts } = plan.shutting;
    const place = beyond.findIndex((b) => b >= 0);
    const near = plan.stations[place] as PlanStation;
    const far = plan.stations[beyond[place] ?? -1] as PlanStation;
    expect(far.row).not.toBe(near.row);
    const bench = onBench(<StationTab />);
    act(() => bench.getState().pickStation(near.id));
    fireEvent.click(screen.getByRole('button', { name: /draw shut toward/ }));
    expect(bench.getState().brief.hooking.edits.at(-1)).toMatchObject({
      kind: 'SHUT',
      row: near.row,
      at: near.at,
      shareParts,
      otherRow: far.row,
      otherAt: far.at,
    });
    const alone = plan.stations[beyond.indexOf(-1)] as PlanStation;
    act(() => bench.getState().pickStation(alone.id));
    expect(screen.queryByRole('button', { name: /draw shut toward/ })).toBeNull();
  });

  it('parts the single leg of an invisible knot, and of no other', () => {
    const invisible = plan.stations.find((s) => kindOf(plan, s).knot === 'INVISIBLE');
    const other = plan.stations.find((s) => kindOf(plan, s).knot === 'DOUBLE_ENTRY');
    const bench = onBench(<StationTab />);
    act(() => bench.getState().pickStation(other?.id ?? ''));
    expect(screen.queryByLabelText('Of the fibre goes through')).toBeNull();
    act(() => bench.getState().pickStation(invisible?.id ?? ''));
    choose('Of the fibre goes through', '50');
    expect(bench.getState().brief.hooking.edits).toMatchObject([
      { row: invisible?.row, kind: 'LEG', legPercent: 50 },
    ]);
  });

  it('adds another of the same share beside it, never off the end of its row', () => {
    const last = { ...station, at: 0.99 };
    const bench = inHand({
      plan: { ...plan, stations: plan.stations.map((s) => (s.id === last.id ? last : s)) },
    });
    press('one more beside it');
    expect(bench.getState().brief.hooking.edits).toMatchObject([
      { row: 'F3', at: 1, kind: 'ADD', shareParts: kindOf(plan, station).shareParts },
    ]);
  });
});

describe('ByMethod', () => {
  it('names the side that decided, and leads to the method', async () => {
    const even = { ...plan, method: { ...plan.method, name: 'Harbour', spacing: 'EVEN' } } as Plan;
    const bench = onBench(<ZonesTab />, { plan: even });
    const name = await screen.findByRole('button', { name: 'Harbour' });
    const paragraph = name.closest('p') as HTMLElement;
    expect(paragraph.textContent).toContain('By Harbour method: spacing, front to nape even;');
    expect(within(paragraph).getByTitle(/easy to keep/)).toBeTruthy();
    fireEvent.click(name);
    expect(bench.getState()).toMatchObject({ step: 'knots', knotTab: 'method' });
  });

  it('says of a share only what is asked where it is hooked', async () => {
    const bench = onBench(<StationTab />);
    const of = (role: string) => plan.stations.find((s) => kindOf(plan, s).role === role)?.id ?? '';
    act(() => bench.getState().pickStation(of('PART')));
    await screen.findByText('what will show');
    expect(screen.getByText(/beside a part/, { selector: 'span' })).toBeTruthy();
    act(() => bench.getState().pickStation(of('HAIRLINE')));
    expect(screen.getByText('single leg')).toBeTruthy();
    expect(screen.queryByText(/^; beside a part/, { selector: 'span' })).toBeNull();
  });
});

describe('MethodTab', () => {
  const show = async (around = {}) => {
    serve({
      'GET /api/methods': () => [{ id: 'm1', name: 'Race day', method: RACE_DAY }],
    });
    const bench = onBench(<MethodTab />, around);
    await waitFor(() => screen.getByRole('button', { name: 'Race day' }));
    return bench;
  };
  const RACE_DAY = { ...plan.method, name: 'Race day', back: 'FINE' } as Method;

  it('gives both sides of every question with their reasons, hers marked', async () => {
    const bench = await show();
    const radios = screen.getAllByRole('radio') as HTMLInputElement[];
    expect(radios).toHaveLength(words.questions.flatMap((q) => q.sides).length);
    expect(radios.filter((r) => r.checked)).toHaveLength(words.questions.length);
    fireEvent.click(screen.getByRole('radio', { name: /^even/ }));
    expect(bench.getState().brief.hooking.method.spacing).toBe('EVEN');
    expect((screen.getByRole('radio', { name: /^even/ }) as HTMLInputElement).checked).toBe(true);
  });

  it('applies a kept method, and keeps this one under a name', async () => {
    serve({ 'POST /api/methods': () => refusal(422, 'There is one of that name.') });
    const bench = await show();
    press('Race day');
    expect(bench.getState().brief.hooking.method).toEqual(RACE_DAY);
    fireEvent.change(screen.getByLabelText('Keep this one as'), { target: { value: 'Race day' } });
    press('Keep the method');
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toContain('There is one of that name.'),
    );
    expect(requestsTo('POST /api/methods')[0]?.body).toMatchObject({
      name: 'Race day',
      method: { back: 'FINE' },
    });
    expect((screen.getByLabelText('Keep this one as') as HTMLInputElement).value).toBe('Race day');
  });

  it('reads what an hour costs, and leaves it as it was while it cannot be read', async () => {
    const bench = await show();
    const hour = screen.getByLabelText('An hour in the chair, EUR') as HTMLInputElement;
    expect(hour.value).toBe('35');
    fireEvent.change(hour, { target: { value: '42,50' } });
    fireEvent.change(hour, { target: { value: '42,50 or so' } });
    fireEvent.blur(hour);
    expect(bench.getState().brief.hooking.method.hourMinor).toBe(4250);
    expect(hour.value).toBe('42,50 or so');
    expect(screen.getByRole('alert').textContent).toContain('Write an amount, such as');
  });

  it('is paid in the currency that is chosen, whatever the hair is bought in', async () => {
    const bench = await show();
    const currency = screen.getByLabelText('Currency of your prices') as HTMLInputElement;
    const before = bench.getState().brief.hooking.method.currency;
    expect(currency.value).toBe('EUR');
    fireEvent.change(currency, { target: { value: 'gb' } });
    expect(screen.getByRole('alert').textContent).toContain('three letters');
    expect(bench.getState().brief.hooking.method.currency).toBe(before);
    fireEvent.change(currency, { target: { value: 'gbp' } });
    expect(bench.getState().brief.hooking.method.currency).toBe('GBP');
    expect(bench.getState().brief.hooking.method.hourMinor).toBe(3500);
    fireEvent.change(currency, { target: { value: 'jpy' } });
    expect(bench.getState().brief.hooking.method.hourMinor).toBe(35);
  });
});

describe('her own way', () => {
  it('passes a texture as often as she does, and says what more than four do', () => {
    const bench = onBench(<MethodTab />);
    const texture = plan.hairs[0]?.texture;
    const label = `Passes, ${words.textures.find((t) => t.value === texture)?.words}`;
    choose(label, '6');
    expect(bench.getState().brief.hooking.method.passes).toEqual([{ texture, passes: 6 }]);
    cleanup();
    const again = onBench(<MethodTab />, {
      brief: (b) =>
        withHooking(b, {
          method: { ...b.hooking.method, passes: [{ texture: texture ?? 'DEEP_WAVE', passes: 6 }] },
        }),
    });
    expect(screen.getByText(/add size, not hold/)).toBeTruthy();
    choose(label, '');
    expect(again.getState().brief.hooking.method.passes).toEqual([]);
  });

  it('takes the shares she wishes beside parts and at the hairline, and gives the usual ones back', () => {
    const bench = onBench(<MethodTab />);
    choose('A share beside a part', '2');
    choose('The first share at the hairline', '1');
    expect(bench.getState().brief.hooking.method.partShareParts).toBe(2);
    expect(bench.getState().brief.hooking.method.hairlineShareParts).toBe(1);
    choose('A share beside a part', '');
    expect(bench.getState().brief.hooking.method.partShareParts).toBeNull();
  });

  it('hooks a whole row without knots, and with them again', () => {
    const bench = onBench(<StationTab />);
    const held = plan.stations.find((s) => s.row === 'F3') as PlanStation;
    act(() => bench.getState().pickStation(held.id));
    const tick = screen.getByLabelText(/without knots/);
    fireEvent.click(tick);
    expect(bench.getState().brief.hooking.knotlessRows).toEqual(['F3']);
    fireEvent.click(tick);
    expect(bench.getState().brief.hooking.knotlessRows).toEqual([]);
  });

  it('offers only whole loops of what comes undone when it is split', () => {
    const [main, ...others] = plan.hairs;
    const hairs = main ? [{ ...main, goesInWhole: true }, ...others] : [];
    const bench = onBench(<StationTab />, { plan: { ...plan, hairs } });
    const held = plan.stations.find((s) => kindOf(plan, s).strand === 0) as PlanStation;
    act(() => bench.getState().pickStation(held.id));
    const offered = within(screen.getByLabelText('Share')).getAllByRole('option');
    expect(offered.map((o) => o.textContent)).toEqual(['whole loop']);
    expect(screen.getByText(/comes undone/)).toBeTruthy();
  });

  it('says what each share of a zone takes in minutes', () => {
    onBench(<ZonesTab />);
    const zone = plan.ledger.zones[2];
    const offered = within(screen.getByLabelText(`Share at the ${zone?.words}`)).getAllByRole(
      'option',
    );
    expect(offered.map((o) => o.textContent)).toEqual(
      zone?.shares.map((s) => `${s.words}, ${Math.round(s.minutes.likely)} min`),
    );
    // Smaller shares take longer.
    const minutes = zone?.shares.map((s) => s.minutes.likely) ?? [];
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
  });
});

describe('WorkTab', () => {
  it('gives every share its place in the order of work, and leads on to the fills', () => {
    const bench = onBench(<WorkTab />);
    const stages = [...new Set(plan.work.map((w) => w.stage))];
    const moments = [...new Set(plan.notes.map((n) => n.momentWords))];
    expect(screen.getAllByRole('region').map((r) => r.getAttribute('aria-label'))).toEqual([
      ...moments.slice(0, 2),
      ...stages,
      'When to stop',
      ...moments.slice(2),
    ]);
    expect(document.querySelectorAll('[data-turn]')).toHaveLength(plan.work.length);
    press('Where the fills go');
    expect(bench.getState().knotTab).toBe('fills');
  });

  const stop = async (answer: Stopping) => {
    serve({ 'POST /api/stopping': () => answer });
    onBench(<WorkTab />);
    const region = screen.getByRole('region', { name: 'When to stop' });
    await waitFor(() => expect(within(region).queryByRole('img')).not.toBeNull());
    return region;
  };

  it('says after how many loops she may stop, and what that saves', async () => {
    const points = sample.stopping.points.map((p) => ({ ...p, covers: true }));
    const second = points[1];
    const region = await stop({ points, mayStop: 1, savedLoops: 9 });
    expect(region.textContent).toContain(
      `${second?.loops} of ${points.at(-1)?.loops} loops cover it`,
    );
    expect(region.textContent).toContain('9 loops and');
    expect(within(region).getAllByRole('listitem').length).toBeGreaterThanOrEqual(3);
  });

  it('says so where even the whole plan does not cover, and where no loop can be spared', async () => {
    const { points } = sample.stopping;
    const none = await stop({ points, mayStop: null, savedLoops: 0 });
    expect(none.textContent).toContain(`Even all ${points.at(-1)?.loops} loops leave`);
    cleanup();
    const all = await stop({ points, mayStop: points.length - 1, savedLoops: 0 });
    expect(all.textContent).toContain('loops cover it, no fewer');
  });

  it('says why it could not be worked out', async () => {
    serve({ 'POST /api/stopping': () => refusal(422, 'It broke off.') });
    onBench(<WorkTab />);
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('It broke off.'));
  });
});

describe('FillsTab', () => {
  const show = async (around = {}, answer: () => unknown = () => fills) => {
    serve({ 'POST /api/fills': answer });
    const bench = onBench(<FillsTab />, around);
    act(() => {
      bench.getState().go('knots');
      bench.getState().showKnots('fills');
    });
    await waitFor(() => expect(screen.queryByText('Trying every part…')).toBeNull());
    return bench;
  };

  it('tries each way that is to be worn, and wears the one that is touched', async () => {
    const bench = await show();
    const trials = within(screen.getByRole('region', { name: 'Trials' }));
    expect(trials.getAllByRole('button')).toHaveLength(savedPlan.brief.consultation.ways.length);
    fireEvent.click(trials.getByRole('button', { name: /low ponytail/i }));
    expect(bench.getState().worn.way).toBe('LOW_PONYTAIL');
  });

  it('puts them all in at one touch, which one undo takes back', async () => {
    const bench = await show();
    expect(screen.getAllByRole('listitem').length).toBe(
      fills.trials.length + fills.fills.length + fills.left.length,
    );
    press('Hook them in now');
    expect(bench.getState().brief).toEqual(changed(savedPlan.brief, fills.change));
    expect(bench.getState().brief.hooking.edits).toHaveLength(
      savedPlan.brief.hooking.edits.length + fills.fills.length,
    );
    act(() => bench.getState().undo());
    expect(bench.getState().brief).toEqual(savedPlan.brief);
  });

  it('says which gap stays open and why, and how much more would do', async () => {
    const words = said('1.8 cm² at the crown stay open: the reserve is spent.');
    await show({}, () => ({ ...fills, left: [{ trial: 0, words }], wouldDoLoops: 19 }));
    const open = screen.getByRole('region', { name: 'Gaps that stay open' });
    expect(open.textContent).toContain(`${fills.trials[0]?.words}: 1.8 cm² at the crown`);
    expect(open.textContent).toContain('19 loops kept back would do.');
  });

  it('keeps the reserve where nothing would be hidden', async () => {
    await show({}, () => ({ ...fills, fills: [], usedLoops: 0 }));
    expect(screen.getByText(/Keep the reserve/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Hook them in now' })).toBeNull();
  });

  it('says why there is no trial', async () => {
    await show({}, () => refusal(422, 'There is no reserve.'));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('no reserve'));
  });
});
