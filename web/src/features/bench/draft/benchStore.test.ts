import { beforeEach, describe, expect, it } from 'vitest';
import type { SavedPlan } from '../../../api/types';
import { sample } from '../../../testing/onBench';
import { createBench } from './benchStore';
import { keepDraft, keepHistory, readDraft, readHistory } from './keptHere';

const PLAN: SavedPlan = { ...sample.savedPlan, id: 'p1', version: 3 };
const FORMAT = sample.words.planFormat;

let clock = 0;
const open = () => createBench(PLAN, FORMAT, { now: () => clock });
const fuller = (by: number) => (b: SavedPlan['brief']) => ({ ...b, fullness: by });

beforeEach(() => {
  localStorage.clear();
  clock = 10_000;
});

describe('undo and redo', () => {
  it('go back and forth over every change', () => {
    const bench = open();
    for (const f of [1.1, 1.2, 1.3]) {
      bench.getState().change('fullness', fuller(f));
      clock += 5000;
    }
    bench.getState().undo();
    bench.getState().undo();
    expect(bench.getState().brief.fullness).toBe(1.1);
    bench.getState().redo();
    expect(bench.getState().brief.fullness).toBe(1.2);
    bench.getState().change('fullness', fuller(0.9));
    bench.getState().redo();
    expect(bench.getState().brief.fullness).toBe(0.9);
    for (let i = 0; i < 9; i++) bench.getState().undo();
    expect(bench.getState().brief).toEqual(PLAN.brief);
  });

  it('takes one drag as one change, and a change to nothing as none', () => {
    const bench = open();
    for (let f = 1.01; f < 1.3; f += 0.01) {
      bench.getState().change('fullness', fuller(f));
      clock += 16;
    }
    bench.getState().change('fullness', (b) => ({ ...b }));
    expect(bench.getState().past).toHaveLength(1);
    bench.getState().undo();
    expect(bench.getState().brief).toEqual(PLAN.brief);
  });

  it('takes all that happens while something is held as one change, however slow', () => {
    const bench = open();
    bench.getState().hold(undefined);
    for (const f of [1.1, 1.2, 1.3]) {
      bench.getState().change(`fullness ${f}`, fuller(f));
      clock += 5000;
    }
    bench.getState().letGo();
    bench.getState().change('fullness 1.3', fuller(1.4));
    expect(bench.getState().past).toHaveLength(2);
    bench.getState().undo();
    bench.getState().undo();
    expect(bench.getState().brief).toEqual(PLAN.brief);
  });

  it('gives up what is held as if it had never been taken', () => {
    const bench = open();
    bench.getState().change('fullness', fuller(0.8));
    bench.getState().hold(undefined);
    bench.getState().change('fullness', fuller(1.1));
    bench.getState().change('fullness', fuller(1.2));
    bench.getState().giveUp();
    expect(bench.getState().brief.fullness).toBe(0.8);
    expect(bench.getState().past).toHaveLength(1);
    bench.getState().hold(undefined);
    bench.getState().giveUp();
    expect(bench.getState().past).toHaveLength(1);
  });
});

describe('what the server proposes', () => {
  it('is made as a change of the brief as it is now, and of nothing else in it', () => {
    const bench = open();
    bench.getState().change('name of nothing', (b) => ({ ...b, installer: 'SELF' }));
    bench.getState().apply('remedy', { fullness: 0.8, foundation: { frontRows: 10 } });
    expect(bench.getState().brief).toMatchObject({ fullness: 0.8, installer: 'SELF' });
    expect(bench.getState().brief.foundation.frontRows).toBe(10);
    expect(bench.getState().brief.foundation.back).toBe(PLAN.brief.foundation.back);
    bench.getState().undo();
    expect(bench.getState().brief).toMatchObject({
      fullness: PLAN.brief.fullness,
      installer: 'SELF',
    });
  });
});

