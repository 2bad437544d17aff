import { useWords } from '../../../words';
import { useRef } from 'react';
import type { Plan } from '../../../api/types';
import { toPicture } from '../../../lib/curve';
import { useLengths } from '../../../ui/prefs';
import { Grip } from './Grip';
import { withHairline } from '../draft/edits/headEdits';
import { useBench } from '../draft/useBench';

const STEP_MM = 2;
const FINE_MM = 1;
const SNAP_MM = 2;

const clamp = (mm: number, range: { min: number; max: number }) =>
  Math.round(Math.max(range.min, Math.min(range.max, mm)));

/** The corners at the temples and the peak, to be drawn in and out. */
export function HairlineHandles({ plan, isTurned }: { plan: Plan; isTurned: boolean }) {
  return plan.map.hairlineGrips.map((g) => {
    const at = toPicture(g.x, g.y);
    if (g.name === 'PEAK') return <PeakGrip key={g.name} at={at} isTurned={isTurned} />;
    return (
      <TempleGrip
        key={g.name}
        at={at}
        side={g.name === 'LEFT' ? 'left' : 'right'}
        isTurned={isTurned}
      />
    );
  });
}

interface Props {
  at: { x: number; y: number };
  isTurned: boolean;
}

function TempleGrip({ at, side, isTurned }: Props & { side: 'left' | 'right' }) {
  const hairline = useBench((b) => b.brief.head.hairline);
  const change = useBench((b) => b.change);
  const lengths = useLengths();
  const taken = useRef(0);
  const field = side === 'left' ? 'leftTempleMm' : 'rightTempleMm';
  const other = side === 'left' ? hairline.rightTempleMm : hairline.leftTempleMm;
  const mm = hairline[field] ?? 0;
  const range = useWords().limits.templeMm;
  const set = (to: number) => change(field, (b) => withHairline(b, { [field]: clamp(to, range) }));
  const away = Math.hypot(at.x, at.y);
  return (
    <Grip
      at={at}
      label={`${side === 'left' ? 'Left' : 'Right'} temple`}
      value={mm}
      min={range.min}
      max={range.max}
      words={mm === 0 ? 'as usual' : `${lengths.say(Math.abs(mm))} ${mm > 0 ? 'back' : 'forward'}`}
      isTurned={isTurned}
      shape="square"
      onTake={() => {
        taken.current = mm;
      }}
      onDrag={(by, refuses) => {
        const to = taken.current - (by.x * at.x + by.y * at.y) / away;
        const snap = [0, other ?? 0].find((s) => Math.abs(to - s) < SNAP_MM);
        set(refuses ? to : (snap ?? to));
      }}
      onStep={(_, back, isFine) => set(mm + back * (isFine ? FINE_MM : STEP_MM))}
    />
  );
}

function PeakGrip({ at, isTurned }: Props) {
  const hairline = useBench((b) => b.brief.head.hairline);
  const change = useBench((b) => b.change);
  const lengths = useLengths();
  const taken = useRef({ place: 0, drop: 0 });
  const place = hairline.peakPlaceMm ?? 0;
  const drop = hairline.peakDropMm ?? 0;
  const { peakPlaceMm, peakDropMm } = useWords().limits;
  const set = (p: number, d: number) =>
    change('peak', (b) =>
      withHairline(b, { peakPlaceMm: clamp(p, peakPlaceMm), peakDropMm: clamp(d, peakDropMm) }),
    );
  return (
    <Grip
      at={at}
      label="Peak"
      value={drop}
      min={peakDropMm.min}
      max={peakDropMm.max}
      words={`${lengths.say(drop)} down`}
      isTurned={isTurned}
      shape="square"
      onTake={() => {
        taken.current = { place, drop };
      }}
      onDrag={(by, refuses) => {
        const to = taken.current.place + by.x;
        set(Math.abs(to) < SNAP_MM && !refuses ? 0 : to, taken.current.drop - by.y);
      }}
      onStep={(right, back, isFine) => {
        const mm = isFine ? FINE_MM : STEP_MM;
        set(place + right * mm, drop - back * mm);
      }}
    />
  );
}
