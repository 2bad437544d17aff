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
  it('is no more than one move ahead of the plan, and always goes to the newest place', () => {
    const hand = held();
    hand.move(1);
    hand.move(2);
    hand.move(3);
    hand.move(4);
    expect(hand.done).toEqual([1, 2]);
    hand.planned('of the first');
    expect(hand.done).toEqual([1, 2, 4]);
    hand.planned('of the second');
    hand.planned('of the fourth');
    hand.move(5);
    expect(hand.done).toEqual([1, 2, 4, 5]);
  });

  it('is not held up by a plan drawn anew', () => {
    const hand = held();
    hand.move(1);
    hand.move(2);
    hand.planned('first');
    hand.move(3);
    expect(hand.done).toEqual([1, 2]);
  });

  it('does not wait long for a plan that never comes', () => {
    const hand = held();
    hand.move(1);
    hand.move(2);
    hand.move(3);
    vi.advanceTimersByTime(200);
    hand.move(4);
    expect(hand.done).toEqual([1, 2, 4]);
  });

  it('ends where the hand lets go, and nowhere else when it gives up', () => {
    const hand = held();
    for (const to of [1, 2, 3]) hand.move(to);
    hand.finish();
    hand.finish();
    expect(hand.done).toEqual([1, 2, 3]);
    hand.move(4);
    hand.drop();
    hand.finish();
    expect(hand.done).toEqual([1, 2, 3]);
  });
});
