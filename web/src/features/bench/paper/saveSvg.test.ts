import { describe, expect, it } from 'vitest';
import type { Plan } from '../../../api/types';
import { chartSvg } from './saveSvg';

const row = (id: string, x: number, order: number) => ({
  id,
  words: `front row ${order}`,
  section: 'FRONT',
  use: 'HOOKED',
  lengthMm: 90,
  pullShare: 0.5,
  stripWidthMm: 17,
  braidWidthMm: 7,
  joins: null,
  stations: 1,
  order,
  path: [x, 100, x, 10],
});

/** A plan just large enough to draw. */
const PLAN = {
  map: {
    outline: [-80, 0, 0, 110, 80, 0, 0, -110, -80, 0],
    earLine: [-80, 0, 0, 10, 80, 0],
    braidedEdge: [-80, 0, 0, 110, 80, 0, 0, -110],
    regions: [{ index: 0, kind: 'THIN', kindWords: 'thin', rim: [0, 0, 10, 0, 10, 10] }],
    crossings: [],
    cap: [],
    mesh: [],
    left: 'her left',
    right: 'her right',
    landmarks: [
      { name: 'FRONT_CENTRE', words: 'front', x: 0, y: 110 },
      { name: 'LEFT_EAR', words: 'left ear', x: -95, y: -20 },
    ],
  },
  rows: [row('F1', -20, 1), row('F2', 20, 2)],
  stations: [
    { id: 'F1/1', row: 'F1', x: -20, y: 80, kind: 0, towardX: 0, towardY: 1 },
    { id: 'F1/2', row: 'F1', x: -20, y: 60, kind: 1, towardX: 1, towardY: 0 },
  ],
  kinds: [
    { shareParts: 4, knot: 'REGULAR', strand: 0, blendColour: null },
    { shareParts: 1, knot: 'DOUBLE_ENTRY', strand: 0, blendColour: null },
  ],
  shut: [],
  hairs: [{ name: 'Ebb Loose', colour: 'ink' }],
  parts: [{ index: 0, number: 1, path: [0, 105, 0, 40], narrowestMm: 6, isOpen: false }],
  tails: [
    { row: 'F1', end: 'FED', into: 'F2', bulk: 2, thread: [-20, 10, 20, 40], halves: [] },
    { row: 'F2', end: 'LOOSE', into: null, bulk: 1, thread: [], halves: [] },
  ],
} as unknown as Plan;

const draw = (change: Partial<Parameters<typeof chartSvg>[0]> = {}) => {
  const text = chartSvg({
    plan: PLAN,
    title: 'Odalys & her "curls"',
    layers: { stations: true, names: true, order: true },
    isTurned: false,
    unit: 'cm',
    unitMm: 10,
    ...change,
  });
  return new DOMParser().parseFromString(text, 'image/svg+xml');
};

const beads = (svg: Document) => svg.querySelector('[data-beads="main"]')?.getAttribute('d');

describe('chartSvg', () => {
  it('is a well-formed drawing at true scale', () => {
    const svg = draw().documentElement;
    expect(svg.tagName).toBe('svg');
    const [, , width, height] = (svg.getAttribute('viewBox') ?? '').split(' ');
    expect(svg.getAttribute('width')).toBe(`${width}mm`);
    expect(svg.getAttribute('height')).toBe(`${height}mm`);
    expect(svg.querySelector('title')?.textContent).toBe('Odalys & her "curls"');
  });

  it('uses no colour of the screen, so that it looks the same on paper', () => {
    expect(draw().documentElement.outerHTML).not.toContain('var(');
  });

  it('draws every row, the station as large as its share, and the part dashed where it closes', () => {
    const svg = draw();
    expect(svg.querySelectorAll('[data-row]')).toHaveLength(2);
    // A quarter of a loop has a bead of half the radius.
    expect(beads(svg)).toMatch(/^M-20 -78\.55A1\.45 1\.45 /);
    expect(svg.documentElement.outerHTML).toContain('stroke-dasharray="2 2"');
  });

  it('tells knots by their shape and hooks by a barb, drawn only when asked for', () => {
    const plain = draw();
    // A round bead and a diamond.
    expect(beads(plain)).toMatch(/A.*Z.*M.*L.*L.*L.*Z$/);
    expect(plain.querySelector('[data-barbs]')).toBeNull();
    const barbs = draw({ layers: { stations: true, names: true, bearing: true } })
      .querySelector('[data-barbs] path')
      ?.getAttribute('d');
    // Up the map for the first, to her right for the second.
    expect(barbs).toMatch(/^M-20 -70\.99L-20 -85\.45.*M-30\.46 -60L-13\.1 -60/);
  });

  it('has a scale bar in the unit asked for', () => {
    const words = (d: Document) =>
      [...d.querySelectorAll('text')].map((t) => t.textContent?.trim());
    expect(words(draw())).toContain('5 cm');
    expect(words(draw({ unit: 'in', unitMm: 25.4 }))).toContain('2 in');
    expect(words(draw({ unit: 'fingers', unitMm: 18 }))).toContain('3 fingers');
  });

  it('keeps left and right the client’s when it is turned over', () => {
    const left = (d: Document) =>
      [...d.querySelectorAll('text')].find((t) => t.textContent === 'her left');
    expect(Number(left(draw())?.getAttribute('x'))).toBeLessThan(0);
    expect(Number(left(draw({ isTurned: true }))?.getAttribute('x'))).toBeGreaterThan(0);
  });

  it('leaves out the layers that are off', () => {
    const bare = draw({ layers: { stations: false, names: false } });
    expect(bare.querySelectorAll('[data-beads]')).toHaveLength(0);
    expect(bare.querySelectorAll('text')).toHaveLength(0);
  });
});
