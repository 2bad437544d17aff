import { act, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation, useNavigate } from 'react-router';
import { describe, expect, it } from 'vitest';
import { sample } from '../../../testing/onBench';
import { createBench, type BenchStore } from '../draft/benchStore';
import { STEPS } from '../draft/benchState';
import { addressOf, placeOf, useBenchAddress } from './useBenchAddress';

const bench = () => createBench(sample.savedPlan, sample.words.planFormat);

describe('the address of the bench', () => {
  it('names every step and tab, and leads back to it', () => {
    const store = bench();
    for (const step of STEPS) {
      store.getState().go(step);
      const [slug, tab] = addressOf(store.getState()).split('/');
      expect(placeOf(slug, tab).step).toBe(step);
    }
    store.getState().pickStation('F3/1');
    expect(addressOf(store.getState())).toBe('knots/share');
    expect(placeOf('knots', 'share')).toMatchObject({ step: 'knots', knotTab: 'station' });
    expect(placeOf('compare', undefined)).toEqual({ isComparing: true });
    expect(placeOf('nonsense', undefined)).toEqual({ isComparing: false });
  });

  it('goes with the bench, and the bench with Back and Forward', () => {
    const store = bench();
    let go: (by: number) => void = () => undefined;
    function Here({ of }: { of: BenchStore }) {
      useBenchAddress(of);
      const navigate = useNavigate();
      go = (by) => void navigate(by);
      return <p data-testid="at">{useLocation().pathname}</p>;
    }
    render(
      <MemoryRouter initialEntries={['/bench/p1']}>
        <Routes>
          <Route path="/bench/:planId/:step?/:tab?" element={<Here of={store} />} />
        </Routes>
      </MemoryRouter>,
    );
    const at = () => screen.getByTestId('at').textContent;
    expect(at()).toBe('/bench/p1/head');
    act(() => store.getState().go('foundation'));
    expect(at()).toBe('/bench/p1/rows/pattern');
    act(() => store.getState().go('wear'));
    expect(document.title).toContain(': Wear');
    act(() => go(-1));
    expect(at()).toBe('/bench/p1/rows/pattern');
    expect(store.getState().step).toBe('foundation');
    expect(document.title).toContain(': Rows');
    act(() => go(1));
    expect(store.getState().step).toBe('wear');
    act(() => store.getState().compare(true));
    expect(at()).toBe('/bench/p1/compare');
    act(() => go(-1));
    expect(store.getState()).toMatchObject({ isComparing: false, step: 'wear' });
  });
});
