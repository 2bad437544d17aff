import { useWords } from '../../../words';
import { Plus, X } from 'lucide-react';
import type { PartAsked, Plan } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { LengthField } from '../../../ui/LengthField';
import { useLengths } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import { BenchLength } from './BenchLength';
import { ChannelCurve } from './ChannelCurve';
import { TriedGap } from './TriedGap';
import { StepFold } from './StepFold';
import { withFoundation } from '../draft/edits/foundationEdits';
import { withPart, withParts } from '../draft/edits/partEdits';
import { useBench, useComputed } from '../draft/useBench';
import { useSaid } from '../draft/useSaid';

/** The parts she will show: wearing parts come first, because rows are placed from them. */
export function PartsStep() {
  const said = useSaid();
  const { plan, problem } = useComputed();
  const parts = useBench((b) => b.brief.foundation.parts);
  const words = useWords();
  const flanks = useBench((b) => b.brief.foundation.flanks) ?? 'FINE_ROWS';
  const change = useBench((b) => b.change);
  const tooMany = problem?.at('foundation.parts')?.message;

  return (
    <>
      <div>
        <p className="mb-1 text-sm text-soft">{said('Add a part she will show')}</p>
        <div className="flex gap-2">
          {words.parts.map((k) => (
            <Button
              key={k.words}
              className="flex-1"
              onClick={() => change('add part', (b) => withParts(b, [...parts, k.part]))}
            >
              <Plus size={14} aria-hidden /> {k.words}
            </Button>
          ))}
        </div>
        {tooMany && (
          <p role="alert" className="text-sm font-medium text-chalk">
            ✕ {tooMany}
          </p>
        )}
      </div>
      {parts.length === 0 && (
        <p className="text-sm text-soft">
          No part yet: the hair falls back all round. Any gap between rows could carry one.
        </p>
      )}
      {parts.map((part, i) => (
        <PartEntry key={i} index={i} part={part} laid={plan?.parts.find((p) => p.index === i)} />
      ))}
      {parts.length > 0 && (
        <StepFold
          id="parts flanks"
          title="Rows beside them"
          tells={words.flanks.find((f) => f.value === flanks)?.words}
          fields={['foundation.flanks']}
        >
          <Switch
            label="Rows beside the parts"
            value={flanks}
            options={words.flanks}
            onChoose={(school) =>
              change('flanks', (b) => ({ ...b, foundation: { ...b.foundation, flanks: school } }))
            }
          />
          <p className="text-sm text-soft">
            {words.flanks.find((f) => f.value === flanks)?.reason}
          </p>
        </StepFold>
      )}
      <SectionLine />
      {plan && plan.gaps.length > 0 && (
        <>
          <TriedGap plan={plan} />
          <Gaps plan={plan} />
        </>
      )}
    </>
  );
}

interface EntryProps {
  index: number;
  part: PartAsked;
  laid: Plan['parts'][number] | undefined;
}

function PartEntry({ index, part, laid }: EntryProps) {
  const said = useSaid();
  const change = useBench((b) => b.change);
  const { problem } = useComputed();
  const { limits, partEnds, flanks } = useWords();
  const school = useBench((b) => b.brief.foundation.flanks);
  const skinMm = flanks.find((f) => f.value === school)?.readsAsSkinMm ?? 0;
  const lengths = useLengths();
  const path = `foundation.parts[${index}]`;
  const texts = useBench((b) => b.texts);
  const setText = useBench((b) => b.setText);
  const edit = (what: Partial<PartAsked>) =>
    change(`${path} ${Object.keys(what).join()}`, (b) => withPart(b, index, what));
  const remove = () =>
    change('remove part', (b) =>
      withParts(
        b,
        b.foundation.parts.filter((_, i) => i !== index),
      ),
    );
  const name = `Part ${laid?.number ?? index + 1}`;

  return (
    <section aria-label={name} className="flex flex-col gap-2 rounded-md border border-line p-2">
      <div className="flex items-center justify-between">
        <h3 className="font-semibold">{name}</h3>
        <button
          type="button"
          aria-label={`Remove ${name.toLowerCase()}`}
          className="rounded p-1 hover:bg-well"
          onClick={remove}
        >
          <X size={16} />
        </button>
      </div>
      <LengthField
        isRow
        isNeeded
        label="starts"
        hint={
          (part.startMm ?? 0) === 0
            ? 'on the midline'
            : (part.startMm ?? 0) < 0
              ? said('to her left')
              : said('to her right')
        }
        value={part.startMm}
        onChange={(mm) => edit({ startMm: mm })}
        unread={texts[`${path}.startMm`]}
        onUnread={(t) => setText(`${path}.startMm`, t)}
        error={problem?.at(`${path}.startMm`)?.message}
      />
      <LengthField
        isRow
        label="runs back"
        hint={part.lengthMm === null ? 'to the ear line' : 'stops short'}
        placeholder={laid ? lengths.parts(laid.lengthMm).figure : ''}
        value={part.lengthMm}
        onChange={(mm) => edit({ lengthMm: mm })}
        unread={texts[`${path}.lengthMm`]}
        onUnread={(t) => setText(`${path}.lengthMm`, t)}
        error={problem?.at(`${path}.lengthMm`)?.message}
      />
      {laid && (
        <div className="text-sm">
          <p>
            Shows <strong>{lengths.say(laid.meanMm)}</strong> of scalp, open for{' '}
            <strong>{lengths.say(laid.openMm)}</strong>
          </p>
          <ChannelCurve channel={laid.channel} skinMm={skinMm} />
        </div>
      )}
      <StepFold
        id="parts shape"
        title="Slant, bow, end"
        tells={shapeWords(part, lengths.say)}
        fields={[`${path}.slantDeg`, `${path}.bowMm`, `${path}.end`]}
      >
        <label className="flex items-center justify-between gap-3">
          slants
          <span className="flex items-center gap-2">
            <input
              type="range"
              min={limits.slantDeg.min}
              max={limits.slantDeg.max}
              step={1}
              value={part.slantDeg ?? 0}
              onChange={(e) => edit({ slantDeg: Number(e.target.value) })}
              className="w-28 accent-thread"
            />
            <span className="w-10 text-right font-semibold">{part.slantDeg}°</span>
          </span>
        </label>
        <label className="flex items-center justify-between gap-3">
          bows
          <span className="flex items-center gap-2">
            <input
              type="range"
              min={limits.bowMm.min}
              max={limits.bowMm.max}
              step={1}
              value={part.bowMm ?? 0}
              onChange={(e) => edit({ bowMm: Number(e.target.value) })}
              className="w-28 accent-thread"
            />
            <span className="w-14 text-right font-semibold">{lengths.say(part.bowMm ?? 0)}</span>
          </span>
        </label>
        {part.lengthMm !== null && (
          <div className="flex flex-col gap-1">
            <p className="text-sm text-soft">Where it stops, its rows</p>
            <Switch
              label="Where it stops, its rows"
              value={part.end ?? 'OPEN'}
              options={partEnds}
              onChoose={(end) => edit({ end })}
            />
          </div>
        )}
        {(part.startMm ?? 0) !== 0 && (
          <Tick
            words="the side beside it is braided to be seen"
            isOn={part.showsSide ?? false}
            onChange={(showsSide) => edit({ showsSide })}
          />
        )}
      </StepFold>
    </section>
  );
}

