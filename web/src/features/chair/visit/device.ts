import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type IDBPObjectStore,
  type StoreNames,
} from 'idb';
import { newId } from '../../../lib/id';
import type { VisitEvent, Visit, RecordedEvent } from '../../../api/types';
import { fromFormat1, type Format1 } from './format1';

/** What of a visit is kept on this device: enough to go on without a server. */
export interface KeptVisit {
  id: string;
  visit: Omit<Visit, 'events'>;
  /** Up to where what others did is here. */
  arrived: number;
}

export interface KeptPicture {
  id: string;
  visitId: string;
  file: Blob;
  isSent: 0 | 1;
}

interface Mine {
  visitId: string;
  count: number;
  clock: number;
}

interface ChairDb extends DBSchema {
  device: { key: string; value: string };
  visits: { key: string; value: KeptVisit };
  mine: { key: string; value: Mine };
  events: {
    key: [string, string, number];
    value: RecordedEvent & { visitId: string };
    indexes: { visit: string };
  };
  pictures: { key: string; value: KeptPicture; indexes: { visit: string } };
}

let opened: Promise<IDBPDatabase<ChairDb>> | undefined;

const db = () =>
  (opened ??= openDB<ChairDb>('gyrotaxis-chair', 2, {
    async upgrade(d, from, _to, tx) {
      if (from < 1) createStores(d);
      else if (from < 2) await upgradeEvents(tx.objectStore('events'));
    },
    // Another tab has a newer page: it waits until this one lets go.
    blocking: () => void closeDevice(),
  }));

function createStores(d: IDBPDatabase<ChairDb>) {
  d.createObjectStore('device');
  d.createObjectStore('visits', { keyPath: 'id' });
  d.createObjectStore('mine', { keyPath: 'visitId' });
  d.createObjectStore('events', { keyPath: ['visitId', 'device', 'count'] }).createIndex(
    'visit',
    'visitId',
  );
  d.createObjectStore('pictures', { keyPath: 'id' }).createIndex('visit', 'visitId');
}

type EventStore = IDBPObjectStore<ChairDb, StoreNames<ChairDb>[], 'events', 'versionchange'>;

async function upgradeEvents(store: EventStore) {
  for (let at = await store.openCursor(); at; at = await at.continue()) {
    const { what, ...rest } = at.value;
    await at.update({ ...rest, what: fromFormat1(what as unknown as Format1) });
  }
}

/** Lets go of the database; it is opened again when it is needed. */
export async function closeDevice() {
  (await opened)?.close();
  opened = undefined;
}

/** What this device calls itself: made up once, and kept. */
export async function deviceName(): Promise<string> {
  const tx = (await db()).transaction('device', 'readwrite');
  const known = await tx.store.get('name');
  const name = known ?? newId().slice(0, 8);
  if (!known) await tx.store.put(name, 'name');
  await tx.done;
  return name;
}

export async function readVisit(id: string): Promise<KeptVisit | undefined> {
  return (await db()).get('visits', id);
}

export async function keepVisit(kept: KeptVisit): Promise<void> {
  await (await db()).put('visits', kept);
}

export async function readEvents(visitId: string): Promise<RecordedEvent[]> {
  const all = await (await db()).getAllFromIndex('events', 'visit', visitId);
  return all.map(({ device, count, clock, at, what }) => ({ device, count, clock, at, what }));
}

/** Puts down what happened here, numbered, in one go: all of it is on the device before this returns. */
export async function putDown(
  visitId: string,
  device: string,
  made: { what: VisitEvent; at: number }[],
): Promise<RecordedEvent[]> {
  const tx = (await db()).transaction(['mine', 'events'], 'readwrite');
  const mine = (await tx.objectStore('mine').get(visitId)) ?? { visitId, count: 0, clock: 0 };
  const events = made.map(({ what, at }) => ({
    device,
    count: ++mine.count,
    clock: ++mine.clock,
    at: new Date(at).toISOString(),
    what,
  }));
  await Promise.all([
    tx.objectStore('mine').put(mine),
    ...events.map((e) => tx.objectStore('events').put({ ...e, visitId })),
  ]);
  await tx.done;
  return events;
}

/** Puts down what others did, or what was done here and is only known to the server any more. */
export async function hear(
  visitId: string,
  device: string,
  events: RecordedEvent[],
): Promise<void> {
  const tx = (await db()).transaction(['mine', 'events'], 'readwrite');
  const mine = (await tx.objectStore('mine').get(visitId)) ?? { visitId, count: 0, clock: 0 };
  for (const e of events) {
    // The logical clock goes beyond all that was heard of, so that what is done now comes after it.
    mine.clock = Math.max(mine.clock, e.clock);
    if (e.device === device) mine.count = Math.max(mine.count, e.count);
    await tx.objectStore('events').put({ ...e, visitId });
  }
  await tx.objectStore('mine').put(mine);
  await tx.done;
}

export async function putPicture(picture: KeptPicture): Promise<void> {
  await (await db()).put('pictures', picture);
}

export async function readPicture(id: string): Promise<KeptPicture | undefined> {
  return (await db()).get('pictures', id);
}

export async function unsentPictures(visitId: string): Promise<KeptPicture[]> {
  const all = await (await db()).getAllFromIndex('pictures', 'visit', visitId);
  return all.filter((p) => p.isSent === 0);
}

/** Up to which of this device's events a server is known to have a visit. */
async function sentUpTo(visitId: string): Promise<number> {
  const name = await deviceName();
  return (await readVisit(visitId))?.visit.seen.find((s) => s.device === name)?.upTo ?? 0;
}

/** What was put down on this device for a visit and is not known to be on the server, in its order. */
export async function unsentEvents(visitId: string): Promise<RecordedEvent[]> {
  const name = await deviceName();
  const upTo = await sentUpTo(visitId);
  return (await readEvents(visitId))
    .filter((e) => e.device === name && e.count > upTo)
    .sort((a, b) => a.count - b.count);
}

async function hasUnsent(visitId: string): Promise<boolean> {
  const made = (await (await db()).get('mine', visitId))?.count ?? 0;
  return (
    (made > 0 && made > (await sentUpTo(visitId))) || (await unsentPictures(visitId)).length > 0
  );
}

/** The visits on this device of which something is not on the server. */
export async function visitsWithUnsent(): Promise<string[]> {
  const ids = await (await db()).getAllKeys('visits');
  const unsent = await Promise.all(ids.map(hasUnsent));
  return ids.filter((_, i) => unsent[i]);
}

/** Forgets the visits of which all is on the server: whoever has this device next finds nothing of them. */
export async function forgetSent(): Promise<void> {
  const unsent = await visitsWithUnsent();
  const all = await (await db()).getAllKeys('visits');
  for (const id of all.filter((v) => !unsent.includes(v))) {
    const tx = (await db()).transaction(['visits', 'events', 'pictures'], 'readwrite');
    const keys = await tx.objectStore('events').index('visit').getAllKeys(id);
    const pictures = await tx.objectStore('pictures').index('visit').getAllKeys(id);
    await Promise.all([
      tx.objectStore('visits').delete(id),
      ...keys.map((k) => tx.objectStore('events').delete(k)),
      ...pictures.map((k) => tx.objectStore('pictures').delete(k)),
    ]);
    await tx.done;
  }
}
