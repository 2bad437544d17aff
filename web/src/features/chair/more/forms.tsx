import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useSpelt } from '../../../ui/prefs';
import { parseAmount } from '../../../lib/amount';
import { hairLinesQuery } from '../../../api/queries';
import type { VisitEvent, SheetShare, WorkSheet } from '../../../api/types';
import { isHooked, isToDo, type WorkState } from '../visit/fold';
import { useWords, wordOf } from '../../../words';
import { Big } from './Big';

interface FormProps {
  sheet: WorkSheet;
  state: WorkState;
  done: (...events: VisitEvent[]) => void;
}

const INPUT = 'h-12 w-full rounded-md border border-edge bg-ground px-3 text-base';

function Keep({ onClick, isOff = false }: { onClick: () => void; isOff?: boolean }) {
  return (
    <Big
      disabled={isOff}
      onClick={onClick}
      className="justify-center border-thread-deep bg-thread font-semibold text-[#11201a]"
    >
      Put it down
    </Big>
  );
}

function Choice<T extends string | number>({
  label,
  value,
  options,
  onChoose,
}: {
  label: string;
  value: T | undefined;
  options: { value: T; words: string }[];
  onChoose: (v: T | undefined) => void;
}) {
  return (
    <fieldset className="flex flex-wrap gap-1.5">
      <legend className="mb-1 text-sm text-soft">{label}</legend>
      {options.map((o) => (
        <Big
          key={o.value}
          aria-pressed={o.value === value}
          onClick={() => onChoose(o.value === value ? undefined : o.value)}
        >
          {o.words}
        </Big>
      ))}
    </fieldset>
  );
}

const PASSES = [1, 2, 3, 4, 5, 6];

/** Knot, passes or share changed from the next share on. */
export function HereOnForm({ state, done }: FormProps) {
  const { knots, shares } = useWords();
  const [knot, setKnot] = useState<SheetShare['knot']>();
  const [passes, setPasses] = useState<number>();
  const [parts, setParts] = useState<number>();
  const next = [...state.shares.values()].find(isToDo)?.as;
  if (!next) return <p>Nothing is left to be hooked.</p>;
  return (
    <>
      <p>
        What is left is hooked as planned: next {wordOf(shares, next.shareParts)}, {next.passes}{' '}
        {next.passes === 1 ? 'pass' : 'passes'}.
      </p>
      <Choice label="Knot" value={knot} options={knots} onChoose={setKnot} />
      <Choice
        label="Passes"
        value={passes}
        options={PASSES.map((n) => ({ value: n, words: String(n) }))}
        onChoose={setPasses}
      />
      <Choice label="Share" value={parts} options={shares} onChoose={setParts} />
      <Keep
        isOff={knot === undefined && passes === undefined && parts === undefined}
        onClick={() =>
          done({
            kind: 'FROM_HERE_ON',
            from: next.ref,
            knot: knot ?? null,
            passes: passes ?? null,
            size: parts ?? null,
          })
        }
      />
    </>
  );
}

/** One of the shares that are in; the last ones first. */
export function PickShare({ state, done }: FormProps) {
  const last = [...state.shares.values()].filter(isHooked).reverse();
  return (
    <div className="flex flex-col gap-1.5">
      {last.map((w) => (
        <Big key={w.as.ref} onClick={() => done({ kind: 'SHARE_SLIPPED', share: w.as.ref })}>
          Share {w.as.ref}, row {w.as.row}
        </Big>
      ))}
    </div>
  );
}

/** Which hair, where there is more than one. */
function Supply({
  sheet,
  value,
  onChoose,
}: {
  sheet: WorkSheet;
  value: number;
  onChoose: (k: number) => void;
}) {
  if (sheet.supplies.length === 1) return <p>{sheet.supplies[0]?.hair.name}</p>;
  return (
    <Choice
      label="Which hair"
      value={value}
      options={sheet.supplies.map((s, k) => ({ value: k, words: `${s.hair.name}, ${s.colour}` }))}
      onChoose={(k) => onChoose(k ?? value)}
    />
  );
}

/** A figure as it was typed; undefined if it cannot be one, with what is wrong. */
function figureOf(text: string, isWhole: boolean): { figure?: number; problem?: string } {
  const n = parseAmount(text);
  if (n === null) return {};
  if (n === undefined) return { problem: 'Write a number.' };
  if (n < 0 || n > 2000) return { problem: 'Between 0 and 2000 loops.' };
  if (isWhole && !Number.isInteger(n)) return { problem: 'A bundle holds whole loops.' };
  return { figure: n };
}

function Figure({
  label,
  text,
  onType,
  problem,
  hint,
}: {
  label: string;
  text: string;
  onType: (t: string) => void;
  problem: string | undefined;
  hint?: string;
}) {
  return (
    <label className="block">
      <span className="text-sm text-soft">{label}</span>
      <input
        inputMode="decimal"
        value={text}
        placeholder={hint}
        aria-invalid={problem !== undefined}
        onChange={(e) => onType(e.target.value)}
        className={INPUT}
      />
      {problem && (
        <span role="alert" className="text-chalk">
          {problem}
        </span>
      )}
    </label>
  );
}

