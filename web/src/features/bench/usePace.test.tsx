// @vitest-environment jsdom
import { renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { usePace } from './usePace';

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
});

const held = () => {
  const done: number[] = [];
  const hook = renderHook(({ plan }) => usePace(plan), { initialProps: { plan: 'first' } });
  return {
    done,
    move: (to: number) => hook.result.current.move(() => done.push(to)),
    finish: () => hook.result.current.finish(),
    drop: () => hook.result.current.drop(),
    planned: (plan: string) => hook.rerender({ plan }),
  };
};

describe('usePace', () => {
  it('moves at once, then no faster than plans come, and always to the newest place', () => {
    const hand = held();
    hand.move(1);
    hand.move(2);
    hand.move(3);
    expect(hand.done).toEqual([1]);
    hand.planned('second');
    expect(hand.done).toEqual([1, 3]);
    hand.planned('third');
    hand.move(4);
    expect(hand.done).toEqual([1, 3, 4]);
  });

  it('does not wait long for a plan that never comes', () => {
    const hand = held();
    hand.move(1);
    vi.advanceTimersByTime(200);
    hand.move(2);
    expect(hand.done).toEqual([1, 2]);
  });

  it('ends where the hand lets go, and nowhere else when it gives up', () => {
    const hand = held();
    hand.move(1);
    hand.move(2);
    hand.finish();
    hand.finish();
    expect(hand.done).toEqual([1, 2]);
    hand.move(3);
    hand.drop();
    hand.finish();
    expect(hand.done).toEqual([1, 2]);
  });
});
