import type {
  VisitEvent,
  VisitEventKind,
  SheetShare,
  SheetStep,
  RecordedEvent,
  WorkSheet,
  WorkStage,
} from '../../../api/types';
import { speaksOf } from './speaksOf';
import type { EventOf } from './visitEvent';

/**
 * How far the work is, folded on the device so that it goes on without a server. The core folds the same events by the same rules;
 * a test holds both against each other.
 */
export type Done = 'TO_DO' | 'HOOKED' | 'TAKEN_OUT' | 'SLIPPED' | 'LEFT_OUT';

export interface Worked {
  as: SheetShare;
  done: Done;
}

export interface StageTime {
  spentMs: number;
  runsSince: number | undefined;
  isEnded: boolean;
}

/** What was opened and counted of one hair. */
export interface Counted {
  bundles: number;
  openedLoops: number;
  fetchedPacks: number;
  usedLoops: number | undefined;
  inAtCount: number;
}

/** How far a head is taken down again, and what was seen then. */
export interface Takedown {
  /** Tails that were found and marked, by their rows. */
  found: Set<string>;
  undone: Set<string>;
  keptLoops: EventOf<'LOOPS_KEPT'>[];
  cuts: EventOf<'OWN_HAIR_CUT'>[];
  skin: EventOf<'SKIN_SEEN'> | undefined;
  judged: EventOf<'JUDGED'> | undefined;
  isOver: boolean;
}

export interface WorkState {
  shares: Map<number, Worked>;
  stepsDone: Set<number>;
  stages: Map<WorkStage, StageTime>;
  counted: Map<number, Counted>;
  kept: Set<string>;
  tries: EventOf<'TRIED'>[];
  fills: EventOf<'FILL_PLACED'>[];
  replaced: Map<number, EventOf<'REPLACED'>>;
  notes: EventOf<'NOTED'>[];
  pictures: EventOf<'PICTURED'>[];
  signed: Map<number, string>;
  /** Shares that one device hooked and another left out, and nobody looked at since; they count as hooked. */
  disputed: Set<number>;
  /** Which device said last what became of a share. */
  saidBy: Map<number, string>;
  isFinished: boolean;
  lastAt: number | undefined;
  takedown: Takedown;
  strays: RecordedEvent[];
  /** What somebody went on with although it had been finished elsewhere. */
  afterTheEnd: RecordedEvent[];
  /** Events that hold, in order. */
  holding: RecordedEvent[];
}

export const nameOf = (device: string, count: number) => `${device} ${count}`;
export const eventName = (e: RecordedEvent) => nameOf(e.device, e.count);

const byOrder = (a: RecordedEvent, b: RecordedEvent) =>
  a.clock - b.clock || (a.device < b.device ? -1 : a.device > b.device ? 1 : a.count - b.count);

/** The events that hold, in order: each once, without those that were taken back. */
export function holding(events: RecordedEvent[]): RecordedEvent[] {
  const once = new Map<string, RecordedEvent>();
  for (const e of events) {
    const known = once.get(eventName(e));
    if (!known || byOrder(e, known) < 0) once.set(eventName(e), e);
  }
  const inOrder = [...once.values()].sort(byOrder);
  const takenBack = new Set<string>();
  for (const e of [...inOrder].reverse()) {
    if (e.what.kind !== 'UNDONE' || takenBack.has(eventName(e))) continue;
    takenBack.add(nameOf(e.what.event.device, e.what.event.count));
  }
  return inOrder.filter((e) => e.what.kind !== 'UNDONE' && !takenBack.has(eventName(e)));
}

const loopsOf = (s: SheetShare, supply: number): number => {
  const part = (s.blend === null ? 1 : 0.5) / s.shareParts;
  return (s.supply === supply ? part : 0) + (s.blend === supply ? part : 0);
};

const NO_TIME: StageTime = { spentMs: 0, runsSince: undefined, isEnded: false };
const NO_COUNT: Counted = {
  bundles: 0,
  openedLoops: 0,
  fetchedPacks: 0,
  usedLoops: undefined,
  inAtCount: 0,
};