describe('the way here', () => {
  const keep = (bench: ReturnType<typeof open>) => {
    const { brief, past, future, beside } = bench.getState();
    keepHistory('p1', { format: FORMAT, brief, past, future, beside });
  };

  it('survives a reload, with what was kept beside', () => {
    const bench = open();
    bench.getState().keepBeside(true);
    bench.getState().change('fullness', fuller(1.1));
    clock += 5000;
    bench.getState().change('fullness', fuller(1.2));
    bench.getState().undo();
    keep(bench);
    keepDraft('p1', { ...PLAN, format: FORMAT, brief: bench.getState().brief, texts: {} });
    const again = open();
    expect(again.getState().beside?.fullness).toBe(PLAN.brief.fullness);
    again.getState().redo();
    expect(again.getState().brief.fullness).toBe(1.2);
    again.getState().undo();
    again.getState().undo();
    expect(again.getState().brief).toEqual(PLAN.brief);
  });

  it('has what was here as one step where the plan was changed elsewhere since', () => {
    const bench = open();
    bench.getState().change('fullness', fuller(1.4));
    keep(bench);
    const again = open();
    expect(again.getState().brief).toEqual(PLAN.brief);
    again.getState().undo();
    expect(again.getState().brief.fullness).toBe(1.4);
  });

  it('of another format is not taken up', () => {
    const bench = open();
    bench.getState().change('fullness', fuller(1.4));
    keep(bench);
    expect(readHistory('p1', FORMAT + 1)).toBeNull();
    expect(createBench(PLAN, FORMAT + 1).getState().past).toEqual([]);
  });

  it('keeps no more steps than there is room for', () => {
    const past = Array.from({ length: 200 }, (_, i) => fuller(1 + i / 1000)(PLAN.brief));
    keepHistory('p1', { format: FORMAT, brief: PLAN.brief, past, future: [], beside: undefined });
    const kept = readHistory('p1', FORMAT)?.past ?? [];
    expect(kept).toHaveLength(60);
    expect(kept.at(-1)).toEqual(past.at(-1));
  });
});

describe('saving', () => {
  it('is not done while something changed on the way', () => {
    const bench = open();
    bench.getState().change('fullness', fuller(1.1));
    const sent = bench.getState().brief;
    bench.getState().change('fullness', fuller(1.2));
    bench.getState().saved({ ...PLAN, brief: sent, version: 4 }, sent);
    expect(bench.getState()).toMatchObject({ version: 4, saving: 'changed' });
    const last = bench.getState().brief;
    bench.getState().saved({ ...PLAN, brief: last, version: 5 }, last);
    expect(bench.getState().saving).toBe('saved');
  });

  it('opens with what was left on this device', () => {
    keepDraft('p1', { ...PLAN, brief: { ...PLAN.brief, fullness: 0.7 }, texts: { x: 'abc' } });
    expect(open().getState()).toMatchObject({ saving: 'changed', texts: { x: 'abc' } });
    expect(open().getState().brief.fullness).toBe(0.7);
    expect(open().getState().theirs).toBeUndefined();
  });

  it('asks when somebody else was faster, and loses neither', () => {
    keepDraft('p1', { ...PLAN, version: 2, brief: { ...PLAN.brief, fullness: 0.7 }, texts: {} });
    const bench = open();
    expect(bench.getState().theirs?.version).toBe(3);
    bench.getState().takeTheirs();
    expect(bench.getState().brief).toEqual(PLAN.brief);
    bench.getState().undo();
    expect(bench.getState().brief.fullness).toBe(0.7);
    const other = open();
    other.getState().keepMine();
    expect(other.getState()).toMatchObject({ version: 3, saving: 'changed', theirs: undefined });
  });

  it('keeps a plan beside, exchanges the two, and undoes the exchange', () => {
    const bench = open();
    bench.getState().keepBeside(true);
    bench.getState().change('fullness', fuller(1.3));
    expect(bench.getState().beside).toEqual(PLAN.brief);
    bench.getState().exchange();
    expect(bench.getState().brief).toEqual(PLAN.brief);
    expect(bench.getState().beside?.fullness).toBe(1.3);
    bench.getState().undo();
    expect(bench.getState().brief.fullness).toBe(1.3);
    bench.getState().keepBeside(false);
    bench.getState().exchange();
    expect(bench.getState().brief.fullness).toBe(1.3);
  });

  it('survives a draft that cannot be read', () => {
    localStorage.setItem('gyrotaxis-draft-p1', '{');
    expect(readDraft('p1')).toBeNull();
    expect(open().getState().brief).toEqual(PLAN.brief);
  });
});
