import isEqual from 'fast-deep-equal';
import type { SavedPlan } from '../../../api/types';
import type { DraftState, Slice } from './benchState';
import { readDraft, type Sent } from './keptHere';

/** Only the first of them that arrived was kept; more than a few are not remembered. */
const MAX_UNANSWERED = 4;

/** Whether a plan on the server is one that this device sent. */
const isOwn = (plan: SavedPlan, sent: Sent[]) =>
  sent.some(
    ({ name, brief }) =>
      plan.name === name.trim() &&
      // As it went over the line: without what has no value.
      isEqual(plan.brief, JSON.parse(JSON.stringify(brief))),
  );

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
    sent: draft?.sent ?? [],
    theirs:
      draft && draft.version !== plan.version && !isOwn(plan, draft.sent ?? []) ? plan : undefined,

    setText: (field, text) => {
      const rest = Object.fromEntries(Object.entries(get().texts).filter(([f]) => f !== field));
      set({ texts: text === undefined ? rest : { ...rest, [field]: text } });
    },
    rename: (to) => set({ name: to, saving: 'changed', ...(to.trim() !== '' && { lastName: to }) }),
    send: (sent) => set({ sent: [...get().sent, sent].slice(-MAX_UNANSWERED) }),
    saved: (stored, sent) => {
      const { brief, lastName } = get();
      const isCurrent = brief === sent && lastName.trim() === stored.name;
      set({
        version: stored.version,
        saving: isCurrent ? 'saved' : 'changed',
        refusal: undefined,
        sent: [],
      });
    },
    setSaving: (saving, refusal) => set({ saving, refusal }),
    foundNewer: (theirs) => {
      const isMine = isOwn(theirs, get().sent);
      set(isMine ? { version: theirs.version, saving: 'changed', sent: [] } : { theirs });
    },
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
