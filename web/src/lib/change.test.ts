import { expect, test } from 'vitest';
import { changed } from './change';

const brief = {
  fullness: 1,
  foundation: { frontRows: 14, parts: [1, 2], back: { family: 'STRAIGHT', levels: 4 } },
  hooking: { edits: ['a'] },
};

test('changes what is named and nothing else', () => {
  const next = changed(brief, { foundation: { back: { levels: 5 } } });
  expect(next.foundation.back).toEqual({ family: 'STRAIGHT', levels: 5 });
  expect(next.foundation.frontRows).toBe(14);
  expect(next.hooking).toBe(brief.hooking);
  expect(brief.foundation.back.levels).toBe(4);
});

test('lists and plain values take the place of what was there, null too', () => {
  expect(changed(brief, { foundation: { parts: [] } }).foundation.parts).toEqual([]);
  expect(changed(brief, { fullness: null }).fullness).toBeNull();
  expect(changed({ a: null as unknown }, { a: { b: 1 } }).a).toEqual({ b: 1 });
});

test('an empty change changes nothing', () => {
  expect(changed(brief, {})).toEqual(brief);
});
