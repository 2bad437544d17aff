import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import * as device from './device';

export const MAX_EVENTS_AT_ONCE = 400;
const RETRY_MS = 30_000;

/**
 * Sends what was put down at a chair that has been left since: the events and pictures on this device that no server
 * has. What it sends twice the server knows by device and count, and keeps once.
 */
export class Outbox {
  private onSent: (() => void) | undefined;
  private isSending = false;
  private isWanted = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** Sends now, and whenever something may have been left; `onSent` hears that the server has more than before. */
  start(onSent: () => void): () => void {
    this.onSent = onSent;
    window.addEventListener('online', this.send);
    this.send();
    return () => {
      this.onSent = undefined;
      window.removeEventListener('online', this.send);
      clearTimeout(this.timer);
    };
  }

  /** Looks for what is left and sends it; without effect before it is started. */
  readonly send = () => {
    this.isWanted = true;
    if (!this.isSending) void this.sendAll();
  };

  private async sendAll() {
    this.isSending = true;
    clearTimeout(this.timer);
    let isAway = false;
    try {
      while (this.isWanted && this.onSent) {
        this.isWanted = false;
        for (const id of await device.visitsWithUnsent()) {
          isAway ||= await this.sendVisit(id);
        }
      }
    } finally {
      this.isSending = false;
    }
    if (isAway && this.onSent) this.timer = setTimeout(this.send, RETRY_MS);
  }

  /** Answers whether the server is away; what it refuses stays on the device, to be seen when the visit is opened. */
  private async sendVisit(id: string): Promise<boolean> {
    try {
      if (await this.sendEvents(id)) this.onSent?.();
      if (await this.sendPictures(id)) this.onSent?.();
      return false;
    } catch (thrown) {
      return thrown instanceof Problem && thrown.isAway;
    }
  }

  private async sendEvents(id: string): Promise<boolean> {
    const events = await device.unsentEvents(id);
    for (let from = 0; from < events.length; from += MAX_EVENTS_AT_ONCE) {
      const { seen, unfit } = await api.tellEvents(
        id,
        events.slice(from, from + MAX_EVENTS_AT_ONCE),
      );
      const kept = await device.readVisit(id);
      if (kept) await device.keepVisit({ ...kept, visit: { ...kept.visit, seen, unfit } });
    }
    return events.length > 0;
  }

  private async sendPictures(id: string): Promise<boolean> {
    const pictures = await device.unsentPictures(id);
    for (const p of pictures) {
      await api.keepPicture(id, p.id, p.file);
      await device.putPicture({ ...p, isSent: 1 });
    }
    return pictures.length > 0;
  }
}

export const outbox = new Outbox();
