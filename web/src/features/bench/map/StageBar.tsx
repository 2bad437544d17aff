import type { Plan } from '../../../api/types';
import { Box, Download, FileText, FlipHorizontal2, Printer } from 'lucide-react';
import { memo, type RefObject } from 'react';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import type { Layers, ScalpChart } from '../../../viz/chart/ScalpChart';
import { fileName, offerFile } from '../paper/offerFile';
import { useBench } from '../draft/useBench';

const LAYERS: { key: keyof Layers; words: string }[] = [
  { key: 'stations', words: 'stations' },
  { key: 'order', words: 'braiding' },
  { key: 'bulk', words: 'bulk' },
  { key: 'pull', words: 'pull' },
  { key: 'bearing', words: 'hook' },
  { key: 'cover', words: 'cover' },
  { key: 'names', words: 'names' },
];

type Drawing = Omit<Parameters<typeof ScalpChart>[0], 'palette' | 'plan'> & { plan: Plan };

interface BarProps {
  layers: Layers;
  onLayers: (layers: Layers) => void;
  isRound: boolean;
  onRound: (isRound: boolean) => void;
  /** What is drawn now; read when it is to be saved, so that the bar need not be drawn anew with it. */
  drawing: RefObject<Drawing | undefined>;
}

/** What is drawn on the map, how it is turned, and what is written of it. */
export const StageBar = memo(function StageBar({
  layers,
  onLayers,
  isRound,
  onRound,
  drawing,
}: BarProps) {
  const { isTurned, set } = usePrefs();
  const showCover = useBench((b) => b.showCover);
  const title = useBench((b) => `${b.clientName}, ${b.name}`);
  // The writers of drawings are large and seldom needed.
  const saveDrawing = async (now: Drawing) => {
    const { chartSvg } = await import('../paper/saveSvg');
    offerFile(fileName(title, 'svg'), 'image/svg+xml', chartSvg({ ...now, title }));
  };
  const sheet = async (now: Drawing) => {
    const { sheetSvg } = await import('../paper/patternSheet');
    return sheetSvg({ ...now, title });
  };
  const saveSheet = async (now: Drawing) =>
    offerFile(fileName(`${title} sheet`, 'svg'), 'image/svg+xml', await sheet(now));
  const printSheet = async (now: Drawing) => {
    const { sheetPdf } = await import('../paper/patternSheet');
    const pdf = await sheetPdf(await sheet(now));
    offerFile(fileName(`${title} sheet`, 'pdf'), 'application/pdf', pdf);
  };
  const write = (how: (now: Drawing) => Promise<void>) => {
    if (drawing.current) void how(drawing.current);
  };
  return (
    <div className="flex flex-wrap items-center gap-1 px-3 pt-2">
      {LAYERS.map((l) => (
        <Layer
          key={l.key}
          words={l.words}
          isOn={layers[l.key] === true}
          onPress={() => {
            if (l.key === 'cover') showCover(!layers.cover);
            onLayers({ ...layers, [l.key]: layers[l.key] !== true });
          }}
        />
      ))}
      <span className="grow" />
      <Button
        look="quiet"
        aria-pressed={isRound}
        aria-label={isRound ? 'map' : 'in the round'}
        title={isRound ? 'The map again' : 'The head in the round, with its hair'}
        onClick={() => onRound(!isRound)}
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
        onClick={() => write(saveDrawing)}
      >
        <Download size={16} aria-hidden />
      </Button>
      <Button
        look="quiet"
        aria-label="pattern sheet (SVG)"
        title="Pattern sheet, A4 (SVG)"
        onClick={() => write(saveSheet)}
      >
        <FileText size={16} aria-hidden />
      </Button>
      <Button
        look="quiet"
        aria-label="pattern sheet (PDF)"
        title="Pattern sheet, A4 (PDF)"
        onClick={() => write(printSheet)}
      >
        <Printer size={16} aria-hidden />
      </Button>
    </div>
  );
});

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
