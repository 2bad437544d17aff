import { useWords } from '../../../words';
import { useQuery } from '@tanstack/react-query';
import { Dial } from '../../../ui/Dial';
import { Choice } from '../../../ui/Field';
import { formatMoney } from '../../../lib/money';
import { packWords, pieces } from '../../../lib/packs';
import { useLengths, useSpelt } from '../../../ui/prefs';
import { hairLinesQuery } from '../../../api/queries';
import { withHooking } from '../draft/edits/hookingEdits';
import { useBench, useComputed, useFieldError } from '../draft/useBench';
import { BulkEntry } from './BulkEntry';
import { handsAlone } from './learned/handsAlone';
import { MixEntry } from './MixEntry';
import { StepFold } from './StepFold';

const PERCENT = 100;
const MARKS = [
  { at: 75, words: 'subtle' },
  { at: 100, words: 'full' },
  { at: 130, words: 'very full' },
];

export function HairStep() {
  const { plan } = useComputed();
  const lines = useQuery(hairLinesQuery());
  const lineId = useBench((b) => b.brief.hairLineId);
  const fullness = useBench((b) => b.brief.fullness) ?? 1;
  const change = useBench((b) => b.change);
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const lengths = useLengths();
  const isBulkAsked = useBench(
    (b) => b.brief.hooking.tuftGrams !== null || b.brief.hooking.cutZones.length > 0,
  );
  const lineError = useFieldError('hairLineId');
  const fullnessError = useFieldError('fullness');
  const line = lines.data?.find((l) => l.id === lineId);
  const colour = useBench((b) => b.brief.hooking.colour);
  const colourError = useFieldError('hooking.colour');
  const spelt = useSpelt();
  const { limits: all, known } = useWords();
  const limits = all.fullness;

  return (
    <>
      <Choice
        label="Hair"
        value={lineId ?? ''}
        options={[
          ...(line ? [] : [{ value: lineId ?? '', words: 'choose one' }]),
          ...(lines.data ?? []).map((l) => ({
            value: l.id,
            words: `${l.name}, ${l.textureWords}`,
          })),
        ]}
        onChoose={(id) =>
          change('hair', (b) => ({
            ...b,
            hairLineId: id,
            // Another line comes in colours of its own, and was seen by itself.
            hooking: { ...b.hooking, colour: null },
            learned: handsAlone(b.learned, known),
          }))
        }
        error={lineError}
      />
      {line && (line.colours.length > 1 || colourError) && (
        <Choice
          label={spelt('Colour')}
          value={colour ?? line.colours[0] ?? ''}
          options={[
            ...(colour && !line.colours.includes(colour) ? [{ value: colour, words: colour }] : []),
            ...line.colours.map((c) => ({ value: c, words: c })),
          ]}
          onChoose={(c) => change('colour', (b) => withHooking(b, { colour: c }))}
          error={colourError}
        />
      )}
      <Dial
        label="Fullness"
        value={Math.round(fullness * PERCENT)}
        min={limits.min * PERCENT}
        max={limits.max * PERCENT}
        step={5}
        figure={String(Math.round(fullness * PERCENT))}
        unit="%"
        marks={MARKS}
        onTake={() => hold(plan?.ledger)}
        onChange={(percent) => change('fullness', (b) => ({ ...b, fullness: percent / PERCENT }))}
        onLetGo={letGo}
        error={fullnessError}
      />
      {line && (!line.isLooped || isBulkAsked) && <BulkEntry line={line} />}
      <MixEntry lines={lines.data ?? []} />
      {line && (
        <StepFold
          id="hair pack"
          title="On its pack"
          tells={`${packWords(line, line.loopsPerPack)}, ${formatMoney(line.priceMinor, line.currency)}`}
        >
          <dl className="grid grid-cols-2 gap-x-3 gap-y-1 text-sm">
            <Fact name="supplier" words={line.supplier} />
            <Fact name="texture" words={line.textureWords} />
            <Fact name="hangs" words={lengths.say(line.lengthMm)} />
            <Fact name="lock" words={line.hasBead ? 'elastic bead' : 'knot only'} />
            <Fact name="a pack" words={packWords(line, line.loopsPerPack)} />
            <Fact name="price" words={formatMoney(line.priceMinor, line.currency)} />
            <Fact
              name={line.isLooped ? 'a loop weighs' : 'a tuft weighs'}
              words={`${line.gramsPerLoop} g`}
            />
            <Fact name="on the shelf" words={pieces(line, line.loopsOnShelf)} />
            <Fact name="slip" words={line.slipWords} />
            <Fact name="a loop" words={line.goesInWhole ? 'goes in whole' : 'can be split'} />
            <Fact name="heat" words={line.heatC ? `up to ${line.heatC} °C by its label` : 'none'} />
          </dl>
        </StepFold>
      )}
    </>
  );
}

function Fact({ name, words }: { name: string; words: string }) {
  return (
    <div className="min-w-0">
      <dt className="text-xs text-soft">{name}</dt>
      <dd className="font-semibold break-words">{words}</dd>
    </div>
  );
}
