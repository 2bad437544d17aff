import type { Happening, WorkStage } from '../../../api/types';

/** Puts down what happened; at another moment than now if that is known. */
export type Tell = (happenings: Happening[], at?: number) => Promise<unknown>;

export const STAGE_WORDS: Record<WorkStage, string> = {
  PREPARE: 'prepare',
  PART: 'part',
  BRAID: 'braid',
  SECURE: 'secure tails',
  HOOK: 'hook',
  TRY_AND_FILL: 'try and fill',
  FINISH: 'finish',
};
