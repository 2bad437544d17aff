// @vitest-environment jsdom
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../api/problems';
import type { Brief, Plan } from '../../api/types';
import { useComputedPlan } from './useComputedPlan';

const { compute } = vi.hoisted(() => ({ compute: vi.fn() }));
vi.mock('../../api/client', () => ({ api: { compute } }));

const brief = (fullness: number) => ({ fullness }) as Brief;
const plan = (fullness: number) => ({ of: fullness }) as unknown as Plan;

/** Requests that wait until the test answers them. */
let open: { brief: Brief; answer: (p: Plan) => void; refuse: (p: Problem) => void }[] = [];

beforeEach(() => {
  open = [];
  compute.mockImplementation(
    (b: Brief) =>
      new Promise<Plan>((answer, refuse) => {
        open.push({ brief: b, answer, refuse });
      }),
  );
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('useComputedPlan', () => {
  it('asks once at a time and then for the newest brief only', async () => {
    const hook = renderHook(({ b }) => useComputedPlan(b), { initialProps: { b: brief(1) } });
    for (const f of [1.1, 1.2, 1.3]) hook.rerender({ b: brief(f) });
    expect(open).toHaveLength(1);
    await act(async () => open[0]?.answer(plan(1)));
    expect(open).toHaveLength(2);
    expect(open[1]?.brief.fullness).toBe(1.3);
    await act(async () => open[1]?.answer(plan(1.3)));
    expect(hook.result.current.plan).toEqual(plan(1.3));
    expect(hook.result.current.of?.fullness).toBe(1.3);
    expect(open).toHaveLength(2);
  });

  it('keeps the last good plan beside the problem of the newest brief', async () => {
    const hook = renderHook(({ b }) => useComputedPlan(b), { initialProps: { b: brief(1) } });
    await act(async () => open[0]?.answer(plan(1)));
    hook.rerender({ b: brief(9) });
    await act(async () => open[1]?.refuse(new Problem(422, 'Fullness must be between')));
    expect(hook.result.current.problem?.message).toContain('Fullness');
    expect(hook.result.current.plan).toEqual(plan(1));
    expect(hook.result.current.of?.fullness).toBe(1);
    hook.rerender({ b: brief(1.5) });
    await act(async () => open[2]?.answer(plan(1.5)));
    expect(hook.result.current.problem).toBeUndefined();
  });

  it('asks again by itself after the server was away', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const hook = renderHook(() => useComputedPlan(brief(1)));
    await act(async () => open.at(-1)?.refuse(new Problem(0, 'away')));
    await act(async () => vi.advanceTimersByTime(10_000));
    await waitFor(() => expect(open.length).toBeGreaterThan(1));
    await act(async () => open.at(-1)?.answer(plan(1)));
    expect(hook.result.current.plan).toEqual(plan(1));
  });
});
