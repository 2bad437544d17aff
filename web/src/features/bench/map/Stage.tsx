import { memo, use, useEffect, useRef } from 'react';
import type { Plan } from '../../../api/types';
import { mmPer } from '../../../lib/length';
import { useFallsBehind } from '../../../lib/useFallsBehind';
import { useMapView } from '../../../lib/useMapView';
import { MapKeys } from '../../../ui/MapKeys';
import { usePrefs } from '../../../ui/prefs';
import { FillMarks } from '../../../viz/chart/FillMarks';
import { SCREEN } from '../../../viz/palette';
import { ScalpChart, SHEET } from '../../../viz/chart/ScalpChart';
import { SideView } from '../../../viz/SideView';
import { EarLineHandle } from './EarLineHandle';
import { GapLines } from './GapLines';
import { HeadInTheRound } from './HeadInTheRound';
import { HairlineHandles } from './HairlineHandles';
import { HeldCard } from './HeldCard';
import { MapTable } from './MapTable';
import { PartHandles } from './PartHandles';
import { PerimeterHandle } from './PerimeterHandle';
import { RegionDraw, RegionHandles } from './RegionTools';
import { RowHandles } from './RowHandles';
import { StageBar, StageMenu } from './StageBar';
import { joining, withJoin, withTail } from '../draft/edits/foundationEdits';
import { BenchContext, useBench, useComputed } from '../draft/useBench';
import { useFills } from '../plan/useFills';
import { useWorn } from '../plan/useWorn';

/** The scalp, as large as the screen allows, with the views beside it; drawn anew only for a new plan. */
export const Stage = memo(function Stage() {
  const { plan } = useComputed();
  const { unit, fingerMm, isTurned } = usePrefs();
  const layers = useBench((b) => b.layers);
  const isRound = useBench((b) => b.isRound);
  const heldRow = useBench((b) => b.heldRow);
  const heldStation = useBench((b) => b.heldStation);
  const heldRegion = useBench((b) => b.heldRegion);
  const step = useBench((b) => b.step);
  const showsFills = useBench((b) => b.step === 'knots' && b.knotTab === 'fills');
  const holdRow = useBench((b) => b.holdRow);
  const holdStation = useBench((b) => b.holdStation);
  const pickStation = useBench((b) => b.pickStation);
  const worn = useWorn();
  const isMoving = useBench((b) => b.before !== undefined);
  const fallsBehind = useFallsBehind(isMoving);
  const takeRow = useTakeRow();
  const svg = useRef<SVGSVGElement>(null);
  const store = use(BenchContext);
  const view = useMapView(svg, SHEET, {
    onTwoFingers: () => store?.getState().giveUp(),
    isBusy: () => store?.getState().before !== undefined || store?.getState().tool !== undefined,
  });

  const drawing = plan && { plan, layers, isTurned, unit, unitMm: mmPer(unit, fingerMm) };
  const newest = useRef(drawing);
  useEffect(() => {
    newest.current = drawing;
  });

  if (!drawing) return <StageAtRest />;
  return (
    <section aria-label="Scalp" className="relative flex min-h-0 min-w-0 flex-1 flex-col">
      <StageBar drawing={newest} />
      <div className="@container relative flex min-h-0 flex-1 px-1 pb-1">
        {isRound ? (
          <HeadInTheRound />
        ) : (
          <svg
            ref={svg}
            id="map"
            viewBox={view.viewBox}
            className="min-h-0 min-w-0 flex-1 touch-none select-none"
            shapeRendering={fallsBehind ? 'optimizeSpeed' : undefined}
            role="group"
            aria-label="Map of the scalp, front up"
            aria-describedby="map-words"
          >
            <ScalpChart
              {...drawing}
              palette={SCREEN}
              heldRow={heldRow}
              heldStation={heldStation}
              heldRegion={heldRegion}
              onRow={takeRow}
              onStation={holdStation}
              onPickStation={pickStation}
              worn={worn}
              isMoving={isMoving}
            >
              {showsFills && <FillsOnMap isTurned={isTurned} />}
              <RowHandles
                plan={drawing.plan}
                isTurned={isTurned}
                onTake={takeRow}
                onHold={holdRow}
              />
              <EarLineHandle plan={drawing.plan} />
              {step === 'parts' && !isMoving && <GapLines plan={drawing.plan} />}
              {step !== 'head' && <PartHandles plan={drawing.plan} isTurned={isTurned} />}
              {step === 'foundation' && <PerimeterHandle plan={drawing.plan} isTurned={isTurned} />}
              {step === 'head' && <HairlineHandles plan={drawing.plan} isTurned={isTurned} />}
              {step === 'head' && <RegionHandles plan={drawing.plan} isTurned={isTurned} />}
              <RegionDraw plan={drawing.plan} isTurned={isTurned} />
            </ScalpChart>
          </svg>
        )}
        {!isRound && view.isWhole && (
          <Views
            of={drawing.plan.views}
            heldRow={heldRow}
            isTurned={isTurned}
            isLegendOn={layers.cover === true}
          />
        )}
        <div className="absolute right-2 bottom-1 z-10 flex gap-1">
          <StageMenu drawing={newest} />
          {!isRound && (
            <MapKeys isWhole={view.isWhole} onWhole={view.showWhole} onNearer={view.nearer} />
          )}
        </div>
        <InHand />
        <HeldCard plan={drawing.plan} />
        <MapTable />
      </div>
    </section>
  );
});

