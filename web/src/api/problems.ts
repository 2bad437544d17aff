import type { Piece } from '../lib/sentence';

/** What is wrong with one field; lengths are in mm. */
export interface FieldProblem {
  field: string;
  message: string;
  min: number | null;
  max: number | null;
  unit: string;
  /** The message with its figures apart; empty where it has none. */
  words: Piece[];
}

/** A refusal by the server, or its absence (status 0). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: FieldProblem[] = [],
    readonly current: unknown = undefined,
  ) {
    super(message);
  }

  /** Whether it may pass by itself: what the server failed at, it would fail at again; who signs in anew is let in. */
  get isAway(): boolean {
    return this.status === 0 || this.isSignedOut;
  }

  get isSignedOut(): boolean {
    return this.status === 401;
  }

  at(field: string): FieldProblem | undefined {
    return this.fields.find((f) => f.field === field);
  }
}

const isRecord = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null;

const isFieldProblem = (v: unknown): v is FieldProblem =>
  isRecord(v) && typeof v.field === 'string' && typeof v.message === 'string';

/** Reads a problem detail (RFC 9457); anything else becomes a problem that says so. */
export function problemFrom(status: number, body: unknown): Problem {
  if (!isRecord(body)) {
    return new Problem(status, 'The server answered something that cannot be read.');
  }
  const detail = typeof body.detail === 'string' ? body.detail : 'The server refused this.';
  const fields = Array.isArray(body.errors)
    ? body.errors.filter(isFieldProblem).map((f) => ({ ...f, words: f.words ?? [] }))
    : [];
  return new Problem(status, detail, fields, body.current);
}

export const AWAY = 'The server does not answer. Your work is kept on this device.';