export const isHooked = (w: Worked | undefined) => w?.done === 'HOOKED';
export const isToDo = (w: Worked | undefined) => w?.done === 'TO_DO' || w?.done === 'SLIPPED';

function standing(t: StageTime, at: number, isEnded: boolean): StageTime {
  const more = t.runsSince === undefined ? 0 : Math.max(0, at - t.runsSince);
  return { spentMs: t.spentMs + more, runsSince: undefined, isEnded };
}

/** What a stage's clock shows at a moment. */
export const shownMs = (t: StageTime, now: number) => standing(t, now, t.isEnded).spentMs;

/** What is work, and not a picture or a note that may well come after the end. */
const WORK = new Set<VisitEventKind>([
  'STEP_DONE',
  'SHARES_HOOKED',
  'SHARE_TAKEN_OUT',
  'SHARE_SLIPPED',
  'FILL_PLACED',
]);

/** The state that follows from a sheet and a set of events, in whatever order they came. */
export function fold(sheet: WorkSheet, events: RecordedEvent[]): WorkState {
  const state: WorkState = {
    shares: new Map(sheet.shares.map((s) => [s.ref, { as: s, done: 'TO_DO' }])),
    stepsDone: new Set(),
    stages: new Map(),
    counted: new Map(),
    kept: new Set(),
    tries: [],
    fills: [],
    replaced: new Map(),
    notes: [],
    pictures: [],
    signed: new Map(),
    disputed: new Set(),
    saidBy: new Map(),
    isFinished: false,
    lastAt: undefined,
    takedown: {
      found: new Set(),
      undone: new Set(),
      keptLoops: [],
      cuts: [],
      skin: undefined,
      judged: undefined,
      isOver: false,
    },
    strays: [],
    afterTheEnd: [],
    holding: holding(events),
  };
  const isOfSheet = speaksOf(sheet);
  for (const e of state.holding) {
    if (!isOfSheet(e.what)) {
      state.strays.push(e);
      continue;
    }
    if (state.isFinished && WORK.has(e.what.kind)) state.afterTheEnd.push(e);
    forgive(state, e);
    state.lastAt = Date.parse(e.at);
    apply(sheet, state, e);
  }
  return state;
}

/** So long nothing happens in no stage while it is worked, and so long somebody likely went on; the core's own figures. */
export const FORGOTTEN_MS = 45 * 60_000;
export const LIKELY_REST_MS = 5 * 60_000;

/** After hours without anything a clock counts for a little after the last thing, unless somebody says that she worked on. */
function forgive(state: WorkState, e: RecordedEvent) {
  const at = Date.parse(e.at);
  if (state.lastAt === undefined || at - state.lastAt <= FORGOTTEN_MS) return;
  for (const [of, t] of state.stages) {
    const saysSo = e.what.kind === 'STAGE_RESUMED' && e.what.stage === of;
    if (t.runsSince === undefined || saysSo) continue;
    const stood = standing(t, state.lastAt + LIKELY_REST_MS, t.isEnded);
    state.stages.set(of, { ...stood, runsSince: at });
  }
}

function clock(state: WorkState, of: WorkStage, change: (t: StageTime) => StageTime) {
  state.stages.set(of, change(state.stages.get(of) ?? NO_TIME));
}

const running = (at: number) => (t: StageTime) =>
  t.runsSince === undefined ? { spentMs: t.spentMs, runsSince: at, isEnded: false } : t;

/** Whoever says once more what became of a share that two devices disagree on settles it. */
function set(state: WorkState, ref: number, done: Done, device: string) {
  const was = state.shares.get(ref);
  if (was) state.shares.set(ref, { as: was.as, done });
  state.saidBy.set(ref, device);
  state.disputed.delete(ref);
}

const isSaidElsewhere = (state: WorkState, ref: number, device: string) =>
  (state.saidBy.get(ref) ?? device) !== device;

function setHooked(state: WorkState, ref: number, device: string) {
  const isDispute =
    state.shares.get(ref)?.done === 'LEFT_OUT' && isSaidElsewhere(state, ref, device);
  set(state, ref, 'HOOKED', device);
  if (isDispute) state.disputed.add(ref);
}

