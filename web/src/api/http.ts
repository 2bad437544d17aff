import createClient from 'openapi-fetch';
import { AWAY, Problem, problemFrom } from './problems';
import type { paths } from './generated/schema';

export const http = createClient<paths>({
  baseUrl: window.location.origin,
  // Looked up at every request, as whoever calls it by itself would.
  fetch: (request) => globalThis.fetch(request),
});

/** The server proves that a change comes from its own page by a cookie that only that page can read. */
http.use({
  onRequest({ request }) {
    const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    }
    return request;
  },
});

const signedOut = new EventTarget();

/** Hears when the server does not know who asks any more; answers what ends the hearing. */
export function onSignedOut(listener: () => void): () => void {
  signedOut.addEventListener('out', listener);
  return () => signedOut.removeEventListener('out', listener);
}

http.use({
  onResponse({ request, response }) {
    // A passphrase that was missed is no session that ended.
    if (response.status === 401 && !new URL(request.url).pathname.startsWith('/api/door'))
      signedOut.dispatchEvent(new Event('out'));
    return response;
  },
});

export interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The body of a good answer; throws a Problem otherwise. */
export async function take<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await asked;
  } catch (cause) {
    if (cause instanceof DOMException && cause.name === 'AbortError') throw cause;
    throw new Problem(0, AWAY);
  }
  if (!answer.response.ok) {
    throw problemFrom(answer.response.status, answer.error);
  }
  return answer.data as T;
}

export type Body<P extends keyof paths, M extends 'post' | 'put'> = paths[P] extends {
  [K in M]: { requestBody: { content: { 'application/json': infer B } } };
}
  ? B
  : never;

/** A file as it is sent; the signal ends the waiting. */
export const sent = (file: Blob | string, type: string, signal?: AbortSignal) => ({
  ...(signal && { signal }),
  body: file as never,
  bodySerializer: (b: unknown) => b as Blob | string,
  headers: { 'Content-Type': type },
});
