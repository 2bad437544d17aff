import { describe, expect, it } from 'vitest';
import { otherSamples, samples } from '../../../testing/work';
import { fold, likelyEnd, loopsIn, nextSteps, sideCount } from './fold';

/** The page folds as the core does: the same events, some hundred of them by chance, come to the same state. */
describe('the fold', () => {
  it.each(
    [samples, ...otherSamples].flatMap(({ sheet, runs }, of) =>
      runs.map((run, i) => [of, i, sheet, run] as const),
    ),
  )('agrees with the core on sheet %i, run %i', (_of, _i, sheet, run) => {
    const state = fold(sheet, run.events);
    const told = run.state;
    expect([...state.shares].map(([ref, w]) => [ref, w.done])).toEqual(
      told.shares.map((s) => [s.ref, s.done]),
    );
    for (const s of told.shares) {
      const w = state.shares.get(s.ref);
      expect([w?.as.shareParts, w?.as.knot, w?.as.passes, w?.as.supply]).toEqual([
        s.shareParts,
        s.knot,
        s.passes,
        s.supply,
      ]);
    }
    expect([...state.stepsDone].sort((a, b) => a - b)).toEqual(told.stepsDone);
    expect(Object.fromEntries([...state.stages].map(([k, t]) => [k, t.spentMs]))).toEqual(
      told.spentMs,
    );
    expect(
      [...state.stages].flatMap(([k, t]) => (t.runsSince === undefined ? [] : [k])).sort(),
    ).toEqual(told.running);
    expect([...state.kept].sort()).toEqual(told.kept);
    expect([...state.signed.keys()].sort((a, b) => a - b)).toEqual(told.signed);
    expect([state.tries, state.fills, state.notes, state.pictures].map((l) => l.length)).toEqual(
      told.counts,
    );
    const down = state.takedown;
    expect([...down.found].sort()).toEqual(told.found);
    expect([...down.undone].sort()).toEqual(told.undone);
    expect([
      down.keptLoops.length,
      down.cuts.length,
      Number(down.skin !== undefined),
      Number(down.judged !== undefined),
      Number(down.isOver),
    ]).toEqual(told.takedown);
    expect([...state.disputed].sort((a, b) => a - b)).toEqual(told.disputed);
    expect(state.isFinished).toBe(told.isFinished);
    expect(state.strays).toHaveLength(told.strays);
    expect(nextSteps(sheet, state)[0]?.number ?? 0).toBe(told.next);
    expect(loopsIn(state, 0)).toBeCloseTo(told.loopsIn, 9);
    const sides = (['LEFT', 'MIDDLE', 'RIGHT'] as const).map((s) => sideCount(state, s));
    expect(sides.map((s) => s.done)).toEqual(told.sides);
    expect(state.counted.get(0)?.bundles ?? 0).toBe(told.bundles);
    expect(state.counted.get(0)?.openedLoops ?? 0).toBeCloseTo(told.openedLoops, 9);
    expect(state.counted.get(0)?.usedLoops ?? -1).toBeCloseTo(told.usedLoops, 9);
    told.hairs.forEach(([bundles, opened, used, inLoops], supply) => {
      const counted = state.counted.get(supply);
      expect(counted?.bundles ?? 0).toBe(bundles);
      expect(counted?.openedLoops ?? 0).toBeCloseTo(opened, 9);
      expect(counted?.usedLoops ?? -1).toBeCloseTo(used, 9);
      expect(loopsIn(state, supply)).toBeCloseTo(inLoops, 9);
    });
  });

  it('gives the same state in whatever order events came, and twice is once', () => {
    for (const { events } of samples.runs.slice(0, 8)) {
      const there = fold(samples.sheet, [...events].reverse());
      const twice = fold(samples.sheet, [...events, ...events.slice(0, 30)]);
      expect(there.shares).toEqual(fold(samples.sheet, events).shares);
      expect(twice.shares).toEqual(there.shares);
      expect(twice.stages).toEqual(there.stages);
    }
  });

  it('notices a clock that was left running', () => {
    const nine = Date.parse('2026-11-27T09:00:00Z');
    const minute = 60_000;
    const begun = samples.sheet.steps[0]?.stage ?? 'HOOK';
    const state = fold(samples.sheet, [
      {
        device: 't',
        count: 1,
        clock: 1,
        at: new Date(nine).toISOString(),
        what: {
          ...(samples.runs[0]?.events[0]?.what as object),
          kind: 'STAGE_BEGUN',
          stage: begun,
          shares: null,
          row: null,
          supply: null,
          step: null,
          otherShares: null,
        } as never,
      },
    ]);
    expect(likelyEnd(state, nine + 30 * minute)).toBeUndefined();
    expect(likelyEnd(state, nine + 300 * minute)).toBe(nine + 5 * minute);
  });
});
