import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import { newId } from '../../../lib/id';
import type { VisitEvent, Visit, RecordedEvent } from '../../../api/types';
import * as device from './device';
import { eventName, fold, nameOf, type WorkState } from './fold';
import { MAX_EVENTS_AT_ONCE, outbox } from './outbox';

/** What a page shows of a visit. */
export interface Shown {
  visit: Omit<Visit, 'events'> | undefined;
  state: WorkState | undefined;
  device: string;
  /** Events that are here and not known to be on the server. */
  unsent: number;
  isAway: boolean;
  /** Up to where the server has what is shown; what it works out is as of that. */
  arrived: number;
  problem: string | undefined;
}

const FIRST_WAIT_MS = 1_000;
const MAX_WAIT_MS = 30_000;
const MAX_WAIT_STEP = 5;

/**
 * One visit on this device: what happens is put down here first, shown at once, and sent whenever the server can be reached.
 * What others do is heard on a line, and asked for.
 */
export class VisitStore {
  private shown: Shown = {
    visit: undefined,
    state: undefined,
    device: '',
    unsent: 0,
    isAway: false,
    arrived: 0,
    problem: undefined,
  };
  private readonly known = new Map<string, RecordedEvent>();
  private readonly listeners = new Set<() => void>();
  private upTo = 0;
  private isSending = false;
  private isWanted = false;
  private fails = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private line: EventSource | undefined;
  private tabs: BroadcastChannel | undefined;
  private isOpen = false;

  constructor(readonly id: string) {}

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly read = () => this.shown;

  private show(change: Partial<Shown>) {
    this.shown = { ...this.shown, ...change };
    for (const l of this.listeners) l();
  }

  /** Opens what is kept here, then asks the server; either is enough to work with. */
  async open() {
    this.isOpen = true;
    window.addEventListener('online', this.again);
    if (typeof BroadcastChannel !== 'undefined')
      this.tabs = new BroadcastChannel('gyrotaxis-chair');
    this.tabs?.addEventListener('message', this.onTab);
    const name = await device.deviceName();
    const kept = await device.readVisit(this.id);
    this.show({ device: name });
    if (kept) {
      this.take(await device.readEvents(this.id));
      this.show({ visit: kept.visit, arrived: kept.arrived });
      this.setUpTo(kept.visit.seen);
      this.refold();
    }
    await this.fetch();
    if (this.isOpen) this.listen();
  }

  /** Stops hearing and sending; what is not sent yet is left to the outbox. */
  close() {
    this.isOpen = false;
    outbox.send();
    window.removeEventListener('online', this.again);
    this.tabs?.close();
    this.tabs = undefined;
    clearTimeout(this.timer);
    this.line?.close();
  }

  private take(events: RecordedEvent[]) {
    for (const e of events) this.known.set(eventName(e), e);
  }

  private setUpTo(seen: { device: string; upTo: number }[]) {
    this.upTo = seen.find((s) => s.device === this.shown.device)?.upTo ?? this.upTo;
  }

  private mine() {
    return [...this.known.values()].filter((e) => e.device === this.shown.device);
  }

  private refold() {
    const { visit } = this.shown;
    if (!visit) return;
    // What makes no sense is kept on the server, and worked with nowhere.
    const unfit = new Set(visit.unfit.map((u) => nameOf(u.device, u.count)));
    const events = [...this.known].filter(([name]) => !unfit.has(name)).map(([, e]) => e);
    this.show({
      state: fold(visit.sheet, events),
      unsent: this.mine().filter((e) => e.count > this.upTo).length,
    });
  }

  private async fetch() {
    try {
      const { events, ...visit } = await api.visit(this.id);
      await device.hear(this.id, this.shown.device, events);
      await device.keepVisit({ id: this.id, visit, arrived: visit.arrived });
      this.take(await device.readEvents(this.id));
      this.upTo = 0;
      this.setUpTo(visit.seen);
      this.show({ visit, arrived: visit.arrived, isAway: false, problem: undefined });
      this.refold();
      void this.send();
    } catch (thrown) {
      this.failed(thrown);
    }
  }

  /** Puts down what happened; it is on the device, and shown, once this is done. */
  async record(made: VisitEvent[], at = Date.now()) {
    const events = await device.putDown(
      this.id,
      this.shown.device,
      made.map((what) => ({ what, at })),
    );
    this.take(events);
    this.refold();
    this.tabs?.postMessage(this.id);
    // Whoever pressed and left at once may have closed the visit before it was on the device.
    if (this.isOpen) void this.send();
    else outbox.send();
    return events;
  }

