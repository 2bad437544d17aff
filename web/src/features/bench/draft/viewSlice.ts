import type { Brief, RegionKind, TailEnd, Way } from '../../../api/types';
import type { Point } from '../../../lib/curve';
import type { Slice } from './benchStore';

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

/** What is looked at and what is in the hand; none of it is kept. */
export interface ViewState {
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
  go: (step: Step) => void;
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
}

export const viewSlice =
  (brief: Brief): Slice<ViewState> =>
  (set, get) => ({
    step: 'head',
    heldRow: undefined,
    heldStation: undefined,
    pickedStation: undefined,
    heldRegion: undefined,
    tool: undefined,
    rowTab: 'pattern',
    knotTab: 'zones',
    worn: { way: 'DOWN', part: brief.foundation.parts.length > 0 ? 0 : null, day: 0 },
    showsCover: false,
    isComparing: false,

    go: (step) => set({ step, tool: undefined }),
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
  });
