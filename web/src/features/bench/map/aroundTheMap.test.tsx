import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Brief, Finding, Plan, PlanStation } from '../../../api/types';
import { Problem } from '../../../api/problems';
import { onBench, refusedAt, said, sample, WithWords } from '../../../testing/onBench';
import { serve } from '../../../testing/server';
import { usePrefs } from '../../../ui/prefs';
import { kindOf } from '../../../viz/chart/beads';
import { Consequences } from '../panels/Consequences';
import { EarLineHandle } from './EarLineHandle';
import { createBench } from '../draft/benchStore';
import { BenchContext } from '../draft/useBench';
import { ElsewhereDialog } from '../ElsewhereDialog';
import { Findings } from '../panels/Findings';
import { withFoundation } from '../draft/edits/foundationEdits';
import { HeldCard } from './HeldCard';
import { PartHandles } from './PartHandles';
import { PerimeterHandle } from './PerimeterHandle';
import { RegionHandles } from './RegionTools';
import { StepLine } from '../room/StepLine';

const { plan, savedPlan, words } = sample;

beforeEach(() => usePrefs.setState({ unit: 'cm', fingerMm: 18 }));

const finding = (edit: Partial<Finding>): Finding => ({
  code: 'CARE',
  severity: 'HINT',
  place: { kind: 'MEASURE', id: null },
  reason: said('So it is.'),
  remedies: [],
  untried: 0,
  ...edit,
});
const withFindings = (...findings: Finding[]): Plan => ({ ...plan, findings });

/** The sample's bench, for a piece that is drawn anew. */
const bare = createBench(sample.savedPlan, sample.words.planFormat);
const OnBench = ({ children }: { children: ReactNode }) => (
  <WithWords>
    <BenchContext value={bare}>{children}</BenchContext>
  </WithWords>
);

