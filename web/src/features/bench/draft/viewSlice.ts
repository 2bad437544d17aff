import type { Brief } from '../../../api/types';
import type { Slice, ViewState } from './benchState';

export const viewSlice =
  (brief: Brief): Slice<ViewState> =>
  (set, get) => ({
    step: 'head',
    heldRow: undefined,
    graspedRow: undefined,
    heldStation: undefined,
    pickedStation: undefined,
    heldRegion: undefined,
    tool: undefined,
    rowTab: 'pattern',
    knotTab: 'zones',
    worn: { way: 'DOWN', part: brief.foundation.parts.length > 0 ? 0 : null, gap: null, day: 0 },
    showsCover: false,
    isComparing: false,
    layers: { stations: true, names: true },
    isRound: false,

    go: (step) => set({ step, tool: undefined }),
    holdRow: (id) => set({ heldRow: id }),
    grasp: (row) => set({ graspedRow: row }),
    holdStation: (id) => set({ heldStation: id }),
    pickStation: (id) => set({ pickedStation: id, step: 'knots', knotTab: 'station' }),
    holdRegion: (index) => set({ heldRegion: index }),
    take: (tool) => set({ tool }),
    showTab: (tab) => set({ rowTab: tab }),
    showKnots: (tab) => set({ knotTab: tab }),
    showCover: (isShown) => set({ showsCover: isShown }),
    wear: (how) => set({ worn: { ...get().worn, ...how } }),
    tryGap: (gap) => {
      const planned = get().brief.foundation.parts.length > 0 ? 0 : null;
      set({
        worn: { ...get().worn, way: 'DOWN', gap, part: gap === null ? planned : null },
        // What shows is looked at on the map, and stays until it is put away.
        ...(gap !== null && { showsCover: true, layers: { ...get().layers, cover: true } }),
      });
    },
    compare: (isComparing) => set({ isComparing }),
    showLayers: (layers) => set({ layers }),
    showRound: (isRound) => set({ isRound }),
  });