/** What two devices decided at once must not take out what is on the head already. */
function leaveOut(state: WorkState, ref: number, device: string) {
  const was = state.shares.get(ref);
  if (isToDo(was)) set(state, ref, 'LEFT_OUT', device);
  else if (isHooked(was) && isSaidElsewhere(state, ref, device)) state.disputed.add(ref);
}

function change(state: WorkState, ref: number, to: Partial<SheetShare>) {
  const was = state.shares.get(ref);
  if (was) state.shares.set(ref, { as: { ...was.as, ...to }, done: was.done });
}

function apply(sheet: WorkSheet, state: WorkState, e: RecordedEvent) {
  const w = e.what;
  const at = Date.parse(e.at);
  switch (w.kind) {
    case 'STAGE_BEGUN':
    case 'STAGE_RESUMED':
      return clock(state, w.stage, running(at));
    case 'STAGE_PAUSED':
      return clock(state, w.stage, (t) => standing(t, at, t.isEnded));
    case 'STAGE_ENDED':
      return clock(state, w.stage, (t) => standing(t, at, true));
    case 'FINISHED':
      state.isFinished = true;
      for (const [of, t] of state.stages) state.stages.set(of, standing(t, at, t.isEnded));
      return;
    case 'REOPENED':
      state.isFinished = false;
      return;
    case 'STEP_DONE':
      state.stepsDone.add(w.step);
      return;
    case 'SHARES_HOOKED':
      for (const ref of w.shares) setHooked(state, ref, e.device);
      return;
    case 'SHARE_TAKEN_OUT':
      return set(state, w.share, 'TAKEN_OUT', e.device);
    case 'SHARE_SLIPPED':
      return set(state, w.share, 'SLIPPED', e.device);
    case 'FROM_HERE_ON':
      return fromHereOn(state, w);
    case 'ADJUSTED':
      return adjust(state, w, e.device);
    case 'ROW_KEPT':
      state.kept.add(w.row);
      return;
    case 'ROW_RELEASED':
      state.kept.delete(w.row);
      return;
    case 'FILL_PLACED':
      state.fills.push(w);
      return;
    case 'CAUTION_SIGNED':
      state.signed.set(w.step, w.by);
      return;
    case 'BUNDLE_OPENED':
      return bundleOpened(sheet, state, w);
    case 'REST_COUNTED':
      return restCounted(state, w);
    case 'REPLACED':
      state.replaced.set(w.supply, w);
      return;
    case 'TRIED':
      state.tries.push(w);
      return;
    case 'NOTED':
      state.notes.push(w);
      return;
    case 'PICTURED':
      state.pictures.push(w);
      return;
    default:
      return takeDown(state, w, at);
  }
}

function takeDown({ takedown: t, stages }: WorkState, w: VisitEvent, at: number) {
  switch (w.kind) {
    case 'TAIL_FOUND':
      t.found.add(w.row);
      return;
    case 'ROW_UNDONE':
      t.undone.add(w.row);
      return;
    case 'LOOPS_KEPT':
      t.keptLoops.push(w);
      return;
    case 'OWN_HAIR_CUT':
      t.cuts.push(w);
      return;
    case 'SKIN_SEEN':
      t.skin = w;
      return;
    case 'JUDGED':
      t.judged = w;
      return;
    case 'TAKEN_DOWN':
      t.isOver = true;
      for (const [of, time] of stages) stages.set(of, standing(time, at, time.isEnded));
      return;
    default:
      return;
  }
}

/** Knots that have no passes keep the number they had. */
const NO_PASSES = new Set(['DOUBLE_ENTRY', 'BEAD']);

function fromHereOn(state: WorkState, w: EventOf<'FROM_HERE_ON'>) {
  for (const [ref, worked] of state.shares) {
    if (ref < w.from || isHooked(worked)) continue;
    const knot = w.knot ?? worked.as.knot;
    change(state, ref, {
      knot,
      passes: w.passes !== null && !NO_PASSES.has(knot) ? w.passes : worked.as.passes,
      shareParts: w.size ?? worked.as.shareParts,
    });
  }
}

