import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { handsOff } from './handsOff';

describe('handsOff', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it('waits until nobody has touched the page for so long, and not longer', async () => {
    window.dispatchEvent(new Event('keydown'));
    let isOff = false;
    void handsOff(1000).then(() => (isOff = true));
    await vi.advanceTimersByTimeAsync(900);
    window.dispatchEvent(new Event('pointermove'));
    await vi.advanceTimersByTimeAsync(900);
    expect(isOff).toBe(false);
    await vi.advanceTimersByTimeAsync(200);
    expect(isOff).toBe(true);
    let isOffAtOnce = false;
    void handsOff(1000).then(() => (isOffAtOnce = true));
    await vi.advanceTimersByTimeAsync(0);
    expect(isOffAtOnce).toBe(true);
  });
});
