import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { useStore } from 'zustand';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../../api/problems';
import type { Brief, SavedPlan } from '../../../api/types';
import { createBench, type BenchStore } from './benchStore';
import { dropDraft, readDraft } from './keptHere';
import { useAutosave } from './useAutosave';

const { changePlan } = vi.hoisted(() => ({ changePlan: vi.fn() }));
vi.mock('../../../api/client', () => ({ api: { changePlan } }));

const PLAN = {
  id: 'p9',
  clientId: 'c1',
  clientName: 'Odalys Fenwright',
  headId: 'h1',
  name: 'Ball curls',
  version: 1,
  updatedAt: '',
  brief: { fullness: 1, foundation: { parts: [] } } as unknown as Brief,
} satisfies SavedPlan;

const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);

/** The bench as it is when every brief computes at once without fault. */
const open = (store: BenchStore) =>
  renderHook(
    () =>
      useAutosave(
        store,
        useStore(store, (b) => b.brief),
      ),
    { wrapper },
  );

const fuller = (store: BenchStore, fullness: number) =>
  act(() => store.getState().change(`f${fullness}`, (b) => ({ ...b, fullness })));
const wait = (ms: number) => act(async () => vi.advanceTimersByTimeAsync(ms));

let stored = 1;

beforeEach(() => {
  vi.useFakeTimers();
  dropDraft('p9');
  stored = 1;
  changePlan.mockReset();
  changePlan.mockImplementation(async (_id: string, body: { name: string; brief: Brief }) => ({
    ...PLAN,
    ...body,
    version: ++stored,
  }));
});
afterEach(() => {
  vi.useRealTimers();
});

