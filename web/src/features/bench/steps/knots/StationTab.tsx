import { useWords } from '../../../../words';
import { ArrowLeft, ArrowRight, Link2, Plus, Trash2, Undo } from 'lucide-react';
import type { Plan, PlanStation } from '../../../../api/types';
import { plural } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { Choice } from '../../../../ui/Field';
import { useLengths, useSpelt } from '../../../../ui/prefs';
import { Tick } from '../../../../ui/Tick';
import { kindOf } from '../../../../viz/chart/beads';
import { withHooking, withStationEdit, type StationDone } from '../../draft/edits/hookingEdits';
import { useBench, useComputed } from '../../draft/useBench';
import { ByMethod } from './ByMethod';

const MOVE_MM = 4;

/** One share, in hand: how it holds and why, and what can be changed about it. */
export function StationTab() {
  const { plan } = useComputed();
  const held = useBench((b) => b.pickedStation);
  const edits = useBench((b) => b.brief.hooking.edits.length);
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
  const spelt = useSpelt();
  const kind = kindOf(plan, station);
  const { hold } = kind;
  const words = useWords();
  const goesInWhole = plan.hairs[kind.strand]?.goesInWhole ?? false;
  const knotless = useBench((b) => b.brief.hooking.knotlessRows);
  const edit = (done: StationDone) =>
    change(`station ${station.row} ${JSON.stringify(done)}`, (b) =>
      withStationEdit(b, station, done),
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
        options={words.shares
          .filter((s) => s.value === 1 || !goesInWhole)
          .map((s) => ({ value: String(s.value), words: s.words }))}
        onChoose={(parts) => edit({ kind: 'SHARE', shareParts: Number(parts) })}
      />
      {goesInWhole && (
        <p className="text-xs text-soft">
          This hair comes undone when it is split: it goes in whole.
        </p>
      )}
      <Choice
        label="Knot"
        value={kind.knot}
        options={words.knots}
        onChoose={(knot) => edit({ kind: 'KNOT', knot })}
      />
      {kind.hasPasses && (
        <Choice
          label="Passes"
          value={String(kind.passes)}
          options={Array.from({ length: words.limits.mostPasses }, (_, i) => ({
            value: String(i + 1),
            words: String(i + 1),
          }))}
          onChoose={(n) => edit({ kind: 'PASSES', passes: Number(n) })}
        />
      )}
      {kind.knot === 'INVISIBLE' && (
        <Choice
          label={spelt('Of the fibre goes through')}
          value={String(kind.legPercent)}
          options={[...new Set([...words.legPercents, kind.legPercent])]
            .sort((a, b) => a - b)
            .map((p) => ({ value: String(p), words: `${p} %, the rest laid over the knot` }))}
          onChoose={(percent) => edit({ kind: 'LEG', legPercent: Number(percent) })}
        />
      )}
      <Choice
        label="Extra hold"
        value=""
        options={[{ value: '', words: kind.extraHolds[0] ?? 'none' }, ...words.holds]}
        onChoose={(hold) => hold !== '' && edit({ kind: 'HOLD', hold })}
      />
      <Tick
        words={`all of ${plan.rows.find((r) => r.id === station.row)?.words ?? 'the row'} without knots`}
        isOn={knotless.includes(station.row)}
        onChange={(isOn) =>
          change('row without knots', (b) =>
            withHooking(b, {
              knotlessRows: isOn
                ? [...b.hooking.knotlessRows, station.row]
                : b.hooking.knotlessRows.filter((r) => r !== station.row),
            }),
          )
        }
      />
      <div className="grid grid-cols-2 gap-1">
        <Button onClick={() => edit({ kind: 'MOVE', moveMm: -MOVE_MM })}>
          <ArrowLeft size={14} aria-hidden /> nearer the start
        </Button>
        <Button onClick={() => edit({ kind: 'MOVE', moveMm: MOVE_MM })}>
          <ArrowRight size={14} aria-hidden /> nearer the end
        </Button>
        <Button onClick={() => change('add share', (b) => added(b, station, kind.shareParts))}>
          <Plus size={14} aria-hidden /> one more beside it
        </Button>
        <Button onClick={() => edit({ kind: 'REMOVE' })}>
          <Trash2 size={14} aria-hidden /> take it out
        </Button>
        <DrawShut plan={plan} station={station} />
      </div>
    </>
  );
}

const BESIDE = 0.03;

const added = (brief: Parameters<typeof withStationEdit>[0], s: PlanStation, parts: number) =>
  withStationEdit(
    brief,
    { row: s.row, at: Math.min(1, s.at + BESIDE) },
    { kind: 'ADD', shareParts: parts },
  );

/** Closes the gap to the next row: a share goes through this knot and the one beyond, and draws both together. */
function DrawShut({ plan, station }: { plan: Plan; station: PlanStation }) {
  const change = useBench((b) => b.change);
  const { beyond, shareParts } = plan.shutting;
  const far = plan.stations[beyond[plan.stations.indexOf(station)] ?? -1];
  if (!far) return null;
  return (
    <Button
      className="col-span-2"
      onClick={() =>
        change('draw shut', (b) =>
          withStationEdit(b, station, {
            kind: 'SHUT',
            shareParts,
            otherRow: far.row,
            otherAt: far.at,
          }),
        )
      }
    >
      <Link2 size={14} aria-hidden /> draw shut toward{' '}
      {plan.rows.find((r) => r.id === far.row)?.words ?? far.row}
    </Button>
  );
}
