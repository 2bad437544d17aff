import type { Condition, Density } from '../../api/types';

export const DENSITY_WORDS: Record<Density, string> = {
  FINE: 'fine',
  MEDIUM: 'medium',
  THICK: 'thick',
};

export const CONDITION_WORDS: Record<Condition, string> = {
  THIN_EDGES: 'thin edges',
  THIN_CROWN: 'thin crown',
  TENDER: 'tender spots',
  ITCHES: 'itched in earlier installs',
  REACTS_TO_COATING: 'reacts to coated fibre',
  BROKEN_SKIN: 'broken skin or infection',
};
