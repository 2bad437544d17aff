import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { HairLine, HairLineDraft } from '../../api/types';
import { formatMoney, parseMoney, plainMoney } from '../../lib/money';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { LengthField } from '../../ui/LengthField';
import { Modal } from '../../ui/Modal';
import { useWords } from '../../words';

const draftOf = (line: HairLine | undefined): HairLineDraft => ({
  name: line?.name ?? '',
  supplier: line?.supplier ?? '',
  texture: line?.texture ?? 'DEEP_WAVE',
  lengthMm: line?.lengthMm ?? null,
  hasBead: line?.hasBead ?? false,
  loopsPerBundle: line?.loopsPerBundle ?? null,
  bundlesPerPack: line?.bundlesPerPack ?? 1,
  gramsPerLoop: line?.gramsPerLoop ?? null,
  priceMinor: line?.priceMinor ?? null,
  currency: line?.currency ?? 'EUR',
  isCoated: line?.isCoated ?? false,
  colours: line?.colours ?? [],
  loopsOnShelf: line?.loopsOnShelf ?? 0,
  curlMm: line?.curlMm ?? null,
  slip: line?.slip ?? null,
  isLooped: line?.isLooped ?? true,
  goesInWhole: line?.goesInWhole ?? null,
  heatC: line?.heatC ?? null,
  otherPacks: line?.otherPacks ?? [],
  version: line?.version ?? 0,
});

const NUMBERS = {
  loopsPerBundle: 'Loops in a bundle',
  bundlesPerPack: 'Bundles in a pack',
  gramsPerLoop: 'Grams of a loop',
  loopsOnShelf: 'Loops in hand',
  heatC: 'Heat it takes, °C',
} as const;
type NumberField = keyof typeof NUMBERS;

const isCurrency = (code: string): boolean => {
  try {
    formatMoney(0, code);
    return true;
  } catch {
    return false;
  }
};

type Sizes = NonNullable<HairLineDraft['otherPacks']>;

const saySizes = (sizes: Sizes, currency: string): string =>
  sizes.map((s) => `${s.loops} at ${plainMoney(s.priceMinor ?? 0, currency)}`).join('; ');

/** What was written as sizes; null if it cannot be read. */
function readSizes(text: string, currency: string): Sizes | null {
  const sizes: Sizes = [];
  for (const part of text.split(';').filter((p) => p.trim() !== '')) {
    const m = /^\s*(\d+)\s*(?:at|@)\s*[^\d]*([\d.,]+)\s*$/.exec(part);
    const minor = m ? parseMoney(m[2] ?? '', currency) : null;
    if (!m || minor === null) return null;
    sizes.push({ loops: Number(m[1]), priceMinor: minor });
  }
  return sizes;
}

