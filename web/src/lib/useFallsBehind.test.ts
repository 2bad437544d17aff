import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useFallsBehind } from './useFallsBehind';

let waiting: FrameRequestCallback | undefined;
let now = 0;

/** Frames that each take so long. */
function frames(count: number, ms: number) {
  act(() => {
    for (let i = 0; i < count; i++) {
      const draw = waiting;
      waiting = undefined;
      now += ms;
      draw?.(now);
    }
  });
}

describe('useFallsBehind', () => {
  beforeEach(() => {
    vi.stubGlobal('requestAnimationFrame', (draw: FrameRequestCallback) => {
      waiting = draw;
      return 1;
    });
    vi.stubGlobal('cancelAnimationFrame', () => {
      waiting = undefined;
    });
  });
  afterEach(() => {
    waiting = undefined;
    vi.unstubAllGlobals();
  });

  it('is not behind at sixty frames a second, nor for a single long frame', () => {
    const { result } = renderHook(() => useFallsBehind(true));
    frames(30, 16.7);
    frames(1, 300);
    frames(11, 16.7);
    expect(result.current).toBe(false);
  });

  it('is behind once most frames come late, and stays so the next time something is held', () => {
    const { result, rerender } = renderHook(({ held }) => useFallsBehind(held), {
      initialProps: { held: true },
    });
    frames(14, 33);
    expect(result.current).toBe(true);
    rerender({ held: false });
    expect(result.current).toBe(false);
    rerender({ held: true });
    expect(result.current).toBe(true);
  });

  it('counts nothing while nothing is held', () => {
    renderHook(() => useFallsBehind(false));
    expect(waiting).toBeUndefined();
  });
});
