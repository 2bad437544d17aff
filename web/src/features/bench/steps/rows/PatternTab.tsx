import type { Family } from '../../../../api/types';
import { Counter } from '../../../../ui/Counter';
import { Dial } from '../../../../ui/Dial';
import { Switch } from '../../../../ui/Switch';
import { Tick } from '../../../../ui/Tick';
import { FamilySign } from '../../../../viz/FamilySign';
import { backOf, withBack, withFoundation } from '../../foundationEdits';
import { BenchLength } from '../../BenchLength';
import { useBench, useComputed, useFieldError } from '../../useBench';
import { Patterns } from './Patterns';

const FAMILIES: { value: Family; words: string; good: string }[] = [
  { value: 'STRAIGHT', words: 'straight back', good: 'Quick, and several parts are possible.' },
  {
    value: 'SWITCHBACK',
    words: 'switchback',
    good: 'The flattest back, no hump at the nape; can be done on oneself.',
  },
  {
    value: 'CROSS_TIED',
    words: 'cross-tied',
    good: 'Left, right and middle parts, and it relieves the nape; the cross needs fill.',
  },
  {
    value: 'SPIRAL',
    words: 'spiral',
    good: 'Flat, one tail; few parts, and hard on oneself.',
  },
  {
    value: 'CAPPED',
    words: 'cap-backed',
    good: 'For very short hair; the mesh carries the back and can come off.',
  },
  {
    value: 'WEFTED',
    words: 'weft-backed',
    good: 'Very full and quick behind; heavy, and the line to the front wants care.',
  },
];

const TAILS = [
  { value: 'THREADED', words: 'threaded' },
  { value: 'COLLECTED', words: 'collected' },
] as const;

const SIDES = [
  { value: 'left', words: 'her left' },
  { value: 'right', words: 'her right' },
] as const;

const NO_OVERLAYS: number[] = [];
const FIRST_OVERLAY_MM = 30;
const NEXT_OVERLAY_MM = 34;

