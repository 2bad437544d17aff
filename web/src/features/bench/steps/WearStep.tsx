import { useWords } from '../../../words';
import { Slider } from 'radix-ui';
import type { Plan, Worn } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Fold } from '../../../ui/Fold';
import { useLengths } from '../../../ui/prefs';
import { Findings } from '../panels/Findings';
import { useBench, useComputed } from '../draft/useBench';
import { useWorn } from '../plan/useWorn';
import { TriedGap } from './TriedGap';
import { UpdoList } from './wear/UpdoList';

const LAST_DAY = 14;

/** How it looks in each way of wearing: what shows, where, and why. */
export function WearStep() {
  const { plan } = useComputed();
  const worn = useWorn();
  const { ways } = useWords();
  const how = useBench((b) => b.worn);
  const wear = useBench((b) => b.wear);
  if (!plan) return null;
  const down = plan.parts.length
    ? plan.parts.map((p, i) => ({ words: `down, part ${p.number}`, part: i as number | null }))
    : [{ words: 'down', part: null }];
  return (
    <>
      <div role="radiogroup" aria-label="Worn" className="grid grid-cols-2 gap-1">
        {down.map((d) => (
          <WayKey
            key={d.words}
            words={d.words}
            isOn={how.way === 'DOWN' && how.part === d.part && how.gap === null}
            onPress={() => wear({ way: 'DOWN', part: d.part, gap: null })}
          />
        ))}
        {ways
          .filter((w) => w.value !== 'DOWN')
          .map((w) => (
            <WayKey
              key={w.value}
              words={w.words}
              isOn={how.way === w.value}
              onPress={() => wear({ way: w.value, part: null, gap: null })}
            />
          ))}
      </div>
      <TriedGap plan={plan} />
      <DaySlider day={how.day} onChange={(day) => wear({ day })} />
      {worn && <Shown worn={worn} />}
      <Fold id="wear updos" title="Edges of updos" tells={updoWords(plan)}>
        <UpdoList />
      </Fold>
    </>
  );
}

const updoWords = (plan: Plan): string => {
  const carried = plan.updos.filter((u) => u.works).length;
  return carried === plan.updos.length
    ? 'all carried'
    : `${carried} of ${plan.updos.length} carried`;
};

function WayKey(props: { words: string; isOn: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      role="radio"
      aria-checked={props.isOn}
      onClick={props.onPress}
      className="rounded-md border border-line px-2 py-1 text-sm hover:bg-well aria-checked:border-2 aria-checked:border-thread-deep aria-checked:font-semibold"
    >
      {props.words}
    </button>
  );
}

function DaySlider({ day, onChange }: { day: number; onChange: (day: number) => void }) {
  return (
    <div className="flex items-center gap-3 text-sm">
      <span className="w-20">
        day <strong className="text-lg">{day}</strong>
      </span>
      <Slider.Root
        className="slider relative flex h-6 grow touch-none items-center select-none"
        value={[day]}
        min={0}
        max={LAST_DAY}
        step={1}
        onValueChange={([v]) => v !== undefined && onChange(v)}
      >
        <Slider.Track className="relative h-1.5 grow rounded-full border border-edge bg-well">
          <Slider.Range className="absolute h-full rounded-full bg-soft" />
        </Slider.Track>
        <Slider.Thumb
          aria-label="Day after the install"
          className="block h-5 w-3 rounded-sm border-2 border-ink bg-thread"
        />
      </Slider.Root>
    </div>
  );
}

function Shown({ worn }: { worn: Worn }) {
  const lengths = useLengths();
  const holdRow = useBench((b) => b.holdRow);
  const holdStation = useBench((b) => b.holdStation);
  return (
    <>
      <section aria-label="What shows" className="border-t border-line pt-3">
        <p className="flex items-baseline justify-between">
          <span className="text-sm text-soft">of the scalp shows</span>
          <strong className="text-3xl leading-none">{worn.exposedPercent.toFixed(1)} %</strong>
        </p>
        <ul className="mt-2 flex flex-col gap-1 text-sm">
          {worn.zones.map((z) => (
            <li key={z.zone} className="grid grid-cols-[4rem_1fr_3.5rem] items-center gap-2">
              <span>{z.words}</span>
              <span className="h-3 border border-edge bg-sheet" aria-hidden>
                <span
                  className="block h-full bg-ink"
                  style={{ width: `${100 - z.exposedPercent}%` }}
                />
              </span>
              <span className="text-right font-semibold">{z.exposedPercent.toFixed(1)} %</span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-sm text-soft">
          {Math.round(worn.fullnessPercent)} % of a full head; stands{' '}
          {lengths.say(worn.zones[1]?.heightMm ?? 0)} high on top,{' '}
          {lengths.say(worn.zones[2]?.heightMm ?? 0)} behind; {Math.round(worn.napeGrams)} g at the
          nape. Estimates.
        </p>
      </section>
      {worn.gaps.length > 0 && (
        <section aria-label="Gaps" className="border-t border-line pt-2">
          <h3 className="font-semibold">Gaps</h3>
          <ul className="text-sm">
            {worn.gaps.map((g, i) => (
              <li key={`${g.x}/${g.y}`} className="flex justify-between gap-2 py-0.5">
                <span>
                  {i + 1}. {lengths.sentence(g.place)}
                </span>
                <span className="whitespace-nowrap text-soft">
                  {lengths.sentence([{ text: null, kind: 'AREA_MM2', value: g.areaMm2 }])},{' '}
                  {Math.round(g.exposedPercent)} % bare
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {worn.knots.length > 0 && (
        <section aria-label="Knots that show" className="border-t border-line pt-2">
          <h3 className="font-semibold">{worn.knots.length} knots show</h3>
          <ul className="text-sm">
            {worn.knots.slice(0, 6).map((k) => (
              <li key={k.station}>
                <button
                  type="button"
                  className="py-0.5 text-left underline"
                  onClick={() => holdStation(k.station)}
                >
                  {k.station}
                </button>
                : {k.why}
              </li>
            ))}
          </ul>
        </section>
      )}
      {worn.rows.length > 0 && (
        <section aria-label="Rows that show" className="border-t border-line pt-2 text-sm">
          <h3 className="text-base font-semibold">Rows that show</h3>
          {worn.rows.slice(0, 8).map((r) => (
            <Button key={r.row} look="quiet" onClick={() => holdRow(r.row)}>
              {r.row}: {lengths.say(r.mm)}
            </Button>
          ))}
        </section>
      )}
      {worn.remarks.length > 0 && <Findings of={worn.remarks} label="As it is worn" />}
    </>
  );
}
