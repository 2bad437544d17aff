import { beforeEach, describe, expect, it } from 'vitest';
import type { VisitEvent, RecordedEvent } from '../../../api/types';
import { samples } from '../../../testing/work';
import { backOne, done, keyNow, pressed, undoLast, upTo } from './actions';
import { hooked } from './visitEvent';
import { fold, nextSteps, runningStage, sideCount, type WorkState } from './fold';

const sheet = samples.sheet;
let events: RecordedEvent[] = [];
let at = Date.parse('2026-11-27T09:00:00Z');

function happen(...whats: VisitEvent[]): WorkState {
  at += 60_000;
  for (const w of whats) {
    const count = events.length + 1;
    events.push({ device: 'tablet', count, clock: count, at: new Date(at).toISOString(), what: w });
  }
  return fold(sheet, events);
}

const press = (isEach = false) => {
  const state = fold(sheet, events);
  return happen(...pressed(sheet, state, keyNow(sheet, state, isEach), 'Orla'));
};

describe('the big key', () => {
  beforeEach(() => {
    events = [];
  });

  it('alone works a whole head from its first step to its end', () => {
    let state = fold(sheet, events);
    let presses = 0;
    while (!state.isFinished && presses++ < 1_000) state = press();
    expect(state.isFinished).toBe(true);
    expect([...state.shares.values()].every((w) => w.done === 'HOOKED')).toBe(true);
    expect(nextSteps(sheet, state)).toEqual([]);
    expect(sideCount(state, 'LEFT').open).toBe(0);
    for (const s of sheet.steps)
      if (s.cautions.length > 0) expect(state.signed.get(s.number)).toBe('Orla');
  });

  it('begins a clock once, and ends it with the last step of its stage', () => {
    let state = fold(sheet, events);
    while (nextSteps(sheet, state)[0]?.stage !== 'HOOK') state = press();
    expect(runningStage(state)).toBe('HOOK');
    expect(state.stages.get('BRAID')?.isEnded).toBe(true);
  });

  it('counts share by share if it is to', () => {
    let state = fold(sheet, events);
    while (nextSteps(sheet, state)[0]?.stage !== 'HOOK') state = press();
    const before = [...state.shares.values()].filter((w) => w.done === 'HOOKED').length;
    while (keyNow(sheet, state, true).does !== 'DONE') state = press(true);
    state = press(true);
    expect([...state.shares.values()].filter((w) => w.done === 'HOOKED').length).toBe(before + 1);
  });

  it('goes back one step, over the end of a stage too', () => {
    let state = fold(sheet, events);
    while (nextSteps(sheet, state)[0]?.stage !== 'HOOK') state = press();
    const last = state;
    state = happen(...backOne(state));
    expect(nextSteps(sheet, state)[0]?.stage).not.toBe('HOOK');
    state = press();
    expect(nextSteps(sheet, state)[0]).toEqual(nextSteps(sheet, last)[0]);
  });

  it('undoes whatever came last, and undoes nothing where nothing was', () => {
    expect(undoLast(fold(sheet, events))).toEqual([]);
    const before = press();
    press();
    const state = happen(...undoLast(fold(sheet, events)));
    expect(state.signed).toEqual(before.signed);
    expect(state.stepsDone).toEqual(before.stepsDone);
  });

  it('counts a tapped share with all before it on its row', () => {
    const step = sheet.steps.find((s) => s.shares.length > 3);
    if (!step) throw new Error('no row has four shares');
    const state = fold(sheet, events);
    expect(upTo(step, state, step.shares[2] ?? 0)).toEqual(step.shares.slice(0, 3));
    const half = happen(...done(sheet, state, step, upTo(step, state, step.shares[2] ?? 0)));
    expect(upTo(step, half, step.shares[3] ?? 0)).toEqual([step.shares[3]]);
  });

  it('tells what was gone on with after the end, not a second end or a picture', () => {
    const finished = happen(
      { kind: 'FINISHED' },
      { kind: 'FINISHED' },
      { kind: 'PICTURED', picture: 'a' },
    );
    expect(finished.afterTheEnd).toEqual([]);
    const state = happen(hooked([1]));
    expect(state.isFinished).toBe(true);
    expect(state.afterTheEnd).toHaveLength(1);
    expect(happen({ kind: 'REOPENED' }).isFinished).toBe(false);
  });
});
