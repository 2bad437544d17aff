import boldUrl from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf?url';
import plainUrl from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?url';
import { braided } from '../../../viz/rows';
import type { jsPDF as JsPdf } from 'jspdf';
import { renderToStaticMarkup } from 'react-dom/server';
import type { Plan } from '../../../api/types';
import { formatMinutes } from '../../../lib/time';
import { PAPER } from '../../../viz/palette';
import { regionKindsOf } from '../../../viz/chart/RegionMark';
import { boundsOf } from '../../../lib/curve';
import { ScalpChart, SHEET, type Layers } from '../../../viz/chart/ScalpChart';
import { SideView } from '../../../viz/SideView';

interface What {
  plan: Plan;
  title: string;
  layers: Layers;
  isTurned: boolean;
  unit: string;
  unitMm: number;
}

/** A4, mm. */
const PAGE = { width: 210, height: 297, margin: 12 };
const MAP_WIDTH = 122;
const STEPS_TOP = 160;
const LINE_MM = 5;
const VIEW_MM = 54;
const VIEWS_LEFT = PAGE.width - PAGE.margin - VIEW_MM;
const VIEWS: readonly string[] = ['back', 'left'];
const COLUMN_MM = 94;

/** The sheet that hangs beside the chair: map, views, order of braiding and legend on one A4 page. */
export function sheetSvg({ plan, title, isTurned, unit, unitMm }: What): string {
  const scale = MAP_WIDTH / SHEET.width;
  return renderToStaticMarkup(
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${PAGE.width}mm`}
      height={`${PAGE.height}mm`}
      viewBox={`0 0 ${PAGE.width} ${PAGE.height}`}
      fontFamily="Sheet, sans-serif"
      fill={PAPER.ink}
    >
      <title>{title}</title>
      <rect width={PAGE.width} height={PAGE.height} fill="#ffffff" />
      <text x={PAGE.margin} y={17} fontSize={6} fontWeight={700}>
        {title}
      </text>
      <text x={PAGE.margin} y={23} fontSize={3.4} fill={PAPER.soft}>
        {lead(plan)}
      </text>
      <g
        transform={`translate(${PAGE.margin - SHEET.x * scale} ${28 - SHEET.y * scale}) scale(${scale})`}
      >
        <ScalpChart
          plan={plan}
          palette={PAPER}
          layers={{ stations: false, names: true, order: true }}
          isTurned={isTurned}
          unit={unit}
          unitMm={unitMm}
        />
      </g>
      <Views plan={plan} isTurned={isTurned} />
      <Legend plan={plan} />
      <Steps plan={plan} />
    </svg>,
  );
}

/** The sheet as a PDF of one page. */
export async function sheetPdf(svg: string): Promise<ArrayBuffer> {
  const { jsPDF } = await import('jspdf');
  const { svg2pdf } = await import('svg2pdf.js');
  const drawing = new DOMParser().parseFromString(svg, 'image/svg+xml').documentElement;
  // What is drawn has to lie in the page, or its texts cannot be measured.
  const aside = document.createElement('div');
  aside.style.cssText = 'position:absolute;left:-9999px;top:0';
  aside.append(document.adoptNode(drawing));
  document.body.append(aside);
  try {
    const pdf = new jsPDF({ unit: 'mm', format: 'a4' });
    await addFonts(pdf);
    await svg2pdf(drawing, pdf, { x: 0, y: 0, width: PAGE.width, height: PAGE.height });
    return pdf.output('arraybuffer');
  } finally {
    aside.remove();
  }
}

/** Letters for the names of the world: those that every PDF reader has of its own know only Western Europe's. */
async function addFonts(pdf: JsPdf) {
  const faces = [
    { url: plainUrl, style: 'normal' },
    { url: boldUrl, style: 'bold' },
  ];
  for (const { url, style } of faces) {
    const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
    let text = '';
    for (const byte of bytes) text += String.fromCharCode(byte);
    pdf.addFileToVFS(`sheet-${style}.ttf`, btoa(text));
    pdf.addFont(`sheet-${style}.ttf`, 'Sheet', style);
  }
  pdf.setFont('Sheet', 'normal');
}

const lead = (plan: Plan): string =>
  `${braided(plan).length} rows, ${(plan.ledger.rowLengthMm / 1000).toFixed(1)} m to braid; ` +
  `${plan.ledger.neededLoops} loops; about ${formatMinutes(plan.ledger.chairMinutes.likely)} in the chair. ` +
  'Left and right are the client’s.';

function Views({ plan, isTurned }: { plan: Plan; isTurned: boolean }) {
  return plan.views
    .filter((v) => VIEWS.includes(v.from))
    .map((v, i) => {
      const rim = boundsOf(v.rim);
      const words = v.words;
      const y = 30 + i * 58;
      return (
        <g key={v.from}>
          <svg
            x={VIEWS_LEFT}
            y={y}
            width={VIEW_MM}
            height={VIEW_MM - 2}
            viewBox={`${rim.x - 6} ${rim.y - 6} ${rim.width + 12} ${rim.height + 12}`}
          >
            <SideView view={v} palette={PAPER} words="" isTurned={isTurned} isBare />
          </svg>
          <text x={VIEWS_LEFT} y={y + 3} fontSize={3.2} fill={PAPER.soft}>
            {words}
          </text>
        </g>
      );
    });
}

const SIGNS: { words: string; path: string; dash?: string; isPlait?: boolean }[] = [
  { words: 'fed into a plait', path: 'M0 0h8m-2 -1.4l2 1.4l-2 1.4' },
  { words: 'threaded under rows', path: 'M0 0h8m-2 -1.4l2 1.4l-2 1.4', dash: '1.4 1' },
  { words: 'laid under an overlay', path: 'M0 0h8', isPlait: true },
  { words: 'stitched down', path: 'M3 -1.6l3 3m0 -3l-3 3M3 2.4h3' },
  { words: 'loose: secure it', path: 'M3 0a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0 -3.2 0' },
];

function Legend({ plan }: { plan: Plan }) {
  const kinds = regionKindsOf(plan);
  return (
    <g transform={`translate(${VIEWS_LEFT} 148)`} fontSize={3}>
      <text y={0} fontSize={3.4} fontWeight={700}>
        Tails
      </text>
      {SIGNS.map((s, i) => (
        <g key={s.words} transform={`translate(0 ${4.5 + i * 4.4})`}>
          <path
            d={s.path}
            transform="translate(0 -1)"
            stroke={s.isPlait ? PAPER.plait : PAPER.tail}
            strokeWidth={s.isPlait ? 1.4 : 0.6}
            fill="none"
            strokeDasharray={s.dash}
          />
          <text x={11}>{s.words}</text>
        </g>
      ))}
      {kinds.length > 0 && (
        <text y={30} fill={PAPER.chalk}>
          {`Hatched: ${kinds.map((k) => k.words).join(', ')}`}
        </text>
      )}
      <text y={34.5} fill={PAPER.soft}>
        Numbers: the order of braiding
      </text>
    </g>
  );
}

/** Type that just fits: the largest of these in which all lines have room in two columns. */
const TYPE_MM = [3.3, 3, 2.7, 2.5, 2.3, 2.1, 1.9, 1.7];
/** Condensed letters take about half of their height. */
const LETTER = 0.52;
const INDENT_MM = 11;
const STEPS_BOTTOM = PAGE.height - PAGE.margin;

/** All lines of the braiding, and the type they are set in, so that they end above the page's edge. */
export function setSteps(groups: Plan['groups']): {
  lines: { key: string; number: string; words: string }[];
  typeMm: number;
  pitchMm: number;
} {
  const room = STEPS_BOTTOM - STEPS_TOP - 30;
  for (const typeMm of TYPE_MM) {
    const chars = Math.floor((COLUMN_MM - INDENT_MM - 2) / (typeMm * LETTER));
    const lines = groups.flatMap((g) =>
      wrap(g.words, chars).map((words, i) => ({
        key: `${g.from}-${i}`,
        number: i > 0 ? '' : g.from === g.to ? String(g.from) : `${g.from}–${g.to}`,
        words,
      })),
    );
    const pitchMm = Math.min(LINE_MM, typeMm * 1.5);
    if (Math.ceil(lines.length / 2) * pitchMm <= room || typeMm === TYPE_MM.at(-1)) {
      return { lines, typeMm, pitchMm };
    }
  }
  throw new Error('there is always a smallest type');
}

/** The braiding in two columns, what is alike together. */
function Steps({ plan }: { plan: Plan }) {
  const { lines, typeMm, pitchMm } = setSteps(plan.groups);
  const half = Math.ceil(lines.length / 2);
  return (
    <g transform={`translate(${PAGE.margin} ${STEPS_TOP + 27})`}>
      <text fontSize={4} fontWeight={700} y={-3}>
        Braiding, in order
      </text>
      {lines.map((l, i) => {
        const column = i < half ? 0 : 1;
        const y = (column === 0 ? i : i - half) * pitchMm + 3;
        return (
          <g key={l.key} transform={`translate(${column * COLUMN_MM} ${y})`} fontSize={typeMm}>
            <text fontWeight={700}>{l.number}</text>
            <text x={INDENT_MM}>{l.words}</text>
          </g>
        );
      })}
    </g>
  );
}

/** Breaks a text between words into lines of at most so many characters. */
export function wrap(text: string, most: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    if (line !== '' && line.length + 1 + word.length > most) {
      lines.push(line);
      line = word;
    } else {
      line = line === '' ? word : `${line} ${word}`;
    }
  }
  return line === '' ? lines : [...lines, line];
}