const shapeWords = (part: PartAsked, say: (mm: number) => string): string =>
  [
    (part.slantDeg ?? 0) !== 0 && `slants ${part.slantDeg}°`,
    (part.bowMm ?? 0) !== 0 && `bows ${say(Math.abs(part.bowMm ?? 0))}`,
  ]
    .filter(Boolean)
    .join(', ') || 'straight';

/** The section line from ear to ear: covered, and where the rows in front end. */
function SectionLine() {
  const foundation = useBench((b) => b.brief.foundation);
  const { say } = useLengths();
  return (
    <StepFold
      id="parts ear line"
      title="Ear line"
      tells={`${say(foundation.earLineBehindMm ?? 0)} behind the ears`}
      fields={['foundation.earLine']}
    >
      <BenchLength
        label="Behind the ears"
        path="foundation.earLineBehindMm"
        hint="just behind lies most naturally"
        value={foundation.earLineBehindMm}
        onChange={(b, mm) => withFoundation(b, { earLineBehindMm: mm as number })}
      />
      <BenchLength
        label="Further back on top"
        path="foundation.earLineLeanMm"
        value={foundation.earLineLeanMm}
        onChange={(b, mm) => withFoundation(b, { earLineLeanMm: mm as number })}
      />
    </StepFold>
  );
}

/** Where a part could go as the rows lie now: how far, and what stops it. */
function Gaps({ plan }: { plan: Plan }) {
  const lengths = useLengths();
  const holdRow = useBench((b) => b.holdRow);
  const tried = useBench((b) => b.worn.gap);
  const tryGap = useBench((b) => b.tryGap);
  const longest = [...plan.gaps].sort((a, b) => b.openMm - a.openMm).slice(0, 6);
  return (
    <StepFold
      id="parts gaps"
      title="Where a part could run"
      tells={longest[0] && `up to ${lengths.say(longest[0].openMm)}`}
    >
      <ul className="text-sm">
        {longest.map((g) => (
          <li
            key={g.leftRow}
            className="border-b border-line py-1"
            onMouseEnter={() => holdRow(g.leftRow)}
          >
            <p className="flex items-center justify-between gap-2">
              <span>
                between {g.leftRow.slice(1)} and {g.rightRow.slice(1)}:{' '}
                <strong>{lengths.say(g.openMm)}</strong> long, {lengths.say(g.meanMm)} wide
              </span>
              <Button
                aria-pressed={tried === plan.gaps.indexOf(g)}
                look={tried === plan.gaps.indexOf(g) ? 'main' : 'plain'}
                onClick={() => tryGap(tried === plan.gaps.indexOf(g) ? null : plan.gaps.indexOf(g))}
              >
                try it
              </Button>
            </p>
            <p className="text-soft">
              {g.readsAsSkin ? '' : 'too narrow to read as skin'}
              {!g.readsAsSkin && g.stoppedBy ? '; ' : ''}
              {g.stoppedBy ? `the tail of ${g.stoppedBy} crosses it there` : ''}
            </p>
          </li>
        ))}
      </ul>
    </StepFold>
  );
}