describe('Findings', () => {
  it('tells a stop, a warning and a note apart by sign and word, not only by colour', () => {
    onBench(<Findings />, {
      plan: withFindings(
        finding({ severity: 'STOP', reason: said('Broken skin.') }),
        finding({ severity: 'WARNING', reason: said('Tender.') }),
        finding({ reason: said('Coated.') }),
      ),
    });
    expect(screen.getAllByRole('article').map((a) => a.textContent)).toEqual([
      '■ Stop. Broken skin.',
      '▲ Careful. Tender.',
      '○ Note. Coated.',
    ]);
  });

  it('shows its row while it is pointed at, and gives back what was in hand before', () => {
    const bench = onBench(
      <Findings
        of={[
          finding({ place: { kind: 'ROW', id: 'F2' } }),
          finding({ place: { kind: 'STATION', id: 'F3/1' }, reason: said('b') }),
        ]}
      />,
    );
    act(() => bench.getState().holdRow('F5'));
    const [row, station] = screen.getAllByRole('article') as [HTMLElement, HTMLElement];
    fireEvent.mouseEnter(row);
    expect(bench.getState().heldRow).toBe('F2');
    fireEvent.mouseLeave(row);
    fireEvent.mouseEnter(station);
    expect(bench.getState()).toMatchObject({ heldRow: 'F5', heldStation: 'F3/1' });
    fireEvent.mouseLeave(station);
    expect(bench.getState()).toMatchObject({ heldRow: 'F5', heldStation: undefined });
  });

  it('says that the map is of the last plan that worked, unless the server is away', () => {
    onBench(<Findings />, { problem: refusedAt('fullness', 'Too full.') });
    expect(screen.getByRole('alert').textContent).toContain('last plan that worked');
    onBench(<Findings />, { problem: new Problem(0, 'Nobody answers.') });
    expect(screen.getAllByRole('alert')[1]?.textContent).toBe('Nobody answers.');
  });

  it('writes every figure of a finding in the unit of the reader', () => {
    const narrow = finding({
      reason: [
        { text: 'It shows only ', kind: null, value: null },
        { text: null, kind: 'LENGTH_MM', value: 25.4 },
        { text: '.', kind: null, value: null },
      ],
    });
    onBench(<Findings />, { plan: withFindings(narrow) });
    expect(screen.getByRole('article').textContent).toContain('only 2.5 cm.');
    act(() => usePrefs.setState({ unit: 'in' }));
    expect(screen.getByRole('article').textContent).toContain('only 1 in.');
  });

  it('applies a remedy to the brief as it is now', () => {
    const remedy = { words: said('Hook it lighter'), change: { fullness: 0.75 }, left: null };
    const bench = onBench(<Findings />, { plan: withFindings(finding({ remedies: [remedy] })) });
    act(() => bench.getState().change('who', (b) => ({ ...b, installer: 'SELF' })));
    fireEvent.click(screen.getByRole('button', { name: 'Hook it lighter' }));
    expect(bench.getState().brief).toMatchObject({ fullness: 0.75, installer: 'SELF' });
  });

  it('keeps only the remedies that the server found to help, once it has tried them', async () => {
    const helps = { words: said('Hook it lighter'), change: { fullness: 0.75 }, left: null };
    const harms = { words: said('Braid it anew'), change: { fullness: 0.7 }, left: null };
    const tried = { ...helps, left: said('It is 90 % then.') };
    serve({ 'POST /api/findings': () => [finding({ remedies: [tried] })] });
    onBench(<Findings />, { plan: withFindings(finding({ remedies: [helps, harms] })) });
    expect(screen.getByRole('button', { name: 'Braid it anew' })).toBeTruthy();
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Braid it anew' })).toBeNull());
    expect(screen.getByRole('button', { name: 'Hook it lighter' })).toBeTruthy();
    expect(screen.getByText('Then: It is 90 % then.')).toBeTruthy();
  });

  it('has what was left untried of one finding tried when she asks for it', async () => {
    const remedy = { words: said('Hook it lighter'), change: { fullness: 0.75 }, left: null };
    const first = finding({ reason: said('a'), remedies: [remedy] });
    const second = finding({ reason: said('b'), remedies: [remedy] });
    const asked: (string | null)[] = [];
    serve({
      'POST /api/findings': ({ query }) => {
        asked.push(query.get('finding'));
        return query.has('finding') ? [second] : [first, { ...second, remedies: [], untried: 1 }];
      },
    });
    onBench(<Findings />, { plan: withFindings(first, second) });
    fireEvent.click(await screen.findByRole('button', { name: 'Try what can be done about it' }));
    await waitFor(() =>
      expect(screen.getAllByRole('button', { name: 'Hook it lighter' })).toHaveLength(2),
    );
    expect(screen.queryByRole('button', { name: 'Try what can be done about it' })).toBeNull();
    expect(asked).toEqual([null, '1']);
  });

  it('shows those of the step she is on, and how many there are at the others', () => {
    const bench = onBench(<Findings />, {
      plan: withFindings(
        finding({ reason: said('Measure again.') }),
        finding({ place: { kind: 'ROW', id: 'F2' }, severity: 'WARNING', reason: said('Thick.') }),
        finding({ place: { kind: 'ROW', id: 'F3' }, reason: said('Long.') }),
      ),
    });
    expect(screen.getByRole('article').textContent).toContain('Measure again.');
    fireEvent.click(screen.getByRole('button', { name: 'Rows 2' }));
    expect(bench.getState().step).toBe('foundation');
    expect(screen.getAllByRole('article').map((a) => a.textContent)).toEqual([
      '▲ Careful. Thick.',
      '○ Note. Long.',
    ]);
  });

  it('leads the keyboard to the next finding after a remedy', async () => {
    const remedy = (words: string) => ({
      words: said(words),
      change: { fullness: 0.75 },
      left: null,
    });
    const first = finding({ reason: said('a'), remedies: [remedy('Do a')] });
    const second = finding({ reason: said('b'), remedies: [remedy('Do b')] });
    const { rerender } = render(<Findings of={[first, second]} />, { wrapper: OnBench });
    const taken = screen.getByRole('button', { name: 'Do a' });
    taken.focus();
    fireEvent.click(taken);
    rerender(<Findings of={[second]} />);
    await waitFor(() => expect(document.activeElement?.textContent).toBe('Do b'));
  });

  it('says so where there is nothing to mind', () => {
    onBench(<Findings />, { plan: withFindings() });
    expect(screen.getByText('Nothing to mind on this plan.')).toBeTruthy();
  });
});

