import { renderToStaticMarkup } from 'react-dom/server';
import type { Plan } from '../../../api/types';
import { PAPER } from '../../../viz/palette';
import { ScalpChart, SHEET, type Layers } from '../../../viz/chart/ScalpChart';

interface What {
  plan: Plan;
  title: string;
  layers: Layers;
  isTurned: boolean;
  unit: string;
  unitMm: number;
}

/** The map as a drawing of its own, at true scale (1 mm is 1 mm) with a scale bar, in the colours of paper. */
export function chartSvg({ plan, title, layers, isTurned, unit, unitMm }: What): string {
  return renderToStaticMarkup(
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${SHEET.width}mm`}
      height={`${SHEET.height}mm`}
      viewBox={`${SHEET.x} ${SHEET.y} ${SHEET.width} ${SHEET.height}`}
    >
      <title>{title}</title>
      <rect x={SHEET.x} y={SHEET.y} width={SHEET.width} height={SHEET.height} fill="#ffffff" />
      <ScalpChart
        plan={plan}
        palette={PAPER}
        layers={layers}
        isTurned={isTurned}
        unit={unit}
        unitMm={unitMm}
      />
    </svg>,
  );
}
