import type { Brief, Condition, Consultation, Density, Habit, Way } from '../../../api/types';
import { Chips } from '../../../ui/Chips';
import { Counter } from '../../../ui/Counter';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { BenchLength } from '../BenchLength';
import { useBench, useComputed, useFieldError } from '../useBench';

const DENSITIES: { value: Density; words: string }[] = [
  { value: 'FINE', words: 'fine' },
  { value: 'MEDIUM', words: 'medium' },
  { value: 'THICK', words: 'thick' },
];

const STRANDS = [
  { value: 'FINE', words: 'fine' },
  { value: 'MEDIUM', words: 'medium' },
  { value: 'COARSE', words: 'coarse' },
] as const;

const CONDITIONS: { value: Condition; words: string }[] = [
  { value: 'THIN_EDGES', words: 'thin edges' },
  { value: 'THIN_CROWN', words: 'thin crown' },
  { value: 'TENDER', words: 'tender spots' },
  { value: 'ITCHES', words: 'itched before' },
  { value: 'REACTS_TO_COATING', words: 'reacts to coating' },
  { value: 'BROKEN_SKIN', words: 'broken skin, infection' },
];

const WAYS: { value: Way; words: string }[] = [
  { value: 'DOWN', words: 'down' },
  { value: 'SWEPT_LEFT', words: 'swept left' },
  { value: 'SWEPT_RIGHT', words: 'swept right' },
  { value: 'HALF_UP', words: 'half up' },
  { value: 'HIGH_PONYTAIL', words: 'high ponytail' },
  { value: 'LOW_PONYTAIL', words: 'low ponytail' },
  { value: 'BUN', words: 'bun' },
];

const FALLS = [
  { value: 'LEFT', words: 'her left' },
  { value: 'BACK', words: 'back' },
  { value: 'RIGHT', words: 'her right' },
] as const;

const HABITS: { value: Habit; words: string }[] = [
  { value: 'HEAT', words: 'heat' },
  { value: 'WIND', words: 'wind' },
  { value: 'SPORT', words: 'sport' },
  { value: 'SWIMMING', words: 'swimming' },
  { value: 'NO_SCARF', words: 'no scarf at night' },
];

const INSTALLERS: { value: NonNullable<Brief['installer']>; words: string }[] = [
  { value: 'STYLIST', words: 'a stylist' },
  { value: 'SELF', words: 'she herself' },
];

const NOTHING_ASKED: Consultation = {
  ways: ['DOWN'],
  fall: 'BACK',
  hasFringe: false,
  habits: [],
  weeks: 5,
  chairMinutes: null,
  ownPacks: 0,
};

const USUAL_MINUTES = 180;

/** The consultation: each answer decides something further on. */
export function ClientStep() {
  const name = useBench((b) => b.clientName);
  const own = useBench((b) => b.brief.ownHair);
  const asked = useBench((b) => b.brief.consultation) ?? NOTHING_ASKED;
  const installer = useBench((b) => b.brief.installer);
  const change = useBench((b) => b.change);
  const limits = useComputed().plan?.limits;
  const minutesError = useFieldError('consultation.chairMinutes');

  const setOwn = (what: Partial<Brief['ownHair']>) =>
    change(`own ${Object.keys(what).join()}`, (b) => ({
      ...b,
      ownHair: { ...b.ownHair, ...what },
    }));
  const ask = (what: Partial<Consultation>) =>
    change(`asked ${Object.keys(what).join()}`, (b) => ({
      ...b,
      consultation: { ...(b.consultation ?? NOTHING_ASKED), ...what },
    }));

  return (
    <>
      <p className="text-lg leading-tight font-semibold break-words">{name}</p>
      <Chips
        label="It must be worn"
        values={asked.ways ?? []}
        options={WAYS}
        onChoose={(ways) => ask({ ways })}
      />
      <Choose
        label="It falls to"
        value={asked.fall}
        options={FALLS}
        onChoose={(fall) => ask({ fall })}
      />
      <Tick
        words="She wants a fringe"
        isOn={asked.hasFringe ?? false}
        onChange={(hasFringe) => ask({ hasFringe })}
      />
      <Heading words="Her own hair" />
      <Choose
        label="grows"
        value={own?.density}
        options={DENSITIES}
        onChoose={(density) => setOwn({ density })}
      />
      <Choose
        label="one strand"
        value={own?.strands ?? 'MEDIUM'}
        options={STRANDS}
        onChoose={(strands) => setOwn({ strands })}
      />
      <BenchLength
        label="Her own hair hangs"
        path="ownHair.lengthMm"
        hint="at the nape, stretched"
        value={own?.lengthMm}
        onChange={(b, lengthMm) => ({ ...b, ownHair: { ...b.ownHair, lengthMm } })}
      />
      <BenchLength
        label="New growth"
        path="ownHair.newGrowthMm"
        value={own?.newGrowthMm ?? 0}
        onChange={(b, newGrowthMm) => ({ ...b, ownHair: { ...b.ownHair, newGrowthMm } })}
      />
      <Tick
        words="It mats easily"
        isOn={own?.matsEasily ?? false}
        onChange={(matsEasily) => setOwn({ matsEasily })}
      />
      <Chips
        label="Seen on her scalp"
        values={own?.conditions ?? []}
        options={CONDITIONS}
        onChoose={(conditions) => setOwn({ conditions })}
      />
      <Heading words="Her life" />
      <Chips
        label="She is used to"
        values={asked.habits ?? []}
        options={HABITS}
        onChoose={(habits) => ask({ habits })}
      />
      <Counter
        label="Weeks of wear"
        value={asked.weeks ?? 5}
        min={limits?.weeks.min ?? 1}
        max={limits?.weeks.max ?? 16}
        onChange={(weeks) => ask({ weeks })}
      />
      <Heading words="The chair" />
      <Choose
        label="Who installs"
        value={installer}
        options={INSTALLERS}
        onChoose={(who) => change('installer', (b) => ({ ...b, installer: who }))}
      />
      <Tick
        words="Her time is limited"
        isOn={asked.chairMinutes !== null && asked.chairMinutes !== undefined}
        onChange={(isOn) => ask({ chairMinutes: isOn ? USUAL_MINUTES : null })}
      />
      {asked.chairMinutes !== null && asked.chairMinutes !== undefined && (
        <Counter
          label="Minutes she has"
          value={asked.chairMinutes}
          min={limits?.chairMinutes.min ?? USUAL_MINUTES}
          max={limits?.chairMinutes.max ?? USUAL_MINUTES}
          step={15}
          onChange={(chairMinutes) => ask({ chairMinutes })}
          error={minutesError}
        />
      )}
      <Counter
        label="Packs she brings"
        value={asked.ownPacks ?? 0}
        min={0}
        max={limits?.ownPacks.max ?? 0}
        onChange={(ownPacks) => ask({ ownPacks })}
      />
    </>
  );
}

function Heading({ words }: { words: string }) {
  return <h3 className="border-t border-line pt-3 font-semibold">{words}</h3>;
}

function Choose<T extends string>(props: {
  label: string;
  value: T | undefined | null;
  options: readonly { value: T; words: string }[];
  onChoose: (value: T) => void;
}) {
  return (
    <div className="flex items-center justify-between gap-2">
      <span className="text-sm text-soft">{props.label}</span>
      <Switch
        label={props.label}
        value={props.value ?? ('' as T)}
        options={props.options}
        onChoose={props.onChoose}
      />
    </div>
  );
}
