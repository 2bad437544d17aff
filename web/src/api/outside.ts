import { http, take, type Body } from './http';
import type { MessageDraft, OutsideThing } from './types';

/** Devices and services, orders and messages. */
export const outside = {
  /** What is outside the book: how slow each is, and what goes wrong with it. */
  outside: () => take(http.GET('/api/outside')),
  setOutside: (what: OutsideThing, body: Body<'/api/outside/{what}', 'put'>) =>
    take(http.PUT('/api/outside/{what}', { params: { path: { what } }, body })),
  measureWithTape: (head: 'SMALL' | 'MEDIUM' | 'LARGE') =>
    take(http.POST('/api/outside/tape/measuring', { body: { head } })),
  /** What the tape sent after some length; without one, only up to where it is. */
  taped: (after: number | undefined, field?: string) =>
    take(
      http.GET('/api/outside/tape', {
        params: { query: { ...(after !== undefined && { after }), ...(field && { field }) } },
      }),
    ),
  layOnScale: (grams: number) => take(http.PUT('/api/outside/scale/lies', { body: { grams } })),
  weighed: (line: string, empty: number) =>
    take(http.GET('/api/outside/scale', { params: { query: { line, empty } } })),
  labelsOut: () => take(http.GET('/api/outside/labels')),
  labels: (id: string) => take(http.GET('/api/plans/{id}/labels', { params: { path: { id } } })),
  printLabel: (id: string, number: number) =>
    take(http.POST('/api/plans/{id}/labels/{number}', { params: { path: { id, number } } })),
  orders: () => take(http.GET('/api/orders')),
  catalogue: (supplier: string) =>
    take(http.GET('/api/orders/catalogue', { params: { query: { supplier } } })),
  order: (body: Body<'/api/orders', 'post'>) => take(http.POST('/api/orders', { body })),
  lookThrough: (id: string, number: number, kept: number[]) =>
    take(
      http.POST('/api/orders/{id}/parcels/{number}', {
        params: { path: { id, number } },
        body: { kept },
      }),
    ),
  closeOrder: (id: string) =>
    take(http.POST('/api/orders/{id}/closed', { params: { path: { id } } })),
  messages: () => take(http.GET('/api/messages')),
  wordMessage: (cue: MessageDraft['cue'], words: string) =>
    take(http.PUT('/api/messages/words/{cue}', { params: { path: { cue } }, body: { words } })),
  sendMessage: (body: Body<'/api/messages/sent', 'post'>) =>
    take(http.POST('/api/messages/sent', { body })),
};
