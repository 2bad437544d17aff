import { describe, expect, it } from 'vitest';
import type { Drill, DrillAsk, Verdict } from '../../../api/types';
import { isWhole, NOTHING, numbered, stands, touched, turned, wayWords } from './answer';

const ask = (form: DrillAsk['form'], isOne = false): Drill =>
  ({
    ask: {
      form,
      isOne,
      choices: ['a', 'b', 'c'].map((id) => ({ id, words: id, row: null, x: null, y: null })),
      aim: null,
      number: null,
      numbers: [{}, {}],
    },
  }) as unknown as Drill;

describe('an answer', () => {
  it('takes a choice, and takes it back', () => {
    const one = touched(NOTHING, 'b', false);
    expect(touched(one, 'a', false).ids).toEqual(['b', 'a']);
    expect(touched(one, 'b', false).ids).toEqual([]);
  });

  it('has one choice where one alone is right', () => {
    expect(touched(touched(NOTHING, 'a', true), 'b', true).ids).toEqual(['b']);
  });

  it('is whole once there is what the form asks for', () => {
    expect(isWhole(ask('AIM'), NOTHING)).toBe(false);
    expect(isWhole(ask('AIM'), { ...NOTHING, towardRad: 0 })).toBe(true);
    expect(isWhole(ask('NUMBER'), { ...NOTHING, number: 0 })).toBe(true);
    expect(isWhole(ask('PICK'), { ...NOTHING, ids: ['a'] })).toBe(true);
    expect(isWhole(ask('TURNS'), NOTHING)).toBe(false);
    expect(isWhole(ask('TURNS'), { ...NOTHING, ids: ['b'] })).toBe(true);
    expect(isWhole(ask('NUMBERS'), numbered(NOTHING, 2, 1, 20))).toBe(false);
    expect(isWhole(ask('NUMBERS'), numbered(numbered(NOTHING, 2, 1, 20), 2, 0, 9))).toBe(true);
    expect(isWhole(ask('ORDER'), { ...NOTHING, ids: ['a', 'b'] })).toBe(false);
    expect(isWhole(ask('ORDER'), { ...NOTHING, ids: ['c', 'a', 'b'] })).toBe(true);
  });

  it('shows what was right of it, what was not, and what was left out', () => {
    const verdict = { ids: ['a', 'c'] } as Verdict;
    const given = { ...NOTHING, ids: ['a', 'b'] };
    expect(['a', 'b', 'c', 'd'].map((id) => stands(id, given, verdict))).toEqual([
      'right',
      'wrong',
      'missed',
      'rest',
    ]);
  });
});

describe('a direction', () => {
  it('is the same after any number of turns', () => {
    for (const rad of [-3, -1, 0, 0.5, 3]) {
      for (const times of [-2, -1, 1, 3]) {
        expect(turned(rad + 2 * Math.PI * times)).toBeCloseTo(rad, 9);
      }
    }
    expect(turned(-Math.PI)).toBeCloseTo(Math.PI);
  });

  it('is said as a stylist would', () => {
    expect(wayWords(0)).toBe('to the face');
    expect(wayWords(Math.PI / 2)).toBe('to her right');
    expect(wayWords(-Math.PI / 2)).toBe('to her left');
    expect(wayWords(Math.PI)).toBe('to the back');
    expect(wayWords(-Math.PI)).toBe('to the back');
    expect(wayWords((-3 * Math.PI) / 4)).toBe('to the back and her left');
  });
});
