import type { Happening } from '../../../api/types';

/** Puts down what happened; at another moment than now if that is known. */
export type Tell = (happenings: Happening[], at?: number) => Promise<unknown>;
