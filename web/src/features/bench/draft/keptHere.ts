import type { Brief } from '../../../api/types';

/** What was changed on this device and is not on the server yet, and the version it was begun from. */
export interface Draft {
  /** Format of the brief; the first had no number. */
  format?: number;
  brief: Brief;
  name: string;
  version: number;
  /** Fields whose text could not be read yet, by path. */
  texts: Record<string, string>;
  /** What was sent and has no answer yet, oldest first: found on the server, it is this device's own. */
  sent?: Sent[];
}

/** A plan as it was sent to be kept. */
export interface Sent {
  name: string;
  brief: Brief;
}

/** The way the plan came, on this device: kept, so that a reload does not cut it off. */
export interface KeptHistory {
  format: number;
  /** The brief to which the history leads. */
  brief: Brief;
  past: Brief[];
  future: Brief[];
  beside: Brief | undefined;
}

/** More steps than these are not kept over a reload: a browser gives a page a few megabytes in all. */
const MAX_STEPS = 60;

const draftKey = (planId: string) => `gyrotaxis-draft-${planId}`;
const HISTORY = 'gyrotaxis-history-';
const historyKey = (planId: string) => HISTORY + planId;

function read<T>(key: string): T | null {
  try {
    const text = localStorage.getItem(key);
    return text === null ? null : (JSON.parse(text) as T);
  } catch {
    return null;
  }
}

export const readDraft = (planId: string): Draft | null => read(draftKey(planId));

export const keepDraft = (planId: string, draft: Draft): void =>
  localStorage.setItem(draftKey(planId), JSON.stringify(draft));

export const dropDraft = (planId: string): void => localStorage.removeItem(draftKey(planId));

/** Moves a draft that cannot be read to where nothing reads it. */
export function putDraftBy(planId: string): void {
  const text = localStorage.getItem(draftKey(planId));
  if (text !== null) localStorage.setItem(`gyrotaxis-unread-${planId}`, text);
  dropDraft(planId);
}

/** The history of a plan, if it was kept in the format of today. */
export function readHistory(planId: string, format: number): KeptHistory | null {
  const history = read<KeptHistory>(historyKey(planId));
  return history?.format === format ? history : null;
}

/** Keeps the nearest steps; where there is no room left, the histories of other plans give way. */
export function keepHistory(planId: string, history: KeptHistory): void {
  const text = JSON.stringify({
    ...history,
    past: history.past.slice(-MAX_STEPS),
    future: history.future.slice(0, MAX_STEPS),
  });
  try {
    localStorage.setItem(historyKey(planId), text);
  } catch {
    Object.keys(localStorage)
      .filter((key) => key.startsWith(HISTORY))
      .forEach((key) => localStorage.removeItem(key));
  }
}
