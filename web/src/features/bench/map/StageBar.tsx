import type { Plan } from '../../../api/types';
import { Box, Download, FileText, FlipHorizontal2, Layers3, Printer } from 'lucide-react';
import { Popover } from 'radix-ui';
import { memo, type RefObject } from 'react';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import type { Layers, ScalpChart } from '../../../viz/chart/ScalpChart';
import { fileName, offerFile } from '../paper/offerFile';
import { useBench } from '../draft/useBench';

const LAYERS: { key: keyof Layers; words: string }[] = [
  { key: 'stations', words: 'shares' },
  { key: 'order', words: 'braiding' },
  { key: 'bulk', words: 'bulk' },
  { key: 'pull', words: 'pull' },
  { key: 'bearing', words: 'hook' },
  { key: 'cover', words: 'cover' },
  { key: 'names', words: 'names' },
];

type Drawing = Omit<Parameters<typeof ScalpChart>[0], 'palette' | 'plan'> & { plan: Plan };

interface BarProps {
  /** What is drawn now; read when it is to be saved, so that the bar need not be drawn anew with it. */
  drawing: RefObject<Drawing | undefined>;
}

/** What is drawn on the map, how it is turned, and what is written of it; nothing where there is no room for it. */
export const StageBar = memo(function StageBar({ drawing }: BarProps) {
  return (
    <div className="@container shrink-0 px-1.5">
      <div className="hidden items-center gap-0.5 pt-2 @min-[38rem]:flex">
        <LayerKeys />
        <span className="grow" />
        <ToolKeys drawing={drawing} />
      </div>
    </div>
  );
});

/** The same behind one key, where there is little room. */
export const StageMenu = memo(function StageMenu({ drawing }: BarProps) {
  return (
    <div className="@min-[38rem]:hidden">
      <Popover.Root>
        <Popover.Trigger asChild>
          <Button
            aria-label="the map"
            title="What the map shows"
            className="min-h-[44px] px-3 shadow-sm"
          >
            <Layers3 size={18} aria-hidden />
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            sideOffset={4}
            collisionPadding={8}
            aria-label="What the map shows"
            className="z-30 flex w-[min(22rem,calc(100vw-1rem))] flex-col gap-3 rounded-lg border border-edge bg-sheet p-3 shadow-xl"
          >
            <div className="flex flex-wrap gap-1">
              <LayerKeys />
            </div>
            <div className="flex flex-wrap gap-1">
              <ToolKeys drawing={drawing} hasWords />
            </div>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
});

function LayerKeys() {
  const layers = useBench((b) => b.layers);
  const showLayers = useBench((b) => b.showLayers);
  const showCover = useBench((b) => b.showCover);
  return LAYERS.map((l) => (
    <Layer
      key={l.key}
      words={l.words}
      isOn={layers[l.key] === true}
      onPress={() => {
        if (l.key === 'cover') showCover(!layers.cover);
        showLayers({ ...layers, [l.key]: layers[l.key] !== true });
      }}
    />
  ));
}

function ToolKeys({ drawing, hasWords = false }: BarProps & { hasWords?: boolean }) {
  const isRound = useBench((b) => b.isRound);
  const showRound = useBench((b) => b.showRound);
  const { isTurned, set } = usePrefs();
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
  const tools = [
    {
      words: isRound ? 'map' : 'in the round',
      title: isRound ? 'The map again' : 'The head in the round, with its hair',
      isOn: isRound,
      sign: <Box size={16} aria-hidden />,
      onPress: () => showRound(!isRound),
    },
    {
      words: 'turn over',
      title: 'Turn the map over, for somebody who faces the client (t)',
      isOn: isTurned,
      sign: <FlipHorizontal2 size={16} aria-hidden />,
      onPress: () => set({ isTurned: !isTurned }),
    },
    {
      words: 'drawing (SVG)',
      title: 'Drawing (SVG)',
      sign: <Download size={16} aria-hidden />,
      onPress: () => write(saveDrawing),
    },
    {
      words: 'pattern sheet (SVG)',
      title: 'Pattern sheet, A4 (SVG)',
      sign: <FileText size={16} aria-hidden />,
      onPress: () => write(saveSheet),
    },
    {
      words: 'pattern sheet (PDF)',
      title: 'Pattern sheet, A4 (PDF)',
      sign: <Printer size={16} aria-hidden />,
      onPress: () => write(printSheet),
    },
  ];
  return tools.map((t) => (
    <Button
      key={t.title}
      look="quiet"
      aria-pressed={t.isOn}
      aria-label={t.words}
      title={t.title}
      onClick={t.onPress}
      className="px-1.5"
    >
      {t.sign}
      <span className={hasWords ? '' : 'hidden @min-[68rem]:inline'}>{t.words}</span>
    </Button>
  ));
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
