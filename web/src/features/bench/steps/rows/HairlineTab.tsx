import { useWords } from '../../../../words';
import { Counter } from '../../../../ui/Counter';
import { Choice } from '../../../../ui/Field';
import { Switch } from '../../../../ui/Switch';
import { Tick } from '../../../../ui/Tick';
import { BenchLength } from '../BenchLength';
import { withRim } from '../../draft/edits/foundationEdits';
import { useBench } from '../../draft/useBench';

const LINES = [
  { value: '1', words: 'one line' },
  { value: '2', words: 'two, staggered' },
] as const;

/** From the hairline inward: edges, leave-out, individuals, perimeter braid. */
export function HairlineTab() {
  const rim = useBench((b) => b.brief.foundation.rim);
  const change = useBench((b) => b.change);
  const { limits, rimPlaces } = useWords();
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
      <Choice
        label="Individuals"
        value={rim.individuals}
        options={rimPlaces}
        onChoose={(individuals) => change('individuals', (b) => withRim(b, { individuals }))}
      />
      {rim.individuals !== 'NOWHERE' && (
        <>
          <Counter
            label="In the outer line"
            value={rim.individualCount}
            min={limits.individualCount.min}
            max={limits.individualCount.max}
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
            value={rim.individualBaseMm}
            onChange={(b, mm) => withRim(b, { individualBaseMm: mm as number })}
          />
          <Tick
            words="a small band at each base"
            isOn={rim.isBanded}
            onChange={(isBanded) => change('banded', (b) => withRim(b, { isBanded }))}
          />
        </>
      )}
    </>
  );
}
