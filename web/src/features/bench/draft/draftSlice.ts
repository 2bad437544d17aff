import type { SavedPlan } from '../../../api/types';
import type { DraftState, Slice } from './benchState';
import { readDraft } from './keptHere';

export function draftSlice(
  plan: SavedPlan,
  format: number,
  home: DraftState['home'],
): Slice<DraftState> {
  const draft = readDraft(plan.id);
  const name = draft?.name ?? plan.name;
  return (set, get) => ({
    home,
    planId: plan.id,
    clientId: plan.clientId,
    clientName: plan.clientName,
    name,
    lastName: name.trim() === '' ? plan.name : name,
    brief: draft?.brief ?? plan.brief,
    version: plan.version,
    format,
    saving: draft ? 'changed' : 'saved',
    refusal: undefined,
    texts: draft?.texts ?? {},
    theirs: draft && draft.version !== plan.version ? plan : undefined,

    setText: (field, text) => {
      const rest = Object.fromEntries(Object.entries(get().texts).filter(([f]) => f !== field));
      set({ texts: text === undefined ? rest : { ...rest, [field]: text } });
    },
    rename: (to) => set({ name: to, saving: 'changed', ...(to.trim() !== '' && { lastName: to }) }),
    saved: (stored, sent) => {
      const { brief, lastName } = get();
      const isCurrent = brief === sent && lastName.trim() === stored.name;
      set({ version: stored.version, saving: isCurrent ? 'saved' : 'changed', refusal: undefined });
    },
    setSaving: (saving, refusal) => set({ saving, refusal }),
    foundNewer: (theirs) => set({ theirs }),
    takeTheirs: () => {
      const { theirs, brief, past } = get();
      if (!theirs) return;
      // What was mine stays one undo away.
      set({
        brief: theirs.brief,
        name: theirs.name,
        lastName: theirs.name,
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
  });
}
