import type { Brief, Condition, Density } from '../../../api/types';
import { Choice } from '../../../ui/Field';
import { LengthField } from '../../../ui/LengthField';
import { useBench, useFieldError } from '../useBench';

const DENSITIES: { value: Density; words: string }[] = [
  { value: 'FINE', words: 'fine' },
  { value: 'MEDIUM', words: 'medium' },
  { value: 'THICK', words: 'thick' },
];

const CONDITIONS: { value: Condition; words: string }[] = [
  { value: 'THIN_EDGES', words: 'thin edges' },
  { value: 'THIN_CROWN', words: 'thin crown' },
  { value: 'TENDER', words: 'tender spots' },
  { value: 'REACTS_TO_COATING', words: 'reacts to coated fibre' },
  { value: 'BROKEN_SKIN', words: 'broken skin or infection' },
];

const INSTALLERS: { value: NonNullable<Brief['installer']>; words: string }[] = [
  { value: 'STYLIST', words: 'a stylist' },
  { value: 'SELF', words: 'she herself' },
];

export function ClientStep() {
  const name = useBench((b) => b.clientName);
  const own = useBench((b) => b.brief.ownHair);
  const installer = useBench((b) => b.brief.installer);
  const change = useBench((b) => b.change);
  const text = useBench((b) => b.texts['ownHair.lengthMm']);
  const setText = useBench((b) => b.setText);
  const lengthError = useFieldError('ownHair.lengthMm');
  const conditions = own?.conditions ?? [];

  const toggle = (c: Condition) =>
    change(`condition ${c}`, (b) => ({
      ...b,
      ownHair: {
        ...b.ownHair,
        conditions: conditions.includes(c) ? conditions.filter((x) => x !== c) : [...conditions, c],
      },
    }));

  return (
    <>
      <p className="text-lg leading-tight font-semibold break-words">{name}</p>
      <Choice
        label="Her own hair grows"
        value={own?.density ?? 'MEDIUM'}
        options={DENSITIES}
        onChoose={(density) =>
          change('density', (b) => ({ ...b, ownHair: { ...b.ownHair, density } }))
        }
      />
      <LengthField
        isRow
        label="Her own hair hangs"
        hint="at the nape, stretched"
        value={own?.lengthMm ?? null}
        onChange={(mm) =>
          change('own length', (b) => ({ ...b, ownHair: { ...b.ownHair, lengthMm: mm } }))
        }
        unread={text}
        onUnread={(t) => setText('ownHair.lengthMm', t)}
        error={lengthError}
      />
      <fieldset className="flex flex-col gap-1">
        <legend className="mb-1 text-sm text-soft">Seen on her scalp</legend>
        {CONDITIONS.map((c) => (
          <label
            key={c.value}
            className="flex items-center gap-2 rounded px-1 py-0.5 hover:bg-well"
          >
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={conditions.includes(c.value)}
              onChange={() => toggle(c.value)}
            />
            {c.words}
          </label>
        ))}
      </fieldset>
      <Choice
        label="Who installs"
        value={installer ?? 'STYLIST'}
        options={INSTALLERS}
        onChoose={(who) => change('installer', (b) => ({ ...b, installer: who }))}
      />
    </>
  );
}
