import type { RimWhere } from '../../../../api/types';
import { Counter } from '../../../../ui/Counter';
import { Choice } from '../../../../ui/Field';
import { Switch } from '../../../../ui/Switch';
import { Tick } from '../../../../ui/Tick';
import { BenchLength } from '../../BenchLength';
import { rimOf, withRim } from '../../foundationEdits';
import { useBench, useComputed } from '../../useBench';

const WHERE: { value: RimWhere; words: string }[] = [
  { value: 'NOWHERE', words: 'none' },
  { value: 'FRONT', words: 'the front' },
  { value: 'SIDES', words: 'the sides' },
  { value: 'NAPE', words: 'the nape' },
  { value: 'SIDES_AND_NAPE', words: 'sides and nape' },
  { value: 'ALL_ROUND', words: 'all round' },
];

const LINES = [
  { value: '1', words: 'one line' },
  { value: '2', words: 'two, staggered' },
] as const;

/** From the hairline inward: edges, leave-out, individuals, perimeter braid. */
export function HairlineTab() {
  const rim = useBench((b) => rimOf(b.brief));
  const change = useBench((b) => b.change);
  const limits = useComputed().plan?.limits;
  return (
    <>
      <Tick
        words="leave the edges unbraided"
        isOn={rim.sparesEdges ?? false}
        onChange={(sparesEdges) => change('edges', (b) => withRim(b, { sparesEdges }))}
      />
      <BenchLength
        label="First shares set back"
        path="foundation.rim.setBackMm"
        hint="the front of the row then shows"
        value={rim.setBackMm ?? 0}
        onChange={(b, setBackMm) => withRim(b, { setBackMm })}
      />
      <Choice
        label="Leave-out"
        value={rim.leaveOut ?? 'NOWHERE'}
        options={WHERE}
        onChoose={(leaveOut) => change('leave-out', (b) => withRim(b, { leaveOut }))}
      />
      {rim.leaveOut !== 'NOWHERE' && (
        <BenchLength
          label="Leave-out is wide"
          path="foundation.rim.leaveOutMm"
          value={rim.leaveOutMm ?? 18}
          onChange={(b, leaveOutMm) => withRim(b, { leaveOutMm })}
        />
      )}
      <Choice
        label="Perimeter braid"
        value={rim.perimeter ?? 'NOWHERE'}
        options={WHERE}
        onChoose={(perimeter) => change('perimeter', (b) => withRim(b, { perimeter }))}
      />
      {rim.perimeter !== 'NOWHERE' && (
        <BenchLength
          label="Perimeter braid runs inside by"
          path="foundation.rim.perimeterMm"
          value={rim.perimeterMm ?? 10}
          onChange={(b, perimeterMm) => withRim(b, { perimeterMm })}
        />
      )}
      <Choice
        label="Individuals"
        value={rim.individuals ?? 'NOWHERE'}
        options={WHERE}
        onChoose={(individuals) => change('individuals', (b) => withRim(b, { individuals }))}
      />
      {rim.individuals !== 'NOWHERE' && (
        <>
          <Counter
            label="In the outer line"
            value={rim.individualCount ?? 12}
            min={limits?.individualCount.min ?? 2}
            max={limits?.individualCount.max ?? 48}
            onChange={(individualCount) => change('count', (b) => withRim(b, { individualCount }))}
          />
          <Switch
            label="Lines of individuals"
            value={rim.individualLines === 2 ? '2' : '1'}
            options={LINES}
            onChoose={(n) => change('lines', (b) => withRim(b, { individualLines: Number(n) }))}
          />
          <BenchLength
            label="Bases are deep"
            path="foundation.rim.individualBaseMm"
            value={rim.individualBaseMm ?? 14}
            onChange={(b, individualBaseMm) => withRim(b, { individualBaseMm })}
          />
          <Tick
            words="a small band at each base"
            isOn={rim.isBanded ?? false}
            onChange={(isBanded) => change('banded', (b) => withRim(b, { isBanded }))}
          />
        </>
      )}
    </>
  );
}
