import type { Brief } from '../../../api/types';
import { changed } from '../../../lib/change';
import type { HistoryState, Slice } from './benchState';
import { readHistory } from './keptHere';

/** Changes to the same thing within this time are undone together. */
const ONE_CHANGE_MS = 900;

/** What was kept of the way here; where the plan was changed elsewhere since, what it was here is one step of it. */
function pastOf(planId: string, format: number, brief: Brief) {
  const kept = readHistory(planId, format);
  if (!kept) return { past: [], future: [], beside: undefined };
  const isHere = JSON.stringify(kept.brief) === JSON.stringify(brief);
  return isHere
    ? { past: kept.past, future: kept.future, beside: kept.beside }
    : { past: [...kept.past, kept.brief], future: [], beside: kept.beside };
}

export function historySlice(
  planId: string,
  format: number,
  brief: Brief,
  now: () => number,
): Slice<HistoryState> {
  let last = { what: '', at: 0 };
  let held: { brief: Brief; isChanged: boolean } | undefined;

  return (set, get) => ({
    ...pastOf(planId, format, brief),
    before: undefined,

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
    apply: (what, change) => get().change(what, (brief) => changed(brief, change)),
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
    keepBeside: (isKept) => set({ beside: isKept ? get().brief : undefined }),
    exchange: () => {
      const { beside, brief, change } = get();
      if (!beside) return;
      change('exchange', () => beside);
      set({ beside: brief, texts: {} });
    },
  });
}
