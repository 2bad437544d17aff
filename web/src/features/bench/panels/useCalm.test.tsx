import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useCalm } from './useCalm';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

function glanced() {
  const seen: string[] = [];
  const hook = renderHook(
    ({ value, isMoving }) => {
      const shown = useCalm(value, isMoving, 300);
      if (seen.at(-1) !== shown) seen.push(shown);
      return shown;
    },
    { initialProps: { value: 'a', isMoving: false } },
  );
  return {
    seen,
    now: () => hook.result.current,
    become: (value: string, isMoving: boolean) => hook.rerender({ value, isMoving }),
    wait: (ms: number) => act(() => vi.advanceTimersByTime(ms)),
    leave: () => hook.unmount(),
  };
}

describe('useCalm', () => {
  it('is the newest value at once while nothing moves', () => {
    const g = glanced();
    g.become('b', false);
    expect(g.now()).toBe('b');
    g.become('c', false);
    expect(g.now()).toBe('c');
  });

  it('follows only now and then while something moves, and always to the newest', () => {
    const g = glanced();
    g.become('b', false);
    for (const value of ['c', 'd', 'e']) g.become(value, true);
    expect(g.now()).toBe('b');
    g.wait(299);
    expect(g.now()).toBe('b');
    g.wait(1);
    expect(g.now()).toBe('e');
    g.become('f', true);
    g.become('g', true);
    g.wait(300);
    expect(g.seen).toEqual(['a', 'b', 'e', 'g']);
  });

  it('is the newest as soon as the hand lets go', () => {
    const g = glanced();
    g.become('b', true);
    g.become('c', true);
    g.become('c', false);
    expect(g.now()).toBe('c');
    g.wait(1000);
    expect(g.now()).toBe('c');
  });

  it('does nothing once it is gone', () => {
    const g = glanced();
    g.become('b', true);
    g.leave();
    g.wait(1000);
    expect(g.seen).toEqual(['a']);
  });
});
