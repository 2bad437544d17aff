import 'fake-indexeddb/auto';
import { waitFor } from '@testing-library/react';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { RecordedEvent, VisitEvent } from '../../../api/types';
import { refusal, requestsTo, serve } from '../../../testing/server';
import { samples } from '../../../testing/work';
import { closeDevice, visitsWithUnsent } from './device';
import { outbox } from './outbox';
import { VisitStore } from './visitStore';

/** A server that keeps events as the real one does, and can be away. */
class Server {
  events: RecordedEvent[] = [];
  isAway = false;
  /** So many answers are lost on their way although what was sent is kept. */
  losesAnswers = 0;

  constructor() {
    serve({
      'GET /api/visits/v1': () => this.answer(() => ({ ...this.view(), events: this.events })),
      'GET /api/visits/v1/events': () =>
        this.answer(() => ({ ...this.view(), events: this.events, hasMore: false })),
      'POST /api/visits/v1/events': ({ body }) =>
        this.answer(() => {
          for (const e of (body as { events: RecordedEvent[] }).events) {
            if (!this.events.some((k) => k.device === e.device && k.count === e.count))
              this.events.push(e);
          }
          if (this.losesAnswers-- > 0) throw new TypeError('cut');
          return { ...this.view(), events: [], hasMore: false };
        }),
    });
  }

  private answer(made: () => unknown) {
    if (this.isAway) throw new TypeError('away');
    return made();
  }

  private view() {
    const seen = [...new Set(this.events.map((e) => e.device))].map((device) => {
      const counts = this.events.filter((e) => e.device === device).map((e) => e.count);
      let upTo = 0;
      while (counts.includes(upTo + 1)) upTo++;
      return { device, upTo };
    });
    return {
      visit: { id: 'v1', clientName: 'A', planName: 'P' },
      sheet: samples.sheet,
      seen,
      unfit: [],
      arrived: this.events.length,
    };
  }
}

const until = (isSo: () => boolean) => waitFor(() => expect(isSo()).toBe(true));

const hooked = (ref: number): VisitEvent => ({ kind: 'SHARES_HOOKED', shares: [ref] });

describe('a visit on this device', () => {
  let server: Server;
  let store: VisitStore;

  beforeEach(() => {
    indexedDB = new IDBFactory();
    server = new Server();
    store = new VisitStore('v1');
  });

  afterEach(async () => {
    store.close();
    await closeDevice();
  });

  it('sends what is put down, and what is put down while it sends', async () => {
    await store.open();
    for (let ref = 1; ref <= 12; ref++) void store.record([hooked(ref)]);
    await until(() => server.events.length === 12 && store.read().unsent === 0);
    expect(server.events.map((e) => e.count)).toEqual([...Array(12).keys()].map((i) => i + 1));
  });

  it('keeps what happens while the server is away, over a closed page too', async () => {
    await store.open();
    server.isAway = true;
    for (let ref = 1; ref <= 20; ref++) await store.record([hooked(ref)]);
    await until(() => store.read().isAway);
    expect(store.read().unsent).toBe(20);
    store.close();
    store = new VisitStore('v1');
    await store.open();
    expect(
      [...(store.read().state?.shares.values() ?? [])].filter((w) => w.done === 'HOOKED'),
    ).toHaveLength(20);
    server.isAway = false;
    window.dispatchEvent(new Event('online'));
    await until(() => server.events.length === 20 && store.read().unsent === 0);
  });

  it('sends again what was kept but whose answer was lost, and it is one', async () => {
    await store.open();
    server.losesAnswers = 1;
    await store.record([hooked(1)]);
    await until(() => store.read().isAway);
    window.dispatchEvent(new Event('online'));
    await until(() => store.read().unsent === 0);
    expect(server.events).toHaveLength(1);
  });

  it('goes on after all it has heard of', async () => {
    server.events.push({
      device: 'other',
      count: 1,
      clock: 70,
      at: '2026-11-27T09:00:00Z',
      what: hooked(3),
    });
    await store.open();
    const [mine] = await store.record([hooked(4)]);
    expect(mine?.clock).toBe(71);
    expect(store.read().state?.shares.get(3)?.done).toBe('HOOKED');
  });

  it('sends a queue of three thousand in parts', async () => {
    await store.open();
    server.isAway = true;
    await store.record(
      Array.from({ length: 3_000 }, () => ({ kind: 'NOTED' as const, words: 'x' })),
    );
    server.isAway = false;
    window.dispatchEvent(new Event('online'));
    await until(() => store.read().unsent === 0);
    expect(server.events).toHaveLength(3_000);
  });

  describe('that was left', () => {
    let stop = () => {};
    let sent = 0;

    beforeEach(async () => {
      await store.open();
      sent = 0;
      stop = outbox.start(() => sent++);
    });

    afterEach(() => stop());

    it('sends what was pressed just before', async () => {
      void store.record([hooked(1), hooked(2)]);
      store.close();
      await until(() => server.events.length === 2 && sent > 0);
      await waitFor(async () => expect(await visitsWithUnsent()).toEqual([]));
    });

    it('sends it once the server is back', async () => {
      server.isAway = true;
      await store.record([hooked(1)]);
      store.close();
      await waitFor(async () => expect(await visitsWithUnsent()).toEqual(['v1']));
      server.isAway = false;
      window.dispatchEvent(new Event('online'));
      await until(() => server.events.length === 1 && sent === 1);
    });

    it('keeps what the server refuses', async () => {
      serve({ 'POST /api/visits/v1/events': () => refusal(422, 'Not this.') });
      await store.record([hooked(1)]);
      store.close();
      await until(() => requestsTo('POST /api/visits/v1/events').length >= 2);
      expect(await visitsWithUnsent()).toEqual(['v1']);
      expect(sent).toBe(0);
    });
  });
});
