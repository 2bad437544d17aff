import type { StillOf } from './still';

export interface Asked {
  id: number;
  of: StillOf;
}

export interface Answered {
  id: number;
  picture?: Blob;
  problem?: string;
}

/** What draws is put away after so long without work, since it holds on to much room. */
const PUT_AWAY_AFTER_MS = 30_000;

interface Waiting {
  resolve: (picture: Blob) => void;
  reject: (cause: Error) => void;
}

let worker: Worker | undefined;
let putAway: number | undefined;
let count = 0;
const waiting = new Map<number, Waiting>();

/** Whether this browser can draw in the round apart from the page. */
export const canDrawApart = () =>
  typeof Worker !== 'undefined' && typeof OffscreenCanvas !== 'undefined';

/** Draws a still in a thread of its own: the page stays as quick as it was. */
export function drawApart(of: StillOf): Promise<Blob> {
  worker ??= begin();
  window.clearTimeout(putAway);
  const id = count++;
  worker.postMessage({ id, of } satisfies Asked);
  return new Promise((resolve, reject) => waiting.set(id, { resolve, reject }));
}

function begin(): Worker {
  const begun = new Worker(new URL('./still.worker.ts', import.meta.url), { type: 'module' });
  begun.addEventListener('message', (e: MessageEvent<Answered>) => {
    const { id, picture, problem } = e.data;
    if (picture) waiting.get(id)?.resolve(picture);
    else waiting.get(id)?.reject(new Error(problem));
    waiting.delete(id);
    if (waiting.size === 0) putAway = window.setTimeout(end, PUT_AWAY_AFTER_MS);
  });
  begun.addEventListener('error', () => {
    waiting.forEach((w) => w.reject(new Error('This browser cannot draw in the round.')));
    end();
  });
  return begun;
}

function end() {
  worker?.terminate();
  worker = undefined;
  waiting.clear();
}
