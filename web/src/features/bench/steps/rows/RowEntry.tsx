import { useWords } from '../../../../words';
import { ArrowLeft, ArrowRight, Combine, Repeat2, Scissors, Split, Undo } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Plan, PlanRow, TailEnd } from '../../../../api/types';
import { plural } from '../../../../lib/time';
import { Button } from '../../../../ui/Button';
import { Choice } from '../../../../ui/Field';
import { Switch } from '../../../../ui/Switch';
import { useLengths } from '../../../../ui/prefs';
import {
  joining,
  movedBy,
  withEdit,
  withFoundation,
  withJoin,
  withMoveTo,
  withoutTail,
  withTail,
  type RowDone,
} from '../../draft/edits/foundationEdits';
import { useBench, useComputed } from '../../draft/useBench';
import { useSaid } from '../../draft/useSaid';

const MOVE_MM = 3;
const WIDER = 1.2;
const NARROWER = 1 / WIDER;
const EARLIER = 0.75;
const PERCENT = 100;

/** The row in her hand: moved, resized, turned, parted, and where its tail goes. */
export function RowEntry() {
  const { plan } = useComputed();
  const heldRow = useBench((b) => b.heldRow);
  const edits = useBench((b) => b.brief.foundation.edits.length);
  const change = useBench((b) => b.change);
  const row = plan?.rows.find((r) => r.id === heldRow);
  return (
    <>
      {plan && row ? (
        <HeldRow plan={plan} row={row} />
      ) : (
        <p className="text-sm text-soft">Touch a row on the map to take it in hand.</p>
      )}
      {edits > 0 && (
        <Button
          onClick={() => change('all edits', (b) => withFoundation(b, { edits: [] }))}
          className="self-start"
        >
          <Undo size={14} aria-hidden /> Undo {plural(edits, 'change')} to single rows
        </Button>
      )}
    </>
  );
}

function HeldRow({ plan, row }: { plan: Plan; row: PlanRow }) {
  const change = useBench((b) => b.change);
  const lengths = useLengths();
  const { limits } = useWords();
  const said = useSaid();
  const edit = (done: RowDone) =>
    change(`edit ${done.kind} ${row.id}`, (b) => withEdit(b, row.id, done));
  const move = (mm: number) =>
    change(`move ${row.id}`, (b) => withMoveTo(b, row.id, movedBy(b, row.id) + mm, limits.moveMm));
  const isLevel = row.section === 'LEVEL';
  return (
    <>
      <div>
        <h3 className="text-lg leading-tight font-semibold first-letter:uppercase">{row.words}</h3>
        <p className="text-sm text-soft">
          {lengths.say(row.lengthMm)} long, from a strip {lengths.say(row.stripWidthMm)} wide;
          starts {lengths.sentence(row.place)}
        </p>
      </div>
      <div className="grid grid-cols-2 gap-1">
        <Key words={isLevel ? 'up' : said('to her left')} onPress={() => move(-MOVE_MM)}>
          <ArrowLeft size={14} aria-hidden />
        </Key>
        <Key words={isLevel ? 'down' : said('to her right')} onPress={() => move(MOVE_MM)}>
          <ArrowRight size={14} aria-hidden />
        </Key>
        <Key words="wider" onPress={() => edit({ kind: 'RESIZE', factor: WIDER })} />
        <Key words="narrower" onPress={() => edit({ kind: 'RESIZE', factor: NARROWER })} />
        <Key words="other way" onPress={() => edit({ kind: 'REVERSE' })}>
          <Repeat2 size={14} aria-hidden />
        </Key>
        <Key words="end earlier" onPress={() => edit({ kind: 'END_EARLIER', endsAt: EARLIER })}>
          <Scissors size={14} aria-hidden />
        </Key>
        <Key words="part in two" onPress={() => edit({ kind: 'SPLIT' })}>
          <Split size={14} aria-hidden />
        </Key>
        <Key words="join the next" onPress={() => edit({ kind: 'JOIN_NEXT' })}>
          <Combine size={14} aria-hidden />
        </Key>
      </div>
      {row.section === 'BACK' && (
        <Key words="leave it out" onPress={() => edit({ kind: 'LEAVE_OUT' })} />
      )}
      {row.joins === null ? (
        <TailEntry plan={plan} row={row} />
      ) : (
        <JoinEntry plan={plan} row={row} />
      )}
    </>
  );
}

