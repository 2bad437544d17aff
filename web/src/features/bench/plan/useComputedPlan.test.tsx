import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../../api/problems';
import type { Brief, Plan, WornAs } from '../../../api/types';
import { useComputedPlan } from './useComputedPlan';

const { ask } = vi.hoisted(() => ({ ask: vi.fn() }));
vi.mock('../../../api/client', () => ({ api: { plan: ask } }));

const brief = (fullness: number) => ({ fullness }) as Brief;
const BARE = { rows: [], tails: [], parts: [], views: [] };
const plan = (fullness: number) => ({ ...BARE, of: fullness }) as unknown as Plan;
/** As it comes out: with what is read of it. */
const whole = (fullness: number) => ({
  ...plan(fullness),
  ledger: { of: plan(fullness) },
});

interface Asked {
  brief: Brief;
  worn: WornAs | null;
  withRead: boolean;
  withSides: boolean;
}

/** Requests that wait until the test answers them; of a plan what is asked for is answered. */
let open: (Asked & {
  answer: (p: Plan, worn?: object) => void;
  refuse: (p: Problem) => void;
})[] = [];

beforeEach(() => {
  open = [];
  ask.mockImplementation(
    (asked: Asked) =>
      new Promise<object>((done, refuse) => {
        const answer = (p: Plan, worn: object | null = null) =>
          done({ drawn: p, read: asked.withRead ? { ledger: { of: p } } : null, worn });
        open.push({ ...asked, answer, refuse });
      }),
  );
});
afterEach(() => {
  vi.useRealTimers();
});