describe('StepLine', () => {
  const snagged = () =>
    within(screen.getByRole('navigation', { name: 'Steps of the plan' }))
      .getAllByRole('button', { name: /to mind$/ })
      .map((b) => b.getAttribute('aria-label')?.split(',')[0]);
  const good = withFindings();

  it.each([
    ['head.roundMm', 'Head'],
    ['ownHair.lengthMm', 'Client'],
    ['consultation.weeks', 'Client'],
    ['foundation.parts[0].startMm', 'Parts'],
    ['foundation.rim.setBackMm', 'Rows'],
    ['hairLineId', 'Hair'],
    ['fullness', 'Hair'],
    ['hooking.mix.others[0].percent', 'Hair'],
    ['hooking.cutZones', 'Hair'],
    ['hooking.tuftGrams', 'Hair'],
    ['hooking.zones[1]', 'Knots'],
    ['hooking.parts[0].closer', 'Knots'],
    ['hooking.method.hourMinor', 'Knots'],
    ['hooking.edits[2].at', 'Knots'],
  ])('leads from what is wrong with %s to the step %s', (field, step) => {
    onBench(<StepLine />, { plan: good, problem: refusedAt(field, 'No.') });
    expect(snagged()).toEqual([step]);
  });

  it('snags the step of a grave finding, and of text that cannot be read', () => {
    const bench = onBench(<StepLine />, {
      plan: withFindings(
        finding({ severity: 'WARNING', place: { kind: 'STATION', id: 'F3/1' } }),
        finding({ place: { kind: 'HAIR', id: null } }),
      ),
    });
    expect(snagged()).toEqual(['Knots']);
    act(() => bench.getState().setText('foundation.parts[0].startMm', 'x'));
    expect(snagged()).toEqual(['Parts', 'Knots']);
  });

  it('puts down what was in the hand when another step is taken', () => {
    const bench = onBench(<StepLine />, { plan: good });
    act(() => bench.getState().take({ kind: 'region', of: 'SCAR', points: [] }));
    fireEvent.click(screen.getByRole('button', { name: /Parts/ }));
    expect(bench.getState()).toMatchObject({ step: 'parts', tool: undefined });
  });
});

describe('Consequences', () => {
  it('names the sizes to buy with how many of each', () => {
    onBench(<Consequences className="w-66" />);
    expect(screen.getByLabelText('What it comes to').textContent).toContain('1 of 60, 1 of 20');
  });

  it('stays where it is while there is no plan', () => {
    onBench(<Consequences className="w-66" />, { plan: undefined });
    expect(screen.queryByLabelText('What it comes to')).toBeNull();
  });
});

describe('HeldCard', () => {
  const station = plan.stations.find((s) => s.row === 'F3') as PlanStation;
  const fact = (name: string) => screen.getByText(name).nextElementSibling?.textContent;

  it('tells everything about the share that is pointed at', () => {
    const bench = onBench(<HeldCard plan={plan} />);
    expect(screen.queryByRole('status')).toBeNull();
    act(() => bench.getState().holdStation(station.id));
    const kind = kindOf(plan, station);
    expect(fact('share')).toBe(kind.shareWords);
    expect(fact('knot')).toBe(kind.tieWords);
    expect(fact('hook in')).toBe(kind.bearingWords);
    expect(fact('hair')).toBe(
      `${plan.hairs[kind.strand]?.name}, ${plan.hairs[kind.strand]?.colour}`,
    );
    expect(fact('after the last')).toBe('first one');
  });

  it('tells of a row where its end goes', () => {
    const bench = onBench(<HeldCard plan={plan} />);
    const tail = plan.tails.find((t) => t.into) as Plan['tails'][number];
    act(() => bench.getState().holdRow(tail.row));
    const into = plan.rows.find((r) => r.id === tail.into)?.words;
    expect(fact('ends')).toBe(`${tail.endWords} ${into}`);
    act(() => bench.getState().showTab('row'));
    act(() => bench.getState().go('foundation'));
    expect(screen.queryByRole('status')).toBeNull();
  });
});

