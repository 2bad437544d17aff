import { useWords } from '../../../../words';
import { Minus, Plus, RotateCcw } from 'lucide-react';
import type { Plan } from '../../../../api/types';
import { Button } from '../../../../ui/Button';
import { CONTROL } from '../../../../ui/Field';
import { kindOf } from '../../../../viz/chart/beads';
import { useLengths } from '../../../../ui/prefs';
import { Tick } from '../../../../ui/Tick';
import { ByMethod } from './ByMethod';
import { withHooking, withZone, wishOf } from '../../draft/edits/hookingEdits';
import { useBench, useComputed, useFieldError } from '../../draft/useBench';

const STEP = 1.08;

const minutes = (m: number): string => `${Math.round(m)} min`;

/** Spacing and share of each zone, and what is hooked beside each part. */
export function ZonesTab() {
  const { plan } = useComputed();
  const usesBaseHair = useBench((b) => b.brief.hooking.usesBaseHair);
  const change = useBench((b) => b.change);
  if (!plan) return null;
  return (
    <>
      <ByMethod fields={['spacing', 'back', 'rowStart']} />
      {plan.ledger.zones.map((z) => (
        <ZoneEntry key={z.zone} zone={z} />
      ))}
      {plan.parts.map((p, i) => (
        <PartEntry key={p.index} plan={plan} number={p.number} part={i} />
      ))}
      <Tick
        words="hook into base hair too, where more cover is wanted"
        isOn={usesBaseHair}
        onChange={(isOn) => change('base hair', (b) => withHooking(b, { usesBaseHair: isOn }))}
      />
      {usesBaseHair && (
        <p className="text-sm text-soft">
          Base hair carries little: it pulls. Every other share only.
        </p>
      )}
      <p className="text-xs text-soft">
        As hooked on most rows of a zone; narrower rows are hooked more widely. Estimates until
        visits are recorded.
      </p>
    </>
  );
}

type ZoneView = Plan['ledger']['zones'][number];

/** What is refused of a zone's wish, whichever part of it is to blame. */
function useZoneError(index: number) {
  const field = `hooking.zones[${index}]`;
  const whole = useFieldError(field);
  const closer = useFieldError(`${field}.closer`);
  const share = useFieldError(`${field}.shareParts`);
  return whole ?? closer ?? share;
}

function ZoneEntry({ zone }: { zone: ZoneView }) {
  const lengths = useLengths();
  const brief = useBench((b) => b.brief);
  const wish = wishOf(brief, zone.zone);
  const change = useBench((b) => b.change);
  const error = useZoneError(brief.hooking.zones.findIndex((z) => z.zone === zone.zone));
  const closer = wish.closer ?? 1;
  const { min, max } = useWords().limits.closer;
  const set = (to: number) =>
    change(`zone ${zone.zone}`, (b) =>
      withZone(b, zone.zone, { closer: Math.max(min, Math.min(max, Number(to.toFixed(3)))) }),
    );
  const isUsual = closer === 1 && (wish.shareParts ?? null) === null;
  return (
    <section aria-label={zone.words} className="border-b border-line pb-2">
      <div className="flex items-baseline justify-between">
        <h3 className="font-semibold first-letter:uppercase">{zone.words}</h3>
        <span className="text-sm text-soft">{zone.stations} shares</span>
      </div>
      <p className="flex items-baseline gap-2">
        <strong className="text-2xl leading-none whitespace-nowrap">
          {lengths.say(zone.spacingMm)}
        </strong>
        <span className="text-sm text-soft">apart, {lengths.say(zone.clearMm)} clear</span>
      </p>
      <div className="mt-1 flex items-center gap-1">
        <IconKey words={`hook the ${zone.words} wider`} onPress={() => set(closer / STEP)}>
          <Minus size={14} />
        </IconKey>
        <IconKey words={`hook the ${zone.words} closer`} onPress={() => set(closer * STEP)}>
          <Plus size={14} />
        </IconKey>
        <ShareChoice zone={zone} />
        {!isUsual && (
          <IconKey
            words={`hook the ${zone.words} as usual`}
            onPress={() =>
              change(`zone ${zone.zone}`, (b) =>
                withZone(b, zone.zone, { closer: 1, shareParts: null }),
              )
            }
          >
            <RotateCcw size={14} />
          </IconKey>
        )}
      </div>
      {error && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {error}
        </p>
      )}
    </section>
  );
}

function ShareChoice({ zone }: { zone: ZoneView }) {
  const change = useBench((b) => b.change);
  return (
    <select
      aria-label={`Share at the ${zone.words}`}
      className={`${CONTROL} w-0 min-w-0 grow`}
      value={zone.shareParts}
      onChange={(e) =>
        change(`share ${zone.zone}`, (b) =>
          withZone(b, zone.zone, { shareParts: Number(e.target.value) }),
        )
      }
    >
      {zone.shares.map((s) => (
        <option key={s.parts} value={s.parts}>
          {s.words}, {minutes(s.minutes.likely)}
        </option>
      ))}
      {!zone.shares.some((s) => s.parts === zone.shareParts) && (
        <option value={zone.shareParts}>{zone.shareWords}</option>
      )}
    </select>
  );
}

function PartEntry({ plan, number, part }: { plan: Plan; number: number; part: number }) {
  const closer = useBench((b) => b.brief.hooking.parts.find((p) => p.part === part)?.closer ?? 1);
  const change = useBench((b) => b.change);
  const { min, max } = useWords().limits.closer;
  const set = (to: number) =>
    change(`beside part ${part}`, (b) =>
      withHooking(b, {
        parts: [
          ...b.hooking.parts.filter((p) => p.part !== part),
          { part, closer: Math.max(min, Math.min(max, Number(to.toFixed(3)))) },
        ],
      }),
    );
  const beside = plan.stations.filter((s) => kindOf(plan, s).role === 'PART').length;
  return (
    <section aria-label={`Beside part ${number}`} className="border-b border-line pb-2">
      <div className="flex items-center gap-2">
        <span className="grow">
          <span className="font-semibold">Beside part {number}</span>
          <span className="block text-xs text-soft">
            almost touching, small shares; {beside} beside all parts
          </span>
        </span>
        <strong className="whitespace-nowrap">{Math.round(closer * 100)} %</strong>
        <IconKey words={`hook beside part ${number} wider`} onPress={() => set(closer / STEP)}>
          <Minus size={14} />
        </IconKey>
        <IconKey words={`hook beside part ${number} closer`} onPress={() => set(closer * STEP)}>
          <Plus size={14} />
        </IconKey>
      </div>
    </section>
  );
}

function IconKey(props: { words: string; onPress: () => void; children: React.ReactNode }) {
  return (
    <Button aria-label={props.words} title={props.words} onClick={props.onPress} className="px-2">
      {props.children}
    </Button>
  );
}