  /** Puts down a picture, then that it was taken. */
  async picture(file: Blob, event: (id: string) => VisitEvent) {
    const id = newId();
    await device.putPicture({ id, visitId: this.id, file, isSent: 0 });
    await this.record([event(id)]);
  }

  private readonly again = () => {
    this.fails = 0;
    void (this.shown.visit ? this.send() : this.fetch());
  };

  /** Another tab of this device put something down. */
  private readonly onTab = (e: MessageEvent) => {
    if (e.data !== this.id) return;
    void device.readEvents(this.id).then((events) => {
      this.take(events);
      this.refold();
    });
  };

  /** Sends until nothing is left; what is put down while it does is sent too. */
  private async send() {
    this.isWanted = true;
    if (this.isSending) return;
    this.isSending = true;
    try {
      while (this.isWanted && this.isOpen) {
        this.isWanted = false;
        await this.sendEvents();
        await this.catchUp();
        await this.sendPictures();
      }
      this.show({ isAway: false });
    } catch (thrown) {
      this.failed(thrown);
    } finally {
      this.isSending = false;
    }
  }

  private async sendEvents() {
    for (let open = this.unsent(); open.length > 0 && this.isOpen; open = this.unsent()) {
      const before = this.upTo;
      const answer = await api.tellEvents(this.id, open.slice(0, MAX_EVENTS_AT_ONCE));
      this.setUpTo(answer.seen);
      await this.keep({ seen: answer.seen, unfit: answer.unfit });
      this.fails = 0;
      this.show({ isAway: false, problem: undefined });
      this.refold();
      if (this.upTo <= before) throw new Error('The server took nothing of what was sent.');
    }
  }

  private unsent() {
    return this.mine()
      .filter((e) => e.count > this.upTo)
      .sort((a, b) => a.count - b.count);
  }

  private async keep(change: Partial<Omit<Visit, 'events'>>) {
    const { visit, arrived } = this.shown;
    if (!visit) return;
    const next = { ...visit, ...change };
    this.show({ visit: next });
    await device.keepVisit({ id: this.id, visit: next, arrived });
  }

  /** Asks for what arrived meanwhile. */
  private async catchUp() {
    for (let hasMore = true; hasMore && this.isOpen;) {
      const answer = await api.visitEvents(this.id, this.shown.arrived);
      hasMore = answer.hasMore;
      if (answer.events.length > 0) {
        await device.hear(this.id, this.shown.device, answer.events);
        this.take(answer.events);
      }
      this.show({ arrived: answer.arrived });
      await this.keep({ seen: answer.seen, unfit: answer.unfit });
      if (answer.events.length > 0) this.refold();
    }
  }

  private async sendPictures() {
    for (const p of await device.unsentPictures(this.id)) {
      try {
        await api.keepPicture(this.id, p.id, p.file);
        await device.putPicture({ ...p, isSent: 1 });
      } catch (thrown) {
        if (!(thrown instanceof Problem) || thrown.isAway) throw thrown;
        // What is no picture never will be: it stays here, and stands in the way of nothing.
        await device.putPicture({ ...p, isSent: 1 });
        this.show({ problem: thrown.fields[0]?.message ?? thrown.message });
      }
    }
  }

  private failed(thrown: unknown) {
    const isAway = thrown instanceof Problem && thrown.isAway;
    const problem = isAway ? undefined : thrown instanceof Error ? thrown.message : String(thrown);
    this.show({ isAway, problem });
    if (!this.isOpen) return;
    const wait = Math.min(MAX_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.min(MAX_WAIT_STEP, this.fails++));
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void (this.shown.visit ? this.send() : this.fetch()), wait);
  }

  /** Hears that something arrived; what it was is asked for. */
  private listen() {
    if (typeof EventSource === 'undefined') return;
    this.line = new EventSource(`/api/visits/${this.id}/line`);
    this.line.addEventListener('arrived', (e) => {
      if (Number((e as MessageEvent<string>).data) > this.shown.arrived) void this.send();
    });
    // A line that opens again after the server was away: what is unsent may go.
    this.line.addEventListener('open', () => void this.send());
  }
}
