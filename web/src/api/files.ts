import { http, sent, take } from './http';
import type { BackupWish } from './types';

/** What goes out as a file, and what is read out of one. */
export const files = {
  /** Reads a table as a count of the shelf; it is put down only if that is asked. */
  stockTable: (file: Blob, keep: boolean, signal?: AbortSignal) =>
    take(
      http.POST('/api/stock/table', {
        params: { query: { keep } },
        ...sent(file, 'text/csv', signal),
      }),
    ),
  /** The whole book as files: what is wished of them, and those that are there. */
  backups: () => take(http.GET('/api/backups')),
  wishBackups: (body: BackupWish) => take(http.PUT('/api/backups/wish', { body })),
  beginBackup: () => take(http.POST('/api/backups')),
  stopBackup: () => take(http.DELETE('/api/backups/running')),
  /** Reads what was moved in a calendar; it is moved here only if that is asked. */
  movedByCalendar: (file: Blob, keep: boolean, signal?: AbortSignal) =>
    take(
      http.POST('/api/diary/calendar', {
        params: { query: { keep } },
        ...sent(file, 'text/calendar', signal),
      }),
    ),
  /** Reads a plan that went out as a file; it is kept for a client only if that is asked. */
  planFile: async (clientId: string, file: Blob, keep: boolean, signal?: AbortSignal) => {
    const text = await file.text();
    return take(
      http.POST('/api/clients/{id}/plan-file', {
        params: { path: { id: clientId }, query: { keep } },
        ...sent(text, 'application/json', signal),
      }),
    );
  },
  /** Reads a worksheet that went out as a file; it is worked from today on only if that is asked. */
  sheetFile: async (clientId: string, file: Blob, keep: boolean, signal?: AbortSignal) => {
    const text = await file.text();
    return take(
      http.POST('/api/clients/{id}/worksheet-file', {
        params: { path: { id: clientId }, query: { keep } },
        ...sent(text, 'application/json', signal),
      }),
    );
  },
  patternFile: async (file: Blob, keep: boolean, signal?: AbortSignal) => {
    const text = await file.text();
    return take(
      http.POST('/api/patterns/file', {
        params: { query: { keep } },
        ...sent(text, 'application/json', signal),
      }),
    );
  },
  methodFile: async (file: Blob, keep: boolean, signal?: AbortSignal) => {
    const text = await file.text();
    return take(
      http.POST('/api/methods/file', {
        params: { query: { keep } },
        ...sent(text, 'application/json', signal),
      }),
    );
  },
  /** Reads cards of clients; they are taken in only if that is asked. */
  cards: (file: Blob, keep: boolean, signal?: AbortSignal) =>
    take(
      http.POST('/api/clients/cards', {
        params: { query: { keep } },
        ...sent(file, 'text/vcard', signal),
      }),
    ),
};