/** What the arrows do to the row in hand. */
function InHand() {
  const grasped = useBench((b) => b.graspedRow);
  if (!grasped) return null;
  return (
    <p
      role="status"
      className="absolute top-1 left-1/2 z-20 -translate-x-1/2 rounded-md border border-ink bg-sheet px-3 py-1 text-sm whitespace-nowrap shadow-lg"
    >
      <strong>{grasped} in hand:</strong> arrows bend it and make it wider; with Shift it ends
      elsewhere; Esc lets go
    </p>
  );
}

function FillsOnMap({ isTurned }: { isTurned: boolean }) {
  const { fills } = useFills();
  return fills ? <FillMarks fills={fills.fills} palette={SCREEN} isTurned={isTurned} /> : null;
}

interface ViewsProps {
  of: Plan['views'];
  heldRow: string | undefined;
  isTurned: boolean;
  isLegendOn: boolean;
}

/** Which views stand in which corner of the map, where the head leaves room. */
const CORNERS: readonly { look: string; views: readonly string[] }[] = [
  { look: 'left-2', views: ['left', 'back'] },
  { look: 'right-2', views: ['right', 'top'] },
];

/** The head from its sides, in the corners that it leaves free; where they are too small it is not seen from its sides. */
const Views = memo(function Views({ of, heldRow, isTurned, isLegendOn }: ViewsProps) {
  // The scale of the cover stands at the left.
  const corners = CORNERS.filter((c) => !isLegendOn || c.look !== 'left-2');
  return corners.map((corner) => (
    <div
      key={corner.look}
      className={`pointer-events-none absolute bottom-12 hidden w-[clamp(4.5rem,13cqw,8rem)] flex-col gap-1 @min-[36rem]:flex ${corner.look}`}
    >
      {of
        .filter((v) => corner.views.includes(v.from))
        .map((v) => (
          <SideView
            key={v.from}
            view={v}
            palette={SCREEN}
            words={v.words}
            heldRow={heldRow}
            isTurned={isTurned}
          />
        ))}
    </div>
  ));
});

/** Touching a row takes it in hand, or gives it the tail or the front row that is looking for a place. */
function useTakeRow(): (id: string) => void {
  const { plan } = useComputed();
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  const change = useBench((b) => b.change);
  const holdRow = useBench((b) => b.holdRow);
  return (id) => {
    if (tool?.kind === 'join') {
      const behind = plan?.rows.filter((r) => r.section === 'BACK').map((r) => r.id) ?? [];
      if (!plan || !behind.includes(id)) return;
      change(`join ${tool.row}`, (b) => withJoin(b, joining(plan), behind, tool.row, id));
      take(undefined);
    } else if (tool?.kind !== 'tail') {
      holdRow(id);
    } else if (id !== tool.row) {
      // A row too thin to take a tail is passed over; the next touch may find a better one.
      const end = plan?.rows.find((r) => r.id === id)?.takesTail;
      if (!end) return;
      change(`tail ${tool.row}`, (b) => withTail(b, tool.row, end, id));
      take(undefined);
    }
  };
}

/** Before the first plan: the reason, or that it is being computed. */
function StageAtRest() {
  const { problem } = useComputed();
  return (
    <section aria-label="Scalp" className="grid min-h-0 flex-1 place-items-center p-8">
      <p className="max-w-sm text-center text-lg text-soft" role="status">
        {problem ? problem.message : 'Fitting the head…'}
      </p>
    </section>
  );
}