function adjust(state: WorkState, w: EventOf<'ADJUSTED'>, device: string) {
  for (const ref of w.leftOut) leaveOut(state, ref, device);
  for (const ref of w.otherwise) {
    const was = state.shares.get(ref);
    if (!was || !isToDo(was)) continue;
    change(state, ref, {
      shareParts: w.size ?? was.as.shareParts,
      ...(w.supply !== null && { supply: w.supply, blend: null }),
    });
  }
  if (w.packs > 0) {
    const k = w.supply ?? 0;
    const was = state.counted.get(k) ?? NO_COUNT;
    state.counted.set(k, { ...was, fetchedPacks: was.fetchedPacks + w.packs });
  }
}

function restCounted(state: WorkState, w: EventOf<'REST_COUNTED'>) {
  const was = state.counted.get(w.supply);
  if (!was) return;
  const usedLoops = Math.max(0, was.openedLoops - w.loops);
  state.counted.set(w.supply, { ...was, usedLoops, inAtCount: loopsIn(state, w.supply) });
}

function bundleOpened(sheet: WorkSheet, state: WorkState, w: EventOf<'BUNDLE_OPENED'>) {
  const k = w.supply;
  const loops =
    w.loops ?? state.replaced.get(k)?.bundle ?? sheet.supplies[k]?.hair.loopsPerBundle ?? 0;
  const before = state.counted.get(k) ?? NO_COUNT;
  state.counted.set(k, {
    bundles: before.bundles + 1,
    openedLoops: before.openedLoops + loops,
    fetchedPacks: before.fetchedPacks,
    usedLoops: before.bundles > 0 ? before.openedLoops : undefined,
    inAtCount: before.bundles > 0 ? loopsIn(state, k) : 0,
  });
}

/** Loops and parts of loops of a hair that sit on the head, fills included. */
export function loopsIn(state: WorkState, supply: number): number {
  let sum = 0;
  for (const w of state.shares.values()) if (isHooked(w)) sum += loopsOf(w.as, supply);
  for (const f of state.fills) if (f.supply === supply) sum += 1 / f.size;
  return sum;
}

/** Loops and parts of loops of a hair that are still to be hooked. */
export function loopsToDo(state: WorkState, supply: number): number {
  let sum = 0;
  for (const w of state.shares.values()) if (isToDo(w)) sum += loopsOf(w.as, supply);
  return sum;
}

export function isStepDone(state: WorkState, step: SheetStep): boolean {
  if (step.shares.length > 0) return !step.shares.some((ref) => isToDo(state.shares.get(ref)));
  return state.stepsDone.has(step.number) || !!state.stages.get(step.stage)?.isEnded;
}

/** The step that is worked next, and the one after it; rows that are kept for a part come last. */
export function nextSteps(sheet: WorkSheet, state: WorkState): SheetStep[] {
  const open = sheet.steps.filter((s) => !isStepDone(state, s));
  const isKept = (s: SheetStep) => s.rows.some((r) => state.kept.has(r));
  return [...open.filter((s) => !isKept(s)), ...open.filter(isKept)];
}

/** Shares hooked and to do on a side. */
export function sideCount(state: WorkState, side: SheetShare['side']) {
  let done = 0;
  let open = 0;
  for (const w of state.shares.values()) {
    if (w.as.side !== side) continue;
    if (isHooked(w)) done++;
    else if (isToDo(w)) open++;
  }
  return { done, open };
}

export const runningStage = (state: WorkState): WorkStage | undefined =>
  [...state.stages].find(([, t]) => t.runsSince !== undefined)?.[0];

/** When a clock that was left running likely should have stopped; undefined if none was. */
export function likelyEnd(state: WorkState, now: number): number | undefined {
  if (!runningStage(state) || state.lastAt === undefined) return undefined;
  if (now - state.lastAt <= FORGOTTEN_MS) return undefined;
  return state.lastAt + LIKELY_REST_MS;
}
