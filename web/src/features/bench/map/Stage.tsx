import { lazy, memo, Suspense, useEffect, useRef, useState } from 'react';
import type { Plan } from '../../../api/types';
import { mmPer } from '../../../lib/length';
import { usePrefs } from '../../../ui/prefs';
import { FillMarks } from '../../../viz/chart/FillMarks';
import { SCREEN } from '../../../viz/palette';
import { ScalpChart, SHEET, type Layers } from '../../../viz/chart/ScalpChart';
import { SideView } from '../../../viz/SideView';
import { EarLineHandle } from './EarLineHandle';
import { HairlineHandles } from './HairlineHandles';
import { HeldCard } from './HeldCard';
import { PartHandles } from './PartHandles';
import { PerimeterHandle } from './PerimeterHandle';
import { RegionDraw, RegionHandles } from './RegionTools';
import { RowHandles } from './RowHandles';
import { StageBar } from './StageBar';
import { withTail } from '../draft/edits/foundationEdits';
import { useBench, useComputed } from '../draft/useBench';
import { useFills } from '../plan/useFills';
import { useWorn } from '../plan/useWorn';

const HeadInTheRound = lazy(() => import('./HeadInTheRound'));

const VIEW_WORDS: Record<string, string> = {
  back: 'from behind',
  top: 'from above',
  left: 'her left',
  right: 'her right',
};

/** The scalp, as large as the screen allows, with the views beside it; drawn anew only for a new plan. */
export const Stage = memo(function Stage() {
  const { plan } = useComputed();
  const { unit, fingerMm, isTurned } = usePrefs();
  const [layers, setLayers] = useState<Layers>({ stations: true, names: true });
  const [isRound, setRound] = useState(false);
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
  const takeRow = useTakeRow();

  const drawing = plan && { plan, layers, isTurned, unit, unitMm: mmPer(unit, fingerMm) };
  const newest = useRef(drawing);
  useEffect(() => {
    newest.current = drawing;
  });

  if (!drawing) return <StageAtRest />;
  return (
    <section aria-label="Scalp" className="relative flex min-h-0 min-w-0 flex-1 flex-col">
      <StageBar
        layers={layers}
        onLayers={setLayers}
        isRound={isRound}
        onRound={setRound}
        drawing={newest}
      />
      <div className="relative flex min-h-0 flex-1 gap-2 px-2 pb-1">
        {isRound ? (
          <Suspense fallback={<p className="m-auto text-soft">Turning the head…</p>}>
            <HeadInTheRound />
          </Suspense>
        ) : (
          <svg
            viewBox={`${SHEET.x} ${SHEET.y} ${SHEET.width} ${SHEET.height}`}
            className="min-h-0 min-w-0 flex-1 touch-none select-none"
            role="group"
            aria-label="Map of the scalp, front up"
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
              {step !== 'head' && <PartHandles plan={drawing.plan} isTurned={isTurned} />}
              {step === 'foundation' && <PerimeterHandle plan={drawing.plan} isTurned={isTurned} />}
              {step === 'head' && <HairlineHandles plan={drawing.plan} isTurned={isTurned} />}
              {step === 'head' && <RegionHandles plan={drawing.plan} isTurned={isTurned} />}
              <RegionDraw plan={drawing.plan} isTurned={isTurned} />
            </ScalpChart>
          </svg>
        )}
        <Views of={drawing.plan.views} heldRow={heldRow} isTurned={isTurned} />
        <HeldCard plan={drawing.plan} />
      </div>
    </section>
  );
});

function FillsOnMap({ isTurned }: { isTurned: boolean }) {
  const { fills } = useFills();
  return fills ? <FillMarks fills={fills.fills} palette={SCREEN} isTurned={isTurned} /> : null;
}

interface ViewsProps {
  of: Plan['views'];
  heldRow: string | undefined;
  isTurned: boolean;
}

/** The head from its sides. */
const Views = memo(function Views({ of, heldRow, isTurned }: ViewsProps) {
  return (
    <div className="flex w-26 shrink-0 flex-col flex-wrap gap-2 overflow-hidden pt-2">
      {of.map((v) => (
        <SideView
          key={v.from}
          view={v}
          palette={SCREEN}
          words={VIEW_WORDS[v.from] ?? v.from}
          heldRow={heldRow}
          isTurned={isTurned}
        />
      ))}
    </div>
  );
});

/** Touching a row takes it in hand, or gives it the tail that is looking for a place. */
function useTakeRow(): (id: string) => void {
  const { plan } = useComputed();
  const tool = useBench((b) => b.tool);
  const take = useBench((b) => b.take);
  const change = useBench((b) => b.change);
  const holdRow = useBench((b) => b.holdRow);
  return (id) => {
    if (tool?.kind !== 'tail') {
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
