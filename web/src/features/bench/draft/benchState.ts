import type { StateCreator } from 'zustand/vanilla';
import type { Brief, Ledger, RegionKind, SavedPlan, TailEnd, Way } from '../../../api/types';
import type { Point } from '../../../lib/curve';
import type { Layers } from '../../../viz/chart/ScalpChart';
import type { Sent } from './keptHere';

export type Saving = 'saved' | 'changed' | 'saving' | 'away' | 'refused';

/** The plan as it is on this device, and how it stands to the one on the server. */
export interface DraftState {
  /** The place it lies in: a practice plan is kept on this device alone, and nobody sits for it. */
  home: 'bench' | 'practice';
  planId: string;
  clientId: string;
  clientName: string;
  name: string;
  /** The last name that was one: a plan is never kept without. */
  lastName: string;
  brief: Brief;
  /** The last version known to be on the server. */
  version: number;
  /** The format in which the server tells briefs. */
  format: number;
  saving: Saving;
  /** Why the server could not keep it, while it cannot. */
  refusal: string | undefined;
  texts: Record<string, string>;
  /** What was sent and has no answer yet, oldest first. */
  sent: Sent[];
  /** A newer version from elsewhere, until somebody decides. */
  theirs: SavedPlan | undefined;
  setText: (field: string, text: string | undefined) => void;
  rename: (name: string) => void;
  send: (sent: Sent) => void;
  saved: (plan: SavedPlan, sent: Brief) => void;
  setSaving: (saving: Saving, refusal?: string) => void;
  /** The server has a newer version: somebody decides, unless it is what this device sent itself. */
  foundNewer: (theirs: SavedPlan) => void;
  takeTheirs: () => void;
  keepMine: () => void;
}

/** The way the plan came, and another that it is held against. */
export interface HistoryState {
  past: Brief[];
  future: Brief[];
  /** Another brief that this one is held against: what if it were done so instead? */
  beside: Brief | undefined;
  /** The ledger as it was before what is being dragged was taken hold of. */
  before: Ledger | undefined;
  change: (what: string, edit: (brief: Brief) => Brief) => void;
  /** Makes a change that the server proposed, of the brief as it is now. */
  apply: (what: string, change: unknown) => void;
  undo: () => void;
  redo: () => void;
  /** Something is taken hold of: until it is let go, all its changes are one, however long it is held. */
  hold: (ledger: Ledger | undefined) => void;
  letGo: () => void;
  /** Lets go and takes back what was changed since the hold. */
  giveUp: () => void;
  /** Keeps the brief as it is now beside what it will become, or takes it away again. */
  keepBeside: (isKept: boolean) => void;
  /** The brief that was kept beside comes onto the bench, and the one from the bench beside it. */
  exchange: () => void;
}

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
  | { kind: 'region'; of: RegionKind; points: Point[] }
  | { kind: 'tail'; row: string; end: TailEnd }
  | { kind: 'join'; row: string };

export type RowTab = 'pattern' | 'hairline' | 'row' | 'order';

export type KnotTab = 'zones' | 'station' | 'method' | 'order' | 'fills';

/** How the plan is looked at: the way it is worn, with which part, on which day. */
export interface WornAs {
  way: Way;
  part: number | null;
  /** A gap that is tried as a part. */
  gap: number | null;
  day: number;
}

/** What is looked at and what is in the hand; none of it is kept. */
export interface ViewState {
  step: Step;
  heldRow: string | undefined;
  /** The row that the arrow keys work on. */
  graspedRow: string | undefined;
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
  /** What is drawn on the map. */
  layers: Layers;
  /** Whether the head is seen in the round instead. */
  isRound: boolean;
  go: (step: Step) => void;
  holdRow: (id: string | undefined) => void;
  grasp: (row: string | undefined) => void;
  holdStation: (id: string | undefined) => void;
  pickStation: (id: string) => void;
  holdRegion: (index: number | undefined) => void;
  take: (tool: Tool | undefined) => void;
  showTab: (tab: RowTab) => void;
  showKnots: (tab: KnotTab) => void;
  wear: (how: Partial<WornAs>) => void;
  /** Wears a gap as a part to see what shows, or lets it go. */
  tryGap: (gap: number | null) => void;
  showCover: (isShown: boolean) => void;
  compare: (isComparing: boolean) => void;
  showLayers: (layers: Layers) => void;
  showRound: (isRound: boolean) => void;
}

export type BenchState = DraftState & HistoryState & ViewState;

/** A part of the state, which may look at the others. */
export type Slice<S> = StateCreator<BenchState, [], [], S>;
