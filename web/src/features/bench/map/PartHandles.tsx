import { useWords } from '../../../words';
import { useRef } from 'react';
import type { Plan } from '../../../api/types';
import { points } from '../../../lib/curve';
import { useLengths } from '../../../ui/prefs';
import { Grip } from './Grip';
import { withPart } from '../draft/edits/partEdits';
import { useBench } from '../draft/useBench';
import { useSaid } from '../draft/useSaid';

const STEP_MM = 5;
const FINE_MM = 1;
const STEP_DEG = 5;
const FINE_DEG = 1;
/** Nearer than this a dragged part snaps: to the midline, to the mirror image of another, to the ear line. */
const SNAP_MM = 3;
const SNAP_DEG = 2;
const MIN_LENGTH_MM = 20;
const DEGREES = 180 / Math.PI;

type Laid = Plan['parts'][number];

/** Both ends and the bow of every part, to be taken hold of. */
export function PartHandles({ plan, isTurned }: { plan: Plan; isTurned: boolean }) {
  return (
    <g data-walk="parts">
      {plan.parts.map((p) => (
        <PartGrips key={p.index} part={p} isTurned={isTurned} />
      ))}
    </g>
  );
}

interface Asked {
  start: number;
  slant: number;
  bow: number;
  length: number;
  isWhole: boolean;
}

const within = (to: number, { min, max }: { min: number; max: number }) =>
  Math.max(min, Math.min(max, to));

interface Props {
  part: Laid;
  isTurned: boolean;
}

function PartGrips({ part, isTurned }: Props) {
  const { limits } = useWords();
  const parts = useBench((b) => b.brief.foundation.parts);
  const change = useBench((b) => b.change);
  const lengths = useLengths();
  const said = useSaid();
  const taken = useRef<Asked>({ start: 0, slant: 0, bow: 0, length: 0, isWhole: true });
  const asked = parts?.[part.index];
  const line = points(part.path);
  const from = line[0];
  const to = line.at(-1);
  const middle = line[Math.floor(line.length / 2)];
  if (!asked || !from || !to || !middle) return null;
  const now: Asked = {
    start: asked.startMm ?? 0,
    slant: asked.slantDeg ?? 0,
    bow: asked.bowMm ?? 0,
    length: asked.lengthMm ?? part.lengthMm,
    isWhole: asked.lengthMm === null,
  };
  const take = () => {
    taken.current = now;
  };
  const edit = (end: string, what: Partial<typeof asked>) =>
    change(`part ${part.index} ${end}`, (b) => withPart(b, part.index, what));
  const snapped = (mm: number) => {
    const others = parts.filter((_, i) => i !== part.index).map((p) => -(p.startMm ?? 0));
    return [0, ...others].find((at) => Math.abs(mm - at) < SNAP_MM) ?? mm;
  };
  const side = now.start === 0 ? '' : said(` to her ${now.start < 0 ? 'left' : 'right'}`);
  return (
    <g>
      <Grip
        at={from}
        label={`Part ${part.number}, start`}
        value={now.start}
        min={limits.partStartMm.min}
        max={limits.partStartMm.max}
        words={now.start === 0 ? 'on the midline' : `${lengths.say(Math.abs(now.start))}${side}`}
        isTurned={isTurned}
        onTake={take}
        onDrag={(by, refuses) => {
          const mm = Math.round(taken.current.start + by.x);
          edit('start', { startMm: within(refuses ? mm : snapped(mm), limits.partStartMm) });
        }}
        onStep={(right, _, isFine) =>
          right !== 0 &&
          edit('start', {
            startMm: within(now.start + right * (isFine ? FINE_MM : STEP_MM), limits.partStartMm),
          })
        }
      />
      <Grip
        at={to}
        label={`Part ${part.number}, end`}
        value={now.slant}
        min={limits.slantDeg.min}
        max={limits.slantDeg.max}
        words={`${lengths.say(part.lengthMm)} long, slanted ${now.slant}°`}
        isTurned={isTurned}
        onTake={take}
        onDrag={(by, refuses) => {
          const length = Math.max(MIN_LENGTH_MM, taken.current.length + by.y);
          const turned = Math.atan2(by.x, Math.max(taken.current.length, MIN_LENGTH_MM)) * DEGREES;
          const deg = Math.round(taken.current.slant + turned);
          const slantDeg = Math.abs(deg) < SNAP_DEG && !refuses ? 0 : deg;
          edit('end', {
            slantDeg: within(slantDeg, limits.slantDeg),
            // What ran to the ear line and is not drawn away from it still does.
            lengthMm: Math.abs(by.y) < SNAP_MM + 1 ? asked.lengthMm : Math.round(length),
          });
        }}
        onStep={(right, back, isFine) =>
          edit(
            'end',
            right !== 0
              ? {
                  slantDeg: within(
                    now.slant + right * (isFine ? FINE_DEG : STEP_DEG),
                    limits.slantDeg,
                  ),
                }
              : {
                  lengthMm: Math.max(
                    MIN_LENGTH_MM,
                    Math.round(now.length) + back * (isFine ? FINE_MM : STEP_MM),
                  ),
                },
          )
        }
      />
      <Grip
        at={middle}
        label={`Part ${part.number}, bow`}
        value={now.bow}
        min={limits.bowMm.min}
        max={limits.bowMm.max}
        words={now.bow === 0 ? 'straight' : `bows ${lengths.say(Math.abs(now.bow))}`}
        isTurned={isTurned}
        shape="square"
        onTake={take}
        onDrag={(by, refuses) => {
          const mm = Math.round(within(taken.current.bow + by.x, limits.bowMm));
          edit('bow', { bowMm: Math.abs(mm) < SNAP_MM && !refuses ? 0 : mm });
        }}
        onStep={(right, _, isFine) =>
          edit('bow', {
            bowMm: within(now.bow + right * (isFine ? FINE_MM : STEP_MM), limits.bowMm),
          })
        }
      />
    </g>
  );
}
