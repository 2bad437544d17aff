import { createStore } from 'zustand/vanilla';
import type { Brief, Ledger, RegionKind, SavedPlan, TailEnd, Way } from '../../api/types';
import type { Point } from '../../lib/curve';
import { readDraft } from './draft';

export const STEPS = [
  'client',
  'head',
  'parts',
  'foundation',
  'hair',
  'knots',
  'wear',
  'counts',
] as const;
export type Step = (typeof STEPS)[number];

/** What the next touch of the map is for. */
export type Tool =
  { kind: 'region'; of: RegionKind; points: Point[] } | { kind: 'tail'; row: string; end: TailEnd };

export type RowTab = 'pattern' | 'hairline' | 'row' | 'order';

export type KnotTab = 'zones' | 'station' | 'method' | 'order' | 'fills';

/** How the plan is looked at: the way it is worn, with which part, on which day. */
export interface WornAs {
  way: Way;
  part: number | null;
  day: number;
}

export type Saving = 'saved' | 'changed' | 'saving' | 'away';

/** Changes to the same thing within this time are undone together. */
const ONE_CHANGE_MS = 900;

export interface BenchState {
  planId: string;
  clientId: string;
  clientName: string;
  name: string;
  brief: Brief;
  /** The last version known to be on the server. */
  version: number;
  saving: Saving;
  texts: Record<string, string>;
  past: Brief[];
  future: Brief[];
  step: Step;
  heldRow: string | undefined;
  heldStation: string | undefined;
  /** The share that the tab for one share is about. */
  pickedStation: string | undefined;
  heldRegion: number | undefined;
  tool: Tool | undefined;
  rowTab: RowTab;
  knotTab: KnotTab;
  worn: WornAs;
  /** Whether what shows is drawn on the map; it is only asked for while it is looked at. */
  showsCover: boolean;
  isComparing: boolean;
  /** Another brief that this one is held against: what if it were done so instead? */
  beside: Brief | undefined;
  /** The ledger as it was before what is being dragged was taken hold of. */
  before: Ledger | undefined;
  /** A newer version from elsewhere, until somebody decides. */
  theirs: SavedPlan | undefined;
  change: (what: string, edit: (brief: Brief) => Brief) => void;
  setText: (field: string, text: string | undefined) => void;
  undo: () => void;
  redo: () => void;
  go: (step: Step) => void;
  /** Something is taken hold of: until it is let go, all its changes are one, however long it is held. */
  hold: (ledger: Ledger | undefined) => void;
  letGo: () => void;
  /** Lets go and takes back what was changed since the hold. */
  giveUp: () => void;
  holdRow: (id: string | undefined) => void;
  holdStation: (id: string | undefined) => void;
  pickStation: (id: string) => void;
  holdRegion: (index: number | undefined) => void;
  take: (tool: Tool | undefined) => void;
  showTab: (tab: RowTab) => void;
  showKnots: (tab: KnotTab) => void;
  wear: (how: Partial<WornAs>) => void;
  showCover: (isShown: boolean) => void;
  compare: (isComparing: boolean) => void;
  /** Keeps the brief as it is now beside what it will become, or takes it away again. */
  keepBeside: (isKept: boolean) => void;
  /** The brief that was kept beside comes onto the bench, and the one from the bench beside it. */
  exchange: () => void;
  rename: (name: string) => void;
  saved: (plan: SavedPlan, sent: Brief) => void;
  setSaving: (saving: Saving) => void;
  foundNewer: (theirs: SavedPlan) => void;
  takeTheirs: () => void;
  keepMine: () => void;
}

export type BenchStore = ReturnType<typeof createBench>;