describe('useAutosave', () => {
  it('saves once after a run of changes, with the version it knows', async () => {
    const store = createBench(PLAN, 2);
    open(store);
    for (const f of [1.1, 1.2, 1.3]) {
      fuller(store, f);
      await wait(100);
    }
    expect(changePlan).not.toHaveBeenCalled();
    expect(readDraft('p9')?.brief.fullness).toBe(1.3);
    await wait(1000);
    expect(changePlan).toHaveBeenCalledTimes(1);
    expect(changePlan.mock.calls[0]?.[1]).toMatchObject({ version: 1, brief: { fullness: 1.3 } });
    expect(store.getState()).toMatchObject({ saving: 'saved', version: 2 });
    expect(readDraft('p9')).toBeNull();
  });

  it('does not save what has not been computed', async () => {
    const store = createBench(PLAN, 2);
    renderHook(() => useAutosave(store, PLAN.brief), { wrapper });
    fuller(store, 99);
    await wait(5000);
    expect(changePlan).not.toHaveBeenCalled();
    expect(readDraft('p9')?.brief.fullness).toBe(99);
  });

  it('never sends two changes at once, so that none carries an old version', async () => {
    let answer: (p: SavedPlan) => void = () => undefined;
    changePlan.mockImplementationOnce(
      () =>
        new Promise((done) => {
          answer = done;
        }),
    );
    const store = createBench(PLAN, 2);
    open(store);
    fuller(store, 1.1);
    await wait(500);
    fuller(store, 1.2);
    await wait(2000);
    expect(changePlan).toHaveBeenCalledTimes(1);
    stored = 2;
    await act(async () => answer({ ...PLAN, brief: { fullness: 1.1 } as Brief, version: 2 }));
    await wait(1000);
    expect(changePlan).toHaveBeenCalledTimes(2);
    expect(changePlan.mock.calls[1]?.[1]).toMatchObject({ version: 2, brief: { fullness: 1.2 } });
  });

  it('tries again while the server is away, and keeps the draft meanwhile', async () => {
    changePlan.mockRejectedValueOnce(new Problem(0, 'away'));
    const store = createBench(PLAN, 2);
    open(store);
    fuller(store, 0.8);
    await wait(500);
    expect(store.getState().saving).toBe('away');
    expect(readDraft('p9')?.brief.fullness).toBe(0.8);
    await wait(5000);
    expect(store.getState().saving).toBe('saved');
  });

  it('says why the server cannot keep it, and tries again by itself', async () => {
    changePlan.mockRejectedValueOnce(new Problem(507, 'The disk is full.'));
    const store = createBench(PLAN, 2);
    open(store);
    fuller(store, 0.8);
    await wait(500);
    expect(store.getState().saving).toBe('refused');
    expect(store.getState().refusal).toBe('The disk is full.');
    expect(readDraft('p9')?.brief.fullness).toBe(0.8);
    await wait(5000);
    expect(store.getState().saving).toBe('saved');
  });

  it('stops and shows the other version when somebody was faster', async () => {
    const theirs = { ...PLAN, version: 7, brief: { fullness: 1.5 } as Brief };
    changePlan.mockRejectedValueOnce(new Problem(409, 'changed elsewhere', [], theirs));
    const store = createBench(PLAN, 2);
    open(store);
    fuller(store, 0.8);
    await wait(5000);
    expect(changePlan).toHaveBeenCalledTimes(1);
    expect(store.getState().theirs).toEqual(theirs);
    act(() => store.getState().keepMine());
    await wait(1000);
    expect(changePlan.mock.calls[1]?.[1]).toMatchObject({ version: 7, brief: { fullness: 0.8 } });
  });

  it.each([
    ['before', 500],
    ['after', 500],
    ['after', 10],
  ])(
    'knows its own save again that arrived unanswered %s it was opened, left after %d ms',
    async (when, leftAfter) => {
      const kept = { ...PLAN, version: 2, brief: { ...PLAN.brief, fullness: 0.8 } };
      changePlan.mockImplementationOnce(() => new Promise(() => undefined));
      const store = createBench(PLAN, 2);
      const { unmount } = open(store);
      fuller(store, 0.8);
      await wait(leftAfter);
      unmount();
      stored = 2;
      if (when === 'after') {
        changePlan.mockRejectedValueOnce(new Problem(409, 'changed elsewhere', [], kept));
      }
      const again = createBench(when === 'before' ? kept : PLAN, 2);
      open(again);
      fuller(again, 0.7);
      await wait(1000);
      expect(again.getState()).toMatchObject({ theirs: undefined, saving: 'saved', version: 3 });
      expect(changePlan.mock.lastCall?.[1]).toMatchObject({ version: 2, brief: { fullness: 0.7 } });
    },
  );

  it('saves a plan without a name under its last one', async () => {
    const store = createBench(PLAN, 2);
    open(store);
    act(() => store.getState().rename('  '));
    fuller(store, 0.9);
    await wait(3000);
    expect(changePlan.mock.calls[0]?.[1]).toMatchObject({
      name: 'Ball curls',
      brief: { fullness: 0.9 },
    });
    expect(store.getState().saving).toBe('saved');
    act(() => store.getState().rename('Ball curls, fuller'));
    await wait(1000);
    expect(changePlan.mock.calls[1]?.[1]).toMatchObject({ name: 'Ball curls, fuller' });
  });

  it('saves at once when the bench is left within the quiet moment', async () => {
    const store = createBench(PLAN, 2);
    const { unmount } = open(store);
    fuller(store, 1.25);
    await wait(50);
    expect(changePlan).not.toHaveBeenCalled();
    unmount();
    await wait(0);
    expect(changePlan).toHaveBeenCalledTimes(1);
    expect(changePlan.mock.calls[0]?.[1]).toMatchObject({ version: 1, brief: { fullness: 1.25 } });
    expect(changePlan.mock.calls[0]?.[2]).toBe(true);
    expect(readDraft('p9')).toBeNull();
  });

  it('saves nothing on leaving where nothing changed', async () => {
    const { unmount } = open(createBench(PLAN, 2));
    await wait(50);
    unmount();
    await wait(50);
    expect(changePlan).not.toHaveBeenCalled();
  });
});
