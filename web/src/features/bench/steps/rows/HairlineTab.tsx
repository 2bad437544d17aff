import type { ReactNode } from 'react';
import type { Rim } from '../../../../api/types';
import { useWords } from '../../../../words';
import { Counter } from '../../../../ui/Counter';
import { Choice } from '../../../../ui/Field';
import { Switch } from '../../../../ui/Switch';
import { Tick } from '../../../../ui/Tick';
import { BenchLength } from '../BenchLength';
import { withRim } from '../../draft/edits/foundationEdits';
import { useBench } from '../../draft/useBench';
import { useSaid } from '../../draft/useSaid';

const LINES = [
  { value: '0', words: 'none' },
  { value: '1', words: 'one line' },
  { value: '2', words: 'two' },
] as const;

const PER_ROW = [
  { value: '0', words: 'by count' },
  { value: '1', words: 'one' },
  { value: '2', words: 'two' },
] as const;

const MADE = [
  { value: 'plaited', words: 'plaited' },
  { value: 'twisted', words: 'twisted' },
] as const;

const USUAL_COUNT = 6;

type Stretch = Rim['singles'][number]['stretch'];

/** From the hairline inward: edges, leave-out, perimeter braid, singles. */
export function HairlineTab() {
  const rim = useBench((b) => b.brief.foundation.rim);
  const change = useBench((b) => b.change);
  const { rimPlaces } = useWords();
  return (
    <>
      <Tick
        words="leave the edges unbraided"
        isOn={rim.sparesEdges}
        onChange={(sparesEdges) => change('edges', (b) => withRim(b, { sparesEdges }))}
      />
      <BenchLength
        label="First shares set back"
        path="foundation.rim.setBackMm"
        hint="the front of the row then shows"
        value={rim.setBackMm}
        onChange={(b, mm) => withRim(b, { setBackMm: mm as number })}
      />
      <Choice
        label="Leave-out"
        value={rim.leaveOut}
        options={rimPlaces}
        onChoose={(leaveOut) => change('leave-out', (b) => withRim(b, { leaveOut }))}
      />
      {rim.leaveOut !== 'NOWHERE' && (
        <BenchLength
          label="Leave-out is wide"
          path="foundation.rim.leaveOutMm"
          value={rim.leaveOutMm}
          onChange={(b, mm) => withRim(b, { leaveOutMm: mm as number })}
        />
      )}
      <Choice
        label="Perimeter braid"
        value={rim.perimeter}
        options={rimPlaces}
        onChoose={(perimeter) => change('perimeter', (b) => withRim(b, { perimeter }))}
      />
      {rim.perimeter !== 'NOWHERE' && (
        <BenchLength
          label="Perimeter braid runs inside by"
          path="foundation.rim.perimeterMm"
          value={rim.perimeterMm}
          onChange={(b, mm) => withRim(b, { perimeterMm: mm as number })}
        />
      )}
      <Singles />
    </>
  );
}

/** Singles: how many lines along each stretch, and what they are like. */
function Singles() {
  const rim = useBench((b) => b.brief.foundation.rim);
  const change = useBench((b) => b.change);
  const { limits, stretches } = useWords();
  const said = useSaid();
  const hasParts = useBench((b) => b.brief.foundation.parts.length > 0);
  // Along a part only where there is one, or where they were asked for before it was taken out.
  const isThere = ({ value }: { value: Stretch }) =>
    value !== 'PARTS' || hasParts || rim.singles.some((s) => s.stretch === value);
  const set = (stretch: Stretch, lines: number, count: number) =>
    change(`singles ${stretch}`, (b) =>
      withRim(b, {
        singles: [
          ...rim.singles.filter((s) => s.stretch !== stretch),
          ...(lines > 0 ? [{ stretch, lines, count }] : []),
        ],
      }),
    );
  return (
    <section aria-label="Singles" className="flex flex-col gap-2">
      <h3 className="border-b border-line font-semibold">Singles</h3>
      {stretches.filter(isThere).map(({ value, words: ofHer }) => {
        const words = said(ofHer);
        const run = rim.singles.find((s) => s.stretch === value);
        const lines = run?.lines ?? 0;
        const count = run?.count ?? USUAL_COUNT;
        const isByRow = rim.singlesPerRow > 0 && (value === 'FRONT' || value === 'NAPE');
        return (
          <div key={value} className="flex flex-col gap-1">
            <div className="flex items-center justify-between gap-2">
              <span className="first-letter:uppercase">{words}</span>
              <Switch
                label={`Lines of singles, ${words}`}
                value={String(lines) as '0' | '1' | '2'}
                options={LINES}
                onChoose={(n) => set(value, Number(n), count)}
              />
            </div>
            {lines > 0 && !isByRow && (
              <Counter
                label={value === 'PARTS' ? 'how many on each side' : `how many, ${words}`}
                value={count}
                min={limits.singleCount.min}
                max={limits.singleCount.max}
                onChange={(n) => set(value, lines, n)}
              />
            )}
          </div>
        );
      })}
      {rim.singles.length > 0 && (
        <>
          <Row words="in front of each row">
            <Switch
              label="In front of each row"
              value={String(rim.singlesPerRow) as '0' | '1' | '2'}
              options={PER_ROW}
              onChoose={(n) => change('per row', (b) => withRim(b, { singlesPerRow: Number(n) }))}
            />
          </Row>
          <Row words="each is">
            <Switch
              label="Each single is"
              value={rim.areTwisted ? 'twisted' : 'plaited'}
              options={MADE}
              onChoose={(m) => change('made', (b) => withRim(b, { areTwisted: m === 'twisted' }))}
            />
          </Row>
          <BenchLength
            label="Bases are deep"
            path="foundation.rim.singleBaseMm"
            value={rim.singleBaseMm}
            onChange={(b, mm) => withRim(b, { singleBaseMm: mm as number })}
          />
          <Tick
            words="a small band at each base"
            isOn={rim.areBanded}
            onChange={(areBanded) => change('banded', (b) => withRim(b, { areBanded }))}
          />
        </>
      )}
    </section>
  );
}

function Row(props: { words: string; children: ReactNode }) {
  return (
    <div className="flex items-center justify-between gap-2">
      <span className="text-sm">{props.words}</span>
      {props.children}
    </div>
  );
}
