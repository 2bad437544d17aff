import { ArrowLeft, ArrowRight, Plus, Trash2, Undo } from 'lucide-react';
import type { Plan, PlanStation, StationEdit, StationKind } from '../../../../api/types';
import { plural } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { Choice } from '../../../../ui/Field';
import { useLengths } from '../../../../ui/prefs';
import { kindOf } from '../../../../viz/beads';
import { hookingOf, withHooking, withStationEdit } from '../../hookingEdits';
import { useBench, useComputed } from '../../useBench';
import { ByMethod } from './ByMethod';

const MOVE_MM = 4;

/** In the order in which the core numbers them. */
const KNOTS = ['REGULAR', 'INVISIBLE', 'DOUBLE_ENTRY', 'TWIST_FIRST', 'BEAD'] as const;
const KNOT_WORDS: Record<StationKind['knot'], string> = {
  REGULAR: 'regular',
  INVISIBLE: 'invisible, one leg',
  DOUBLE_ENTRY: 'double-entry',
  TWIST_FIRST: 'twist-first',
  BEAD: 'bead',
};
/** Of a single leg a third to a half goes through. */
const LEG_PERCENTS = [33, 40, 50];

const HOLDS = [
  'turn the last pass round a finger',
  'tie a sliver of each leg over the knot',
  'comb down on the knot',
  'carry the hidden leg back under the row',
];

/** One share, in hand: how it holds and why, and what can be changed about it. */
export function StationTab() {
  const { plan } = useComputed();
  const held = useBench((b) => b.pickedStation);
  const edits = useBench((b) => hookingOf(b.brief).edits?.length ?? 0);
  const change = useBench((b) => b.change);
  const station = plan?.stations.find((s) => s.id === held);
  return (
    <>
      {plan && station ? (
        <HeldStation plan={plan} station={station} />
      ) : (
        <p className="text-sm text-soft">Touch a share on the map to take it in hand.</p>
      )}
      {edits > 0 && (
        <Button
          className="self-start"
          onClick={() => change('all station edits', (b) => withHooking(b, { edits: [] }))}
        >
          <Undo size={14} aria-hidden /> Undo {plural(edits, 'change')} to single shares
        </Button>
      )}
    </>
  );
}

function HeldStation({ plan, station }: { plan: Plan; station: PlanStation }) {
  const change = useBench((b) => b.change);
  const lengths = useLengths();
  const kind = kindOf(plan, station);
  const { hold } = kind;
  const edit = (kind: NonNullable<StationEdit['kind']>, amount: number) =>
    change(`station ${station.row} ${kind} ${amount}`, (b) =>
      withStationEdit(b, station, kind, amount),
    );
  return (
    <>
      <div>
        <h3 className="text-lg leading-tight font-semibold">
          {plan.rows.find((r) => r.id === station.row)?.words}, share {station.id.split('/')[1]}
        </h3>
        <p className="text-sm text-soft">
          {kind.roleWords}; {lengths.say(station.alongMm)} from the start
          {station.byHand ? '; changed by hand' : ''}
        </p>
      </div>
      <p className="text-sm">
        Hook in <strong>{kind.bearingWords}</strong>{' '}
        <span className="text-soft">({kind.bearingWhy})</span>
      </p>
      {!station.byHand && <ByMethod fields={kind.decidedBy} />}
      <section aria-label="How it holds" className="rounded-md border border-line p-2">
        <p className="flex items-baseline justify-between">
          <span className="text-sm text-soft">holds</span>
          <strong className={`text-2xl leading-none ${hold.lasts ? '' : 'text-chalk'}`}>
            {hold.lasts ? '' : '▲ '}
            {Math.round(hold.score * 100)} %
          </strong>
        </p>
        <ul className="mt-1 text-sm">
          {hold.factors.map((f) => (
            <li key={f.words} className="flex justify-between">
              <span>{f.words}</span>
              <span className="text-soft">× {f.factor.toFixed(2)}</span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-xs text-soft">100 % just lasts until takedown. An estimate.</p>
      </section>
      <Choice
        label="Share"
        value={String(kind.shareParts)}
        options={Array.from({ length: plan.limits.mostShareParts }, (_, i) => ({
          value: String(i + 1),
          words: i === 0 ? 'whole loop' : `1/${i + 1} of a loop`,
        }))}
        onChoose={(parts) => edit('SHARE', Number(parts))}
      />
      <Choice
        label="Knot"
        value={kind.knot}
        options={KNOTS.map((k) => ({ value: k, words: KNOT_WORDS[k] }))}
        onChoose={(k) => edit('KNOT', KNOTS.indexOf(k))}
      />
      <Choice
        label="Passes"
        value={String(kind.passes)}
        options={Array.from({ length: plan.limits.mostPasses }, (_, i) => ({
          value: String(i + 1),
          words: String(i + 1),
        }))}
        onChoose={(n) => edit('PASSES', Number(n))}
      />
      {kind.knot === 'INVISIBLE' && (
        <Choice
          label="Of the fibre goes through"
          value={String(kind.legPercent)}
          options={[...new Set([...LEG_PERCENTS, kind.legPercent])]
            .sort((a, b) => a - b)
            .map((p) => ({ value: String(p), words: `${p} %, the rest laid over the knot` }))}
          onChoose={(percent) => edit('LEG', Number(percent))}
        />
      )}
      <Choice
        label="Extra hold"
        value=""
        options={[
          { value: '', words: kind.extraHolds[0] ?? 'none' },
          ...HOLDS.map((words, i) => ({ value: String(i), words })),
        ]}
        onChoose={(i) => i !== '' && edit('HOLD', Number(i))}
      />
      <div className="grid grid-cols-2 gap-1">
        <Button onClick={() => edit('MOVE', -MOVE_MM)}>
          <ArrowLeft size={14} aria-hidden /> nearer the start
        </Button>
        <Button onClick={() => edit('MOVE', MOVE_MM)}>
          <ArrowRight size={14} aria-hidden /> nearer the end
        </Button>
        <Button onClick={() => change('add share', (b) => added(b, station, kind.shareParts))}>
          <Plus size={14} aria-hidden /> one more beside it
        </Button>
        <Button onClick={() => edit('REMOVE', 0)}>
          <Trash2 size={14} aria-hidden /> take it out
        </Button>
      </div>
    </>
  );
}

const BESIDE = 0.03;

const added = (brief: Parameters<typeof withStationEdit>[0], s: PlanStation, parts: number) =>
  withStationEdit(brief, { ...s, at: Math.min(1, s.at + BESIDE) }, 'ADD', parts);
