import type { VisitEvent, VisitEventKind, WorkStage } from '../../../api/types';

/** An event of one kind, with what that kind says. */
export type EventOf<K extends VisitEventKind> = Extract<VisitEvent, { kind: K }>;

export const hooked = (shares: number[]): VisitEvent => ({ kind: 'SHARES_HOOKED', shares });
export const stepDone = (step: number): VisitEvent => ({ kind: 'STEP_DONE', step });
export const stage = (
  kind: 'STAGE_BEGUN' | 'STAGE_PAUSED' | 'STAGE_RESUMED' | 'STAGE_ENDED',
  of: WorkStage,
): VisitEvent => ({ kind, stage: of });
export const undone = (device: string, count: number): VisitEvent => ({
  kind: 'UNDONE',
  event: { device, count },
});