/** One opened plan: what is on the bench but not, or not yet, on the server. */
export function createBench(plan: SavedPlan, now: () => number = Date.now) {
  const draft = readDraft(plan.id);
  let last = { what: '', at: 0 };
  let held: { brief: Brief; isChanged: boolean } | undefined;

  return createStore<BenchState>()((set, get) => ({
    planId: plan.id,
    clientId: plan.clientId,
    clientName: plan.clientName,
    name: draft?.name ?? plan.name,
    brief: draft?.brief ?? plan.brief,
    version: plan.version,
    saving: draft ? 'changed' : 'saved',
    texts: draft?.texts ?? {},
    past: [],
    future: [],
    step: 'head',
    heldRow: undefined,
    heldStation: undefined,
    pickedStation: undefined,
    heldRegion: undefined,
    tool: undefined,
    rowTab: 'pattern',
    knotTab: 'zones',
    worn: { way: 'DOWN', part: plan.brief.foundation.parts?.length ? 0 : null, day: 0 },
    showsCover: false,
    isComparing: false,
    beside: undefined,
    before: undefined,
    theirs: draft && draft.version !== plan.version ? plan : undefined,

    change: (what, edit) => {
      const { brief, past } = get();
      const next = edit(brief);
      if (JSON.stringify(next) === JSON.stringify(brief)) return;
      const isSame = held ? held.isChanged : last.what === what && now() - last.at < ONE_CHANGE_MS;
      last = { what, at: now() };
      if (held) held.isChanged = true;
      set({
        brief: next,
        past: isSame ? past : [...past, brief],
        future: [],
        saving: 'changed',
      });
    },
    setText: (field, text) => {
      const rest = Object.fromEntries(Object.entries(get().texts).filter(([f]) => f !== field));
      set({ texts: text === undefined ? rest : { ...rest, [field]: text } });
    },
    undo: () => {
      const { past, brief, future } = get();
      const before = past.at(-1);
      if (!before) return;
      last = { what: '', at: 0 };
      set({
        brief: before,
        past: past.slice(0, -1),
        future: [brief, ...future],
        texts: {},
        saving: 'changed',
      });
    },
    redo: () => {
      const { past, brief, future } = get();
      const [after, ...rest] = future;
      if (!after) return;
      set({ brief: after, past: [...past, brief], future: rest, texts: {}, saving: 'changed' });
    },
    go: (step) => set({ step, tool: undefined }),
    hold: (ledger) => {
      held = { brief: get().brief, isChanged: false };
      set({ before: ledger });
    },
    letGo: () => {
      if (!held) return;
      held = undefined;
      last = { what: '', at: 0 };
      set({ before: undefined });
    },
    giveUp: () => {
      const { letGo, past } = get();
      if (held?.isChanged) set({ brief: held.brief, past: past.slice(0, -1), saving: 'changed' });
      letGo();
    },
    holdRow: (id) => set({ heldRow: id }),
    holdStation: (id) => set({ heldStation: id }),
    pickStation: (id) => set({ pickedStation: id, step: 'knots', knotTab: 'station' }),
    holdRegion: (index) => set({ heldRegion: index }),
    take: (tool) => set({ tool }),
    showTab: (tab) => set({ rowTab: tab }),
    showKnots: (tab) => set({ knotTab: tab }),
    showCover: (isShown) => set({ showsCover: isShown }),
    wear: (how) => set({ worn: { ...get().worn, ...how } }),
    compare: (isComparing) => set({ isComparing }),
    keepBeside: (isKept) => set({ beside: isKept ? get().brief : undefined }),
    exchange: () => {
      const { beside, brief, change } = get();
      if (!beside) return;
      change('exchange', () => beside);
      set({ beside: brief, texts: {} });
    },
    rename: (name) => set({ name, saving: 'changed' }),
    saved: (stored, sent) => {
      const isCurrent = get().brief === sent && get().name === stored.name;
      set({ version: stored.version, saving: isCurrent ? 'saved' : 'changed' });
    },
    setSaving: (saving) => set({ saving }),
    foundNewer: (theirs) => set({ theirs }),
    takeTheirs: () => {
      const { theirs, brief, past } = get();
      if (!theirs) return;
      // What was mine stays one undo away.
      set({
        brief: theirs.brief,
        name: theirs.name,
        version: theirs.version,
        past: [...past, brief],
        future: [],
        texts: {},
        theirs: undefined,
        saving: 'saved',
      });
    },
    keepMine: () => {
      const { theirs } = get();
      if (theirs) set({ version: theirs.version, theirs: undefined, saving: 'changed' });
    },
  }));
}
