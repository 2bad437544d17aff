import { useMutation, useQueryClient } from '@tanstack/react-query';
import isSame from 'fast-deep-equal';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Client, ClientDraft, HeadMeasures, MeasureField } from '../../api/types';
import { useMay } from '../door';
import { Button } from '../../ui/Button';
import { Choice, TextArea, TextField } from '../../ui/Field';
import { LengthField } from '../../ui/LengthField';
import { Modal } from '../../ui/Modal';
import { ByTape } from '../../outside';
import { MeasureFields } from '../../ui/MeasureFields';
import { useWords } from '../../words';

const NOTHING_MEASURED: HeadMeasures = {
  roundMm: null,
  frontToNapeMm: null,
  overTopMm: null,
  alongFrontMm: null,
  roundBackMm: null,
  napeWidthMm: null,
  hairline: null,
  regions: null,
};

const draftOf = (client: Client | undefined): ClientDraft => ({
  name: client?.name ?? '',
  wishes: client?.wishes ?? '',
  notes: client?.notes ?? '',
  ownHair: client?.ownHair ?? {
    density: 'MEDIUM',
    strands: 'MEDIUM',
    lengthMm: 150,
    newGrowthMm: 0,
    matsEasily: false,
    conditions: [],
  },
  head: { ...(client?.heads[0]?.measures ?? NOTHING_MEASURED), hairline: null, regions: null },
  version: client?.version ?? 0,
});

/** Writes a client down, new or changed; what cannot be used is said at its field and nothing is lost. */
export function ClientDialog({
  client,
  onClose,
}: {
  client: Client | undefined;
  onClose: () => void;
}) {
  const [draft, setDraft] = useState(() => draftOf(client));
  const [unread, setUnread] = useState<Partial<Record<MeasureField, string>>>({});
  const [unreadHair, setUnreadHair] = useState<string>();
  const queries = useQueryClient();
  const { measures, densities, conditions } = useWords();
  const done = () => {
    void queries.invalidateQueries({ queryKey: ['clients'] });
    void queries.invalidateQueries({ queryKey: ['plans'] });
    onClose();
  };
  const save = useMutation({
    mutationFn: () => (client ? api.changeClient(client.id, draft) : api.addClient(draft)),
    onSuccess: done,
  });
  const erase = useMutation({
    mutationFn: () => api.eraseClient(client?.id ?? ''),
    onSuccess: done,
  });
  const [isSure, setSure] = useState(false);
  const isOwner = useMay('OWNER');
  const problem = save.error instanceof Problem ? save.error : undefined;
  const set = (change: Partial<ClientDraft>) => setDraft({ ...draft, ...change });

  return (
    <Modal
      title={client ? client.name : 'New client'}
      lead="Measures in your own unit; the first three are needed."
      isOpen
      onClose={onClose}
      hasEntries={
        unreadHair !== undefined ||
        Object.values(unread).some((t) => t !== undefined) ||
        !isSame(draft, draftOf(client))
      }
    >
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          if ([...Object.values(unread), unreadHair].every((t) => t === undefined)) save.mutate();
        }}
      >
        <TextField
          label="Name"
          value={draft.name}
          onChange={(e) => set({ name: e.target.value })}
          error={problem?.at('name')?.message}
        />
        <div className="grid grid-cols-3 gap-3">
          <ByTape
            measures={measures}
            onTaken={(field, mm) =>
              setDraft((now) => ({
                ...now,
                head: { ...(now.head ?? NOTHING_MEASURED), [field]: mm },
              }))
            }
          />
          <MeasureFields<MeasureField>
            measures={measures}
            values={draft.head ?? NOTHING_MEASURED}
            onChange={(field, mm) =>
              set({ head: { ...(draft.head ?? NOTHING_MEASURED), [field]: mm } })
            }
            unread={(field) => unread[field]}
            onUnread={(field, text) => setUnread({ ...unread, [field]: text })}
            refused={(field) => problem?.at(`head.${field}`)}
          />
        </div>
        <div className="grid grid-cols-[8rem_8rem_1fr] gap-4">
          <Choice
            label="How full is the hair?"
            value={draft.ownHair.density}
            options={densities}
            onChoose={(density) => set({ ownHair: { ...draft.ownHair, density } })}
          />
          <LengthField
            label="How long is it?"
            value={draft.ownHair.lengthMm}
            onChange={(lengthMm) => set({ ownHair: { ...draft.ownHair, lengthMm } })}
            unread={unreadHair}
            onUnread={setUnreadHair}
            error={problem?.at('ownHair.lengthMm')?.message}
          />
          <fieldset>
            <legend className="text-sm text-soft">Seen on the scalp</legend>
            <div className="flex flex-wrap gap-x-4 gap-y-1">
              {conditions.map(({ value: c, words }) => (
                <label key={c} className="flex items-center gap-1.5">
                  <input
                    type="checkbox"
                    className="size-4 accent-ink"
                    checked={draft.ownHair.conditions.includes(c)}
                    onChange={(e) =>
                      set({
                        ownHair: {
                          ...draft.ownHair,
                          conditions: e.target.checked
                            ? [...draft.ownHair.conditions, c]
                            : draft.ownHair.conditions.filter((x) => x !== c),
                        },
                      })
                    }
                  />
                  {words}
                </label>
              ))}
            </div>
          </fieldset>
        </div>
        <TextArea
          label="What is wanted"
          value={draft.wishes}
          onChange={(e) => set({ wishes: e.target.value })}
          error={problem?.at('wishes')?.message}
        />
        <TextArea
          label="To remember"
          value={draft.notes}
          onChange={(e) => set({ notes: e.target.value })}
          error={problem?.at('notes')?.message}
        />
        {problem && (
          <p role="alert" className="font-medium text-chalk">
            ✕ {problem.fields.length > 0 ? 'Not kept yet: see above.' : problem.message}
          </p>
        )}
        <div className="flex items-center gap-3">
          <Button look="main" type="submit" disabled={save.isPending}>
            {client ? 'Keep the change' : 'Put in the book'}
          </Button>
          <Button onClick={onClose}>Leave it</Button>
          <span className="grow" />
          {client &&
            isOwner &&
            (isSure ? (
              <Button look="grave" onClick={() => erase.mutate()}>
                Yes, erase heads and plans too
              </Button>
            ) : (
              <Button look="grave" onClick={() => setSure(true)}>
                Erase
              </Button>
            ))}
        </div>
      </form>
    </Modal>
  );
}
