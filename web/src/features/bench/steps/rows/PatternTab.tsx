import { useWords } from '../../../../words';
import { Columns3 } from 'lucide-react';
import { Button } from '../../../../ui/Button';
import { Counter } from '../../../../ui/Counter';
import { Dial } from '../../../../ui/Dial';
import { Switch } from '../../../../ui/Switch';
import { Tick } from '../../../../ui/Tick';
import { FamilySign } from '../../../../viz/FamilySign';
import { withBack, withFoundation } from '../../draft/edits/foundationEdits';
import type { Foundation } from '../../../../api/types';
import { plural } from '../../../../lib/time';
import { BenchLength } from '../BenchLength';
import { StepFold } from '../StepFold';
import { useBench, useComputed, useFieldError, useRead } from '../../draft/useBench';
import { useSaid } from '../../draft/useSaid';
import { Patterns } from './Patterns';

const SIDES = ['left', 'right'] as const;

/** Which pattern is braided, with its few figures. */
export function PatternTab() {
  const { plan } = useComputed();
  const foundation = useBench((b) => b.brief.foundation);
  const back = useBench((b) => b.brief.foundation.back);
  const change = useBench((b) => b.change);
  const compare = useBench((b) => b.compare);
  const hold = useBench((b) => b.hold);
  const letGo = useBench((b) => b.letGo);
  const familyError = useFieldError('foundation.back.family');
  const frontError = useFieldError('foundation.frontRows');
  const backError = useFieldError('foundation.backRows');
  const words = useWords();
  const said = useSaid();
  const installer = useBench((b) => b.brief.installer);
  const { limits } = words;
  const family = words.families.find((f) => f.value === back.family);
  const read = useRead();
  if (!plan || !read || !family) return null;
  const { ledger, backRows } = read;
  const front = foundation.frontRows;
  const behind = Math.min(foundation.backRows, backRows.max);
  const setRows = (which: 'frontRows' | 'backRows', n: number) =>
    change(which, (b) => withFoundation(b, { [which]: n }));

  return (
    <>
      <div role="radiogroup" aria-label="Pattern" className="grid grid-cols-3 gap-1">
        {words.families.map((f) => (
          <button
            key={f.value}
            type="button"
            role="radio"
            aria-checked={family.value === f.value}
            onClick={() => change('family', (b) => withBack(b, { family: f.value }))}
            className="flex flex-col items-center gap-0.5 rounded-md border border-line p-1 text-sm leading-tight hover:bg-well aria-checked:border-2 aria-checked:border-thread-deep aria-checked:font-semibold"
          >
            <FamilySign family={f.value} />
            {f.words}
          </button>
        ))}
      </div>
      <p className="text-sm text-soft">{family.goodFor}</p>
      {familyError && (
        <p role="alert" className="text-sm font-medium text-chalk">
          ✕ {familyError}
        </p>
      )}
      {family.hasFront && (
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
      {family.hasRowsBehind && (
        <Dial
          label="Rows behind"
          value={behind}
          min={backRows.min}
          max={backRows.max}
          step={1}
          figure={String(behind)}
          onChange={(n) => setRows('backRows', n)}
          onTake={() => hold(ledger)}
          onLetGo={letGo}
          error={backError}
        />
      )}
      {family.hasLevels && (
        <Counter
          label={family.value === 'WEFTED' ? 'Weft rows' : 'Level rows'}
          value={back.levels}
          min={limits.levels.min}
          max={limits.levels.max}
          onChange={(levels) => change('levels', (b) => withBack(b, { levels }))}
        />
      )}
      <Button onClick={() => compare(true)}>
        <Columns3 size={15} aria-hidden /> Compare foundations
      </Button>
      <StepFold
        id="rows more"
        title="More of the pattern"
        tells={said(moreWords(foundation))}
        fields={['foundation.overlaysMm', 'foundation.back.']}
      >
        {family.value === 'SWITCHBACK' && (
          <>
            <Row words="first level row starts on">
              <Switch
                label="First level row starts on"
                value={back.startsOnRight ? 'right' : 'left'}
                options={SIDES.map((s) => ({ value: s, words: said(`her ${s}`) }))}
                onChoose={(s) =>
                  change('first level row', (b) => withBack(b, { startsOnRight: s === 'right' }))
                }
              />
            </Row>
            <Row words="front tails are">
              <Switch
                label="Front tails are"
                value={back.frontTails}
                options={words.frontTails}
                onChoose={(frontTails) => change('front tails', (b) => withBack(b, { frontTails }))}
              />
            </Row>
          </>
        )}
        {family.value === 'SPIRAL' && (
          <BenchLength
            label="From turn to turn"
            path="foundation.back.pitchMm"
            value={back.pitchMm}
            onChange={(b, mm) => withBack(b, { pitchMm: mm as number })}
          />
        )}
        {family.value === 'CAPPED' && (
          <>
            <BenchLength
              label="Cap begins behind the line"
              path="foundation.back.capEdgeMm"
              value={back.capEdgeMm}
              onChange={(b, mm) => withBack(b, { capEdgeMm: mm as number })}
            />
            <Tick
              words="wide holes, for thicker shares"
              isOn={back.isWideMesh}
              onChange={(isWideMesh) => change('mesh', (b) => withBack(b, { isWideMesh }))}
            />
            <Tick
              words={
                installer === 'SELF'
                  ? 'hooked off the head, beforehand'
                  : said('hooked off the head, before she comes')
              }
              isOn={back.isHookedOff}
              onChange={(isHookedOff) => change('hooked off', (b) => withBack(b, { isHookedOff }))}
            />
            <Tick
              words="on combs, to come off again"
              isOn={back.isOnCombs}
              onChange={(isOnCombs) => change('combs', (b) => withBack(b, { isOnCombs }))}
            />
            <Tick
              words="from the hairline, over the front too"
              isOn={back.coversFront}
              onChange={(coversFront) => change('cap front', (b) => withBack(b, { coversFront }))}
            />
          </>
        )}
        {family.value === 'WEFTED' && (
          <Tick
            words="wefts doubled"
            isOn={back.isDoubled}
            onChange={(isDoubled) => change('doubled', (b) => withBack(b, { isDoubled }))}
          />
        )}
        {family.hasFront && <Overlays />}
        <Tick
          words={said('feed a little fibre into the rows')}
          isOn={foundation.feedsFibre}
          onChange={(feedsFibre) => change('fibre', (b) => withFoundation(b, { feedsFibre }))}
        />
        <Tick
          words="sew mesh where rows cross, end or lie far apart"
          isOn={foundation.meshesGaps}
          onChange={(meshesGaps) => change('mesh gaps', (b) => withFoundation(b, { meshesGaps }))}
        />
      </StepFold>
      <Patterns />
    </>
  );
}

const moreWords = (f: Foundation): string =>
  [
    f.overlaysMm.length > 0 && plural(f.overlaysMm.length, 'overlay'),
    f.feedsFibre && 'fed fibre',
    f.meshesGaps && 'mesh',
  ]
    .filter(Boolean)
    .join(', ') || 'as usual';

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
  const overlays = useBench((b) => b.brief.foundation.overlaysMm);
  const change = useBench((b) => b.change);
  const { limits, overlaysMm } = useWords();
  const setCount = (n: number) =>
    change('overlays', (b) => {
      const now = b.foundation.overlaysMm;
      return withFoundation(b, {
        overlaysMm: [...now, ...overlaysMm.slice(now.length)].slice(0, n),
      });
    });
  return (
    <>
      <Counter
        label="Overlay rows"
        value={overlays.length}
        min={0}
        max={limits.mostOverlays}
        onChange={setCount}
      />
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
              overlaysMm: b.foundation.overlaysMm.map((v, k) => (k === i ? (to ?? v) : v)),
            })
          }
        />
      ))}
    </>
  );
}
