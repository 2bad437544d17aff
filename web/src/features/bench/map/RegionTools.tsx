import { useWords } from '../../../words';
import { useRef, type PointerEvent } from 'react';
import type { Brief, Plan, RegionKind } from '../../../api/types';
import { points, type Point } from '../../../lib/curve';
import { fromPolar, toPolar } from '../../../lib/polar';
import { SHEET } from '../../../viz/chart/ScalpChart';
import { Grip } from './Grip';
import { withRegion, withRegions } from '../draft/edits/headEdits';
import { mapPoint } from '../../../lib/mapPoint';
import { useBench } from '../draft/useBench';

const MAX_POINTS = 40;
const STROKE_MM = 2.5;
const MIN_POINTS = 3;
const STEP_MM = 4;
const FINE_MM = 1;
/** A region set down by key: round, and as wide as three fingers. */
const PLACED_MM = 26;
const PLACED_POINTS = 16;

interface Props {
  plan: Plan;
  isTurned: boolean;
}

/** While a chalk is in her hand: the map takes one stroke round a place and makes a region of it. */
export function RegionDraw({ plan, isTurned }: Props) {
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  const change = useBench((b) => b.change);
  const { regionKinds } = useWords();
  const isDrawing = useRef(false);
  if (tool?.kind !== 'region') return null;
  const name = regionKinds.find((k) => k.value === tool.of)?.name ?? 'region';

  const finish = (line: Point[]) => {
    if (line.length < MIN_POINTS) return;
    const every = Math.ceil(line.length / MAX_POINTS);
    const rim = toPolar(
      plan.map.outline,
      line.filter((_, i) => i % every === 0),
    );
    change('draw region', (b) => withNewRegion(b, tool.of, name, rim));
    take(undefined);
  };
  const extend = (e: PointerEvent<SVGElement>) => {
    const p = mapPoint(e, isTurned);
    const last = tool.points.at(-1);
    if (!last || Math.hypot(p.x - last.x, p.y - last.y) >= STROKE_MM) {
      take({ ...tool, points: [...tool.points, p] });
    }
  };
  const line = tool.points.map((p) => `${p.x},${p.y}`).join(' ');
  return (
    <g>
      <rect
        x={SHEET.x}
        y={SHEET.y}
        width={SHEET.width}
        height={SHEET.height}
        fill="transparent"
        className="cursor-crosshair outline-none"
        tabIndex={0}
        role="button"
        aria-label={`Draw a ${name} on the map; Enter sets a round one down at the crown`}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          finish(roundAt(PLACED_MM));
          e.preventDefault();
        }}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          isDrawing.current = true;
          take({ ...tool, points: [mapPoint(e, isTurned)] });
        }}
        onPointerMove={(e) => isDrawing.current && extend(e)}
        onPointerUp={() => {
          isDrawing.current = false;
          finish(tool.points);
        }}
      />
      <polyline
        points={line}
        fill="none"
        stroke="var(--thread)"
        strokeWidth={2.4}
        strokeLinejoin="round"
        pointerEvents="none"
      />
    </g>
  );
}

const roundAt = (radius: number): Point[] =>
  Array.from({ length: PLACED_POINTS }, (_, i) => {
    const t = (2 * Math.PI * i) / PLACED_POINTS;
    return { x: radius * Math.sin(t), y: -radius * Math.cos(t) };
  });

function withNewRegion(b: Brief, kind: RegionKind, usual: string, rim: number[]): Brief {
  const { regions } = b.head;
  const same = regions.filter((r) => r.kind === kind).length;
  const name = same === 0 ? usual : `${usual} ${same + 1}`;
  return withRegions(b, [...regions, { kind, name, rim }]);
}

/** The middle of every region, to move it by. */
export function RegionHandles({ plan, isTurned }: Props) {
  return (
    <g data-walk="regions">
      {plan.map.regions.map((r) => (
        <RegionGrip
          key={r.index}
          plan={plan}
          index={r.index}
          name={r.name}
          rim={r.rim}
          isTurned={isTurned}
        />
      ))}
    </g>
  );
}

function RegionGrip(props: Props & { index: number; name: string; rim: number[] }) {
  const { plan, index, isTurned } = props;
  const region = useBench((b) => b.brief.head.regions?.[index]);
  const change = useBench((b) => b.change);
  const holdRegion = useBench((b) => b.holdRegion);
  const taken = useRef<Point[]>([]);
  if (!region) return null;
  const shown = points(props.rim);
  const middle = {
    x: shown.reduce((sum, p) => sum + p.x, 0) / shown.length,
    y: shown.reduce((sum, p) => sum + p.y, 0) / shown.length,
  };
  const now = () => fromPolar(plan.map.outline, region.rim ?? []);
  const move = (line: Point[], x: number, y: number) =>
    change(`region ${index}`, (b) =>
      withRegion(b, index, {
        rim: toPolar(
          plan.map.outline,
          line.map((p) => ({ x: p.x + x, y: p.y + y })),
        ),
      }),
    );
  return (
    <Grip
      at={middle}
      label={`Region ${props.name}`}
      value={index}
      min={0}
      max={plan.map.regions.length}
      words={props.name}
      isTurned={isTurned}
      shape="square"
      onTake={() => {
        taken.current = now();
        holdRegion(index);
      }}
      onDrag={(by) => move(taken.current, by.x, by.y)}
      onStep={(right, back, isFine) => {
        const mm = isFine ? FINE_MM : STEP_MM;
        move(now(), right * mm, back * mm);
      }}
      onRemove={() =>
        change('remove region', (b) =>
          withRegions(
            b,
            (b.head.regions ?? []).filter((_, i) => i !== index),
          ),
        )
      }
    />
  );
}
