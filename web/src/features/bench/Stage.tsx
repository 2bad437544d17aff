import { Box, Download, FileText, FlipHorizontal2, Printer } from 'lucide-react';
import { lazy, memo, Suspense, useState } from 'react';
import type { Plan } from '../../api/types';
import { mmPer } from '../../lib/length';
import { Button } from '../../ui/Button';
import { usePrefs } from '../../ui/prefs';
import { FillMarks } from '../../viz/FillMarks';
import { SCREEN } from '../../viz/palette';
import { ScalpChart, SHEET, type Layers } from '../../viz/ScalpChart';
import { SideView } from '../../viz/SideView';
import { EarLineHandle } from './EarLineHandle';
import { HairlineHandles } from './HairlineHandles';
import { HeldCard } from './HeldCard';
import { PartHandles } from './PartHandles';
import { PerimeterHandle } from './PerimeterHandle';
import { RegionDraw, RegionHandles } from './RegionTools';
import { RowHandles } from './RowHandles';
import { fileName, offerFile } from './offerFile';
import { withTail } from './foundationEdits';
import { useBench, useComputed } from './useBench';
import { useFills } from './useFills';
import { useWorn } from './useWorn';

const HeadInTheRound = lazy(() => import('./HeadInTheRound'));

const VIEW_WORDS: Record<string, string> = {
  back: 'from behind',
  top: 'from above',
  left: 'her left',
  right: 'her right',
};

const LAYERS: { key: keyof Layers; words: string }[] = [
  { key: 'stations', words: 'stations' },
  { key: 'order', words: 'braiding' },
  { key: 'bulk', words: 'bulk' },
  { key: 'pull', words: 'pull' },
  { key: 'bearing', words: 'hook' },
  { key: 'cover', words: 'cover' },
  { key: 'names', words: 'names' },
];

/** The scalp, as large as the screen allows, with the views beside it; drawn anew only for a new plan. */
export const Stage = memo(function Stage() {
  const { plan } = useComputed();
  const { unit, fingerMm, isTurned, set } = usePrefs();
  const [layers, setLayers] = useState<Layers>({ stations: true, names: true });
  const [isRound, setRound] = useState(false);
  const heldRow = useBench((b) => b.heldRow);
  const heldStation = useBench((b) => b.heldStation);
  const heldRegion = useBench((b) => b.heldRegion);
  const step = useBench((b) => b.step);
  const holdRow = useBench((b) => b.holdRow);
  const holdStation = useBench((b) => b.holdStation);
  const pickStation = useBench((b) => b.pickStation);
  const worn = useWorn();
  const isMoving = useBench((b) => b.before !== undefined);
  const showCover = useBench((b) => b.showCover);
  const takeRow = useTakeRow();
  const title = useBench((b) => `${b.clientName}, ${b.name}`);

  if (!plan) return <StageAtRest />;
  const drawing = { plan, layers, isTurned, unit, unitMm: mmPer(unit, fingerMm) };
  // The writers of drawings are large and seldom needed.
  const saveDrawing = async () => {
    const { chartSvg } = await import('./saveSvg');
    offerFile(fileName(title, 'svg'), 'image/svg+xml', chartSvg({ ...drawing, title }));
  };
  const sheet = async () => {
    const { sheetSvg } = await import('./patternSheet');
    return sheetSvg({ ...drawing, title });
  };
  const saveSheet = async () =>
    offerFile(fileName(`${title} sheet`, 'svg'), 'image/svg+xml', await sheet());
  const printSheet = async () => {
    const { sheetPdf } = await import('./patternSheet');
    offerFile(fileName(`${title} sheet`, 'pdf'), 'application/pdf', await sheetPdf(await sheet()));
  };
  return (
    <section aria-label="Scalp" className="relative flex min-h-0 min-w-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-1 px-3 pt-2">
        {LAYERS.map((l) => (
          <Layer
            key={l.key}
            words={l.words}
            isOn={layers[l.key] === true}
            onPress={() => {
              if (l.key === 'cover') showCover(!layers.cover);
              setLayers({ ...layers, [l.key]: layers[l.key] !== true });
            }}
          />
        ))}
        <span className="grow" />
        <Button
          look="quiet"
          aria-pressed={isRound}
          aria-label={isRound ? 'map' : 'in the round'}
          title={isRound ? 'The map again' : 'The head in the round, with its hair'}
          onClick={() => setRound(!isRound)}
        >
          <Box size={16} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label="turn over"
          aria-pressed={isTurned}
          onClick={() => set({ isTurned: !isTurned })}
          title="Turn the map over, for somebody who faces the client (t)"
        >
          <FlipHorizontal2 size={16} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label="drawing (SVG)"
          title="Drawing (SVG)"
          onClick={() => void saveDrawing()}
        >
          <Download size={16} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label="pattern sheet (SVG)"
          title="Pattern sheet, A4 (SVG)"
          onClick={() => void saveSheet()}
        >
          <FileText size={16} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label="pattern sheet (PDF)"
          title="Pattern sheet, A4 (PDF)"
          onClick={() => void printSheet()}
        >
          <Printer size={16} aria-hidden />
        </Button>
      </div>
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
              <FillsOnMap isTurned={isTurned} />
              <RowHandles plan={plan} isTurned={isTurned} onTake={takeRow} onHold={holdRow} />
              <EarLineHandle plan={plan} />
              {step !== 'head' && <PartHandles plan={plan} isTurned={isTurned} />}
              {step === 'foundation' && <PerimeterHandle plan={plan} isTurned={isTurned} />}
              {step === 'head' && <HairlineHandles plan={plan} isTurned={isTurned} />}
              {step === 'head' && <RegionHandles plan={plan} isTurned={isTurned} />}
              <RegionDraw plan={plan} isTurned={isTurned} />
            </ScalpChart>
          </svg>
        )}
        <Views of={plan.views} heldRow={heldRow} isTurned={isTurned} />
        <HeldCard plan={plan} />
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
      const isPass = plan?.rows.find((r) => r.id === id)?.section === 'PASS';
      change(`tail ${tool.row}`, (b) => withTail(b, tool.row, isPass ? 'THREADED' : 'FED', id));
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

function Layer(props: { words: string; isOn: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={props.isOn}
      onClick={props.onPress}
      className="flex items-center gap-1.5 rounded-md border border-line px-1.5 py-1 text-sm hover:bg-well"
    >
      <span
        aria-hidden
        className={`size-3 rounded-full border border-ink ${props.isOn ? 'bg-ink' : ''}`}
      />
      {props.words}
    </button>
  );
}
