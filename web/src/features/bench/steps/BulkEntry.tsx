import { useSpelt } from '../../../ui/prefs';
import { RotateCcw } from 'lucide-react';
import type { HairLine, Zone } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Counter } from '../../../ui/Counter';
import { Tick } from '../../../ui/Tick';
import { useWords } from '../../../words';
import { withHooking } from '../draft/edits/hookingEdits';
import { useBench, useFieldError, useRead } from '../draft/useBench';

const STEP_G = 0.5;

/** Loose fibre, counted by weight: how thick its tufts are, and for which zones it is cut. */
export function BulkEntry({ line }: { line: HairLine }) {
  const spelt = useSpelt();
  const { limits, zones } = useWords();
  const tuftGrams = useBench((b) => b.brief.hooking.tuftGrams);
  const cutZones = useBench((b) => b.brief.hooking.cutZones);
  const change = useBench((b) => b.change);
  const tuftError = useFieldError('hooking.tuftGrams');
  const cutError = useFieldError('hooking.cutZones');
  const read = useRead();
  const tuft = tuftGrams ?? line.gramsPerLoop;
  const cut = read?.hairs.find((h) => h.isCutOfMain);
  const toggle = (zone: Zone, isOn: boolean) =>
    change('cut', (b) =>
      withHooking(b, {
        cutZones: isOn
          ? [...b.hooking.cutZones, zone]
          : b.hooking.cutZones.filter((z) => z !== zone),
      }),
    );
  return (
    <section
      aria-label={spelt('Loose fibre')}
      className="flex flex-col gap-2 border-t border-line pt-3"
    >
      <h3 className="font-semibold">{spelt('Loose fibre')}</h3>
      <Counter
        label="A tuft, folded once"
        value={tuft}
        figure={`${tuft} g`}
        min={limits.tuftGrams.min}
        max={limits.tuftGrams.max}
        step={STEP_G}
        onChange={(grams) =>
          change('tuft', (b) => withHooking(b, { tuftGrams: Number(grams.toFixed(1)) }))
        }
        error={tuftError}
      />
      <fieldset>
        <legend className="text-sm text-soft">Cut in half first, for</legend>
        <div className="flex flex-wrap gap-x-3">
          {zones.map((z) => (
            <Tick
              key={z.value}
              words={z.words}
              isOn={cutZones.includes(z.value)}
              onChange={(isOn) => toggle(z.value, isOn)}
            />
          ))}
        </div>
      </fieldset>
      {cutError && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {cutError}
        </p>
      )}
      {(tuftGrams !== null || cutZones.length > 0) && (
        <Button
          className="self-start"
          onClick={() =>
            change('as it comes', (b) => withHooking(b, { tuftGrams: null, cutZones: [] }))
          }
        >
          <RotateCcw size={14} aria-hidden /> as it comes
        </Button>
      )}
      {cut && (
        <p className="text-sm text-soft">
          {cut.placedLoops} pieces of half the length, two from each tuft.
        </p>
      )}
    </section>
  );
}
