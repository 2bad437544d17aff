import type { VisitEvent } from '../../../api/types';

/** Puts down what happened; at another moment than now if that is known. */
export type RecordEvents = (events: VisitEvent[], at?: number) => Promise<unknown>;
