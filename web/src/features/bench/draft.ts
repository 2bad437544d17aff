import type { Brief } from '../../api/types';

/** What was changed on this device and is not on the server yet, and the version it was begun from. */
export interface Draft {
  brief: Brief;
  name: string;
  version: number;
  /** Fields whose text could not be read yet, by path. */
  texts: Record<string, string>;
}

const key = (planId: string) => `gyrotaxis-draft-${planId}`;

export function readDraft(planId: string): Draft | null {
  try {
    const text = localStorage.getItem(key(planId));
    return text === null ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
}

export const keepDraft = (planId: string, draft: Draft): void =>
  localStorage.setItem(key(planId), JSON.stringify(draft));

export const dropDraft = (planId: string): void => localStorage.removeItem(key(planId));