/** A bundle with its lot, and its loops where the pack does not say. */
export function OpenedForm({ sheet, done }: FormProps) {
  const [supply, setSupply] = useState(0);
  const [lot, setLot] = useState('');
  const [loops, setLoops] = useState('');
  const { figure, problem } = figureOf(loops, true);
  return (
    <>
      <Supply sheet={sheet} value={supply} onChoose={setSupply} />
      <Written label="Lot, if the pack says one" text={lot} longest={80} onType={setLot} />
      <Figure
        label="Loops, if you counted them"
        text={loops}
        onType={setLoops}
        problem={problem}
        hint={`${sheet.supplies[supply]?.hair.loopsPerBundle ?? ''} by the pack`}
      />
      <Keep
        isOff={problem !== undefined}
        onClick={() =>
          done({ kind: 'BUNDLE_OPENED', supply, lot: lot.trim(), loops: figure ?? null })
        }
      />
    </>
  );
}

/** What is left of the open bundles, so that the forecast knows what was really used. */
export function CountForm({ sheet, state, done }: FormProps) {
  const [supply, setSupply] = useState(0);
  const [loops, setLoops] = useState('');
  const { figure, problem } = figureOf(loops, false);
  const opened = state.counted.get(supply)?.openedLoops ?? 0;
  const tooMany =
    figure !== undefined && figure > opened
      ? `Only ${opened} loops were opened. Put down the bundle first.`
      : undefined;
  return (
    <>
      <Supply sheet={sheet} value={supply} onChoose={setSupply} />
      <Figure
        label="Loops left over, halves too"
        text={loops}
        onType={setLoops}
        problem={problem ?? tooMany}
      />
      <Keep
        isOff={figure === undefined || tooMany !== undefined}
        onClick={() => done({ kind: 'REST_COUNTED', supply, loops: figure ?? 0 })}
      />
    </>
  );
}

/** Another line or colour in the place of one that was planned: one of the shelf's by a touch, any other by its name. */
export function OtherHairForm({ sheet, done }: FormProps) {
  const shelf = useQuery(hairLinesQuery()).data ?? [];
  const [supply, setSupply] = useState(0);
  const [lineId, setLineId] = useState<string>();
  const [typed, setTyped] = useState('');
  const [colour, setColour] = useState('');
  const spelt = useSpelt();
  const line = shelf.find((l) => l.id === lineId);
  const choose = (id: string | undefined) => {
    setLineId(id);
    setColour('');
  };
  return (
    <>
      <Supply sheet={sheet} value={supply} onChoose={setSupply} />
      {shelf.length > 0 && (
        <Choice
          label="Line, from the shelf"
          value={lineId}
          options={shelf.map((l) => ({ value: l.id, words: l.name }))}
          onChoose={choose}
        />
      )}
      {line ? (
        <Choice
          label={spelt('Colour')}
          value={colour}
          options={line.colours.map((c) => ({ value: c, words: c }))}
          onChoose={(c) => setColour(c ?? '')}
        />
      ) : (
        <>
          <Written label="Another line" text={typed} longest={80} onType={setTyped} />
          <Written label={spelt('Colour')} text={colour} longest={80} onType={setColour} />
        </>
      )}
      <Keep
        isOff={!line && typed.trim() === '' && colour.trim() === ''}
        onClick={() =>
          done({
            kind: 'REPLACED',
            supply,
            id: line?.id ?? null,
            line: line?.name ?? (typed.trim() || (sheet.supplies[supply]?.hair.name ?? '')),
            colour: colour.trim(),
            bundle: line?.loopsPerBundle ?? null,
          })
        }
      />
    </>
  );
}

export function NoteForm({ done }: FormProps) {
  const [text, setText] = useState('');
  return (
    <>
      <label className="block">
        <span className="sr-only">Note</span>
        <textarea
          value={text}
          maxLength={1000}
          rows={5}
          onChange={(e) => setText(e.target.value)}
          className="w-full rounded-md border border-edge bg-ground p-3 text-base"
        />
      </label>
      <Keep
        isOff={text.trim() === ''}
        onClick={() => done({ kind: 'NOTED', words: text.trim() })}
      />
    </>
  );
}

function Written({
  label,
  text,
  longest,
  onType,
}: {
  label: string;
  text: string;
  longest: number;
  onType: (t: string) => void;
}): ReactNode {
  return (
    <label className="block">
      <span className="text-sm text-soft">{label}</span>
      <input
        value={text}
        maxLength={longest}
        onChange={(e) => onType(e.target.value)}
        className={INPUT}
      />
    </label>
  );
}
