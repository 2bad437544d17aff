import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { afterEach, expect, it } from 'vitest';
import { closeDevice, readEvents, unsentEvents } from './device';
import { fromFormat1 } from './format1';

afterEach(() => closeDevice());

it.each([
  [{ kind: 'STEP_DONE', step: 4 }, { step: 4 }],
  [{ kind: 'SHARE_SLIPPED', shares: [7] }, { share: 7 }],
  [
    { kind: 'FROM_HERE_ON', shares: [7], passes: 3 },
    { from: 7, knot: null, passes: 3, size: null },
  ],
  [
    { kind: 'BUNDLE_OPENED', supply: 1 },
    { supply: 1, lot: '', loops: null },
  ],
  [
    { kind: 'TRIED', part: 1 },
    { worn: { way: 'DOWN', part: 1, gap: null }, showed: '' },
  ],
  [
    { kind: 'TRIED', way: 'BUN', text: 'a row' },
    { worn: { way: 'BUN', part: null, gap: null }, showed: 'a row' },
  ],
  [
    {
      kind: 'FILL_PLACED',
      row: 'F3',
      at: 0.5,
      shareParts: 2,
      supply: 0,
      otherRow: 'F4',
      otherAt: 0.2,
    },
    {
      row: 'F3',
      at: 0.5,
      size: 2,
      supply: 0,
      towardRad: null,
      beyond: { row: 'F4', at: 0.2 },
    },
  ],
  [
    { kind: 'ADJUSTED', adjustment: 'STOP_HERE', shares: [1] },
    { adjustment: 'STOP_HERE', leftOut: [1], otherwise: [], size: null, supply: null, packs: 0 },
  ],
  [
    { kind: 'REPLACED', supply: 0, lineId: 'h7', text: 'Ebb', colour: 'ink', loops: 16 },
    { supply: 0, id: 'h7', line: 'Ebb', colour: 'ink', bundle: 16 },
  ],
  [{ kind: 'UNDONE', undoes: { device: 'a', count: 2 } }, { event: { device: 'a', count: 2 } }],
  [
    { kind: 'JUDGED', verdicts: ['LESS_HAIR'], text: 'flatter' },
    { changes: ['LESS_HAIR'], words: 'flatter' },
  ],
  [{ kind: 'FINISHED', text: null }, {}],
])('%o is read as it is now', (kept, now) => {
  expect(fromFormat1(kept)).toEqual({ kind: kept.kind, ...now });
});

it('upgrades what a device kept and never sent', async () => {
  indexedDB = new IDBFactory();
  const before = await openDB('gyrotaxis-chair', 1, {
    upgrade(d) {
      d.createObjectStore('device').put('here', 'name');
      d.createObjectStore('visits', { keyPath: 'id' });
      d.createObjectStore('mine', { keyPath: 'visitId' });
      d.createObjectStore('pictures', { keyPath: 'id' }).createIndex('visit', 'visitId');
      const events = d.createObjectStore('events', { keyPath: ['visitId', 'device', 'count'] });
      events.createIndex('visit', 'visitId');
      const at = '2026-11-27T09:00:00Z';
      const what = { kind: 'SHARE_TAKEN_OUT', shares: [3], text: null };
      void events.put({ visitId: 'v1', device: 'here', count: 1, clock: 1, at, what });
    },
  });
  before.close();
  expect(await unsentEvents('v1')).toEqual(await readEvents('v1'));
  expect((await readEvents('v1')).map((e) => e.what)).toEqual([
    { kind: 'SHARE_TAKEN_OUT', share: 3 },
  ]);
});
