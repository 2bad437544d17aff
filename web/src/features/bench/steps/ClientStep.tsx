import { useWords } from '../../../words';
import type { Brief, Consultation } from '../../../api/types';
import { Chips } from '../../../ui/Chips';
import { Counter } from '../../../ui/Counter';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { BenchLength } from './BenchLength';
import { useBench, useFieldError } from '../draft/useBench';

const USUAL_MINUTES = 180;

/** The consultation: each answer decides something further on. */
export function ClientStep() {
  const name = useBench((b) => b.clientName);
  const own = useBench((b) => b.brief.ownHair);
  const asked = useBench((b) => b.brief.consultation);
  const installer = useBench((b) => b.brief.installer);
  const change = useBench((b) => b.change);
  const words = useWords();
  const { limits } = words;
  const minutesError = useFieldError('consultation.chairMinutes');

  const setOwn = (what: Partial<Brief['ownHair']>) =>
    change(`own ${Object.keys(what).join()}`, (b) => ({
      ...b,
      ownHair: { ...b.ownHair, ...what },
    }));
  const ask = (what: Partial<Consultation>) =>
    change(`asked ${Object.keys(what).join()}`, (b) => ({
      ...b,
      consultation: { ...b.consultation, ...what },
    }));

  return (
    <>
      <p className="text-lg leading-tight font-semibold break-words">{name}</p>
      <Chips
        label="It must be worn"
        values={asked.ways ?? []}
        options={words.ways.filter((w) => w.value !== 'WIND')}
        onChoose={(ways) => ask({ ways })}
      />
      <Choose
        label="It falls"
        value={asked.fall}
        options={words.falls}
        onChoose={(fall) => ask({ fall })}
      />
      <Tick
        words="She wants a fringe"
        isOn={asked.hasFringe}
        onChange={(hasFringe) => ask({ hasFringe })}
      />
      <Heading words="Her own hair" />
      <Choose
        label="grows"
        value={own?.density}
        options={words.densities}
        onChoose={(density) => setOwn({ density })}
      />
      <Choose
        label="made of"
        value={own?.strands ?? 'MEDIUM'}
        options={words.strands}
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
        options={words.conditions}
        onChoose={(conditions) => setOwn({ conditions })}
      />
      <Heading words="Her life" />
      <Chips
        label="She is used to"
        values={asked.habits ?? []}
        options={words.habits}
        onChoose={(habits) => ask({ habits })}
      />
      <Counter
        label="Weeks of wear"
        value={asked.weeks}
        min={limits.weeks.min}
        max={limits.weeks.max}
        onChange={(weeks) => ask({ weeks })}
      />
      <Heading words="The chair" />
      <Choose
        label="Who installs"
        value={installer}
        options={words.installers}
        onChoose={(who) => change('installer', (b) => ({ ...b, installer: who }))}
      />
      <Tick
        words="Her time is limited"
        isOn={asked.chairMinutes !== null}
        onChange={(isOn) => ask({ chairMinutes: isOn ? USUAL_MINUTES : null })}
      />
      {asked.chairMinutes !== null && (
        <Counter
          label="Minutes she has"
          value={asked.chairMinutes}
          min={limits.chairMinutes.min}
          max={limits.chairMinutes.max}
          step={15}
          onChange={(chairMinutes) => ask({ chairMinutes })}
          error={minutesError}
        />
      )}
      <Counter
        label="Packs she brings"
        value={asked.ownPacks}
        min={0}
        max={limits.ownPacks.max}
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
