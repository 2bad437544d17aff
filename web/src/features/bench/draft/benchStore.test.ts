// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import type { SavedPlan } from '../../../api/types';
import { createBench } from './benchStore';
import { dropDraft, keepDraft, readDraft } from './draft';

const PLAN: SavedPlan = {
  id: 'p1',
  clientId: 'c1',
  clientName: 'Isolde Marrinquay',
  headId: 'h1',
  name: 'Regatta',
  version: 3,
  updatedAt: '2026-11-24T00:00:00Z',
  brief: {
    head: {
      roundMm: 565,
      frontToNapeMm: 360,
      overTopMm: 330,
      alongFrontMm: null,
      roundBackMm: null,
      napeWidthMm: null,
      hairline: null,
      regions: null,
    },
    ownHair: {
      density: 'MEDIUM',
      strands: 'MEDIUM',
      lengthMm: 150,
      newGrowthMm: 0,
      matsEasily: false,
      conditions: [],
    },
    consultation: null,
    foundation: {
      frontRows: 14,
      backRows: 5,
      earLineBehindMm: 12,
      earLineLeanMm: 0,
      parts: [],
      flanks: 'FINE_ROWS',
      back: null,
      rim: null,
      overlaysMm: [],
      meshesGaps: false,
      feedsFibre: false,
      edits: [],
      tails: [],
    },
    hairLineId: 'l1',
    fullness: 1,
    installer: 'STYLIST',
    hooking: null,
  },
};

let clock = 0;
const open = () => createBench(PLAN, () => clock);
const fuller = (by: number) => (b: SavedPlan['brief']) => ({ ...b, fullness: by });

beforeEach(() => {
  dropDraft('p1');
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
