import { Download, FlipHorizontal2 } from 'lucide-react';
import { memo, useState } from 'react';
import { mmPer } from '../../lib/length';
import { Button } from '../../ui/Button';
import { usePrefs } from '../../ui/prefs';
import { SCREEN } from '../../viz/palette';
import { ScalpChart, SHEET, type Layers } from '../../viz/ScalpChart';
import { SideView } from '../../viz/SideView';
import { EarLineHandle } from './EarLineHandle';
import { HeldCard } from './HeldCard';
import { PartHandles } from './PartHandles';
import { RowHandles } from './RowHandles';
import { offerFile } from './offerFile';
import { useBench, useComputed } from './useBench';

const VIEW_WORDS: Record<string, string> = { back: 'from behind', top: 'from above' };

/** The scalp, as large as the screen allows, with the views beside it; drawn anew only for a new plan. */
export const Stage = memo(function Stage() {
  const { plan } = useComputed();
  const { unit, fingerMm, isTurned, set } = usePrefs();
  const [layers, setLayers] = useState<Layers>({ stations: true, names: true, order: false });
  const heldRow = useBench((b) => b.heldRow);
  const heldStation = useBench((b) => b.heldStation);
  const holdRow = useBench((b) => b.holdRow);
  const holdStation = useBench((b) => b.holdStation);
  const title = useBench((b) => `${b.clientName}, ${b.name}`);

  if (!plan) return <StageAtRest />;
  const drawing = { plan, layers, isTurned, unit, unitMm: mmPer(unit, fingerMm) };
  const save = async () => {
    // The writer of drawings is large and seldom needed.
    const { chartSvg } = await import('./saveSvg');
    const name = title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
    offerFile(`${name}.svg`, 'image/svg+xml', chartSvg({ ...drawing, title }));
  };
  return (
    <section aria-label="Scalp" className="relative flex min-h-0 min-w-0 flex-1 flex-col">
      <div className="flex items-center gap-2 px-4 pt-2">
        <Layer
          words="stations"
          isOn={layers.stations}
          onPress={() => setLayers({ ...layers, stations: !layers.stations })}
        />
        <Layer
          words="braiding order"
          isOn={layers.order === true}
          onPress={() => setLayers({ ...layers, order: !layers.order })}
        />
        <Layer
          words="names"
          isOn={layers.names}
          onPress={() => setLayers({ ...layers, names: !layers.names })}
        />
        <span className="grow" />
        <Button
          look="quiet"
          aria-pressed={isTurned}
          onClick={() => set({ isTurned: !isTurned })}
          title="Turn the map over, for somebody who faces the client (t)"
        >
          <FlipHorizontal2 size={16} aria-hidden /> turn over
        </Button>
        <Button look="quiet" onClick={() => void save()}>
          <Download size={16} aria-hidden /> drawing (SVG)
        </Button>
      </div>
      <div className="relative flex min-h-0 flex-1 gap-2 px-2 pb-1">
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
            onRow={holdRow}
            onStation={holdStation}
          >
            <RowHandles plan={plan} />
            <EarLineHandle plan={plan} />
            <PartHandles plan={plan} isTurned={isTurned} />
          </ScalpChart>
        </svg>
        <div className="flex w-28 flex-col gap-6 pt-10">
          {plan.views.map((v) => (
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
        <HeldCard plan={plan} />
      </div>
    </section>
  );
});

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
      className="flex items-center gap-1.5 rounded-md border border-line px-2 py-1 text-sm hover:bg-well"
    >
      <span
        aria-hidden
        className={`size-3 rounded-full border border-ink ${props.isOn ? 'bg-ink' : ''}`}
      />
      {props.words}
    </button>
  );
}
