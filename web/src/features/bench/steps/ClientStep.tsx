import { useWords, wordOf } from '../../../words';
import type { Brief, Consultation } from '../../../api/types';
import { Chips } from '../../../ui/Chips';
import { Counter } from '../../../ui/Counter';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { said as saidOf } from '../../../lib/pronoun';
import { formatMinutes, plural } from '../../../lib/time';
import { useLengths } from '../../../ui/prefs';
import { BenchLength } from './BenchLength';
import { StepFold } from './StepFold';
import { useBench, useFieldError } from '../draft/useBench';
import { useSaid } from '../draft/useSaid';

const USUAL_MINUTES = 180;
const USUAL_YEARS = 30;

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
  const weeksError = useFieldError('consultation.weeks');
  const ageError = useFieldError('consultation.ageYears');
  const { say } = useLengths();
  const said = useSaid();

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
        label="How it falls"
        value={asked.fall}
        options={words.falls.map((f) => ({ ...f, words: said(f.words) }))}
        onChoose={(fall) => ask({ fall })}
      />
      <Counter
        label="Weeks of wear"
        value={asked.weeks}
        min={limits.weeks.min}
        max={limits.weeks.max}
        onChange={(weeks) => ask({ weeks })}
        error={weeksError}
      />
      <Choose
        label="Who installs"
        value={installer}
        options={words.installers.map((i) => ({
          ...i,
          words: saidOf(i.words, asked.pronoun ?? 'SHE'),
        }))}
        onChoose={(who) => change('installer', (b) => ({ ...b, installer: who }))}
      />
      {installer === 'STYLIST' && (
        <Choose
          label="The client is"
          value={asked.pronoun ?? 'SHE'}
          options={words.pronouns}
          onChoose={(pronoun) => ask({ pronoun })}
        />
      )}
      <StepFold
        id="client scalp"
        title={said('Her scalp')}
        tells={told(own?.conditions, words.conditions, 'nothing seen')}
        fields={['ownHair.conditions', 'consultation.ageYears']}
      >
        <Chips
          label={said('Seen on her scalp')}
          values={own?.conditions ?? []}
          options={words.conditions}
          onChoose={(conditions) => setOwn({ conditions })}
        />
        <Tick
          words={said('Her age was asked')}
          isOn={asked.ageYears !== null}
          onChange={(isOn) => ask({ ageYears: isOn ? USUAL_YEARS : null })}
        />
        {asked.ageYears !== null && (
          <Counter
            label={said('How old is she?')}
            value={asked.ageYears}
            min={limits.ageYears.min}
            max={limits.ageYears.max}
            onChange={(ageYears) => ask({ ageYears })}
            error={ageError}
          />
        )}
      </StepFold>
      <StepFold
        id="client hair"
        title={said('Her own hair')}
        tells={`${own ? wordOf(words.densities, own.density) : ''}, ${say(own?.lengthMm ?? 0)}`}
        fields={['ownHair.']}
      >
        <Choose
          label={said('How full is her hair?')}
          value={own?.density}
          options={words.densities}
          onChoose={(density) => setOwn({ density })}
        />
        <Choose
          label="How thick is one strand?"
          value={own?.strands ?? 'MEDIUM'}
          options={words.strands}
          onChoose={(strands) => setOwn({ strands })}
        />
        <BenchLength
          label="How long is it?"
          path="ownHair.lengthMm"
          hint="at the nape, stretched"
          value={own?.lengthMm}
          onChange={(b, lengthMm) => ({ ...b, ownHair: { ...b.ownHair, lengthMm } })}
        />
        <BenchLength
          label="How much has grown out?"
          path="ownHair.newGrowthMm"
          value={own?.newGrowthMm ?? 0}
          onChange={(b, newGrowthMm) => ({ ...b, ownHair: { ...b.ownHair, newGrowthMm } })}
        />
        <Tick
          words="It mats easily"
          isOn={own?.matsEasily ?? false}
          onChange={(matsEasily) => setOwn({ matsEasily })}
        />
      </StepFold>
      <StepFold
        id="client life"
        title={said('Her life')}
        tells={told(asked.habits, words.habits, 'nothing special')}
        fields={['consultation.habits']}
      >
        <Chips
          label={said('She is used to')}
          values={asked.habits ?? []}
          options={words.habits}
          onChoose={(habits) => ask({ habits })}
        />
        <Tick
          words={said('She wants a fringe')}
          isOn={asked.hasFringe}
          onChange={(hasFringe) => ask({ hasFringe })}
        />
      </StepFold>
      <StepFold
        id="client chair"
        title="The chair"
        tells={said(chairWords(asked, told(asked.finish, words.finishes, '')))}
        fields={['consultation.chairMinutes', 'consultation.ownPacks']}
      >
        <Chips
          label="Finished with"
          values={asked.finish ?? []}
          options={words.finishes}
          onChoose={(finish) => ask({ finish })}
        />
        <Tick
          words={said('Her time is limited')}
          isOn={asked.chairMinutes !== null}
          onChange={(isOn) => ask({ chairMinutes: isOn ? USUAL_MINUTES : null })}
        />
        {asked.chairMinutes !== null && (
          <Counter
            label={said('Minutes she has')}
            value={asked.chairMinutes}
            min={limits.chairMinutes.min}
            max={limits.chairMinutes.max}
            step={15}
            onChange={(chairMinutes) => ask({ chairMinutes })}
            error={minutesError}
          />
        )}
        <Counter
          label={said('Packs she brings')}
          value={asked.ownPacks}
          min={0}
          max={limits.ownPacks.max}
          onChange={(ownPacks) => ask({ ownPacks })}
        />
      </StepFold>
    </>
  );
}

/** What was chosen, or that nothing was. */
function told<T>(
  values: readonly T[] | null | undefined,
  choices: { value: T; words: string }[],
  none: string,
): string {
  return values && values.length > 0 ? values.map((v) => wordOf(choices, v)).join(', ') : none;
}

const chairWords = (asked: Consultation, finish: string): string =>
  [
    finish,
    asked.chairMinutes === null ? 'no hurry' : `she has ${formatMinutes(asked.chairMinutes)}`,
    asked.ownPacks > 0 && `brings ${plural(asked.ownPacks, 'pack')}`,
  ]
    .filter(Boolean)
    .join(', ');

function Choose<T extends string>(props: {
  label: string;
  value: T | undefined | null;
  options: readonly { value: T; words: string }[];
  onChoose: (value: T) => void;
}) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-2 gap-y-1">
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
