import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { HairLine, HairLineDraft } from '../../api/types';
import { parseAmount } from '../../lib/amount';
import { isCurrency, formatMoney, parseMoney, plainMoney } from '../../lib/money';
import { Button } from '../../ui/Button';
import isSame from 'fast-deep-equal';
import { Choice, TextField } from '../../ui/Field';
import { Fold } from '../../ui/Fold';
import { LengthField } from '../../ui/LengthField';
import { Modal } from '../../ui/Modal';
import { moneyProblem } from '../../ui/moneyProblem';
import { useLengths, useSpelt } from '../../ui/prefs';
import { Tick } from '../../ui/Tick';
import { useWords } from '../../words';

const known = <T,>(
  line: HairLine | undefined,
  guess: HairLine['guessed'][number],
  value: T | undefined,
): T | null => (line?.guessed.includes(guess) ? null : (value ?? null));

const draftOf = (line: HairLine | undefined): HairLineDraft => ({
  name: line?.name ?? '',
  supplier: line?.supplier ?? '',
  texture: line?.texture ?? 'DEEP_WAVE',
  lengthMm: line?.lengthMm ?? null,
  hasBead: line?.hasBead ?? false,
  // What was estimated is asked again, and estimated again if it still is not known.
  loopsPerBundle: known(line, 'LOOPS', line?.loopsPerBundle),
  bundlesPerPack: line?.bundlesPerPack ?? 1,
  gramsPerLoop: known(line, 'GRAMS', line?.gramsPerLoop),
  packGrams: line?.guessed.includes('LOOPS') ? Math.round(line.gramsPerPack) : null,
  priceMinor: known(line, 'PRICE', line?.priceMinor),
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
  loopsPerBundle: 'Pieces in a pack',
  packGrams: 'or a pack weighs, g',
  loopsOnShelf: 'Loops in hand',
  bundlesPerPack: 'Bundles in a pack',
  gramsPerLoop: 'Grams of a loop',
  heatC: 'Heat it takes, °C',
} as const;
type NumberField = keyof typeof NUMBERS;

/** What nearly every pack says, and what few do. */
const FIRST: NumberField[] = ['loopsPerBundle', 'packGrams'];
const OTHERS: NumberField[] = ['bundlesPerPack', 'gramsPerLoop', 'heatC'];

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

/** What is entered behind the fold, by its fields. */
const MORE_FIELDS = [
  'supplier',
  'currency',
  'curlMm',
  'slip',
  'bundles',
  'gramsPer',
  'heat',
  'other',
];

const priceHint = (line: HairLine | undefined, priceMinor: number | null): string =>
  priceMinor === null && line?.guessed.includes('PRICE')
    ? `estimated: about ${formatMoney(line.priceMinor, line.currency)}`
    : 'if you know it';

/** Writes a hair line down as its pack tells it. */
export function LineDialog({ line, onClose }: { line: HairLine | undefined; onClose: () => void }) {
  const { textures, slips } = useWords();
  const { told } = useLengths();
  const spelt = useSpelt();
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
      void queries.invalidateQueries({ queryKey: ['plans', 'tiles'] });
      onClose();
    },
  });
  const problem = save.error instanceof Problem ? save.error : undefined;
  const set = (change: Partial<HairLineDraft>) => setDraft({ ...draft, ...change });
  const setNumber = (field: NumberField, text: string) => {
    const n = parseAmount(text);
    setTexts({ ...texts, [field]: n === undefined ? text : undefined });
    if (n !== undefined) set({ [field]: n });
  };
  const currency = isCurrency(draft.currency) ? draft.currency : 'EUR';
  const hasUnread = Object.values(texts).some((t) => t !== undefined);

  const said = (field: string) => {
    const refused = problem?.at(field);
    return refused && told(refused);
  };
  const number = (field: NumberField) => (
    <TextField
      key={field}
      label={NUMBERS[field]}
      hint={field === 'loopsPerBundle' && draft.bundlesPerPack !== 1 ? 'in each bundle' : undefined}
      inputMode="decimal"
      defaultValue={draft[field] ?? ''}
      onChange={(e) => setNumber(field, e.target.value)}
      error={texts[field] !== undefined ? 'Write a number.' : problem?.at(field)?.message}
    />
  );

  return (
    <Modal
      title={line ? line.name : 'New hair'}
      isOpen
      onClose={onClose}
      hasEntries={hasUnread || !isSame(draft, draftOf(line))}
    >
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          if (!hasUnread) save.mutate();
        }}
      >
        <p className="text-soft">
          Write down what stands on the pack. What does not is estimated, and marked.
        </p>
        <div className="grid grid-cols-1 gap-3 sm:grid-cols-2">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(e) => set({ name: e.target.value })}
            error={problem?.at('name')?.message}
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
            error={said('lengthMm')}
          />
          <TextField
            label="Price of a pack"
            hint={priceHint(line, draft.priceMinor)}
            inputMode="decimal"
            defaultValue={draft.priceMinor === null ? '' : plainMoney(draft.priceMinor, currency)}
            onChange={(e) => {
              const minor = parseMoney(e.target.value, currency);
              const isBad = minor === null && e.target.value.trim() !== '';
              setTexts({ ...texts, price: isBad ? e.target.value : undefined });
              if (!isBad) set({ priceMinor: minor });
            }}
            error={
              texts.price !== undefined
                ? 'Write a price, such as 7.80.'
                : moneyProblem('The price', problem?.at('priceMinor'), currency)
            }
          />
          {FIRST.map(number)}
          {number('loopsOnShelf')}
          <TextField
            label={spelt('Colours, with commas between')}
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
        <Fold
          id="shelf more"
          title="More that may stand on it"
          tells="supplier, bead, coating, curl, other packs"
          isForced={
            MORE_FIELDS.some((f) => problem?.fields.some((p) => p.field.startsWith(f))) ||
            OTHERS.some((f) => texts[f] !== undefined) ||
            texts.sizes !== undefined ||
            texts.curlMm !== undefined
          }
        >
          <div className="grid grid-cols-1 gap-3 sm:grid-cols-2">
            <TextField
              label="Supplier"
              value={draft.supplier}
              onChange={(e) => set({ supplier: e.target.value })}
              error={problem?.at('supplier')?.message}
            />
            <TextField
              label="Currency"
              value={draft.currency}
              maxLength={3}
              onChange={(e) => set({ currency: e.target.value.toUpperCase() })}
              error={problem?.at('currency')?.message}
            />
            <LengthField
              label="Across one curl"
              hint="empty: as usual for the texture"
              value={draft.curlMm}
              onChange={(curlMm) => set({ curlMm })}
              unread={texts.curlMm}
              onUnread={(text) => setTexts({ ...texts, curlMm: text })}
              error={said('curlMm')}
            />
            <Choice
              label="Slip"
              value={draft.slip ?? ''}
              options={[{ value: '', words: 'as usual for the texture' }, ...slips]}
              onChoose={(slip) => set({ slip: slip === '' ? null : slip })}
            />
            {OTHERS.map(number)}
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
          <div className="flex flex-wrap gap-x-6 gap-y-1">
            <Tick
              words="each loop has an elastic bead"
              isOn={draft.hasBead}
              onChange={(hasBead) => set({ hasBead })}
            />
            <Tick
              words={spelt('coated fibre')}
              isOn={draft.isCoated}
              onChange={(isCoated) => set({ isCoated })}
            />
            <Tick
              words="comes in loops"
              isOn={draft.isLooped ?? true}
              onChange={(isLooped) => set({ isLooped })}
            />
            <Tick
              words="ready twisted, plaited or locked: goes in whole"
              isOn={goesInWhole}
              onChange={(isWhole) => set({ goesInWhole: isWhole })}
            />
          </div>
        </Fold>
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