describe('useComputedPlan', () => {
  it('asks twice at a time at most, and then for the newest brief only', async () => {
    const hook = renderHook(({ b }) => useComputedPlan(b, 'p1'), { initialProps: { b: brief(1) } });
    for (const f of [1.1, 1.2, 1.3]) hook.rerender({ b: brief(f) });
    expect(open.map((o) => o.brief.fullness)).toEqual([1, 1.1]);
    await act(async () => open[0]?.answer(plan(1)));
    expect(open.map((o) => o.brief.fullness)).toEqual([1, 1.1, 1.3]);
    await act(async () => open[2]?.answer(plan(1.3)));
    expect(hook.result.current.plan).toEqual(whole(1.3));
    expect(hook.result.current.of?.fullness).toBe(1.3);
    expect(open).toHaveLength(3);
  });

  it('does not let a late answer take the place of a newer one', async () => {
    const hook = renderHook(({ b }) => useComputedPlan(b, 'p1'), { initialProps: { b: brief(1) } });
    hook.rerender({ b: brief(2) });
    await act(async () => open[1]?.answer(plan(2)));
    await act(async () => open[0]?.answer(plan(1)));
    expect(hook.result.current.plan).toEqual(whole(2));
    hook.rerender({ b: brief(3) });
    hook.rerender({ b: brief(4) });
    await act(async () => open[3]?.answer(plan(4)));
    await act(async () => open[2]?.refuse(new Problem(422, 'too late')));
    expect(hook.result.current.problem).toBeUndefined();
  });

  it('keeps the last good plan beside the problem of the newest brief', async () => {
    const hook = renderHook(({ b }) => useComputedPlan(b, 'p1'), { initialProps: { b: brief(1) } });
    await act(async () => open[0]?.answer(plan(1)));
    hook.rerender({ b: brief(9) });
    await act(async () => open[1]?.refuse(new Problem(422, 'Fullness must be between')));
    expect(hook.result.current.problem?.message).toContain('Fullness');
    expect(hook.result.current.plan).toEqual(whole(1));
    expect(hook.result.current.of?.fullness).toBe(1);
    hook.rerender({ b: brief(1.5) });
    await act(async () => open[2]?.answer(plan(1.5)));
    expect(hook.result.current.problem).toBeUndefined();
  });

  it('asks again by itself after the server was away', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const hook = renderHook(() => useComputedPlan(brief(1), 'p1'));
    await act(async () => open.at(-1)?.refuse(new Problem(0, 'away')));
    await act(async () => vi.advanceTimersByTime(10_000));
    await waitFor(() => expect(open.length).toBeGreaterThan(1));
    await act(async () => open.at(-1)?.answer(plan(1)));
    expect(hook.result.current.plan).toEqual(whole(1));
  });

  it('asks again too if the brief changed while the server was away', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const hook = renderHook(({ b }) => useComputedPlan(b, 'p1'), { initialProps: { b: brief(1) } });
    for (const f of [2, 3]) hook.rerender({ b: brief(f) });
    for (let i = 0; i < 3; i++) await act(async () => open[i]?.refuse(new Problem(0, 'away')));
    expect(open).toHaveLength(3);
    await act(async () => vi.advanceTimersByTime(10_000));
    await waitFor(() => expect(open.length).toBeGreaterThan(3));
    expect(open.at(-1)?.brief.fullness).toBe(3);
    await act(async () => open.at(-1)?.answer(plan(3)));
    expect(hook.result.current.plan).toEqual(whole(3));
  });

  it('keeps what did not change as it was, so that it need not be drawn anew', async () => {
    const rows = (at: number) =>
      ({ ...BARE, rows: [{ path: [0, 0] }, { path: [at, 1] }] }) as unknown as Plan;
    const hook = renderHook(({ b }) => useComputedPlan(b, 'p1'), { initialProps: { b: brief(1) } });
    await act(async () => open[0]?.answer(rows(1)));
    const before = hook.result.current.plan;
    hook.rerender({ b: brief(2) });
    await act(async () => open[1]?.answer(rows(2)));
    const after = hook.result.current.plan;
    expect(after?.rows[1]?.path).toEqual([2, 1]);
    expect(after?.rows[0]).toBe(before?.rows[0]);
    expect(after?.rows[1]).not.toBe(before?.rows[1]);
  });

  it('asks for plan and look at once while it is looked at', async () => {
    const worn: WornAs = { way: 'DOWN', part: null, gap: null, day: 0, isRough: false };
    const hook = renderHook(({ w }) => useComputedPlan(STILL, 'p1', w), {
      initialProps: { w: worn as WornAs | undefined },
    });
    expect(open[0]?.worn).toBe(worn);
    await act(async () => open[0]?.answer(plan(1), { words: 'down' }));
    expect(hook.result.current.worn?.words).toBe('down');
    hook.rerender({ w: undefined });
    await act(async () => open[1]?.answer(plan(1)));
    expect(hook.result.current.worn).toBeUndefined();
  });

  it('asks only for what is drawn while something is held, and now and then for the rest', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true, toFake: ['performance', 'setTimeout'] });
    const hook = renderHook(({ b, held }) => useComputedPlan(b, 'p1', undefined, held), {
      initialProps: { b: brief(1), held: false },
    });
    expect(open[0]).toMatchObject({ withRead: true, withSides: true });
    await act(async () => open[0]?.answer(plan(1)));
    hook.rerender({ b: brief(2), held: true });
    expect(open[1]).toMatchObject({ withRead: false, withSides: false });
    await act(async () => open[1]?.answer(plan(2)));
    // Drawn as it is now; read as it was.
    expect(hook.result.current.plan).toEqual({ ...plan(2), ledger: { of: plan(1) } });
    expect(hook.result.current.of).toBeUndefined();
    await act(async () => vi.advanceTimersByTime(400));
    hook.rerender({ b: brief(3), held: true });
    expect(open[2]).toMatchObject({ withRead: true, withSides: false });
    await act(async () => open[2]?.answer(plan(3)));
    expect(hook.result.current.plan).toEqual(whole(3));
    hook.rerender({ b: brief(3), held: false });
    await act(async () => open.at(-1)?.answer(plan(3)));
    expect(open.at(-1)).toMatchObject({ withRead: true, withSides: true });
    expect(hook.result.current.of?.fullness).toBe(3);
  });
});

const STILL = brief(1);
