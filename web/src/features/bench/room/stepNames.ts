import type { Finding } from '../../../api/types';
import type { Step } from '../draft/benchState';

/** What each step is called. */
export const STEP_NAMES: Record<Step, string> = {
  client: 'Client',
  head: 'Head',
  parts: 'Parts',
  foundation: 'Rows',
  hair: 'Hair',
  knots: 'Knots',
  wear: 'Wear',
  counts: 'Counts',
};

const STEP_OF_PLACE: Record<Finding['place']['kind'], Step> = {
  MEASURE: 'head',
  PART: 'parts',
  ROW: 'foundation',
  HEAD: 'client',
  REGION: 'head',
  RIM: 'foundation',
  HAIR: 'hair',
  ZONE: 'wear',
  STATION: 'knots',
};

/** The step at which something can be done about a finding. */
export const stepOf = (f: Finding): Step => STEP_OF_PLACE[f.place.kind];

/** The step at which a field of the brief is entered, by its path. */
export function stepOfField(field: string): Step {
  if (field.startsWith('head.')) return 'head';
  if (field.startsWith('ownHair.') || field.startsWith('consultation.')) return 'client';
  if (field.startsWith('foundation.parts') || field.startsWith('foundation.earLine'))
    return 'parts';
  if (field.startsWith('foundation.')) return 'foundation';
  // Which hair, and how it is mixed and cut, is asked one step before the knots.
  if (field.startsWith('hooking.') && !/^hooking\.(mix|cutZones|tuftGrams)/.test(field))
    return 'knots';
  return 'hair';
}