describe('handles on the map', () => {
  const onMap = (handles: React.ReactNode, brief?: (b: Brief) => Brief) =>
    onBench(<svg>{handles}</svg>, brief ? { brief } : {});
  const key = (label: string, name: string, more = {}) =>
    fireEvent.keyDown(screen.getByRole('slider', { name: label }), { key: name, ...more });
  const part = { ...savedPlan.brief.foundation.parts[0], startMm: 0, slantDeg: 0, bowMm: 0 };
  const straight = (b: Brief) =>
    withFoundation(b, { parts: [part] as Brief['foundation']['parts'] });

  it('move a part by key, finely with Shift, and never out of its range', () => {
    const bench = onMap(<PartHandles plan={plan} isTurned={false} />, straight);
    key('Part 1, start', 'ArrowLeft');
    key('Part 1, start', 'ArrowLeft', { shiftKey: true });
    expect(bench.getState().brief.foundation.parts[0]?.startMm).toBe(-6);
    for (let i = 0; i < 30; i++) {
      key('Part 1, start', 'ArrowLeft');
      key('Part 1, end', 'ArrowRight');
      key('Part 1, bow', 'ArrowRight');
    }
    expect(bench.getState().brief.foundation.parts[0]).toMatchObject({
      startMm: words.limits.partStartMm.min,
      slantDeg: words.limits.slantDeg.max,
      bowMm: words.limits.bowMm.max,
    });
  });

  it('go the way of the arrow on a map that is turned over', () => {
    const bench = onMap(<PartHandles plan={plan} isTurned />, straight);
    key('Part 1, start', 'ArrowLeft');
    expect(bench.getState().brief.foundation.parts[0]?.startMm).toBe(5);
  });

  it('lengthen and shorten a part, but not to nothing', () => {
    const bench = onMap(<PartHandles plan={plan} isTurned={false} />, straight);
    for (let i = 0; i < 30; i++) key('Part 1, end', 'ArrowUp');
    expect(bench.getState().brief.foundation.parts[0]?.lengthMm).toBe(20);
    key('Part 1, end', 'ArrowDown', { shiftKey: true });
    expect(bench.getState().brief.foundation.parts[0]?.lengthMm).toBe(21);
  });

  it('move the ear line within its limits', () => {
    const bench = onMap(<EarLineHandle plan={plan} />);
    for (let i = 0; i < 20; i++) key('Ear line', 'ArrowDown');
    expect(bench.getState().brief.foundation.earLineBehindMm).toBe(
      words.limits.earLineBehindMm.max,
    );
    key('Ear line', 'ArrowUp', { shiftKey: true });
    expect(bench.getState().brief.foundation.earLineBehindMm).toBe(
      words.limits.earLineBehindMm.max - 1,
    );
    expect(screen.getByRole('slider').getAttribute('aria-valuetext')).toContain('behind the ears');
  });

  it('draw the perimeter braid in', () => {
    const bench = onMap(<PerimeterHandle plan={plan} isTurned={false} />);
    const before = bench.getState().brief.foundation.rim.perimeterMm;
    key('Perimeter braid line', 'ArrowDown');
    expect(bench.getState().brief.foundation.rim.perimeterMm).toBe(before + 2);
  });

  it('move a region, and take it away with Delete', () => {
    const bench = onMap(<RegionHandles plan={plan} isTurned={false} />);
    const regions = savedPlan.brief.head?.regions ?? [];
    const label = `Region ${plan.map.regions[0]?.name}`;
    key(label, 'ArrowRight');
    expect(bench.getState().brief.head?.regions?.[0]?.rim).not.toEqual(regions[0]?.rim);
    key(label, 'ArrowLeft');
    const back = bench.getState().brief.head?.regions?.[0]?.rim ?? [];
    for (const [i, at] of back.entries()) expect(at).toBeCloseTo(regions[0]?.rim?.[i] ?? 0, 2);
    key(label, 'Delete');
    expect(bench.getState().brief.head?.regions).toHaveLength(regions.length - 1);
  });
});

describe('ElsewhereDialog', () => {
  const newer = {
    ...savedPlan,
    version: 9,
    name: 'Theirs',
    brief: { ...savedPlan.brief, fullness: 1.1 },
  };

  it('shows the other plan and keeps this one under undo', () => {
    const bench = onBench(<ElsewhereDialog />);
    act(() => bench.getState().foundNewer(newer));
    fireEvent.click(screen.getByRole('button', { name: /Show the other/ }));
    expect(bench.getState()).toMatchObject({ version: 9, name: 'Theirs', theirs: undefined });
    act(() => bench.getState().undo());
    expect(bench.getState().brief).toEqual(savedPlan.brief);
  });

  it('saves this one over the other', () => {
    const bench = onBench(<ElsewhereDialog />);
    act(() => bench.getState().foundNewer(newer));
    fireEvent.click(screen.getByRole('button', { name: 'Save mine over it' }));
    expect(bench.getState()).toMatchObject({ version: 9, saving: 'changed', theirs: undefined });
    expect(bench.getState().brief).toBe(savedPlan.brief);
  });
});
