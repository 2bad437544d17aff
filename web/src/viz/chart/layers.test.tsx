import { said } from '../../testing/onBench';
import { renderToStaticMarkup } from 'react-dom/server';
import type { ReactNode } from 'react';
import { describe, expect, it } from 'vitest';
import type { Fills, Worn } from '../../api/types';
import { COVER_STEPS, CoverLayer } from './CoverLayer';
import { FillMarks } from './FillMarks';
import { PAPER } from '../palette';

const draw = (layer: ReactNode) =>
  new DOMParser().parseFromString(
    renderToStaticMarkup(<svg xmlns="http://www.w3.org/2000/svg">{layer}</svg>),
    'image/svg+xml',
  );

const COLUMNS = 12;
const LINES = 10;
const CELL = 10;

/** Skin showing by a rule over the cells of a grid whose middle is the map's; −1 is outside. */
function worn(percent: (column: number, line: number) => number, gaps: Worn['gaps'] = []): Worn {
  return {
    grid: {
      cellMm: CELL,
      columns: COLUMNS,
      lines: LINES,
      left: (-COLUMNS * CELL) / 2,
      front: (LINES * CELL) / 2,
      percent: Array.from({ length: COLUMNS * LINES }, (_, i) =>
        percent(i % COLUMNS, Math.floor(i / COLUMNS)),
      ),
    },
    gaps,
  } as Worn;
}

const cover = (w: Worn) => draw(<CoverLayer worn={w} palette={PAPER} isTurned={false} />);
const step = (d: Document, from: number) =>
  d.querySelector(`[data-cover="${from}"]`)?.getAttribute('d') ?? '';

/** Area of the rings of a step, those that are holes taken off. */
function area(d: string): number {
  const rings = d
    .split('Z')
    .filter(Boolean)
    .map((ring) =>
      ring
        .slice(1)
        .split('L')
        .map((p) => p.split(' ').map(Number)),
    );
  const signed = rings.map((ring) =>
    ring.reduce((sum, [x = 0, y = 0], i) => {
      const [x2 = 0, y2 = 0] = ring[(i + 1) % ring.length] ?? [];
      return sum + (x * y2 - x2 * y) / 2;
    }, 0),
  );
  return Math.abs(signed.reduce((a, b) => a + b, 0));
}

describe('CoverLayer', () => {
  it('draws nothing where nothing shows, and every step where all does', () => {
    const none = cover(worn(() => 0));
    const all = cover(worn(() => 90));
    for (const { from } of COVER_STEPS) {
      expect(step(none, from)).toBe('');
      expect(area(step(all, from))).toBeGreaterThan(0.8 * COLUMNS * LINES * CELL * CELL);
    }
  });

  it('draws a step from its percentage on, each within the one before', () => {
    const slope = cover(worn((column) => column * 6));
    const areas = COVER_STEPS.map(({ from }) => area(step(slope, from)));
    for (let i = 1; i < areas.length; i++) {
      expect(areas[i]).toBeLessThan(areas[i - 1] ?? 0);
    }
    expect(areas.at(-1)).toBeGreaterThan(0);
  });

  it('goes on beyond the hairline as it was at it, so that no line runs along the edge', () => {
    const edged = (column: number) => (column < 2 || column > 9 ? -1 : 30);
    const whole = cover(worn(() => 30));
    expect(area(step(cover(worn(edged)), 25))).toBeCloseTo(area(step(whole, 25)), 0);
  });

  it('leaves a hole where hair lies thick among skin that shows', () => {
    const ring = cover(worn((c, l) => (c > 3 && c < 8 && l > 3 && l < 6 ? 0 : 40)));
    const full = cover(worn(() => 40));
    expect(area(step(ring, 25))).toBeLessThan(area(step(full, 25)) - 4 * CELL * CELL);
  });

  it('numbers the gaps where they lie, y turned over', () => {
    const gap = {
      place: said('behind the crown'),
      areaMm2: 300,
      exposedPercent: 40,
      x: 12,
      y: -30,
    };
    const circle = cover(worn(() => 0, [gap, { ...gap, x: -5 }])).querySelectorAll('circle');
    expect(circle).toHaveLength(2);
    expect(circle[0]?.getAttribute('cx')).toBe('12');
    expect(circle[0]?.getAttribute('cy')).toBe('30');
  });
});

describe('FillMarks', () => {
  const fill = (kind: Fills['fills'][number]['kind'], x: number): Fills['fills'][number] => ({
    kind,
    row: 'F1',
    rowWords: 'front row 1',
    x,
    y: 50,
    shareWords: kind === 'WISP' ? 'eighth' : 'half',
    knots: kind === 'DRAWN_SHUT' ? [x, 0, x + 20, 0] : [],
    trial: 0,
    why: said('hides some skin'),
  });

  it('numbers fills in a dashed ring, and draws wisps as curls, joins knots by a thread', () => {
    const d = draw(
      <FillMarks
        fills={[fill('FILL', 1), fill('DRAWN_SHUT', 2), fill('WISP', 3)]}
        palette={PAPER}
        isTurned={false}
      />,
    );
    const rings = d.querySelectorAll('circle');
    expect(rings).toHaveLength(2);
    expect([...rings].every((r) => r.getAttribute('stroke-dasharray'))).toBe(true);
    expect([...d.querySelectorAll('text:not([aria-hidden])')].map((t) => t.textContent)).toEqual([
      '1',
      '2',
    ]);
    expect(d.querySelectorAll('[data-fills] > g')).toHaveLength(3);
    expect(d.querySelectorAll('[data-fills] > g > path')).toHaveLength(2);
    const thread = d.querySelector('[data-thread] path');
    expect(thread?.getAttribute('d')).toBe('M2 0L22 0');
  });
});