/** Which row behind a front row becomes part of. */
function JoinEntry({ plan, row }: { plan: Plan; row: PlanRow }) {
  const change = useBench((b) => b.change);
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  const joins = useBench((b) => b.brief.foundation.joins);
  const behind = plan.rows.filter((r) => r.section === 'BACK').map((r) => r.id);
  const isPicking = tool?.kind === 'join' && tool.row === row.id;
  if (!row.joins || !behind.includes(row.joins)) return null;
  return (
    <section aria-label="Where it joins" className="flex flex-col gap-2 border-t border-line pt-3">
      <h3 className="font-semibold">It joins row behind</h3>
      <Switch
        label="It joins"
        value={row.joins}
        options={behind.map((id) => ({ value: id, words: id.replace(/^[A-Z]+/, '') }))}
        onChoose={(into) =>
          change(`join ${row.id}`, (b) => withJoin(b, joining(plan), behind, row.id, into))
        }
      />
      <Button
        look={isPicking ? 'main' : 'plain'}
        aria-pressed={isPicking}
        onClick={() => take(isPicking ? undefined : { kind: 'join', row: row.id })}
      >
        {isPicking ? 'Now touch the row behind' : 'Choose it on the map'}
      </Button>
      {joins.length > 0 && (
        <Button
          look="quiet"
          onClick={() => change('joins', (b) => withFoundation(b, { joins: [] }))}
        >
          join as usual
        </Button>
      )}
    </section>
  );
}

function Key(props: { words: string; onPress: () => void; children?: ReactNode }) {
  return (
    <Button onClick={props.onPress}>
      {props.children} {props.words}
    </Button>
  );
}

function TailEntry({ plan, row }: { plan: Plan; row: PlanRow }) {
  const change = useBench((b) => b.change);
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  const { tailsSecured } = useWords();
  const choices = useBench((b) => b.brief.foundation.tails);
  const { problem } = useComputed();
  const tail = plan.tails.find((t) => t.row === row.id);
  const chosen = choices.findIndex((t) => t.row === row.id);
  const choice = chosen >= 0 ? choices[chosen] : undefined;
  const isPicking = tool?.kind === 'tail' && tool.row === row.id;
  const send = (end: TailEnd, into: string | null) =>
    change(`tail ${row.id}`, (b) => withTail(b, row.id, end, into));
  const error = problem?.at(`foundation.tails[${chosen}].into`)?.message;
  return (
    <section aria-label="Its tail" className="flex flex-col gap-2 border-t border-line pt-3">
      <h3 className="font-semibold">Its tail</h3>
      {tail && (
        <p className="text-sm">
          {tail.endWords}
          {tail.into && <strong> {plan.rows.find((r) => r.id === tail.into)?.words}</strong>}
          {tail.into && `, ${tail.bulk.toFixed(1)} times as thick there`}
          <span className="text-soft">
            {tail.origin === 'CHOSEN'
              ? ' (your choice)'
              : tail.origin === 'PATTERN'
                ? ' (by the pattern)'
                : ' (suggested)'}
          </span>
        </p>
      )}
      <Button
        look={isPicking ? 'main' : 'plain'}
        aria-pressed={isPicking}
        onClick={() => take(isPicking ? undefined : { kind: 'tail', row: row.id, end: 'FED' })}
      >
        {isPicking ? 'Now touch the row that takes it' : 'Feed it into a row on the map'}
      </Button>
      <Choice
        label="or into"
        value={choice?.into ?? ''}
        options={[
          { value: '', words: 'where it is suggested' },
          ...plan.rows
            .filter((r) => r.id !== row.id && r.takesTail !== null)
            .map((r) => ({ value: r.id, words: r.words })),
        ]}
        onChoose={(into) =>
          into === ''
            ? change(`tail ${row.id}`, (b) => withoutTail(b, row.id))
            : send(plan.rows.find((r) => r.id === into)?.takesTail ?? 'FED', into)
        }
        error={error}
      />
      {choice?.into && (
        <label className="flex items-center justify-between gap-3 text-sm">
          enters along
          <span className="flex items-center gap-2">
            <input
              type="range"
              min={0}
              max={100}
              step={5}
              value={Math.round(choice.at * PERCENT)}
              onChange={(e) =>
                change(`tail at ${row.id}`, (b) =>
                  withTail(
                    b,
                    row.id,
                    choice.end ?? 'FED',
                    choice.into,
                    Number(e.target.value) / PERCENT,
                  ),
                )
              }
              className="w-28 accent-thread"
            />
            <span className="w-10 text-right font-semibold">
              {Math.round(choice.at * PERCENT)}%
            </span>
          </span>
        </label>
      )}
      <div className="flex flex-wrap gap-1" role="group" aria-label="Secure it">
        {tailsSecured.map((s) => (
          <Button
            key={s.value}
            aria-pressed={choice?.end === s.value}
            look={choice?.end === s.value ? 'main' : 'plain'}
            onClick={() => send(s.value, null)}
          >
            {s.words}
          </Button>
        ))}
        {choice && (
          <Button
            look="quiet"
            onClick={() => change(`tail ${row.id}`, (b) => withoutTail(b, row.id))}
          >
            as suggested
          </Button>
        )}
      </div>
    </section>
  );
}
