import type { VisitEvent, VisitEventKind, WorkStage } from '../../../api/types';

const NOTHING: Omit<VisitEvent, 'kind'> = {
  stage: null,
  shares: null,
  otherShares: null,
  knot: null,
  passes: null,
  shareParts: null,
  supply: null,
  packs: null,
  loops: null,
  text: null,
  lineId: null,
  colour: null,
  row: null,
  at: null,
  towardRad: null,
  otherRow: null,
  otherAt: null,
  way: null,
  part: null,
  step: null,
  adjustment: null,
  undoes: null,
  grade: null,
  skin: null,
  verdicts: null,
};

/** Something that happened, with what its kind asks for. */
export const visitEvent = (kind: VisitEventKind, said: Partial<VisitEvent> = {}): VisitEvent => ({
  ...NOTHING,
  ...said,
  kind,
});

export const hooked = (shares: number[]) => visitEvent('SHARES_HOOKED', { shares });
export const stepDone = (step: number) => visitEvent('STEP_DONE', { step });
export const stage = (
  kind: 'STAGE_BEGUN' | 'STAGE_PAUSED' | 'STAGE_RESUMED' | 'STAGE_ENDED',
  of: WorkStage,
) => visitEvent(kind, { stage: of });
export const undone = (device: string, count: number) =>
  visitEvent('UNDONE', { undoes: { device, count } });
