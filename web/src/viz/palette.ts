/** The colours of a map. On screen they follow the theme; on paper they are fixed. */
export interface MapPalette {
  clay: string;
  clayDeep: string;
  ink: string;
  soft: string;
  edge: string;
  plait: string;
  plaitLit: string;
  bead: string;
  held: string;
  tail: string;
  chalk: string;
  font: string;
}

export const SCREEN: MapPalette = {
  clay: 'var(--clay)',
  clayDeep: 'var(--clay-deep)',
  ink: 'var(--ink)',
  soft: 'var(--soft)',
  edge: 'var(--edge)',
  plait: 'var(--plait)',
  plaitLit: 'var(--plait-lit)',
  bead: 'var(--bead)',
  held: 'var(--thread)',
  tail: 'var(--tail)',
  chalk: 'var(--chalk)',
  font: 'var(--font-narrow)',
};

export const PAPER: MapPalette = {
  clay: '#f1e7dc',
  clayDeep: '#e2d0bd',
  ink: '#11201a',
  soft: '#43534b',
  edge: '#7a8a81',
  plait: '#2b211b',
  plaitLit: '#a39081',
  bead: '#ffffff',
  held: '#e8a013',
  tail: '#2f3f93',
  chalk: '#a8231c',
  font: 'sans-serif',
};