/** Writes a hair line down as its pack tells it. */
export function LineDialog({ line, onClose }: { line: HairLine | undefined; onClose: () => void }) {
  const { textures, slips } = useWords();
  const [draft, setDraft] = useState(() => draftOf(line));
  const [texts, setTexts] = useState<
    Partial<Record<NumberField | 'price' | 'lengthMm' | 'curlMm' | 'sizes', string>>
  >({});
  const [sizes, setSizes] = useState(() => saySizes(draft.otherPacks ?? [], draft.currency));
  const [colours, setColours] = useState(draft.colours.join(', '));
  const goesInWhole =
    draft.goesInWhole ?? textures.find((t) => t.value === draft.texture)?.goesInWhole ?? false;
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: () => (line ? api.changeHairLine(line.id, draft) : api.addHairLine(draft)),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['hair-lines'] });
      void queries.invalidateQueries({ queryKey: ['summary'] });
      onClose();
    },
  });
  const problem = save.error instanceof Problem ? save.error : undefined;
  const set = (change: Partial<HairLineDraft>) => setDraft({ ...draft, ...change });
  const setNumber = (field: NumberField, text: string) => {
    const n = text.trim() === '' ? null : Number(text.replace(',', '.'));
    const isBad = n !== null && !Number.isFinite(n);
    setTexts({ ...texts, [field]: isBad ? text : undefined });
    if (!isBad) set({ [field]: n });
  };
  const currency = isCurrency(draft.currency) ? draft.currency : 'EUR';
  const hasUnread = Object.values(texts).some((t) => t !== undefined);

  return (
    <Modal title={line ? line.name : 'New hair'} isOpen onClose={onClose}>
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          if (!hasUnread) save.mutate();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(e) => set({ name: e.target.value })}
            error={problem?.at('name')?.message}
          />
          <TextField
            label="Supplier"
            value={draft.supplier}
            onChange={(e) => set({ supplier: e.target.value })}
            error={problem?.at('supplier')?.message}
          />
          <Choice
            label="Texture"
            value={draft.texture}
            options={textures}
            onChoose={(texture) => set({ texture })}
          />
          <LengthField
            label="Hangs (length of a leg)"
            value={draft.lengthMm}
            onChange={(lengthMm) => set({ lengthMm })}
            unread={texts.lengthMm}
            onUnread={(text) => setTexts({ ...texts, lengthMm: text })}
            error={problem?.at('lengthMm')?.message}
          />
        </div>
        <div className="grid grid-cols-2 gap-3">
          <LengthField
            label="Across one curl"
            hint="empty: as usual for the texture"
            value={draft.curlMm}
            onChange={(curlMm) => set({ curlMm })}
            unread={texts.curlMm}
            onUnread={(text) => setTexts({ ...texts, curlMm: text })}
            error={problem?.at('curlMm')?.message}
          />
          <Choice
            label="Slip"
            value={draft.slip ?? ''}
            options={[{ value: '', words: 'as usual for the texture' }, ...slips]}
            onChoose={(slip) => set({ slip: slip === '' ? null : slip })}
          />
        </div>
        <div className="grid grid-cols-5 gap-3">
          {(Object.keys(NUMBERS) as NumberField[]).map((field) => (
            <TextField
              key={field}
              label={NUMBERS[field]}
              inputMode="decimal"
              defaultValue={draft[field] ?? ''}
              onChange={(e) => setNumber(field, e.target.value)}
              error={texts[field] !== undefined ? 'Write a number.' : problem?.at(field)?.message}
            />
          ))}
        </div>
        <div className="grid grid-cols-[1fr_6rem_2fr] gap-3">
          <TextField
            label="Price of a pack"
            inputMode="decimal"
            defaultValue={draft.priceMinor === null ? '' : plainMoney(draft.priceMinor, currency)}
            onChange={(e) => {
              const minor = parseMoney(e.target.value, currency);
              const isBad = minor === null && e.target.value.trim() !== '';
              setTexts({ ...texts, price: isBad ? e.target.value : undefined });
              set({ priceMinor: minor });
            }}
            error={
              texts.price !== undefined ? 'Write a price.' : problem?.at('priceMinor')?.message
            }
          />
          <TextField
            label="Currency"
            value={draft.currency}
            maxLength={3}
            onChange={(e) => set({ currency: e.target.value.toUpperCase() })}
            error={problem?.at('currency')?.message}
          />
          <TextField
            label="Colours, with commas between"
            value={colours}
            onChange={(e) => {
              setColours(e.target.value);
              set({
                colours: e.target.value
                  .split(',')
                  .map((c) => c.trim())
                  .filter(Boolean),
              });
            }}
            error={problem?.at('colours')?.message}
          />
        </div>
        <TextField
          label="Other packs: loops at a price, with semicolons between"
          hint="such as 60 at 21.90; 22 at 8.20"
          value={sizes}
          onChange={(e) => {
            setSizes(e.target.value);
            const read = readSizes(e.target.value, currency);
            setTexts({ ...texts, sizes: read ? undefined : e.target.value });
            if (read) set({ otherPacks: read });
          }}
          error={
            texts.sizes !== undefined
              ? 'Write the loops, "at", and the price.'
              : problem?.fields.find((f) => f.field.startsWith('otherPacks'))?.message
          }
        />
        <div className="flex gap-6">
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={draft.hasBead}
              onChange={(e) => set({ hasBead: e.target.checked })}
            />
            each loop has an elastic bead
          </label>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={draft.isCoated}
              onChange={(e) => set({ isCoated: e.target.checked })}
            />
            coated fibre
          </label>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={draft.isLooped ?? true}
              onChange={(e) => set({ isLooped: e.target.checked })}
            />
            comes in loops
          </label>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={goesInWhole}
              onChange={(e) => set({ goesInWhole: e.target.checked })}
            />
            ready twisted, plaited or locked: goes in whole
          </label>
        </div>
        {problem && (
          <p role="alert" className="font-medium text-chalk">
            ✕ {problem.fields.length > 0 ? 'Not kept yet: see above.' : problem.message}
          </p>
        )}
        <div className="flex gap-3">
          <Button look="main" type="submit" disabled={save.isPending}>
            {line ? 'Keep the change' : 'Put it on the shelf'}
          </Button>
          <Button onClick={onClose}>Leave it</Button>
        </div>
      </form>
    </Modal>
  );
}
