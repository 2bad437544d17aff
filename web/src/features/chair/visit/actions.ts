import type {
  VisitEvent,
  SheetStep,
  RecordedEvent,
  WorkSheet,
  WorkStage,
} from '../../../api/types';
import { isStepDone, isToDo, nextSteps, runningStage, type WorkState } from './fold';
import { hooked, stage, stepDone, undone } from './visitEvent';

/** What the big key does now. */
export type Key =
  | { does: 'SIGN'; step: SheetStep }
  | { does: 'BEGIN'; stage: WorkStage; isAgain: boolean }
  | { does: 'DONE'; step: SheetStep; shares: number[] }
  | { does: 'FINISH' };

/**
 * What the big key does: first a caution is read and signed, then the clock of the stage begins, then the step, or one share of it, is
 * done; at the end the work is.
 */
export function keyNow(sheet: WorkSheet, state: WorkState, isEach: boolean): Key {
  const step = nextSteps(sheet, state)[0];
  if (!step) return { does: 'FINISH' };
  if (step.cautions.length > 0 && !state.signed.has(step.number)) return { does: 'SIGN', step };
  const time = state.stages.get(step.stage);
  if (time?.runsSince === undefined)
    return { does: 'BEGIN', stage: step.stage, isAgain: time !== undefined };
  const open = step.shares.filter((ref) => isToDo(state.shares.get(ref)));
  return { does: 'DONE', step, shares: isEach ? open.slice(0, 1) : open };
}

/** What happens when the big key is pressed. */
export function pressed(sheet: WorkSheet, state: WorkState, key: Key, name: string): VisitEvent[] {
  switch (key.does) {
    case 'SIGN':
      return [{ kind: 'CAUTION_SIGNED', step: key.step.number, by: name.trim() || 'the stylist' }];
    case 'BEGIN':
      return begun(state, key);
    case 'DONE':
      return done(sheet, state, key.step, key.shares);
    case 'FINISH':
      return [{ kind: 'FINISHED' }];
  }
}

function begun(state: WorkState, key: { stage: WorkStage; isAgain: boolean }): VisitEvent[] {
  const other = runningStage(state);
  return [
    ...(other ? [stage('STAGE_PAUSED', other)] : []),
    stage(key.isAgain ? 'STAGE_RESUMED' : 'STAGE_BEGUN', key.stage),
  ];
}

/** What is prepared is mostly prepared before the day: its end begins nothing. */
const BEFORE_THE_CHAIR: WorkStage = 'PREPARE';

/** A step, or some shares of it, is done; with the last of a stage its clock ends and the next begins. */
export function done(
  sheet: WorkSheet,
  state: WorkState,
  step: SheetStep,
  shares: number[],
): VisitEvent[] {
  const all: VisitEvent[] = [step.shares.length > 0 ? hooked(shares) : stepDone(step.number)];
  const isDone = (s: SheetStep) =>
    s.number === step.number
      ? s.shares.every((ref) => shares.includes(ref) || !isToDo(state.shares.get(ref)))
      : isStepDone(state, s);
  if (sheet.steps.some((s) => s.stage === step.stage && !isDone(s))) return all;
  all.push(stage('STAGE_ENDED', step.stage));
  const next = sheet.steps.find((s) => !isDone(s));
  if (next && step.stage !== BEFORE_THE_CHAIR && !state.stages.get(next.stage)?.runsSince) {
    all.push(stage(state.stages.has(next.stage) ? 'STAGE_RESUMED' : 'STAGE_BEGUN', next.stage));
  }
  return all;
}

/** Takes back something, with what happened in the same moment on the same device. */
const takeBack = (state: WorkState, last: RecordedEvent | undefined): VisitEvent[] =>
  last
    ? state.holding
        .filter((e) => e.device === last.device && e.at === last.at)
        .reverse()
        .map((e) => undone(e.device, e.count))
    : [];

const STEPS = new Set(['SHARES_HOOKED', 'STEP_DONE']);

/** Takes back the last step or share that was done. */
export const backOne = (state: WorkState) =>
  takeBack(
    state,
    state.holding.findLast((e) => STEPS.has(e.what.kind)),
  );

/** Takes back whatever happened last. */
export const undoLast = (state: WorkState) => takeBack(state, state.holding.at(-1));

/** Tapped, a share that is to do is counted with all before it on its row. */
export function upTo(step: SheetStep, state: WorkState, ref: number): number[] {
  const at = step.shares.indexOf(ref);
  return step.shares.slice(0, at + 1).filter((s) => isToDo(state.shares.get(s)));
}