/** Which pattern is braided, with its few figures. */
export function PatternTab() {
  const { plan } = useComputed();
  const foundation = useBench((b) => b.brief.foundation);
  const back = useBench((b) => backOf(b.brief));
  const change = useBench((b) => b.change);
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const familyError = useFieldError('foundation.back.family');
  const frontError = useFieldError('foundation.frontRows');
  const backError = useFieldError('foundation.backRows');
  const family = back.family ?? 'STRAIGHT';
  if (!plan) return null;
  const { limits, ledger } = plan;
  const front = foundation.frontRows ?? limits.frontRows.min;
  const behind = Math.min(foundation.backRows ?? limits.backRows.min, front);
  const setRows = (which: 'frontRows' | 'backRows', n: number) =>
    change(which, (b) => {
      const rows = { ...b.foundation, [which]: n };
      // Rows only ever join: there are never more behind than in front.
      return withFoundation(b, {
        ...rows,
        backRows: Math.min(rows.backRows ?? n, rows.frontRows ?? n),
      });
    });

  return (
    <>
      <div role="radiogroup" aria-label="Pattern" className="grid grid-cols-3 gap-1">
        {FAMILIES.map((f) => (
          <button
            key={f.value}
            type="button"
            role="radio"
            aria-checked={family === f.value}
            onClick={() => change('family', (b) => withBack(b, { family: f.value }))}
            className="flex flex-col items-center gap-0.5 rounded-md border border-line p-1 text-sm leading-tight hover:bg-well aria-checked:border-2 aria-checked:border-thread-deep aria-checked:font-semibold"
          >
            <FamilySign family={f.value} />
            {f.words}
          </button>
        ))}
      </div>
      <p className="text-sm text-soft">{FAMILIES.find((f) => f.value === family)?.good}</p>
      {familyError && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {familyError}
        </p>
      )}
      {family !== 'SPIRAL' && (
        <Dial
          label="Rows in front"
          value={front}
          min={limits.frontRows.min}
          max={limits.frontRows.max}
          step={1}
          figure={String(front)}
          onChange={(n) => setRows('frontRows', n)}
          onTake={() => hold(ledger)}
          onLetGo={letGo}
          error={frontError}
        />
      )}
      {(family === 'STRAIGHT' || family === 'CAPPED') && (
        <Dial
          label="Rows behind"
          value={behind}
          min={limits.backRows.min}
          max={front}
          step={1}
          figure={String(behind)}
          onChange={(n) => setRows('backRows', n)}
          onTake={() => hold(ledger)}
          onLetGo={letGo}
          error={backError}
        />
      )}
      {(family === 'SWITCHBACK' || family === 'WEFTED') && (
        <Counter
          label={family === 'WEFTED' ? 'Weft rows' : 'Passes'}
          value={back.levels ?? 4}
          min={limits.levels.min}
          max={limits.levels.max}
          onChange={(levels) => change('levels', (b) => withBack(b, { levels }))}
        />
      )}
      {family === 'SWITCHBACK' && (
        <>
          <Row words="first pass starts on">
            <Switch
              label="First pass starts on"
              value={back.startsOnRight === false ? 'left' : 'right'}
              options={SIDES}
              onChoose={(s) =>
                change('first pass', (b) => withBack(b, { startsOnRight: s === 'right' }))
              }
            />
          </Row>
          <Row words="front tails are">
            <Switch
              label="Front tails are"
              value={back.frontTails ?? 'THREADED'}
              options={TAILS}
              onChoose={(frontTails) => change('front tails', (b) => withBack(b, { frontTails }))}
            />
          </Row>
        </>
      )}
      {family === 'SPIRAL' && (
        <BenchLength
          label="From turn to turn"
          path="foundation.back.pitchMm"
          value={back.pitchMm ?? 20}
          onChange={(b, pitchMm) => withBack(b, { pitchMm })}
        />
      )}
      {family === 'CAPPED' && (
        <>
          <BenchLength
            label="Cap begins behind the line"
            path="foundation.back.capEdgeMm"
            value={back.capEdgeMm ?? 20}
            onChange={(b, capEdgeMm) => withBack(b, { capEdgeMm })}
          />
          <Tick
            words="wide holes, for thicker shares"
            isOn={back.isWideMesh ?? false}
            onChange={(isWideMesh) => change('mesh', (b) => withBack(b, { isWideMesh }))}
          />
          <Tick
            words="hooked off the head, before she comes"
            isOn={back.isHookedOff ?? false}
            onChange={(isHookedOff) => change('hooked off', (b) => withBack(b, { isHookedOff }))}
          />
        </>
      )}
      {family === 'WEFTED' && (
        <Tick
          words="wefts doubled"
          isOn={back.isDoubled ?? true}
          onChange={(isDoubled) => change('doubled', (b) => withBack(b, { isDoubled }))}
        />
      )}
      {family !== 'SPIRAL' && <Overlays />}
      <Tick
        words="feed a little fibre into the rows"
        isOn={foundation.feedsFibre ?? false}
        onChange={(feedsFibre) => change('fibre', (b) => withFoundation(b, { feedsFibre }))}
      />
      <Tick
        words="sew mesh where rows cross or end"
        isOn={foundation.meshesGaps ?? false}
        onChange={(meshesGaps) => change('mesh gaps', (b) => withFoundation(b, { meshesGaps }))}
      />
      <Patterns />
    </>
  );
}

function Row(props: { words: string; children: React.ReactNode }) {
  return (
    <div className="flex items-center justify-between gap-2">
      <span className="text-sm">{props.words}</span>
      {props.children}
    </div>
  );
}

/** Crosswise rows at the crown, over the ends of those that run front to back. */
function Overlays() {
  const overlays = useBench((b) => b.brief.foundation.overlaysMm) ?? NO_OVERLAYS;
  const change = useBench((b) => b.change);
  const setCount = (n: number) =>
    change('overlays', (b) => {
      const now = b.foundation.overlaysMm ?? [];
      const next = now.length === 0 ? FIRST_OVERLAY_MM : (now.at(-1) ?? 0) + NEXT_OVERLAY_MM;
      return withFoundation(b, { overlaysMm: n < now.length ? now.slice(0, n) : [...now, next] });
    });
  return (
    <>
      <Counter label="Overlay rows" value={overlays.length} min={0} max={2} onChange={setCount} />
      {overlays.map((mm, i) => (
        <BenchLength
          key={i}
          label={
            overlays.length > 1
              ? `Overlay ${i + 1} behind the ear line`
              : 'Overlay behind the ear line'
          }
          path={`foundation.overlaysMm[${i}]`}
          value={mm}
          onChange={(b, to) =>
            withFoundation(b, {
              overlaysMm: (b.foundation.overlaysMm ?? []).map((v, k) => (k === i ? (to ?? v) : v)),
            })
          }
        />
      ))}
    </>
  );
}
