import type { Brief, SavedPlan } from '../../../api/types';
import type { Slice } from './benchStore';
import { readDraft } from './keptHere';

export type Saving = 'saved' | 'changed' | 'saving' | 'away' | 'refused';

/** The plan as it is on this device, and how it stands to the one on the server. */
export interface DraftState {
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
  /** A newer version from elsewhere, until somebody decides. */
  theirs: SavedPlan | undefined;
  setText: (field: string, text: string | undefined) => void;
  rename: (name: string) => void;
  saved: (plan: SavedPlan, sent: Brief) => void;
  setSaving: (saving: Saving, refusal?: string) => void;
  foundNewer: (theirs: SavedPlan) => void;
  takeTheirs: () => void;
  keepMine: () => void;
}

export function draftSlice(plan: SavedPlan, format: number): Slice<DraftState> {
  const draft = readDraft(plan.id);
  const name = draft?.name ?? plan.name;
  return (set, get) => ({
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
