import { useWords } from '../../../words';
import { useRef } from 'react';
import type { Plan } from '../../../api/types';
import { points } from '../../../lib/curve';
import { useLengths } from '../../../ui/prefs';
import { withRim } from '../draft/edits/foundationEdits';
import { Grip } from './Grip';
import { useBench } from '../draft/useBench';

const STEP_MM = 2;
const FINE_MM = 1;
const AT = 0.25;

/** The perimeter braid, to be drawn in and out where it runs along her right side. */
export function PerimeterHandle({ plan, isTurned }: { plan: Plan; isTurned: boolean }) {
  const mm = useBench((b) => b.brief.foundation.rim.perimeterMm);
  const { min, max } = useWords().limits.perimeterMm;
  const change = useBench((b) => b.change);
  const lengths = useLengths();
  const taken = useRef(0);
  const line = points(plan.rows.find((r) => r.id === 'P2')?.path ?? []);
  const at = line[Math.floor(line.length * AT)];
  if (!at) return null;
  const away = Math.hypot(at.x, at.y);
  const set = (to: number) =>
    change('perimeter line', (b) =>
      withRim(b, { perimeterMm: Math.round(Math.max(min, Math.min(max, to))) }),
    );
  return (
    <Grip
      at={at}
      label="Perimeter braid line"
      value={mm}
      min={min}
      max={max}
      words={`${lengths.say(mm)} inside`}
      isTurned={isTurned}
      shape="square"
      onTake={() => {
        taken.current = mm;
      }}
      onDrag={(by) => set(taken.current - (by.x * at.x + by.y * at.y) / away)}
      onStep={(right, back, isFine) => set(mm + (back - right) * (isFine ? FINE_MM : STEP_MM))}
    />
  );
}
