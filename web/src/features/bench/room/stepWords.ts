import type { Step } from '../draft/benchState';

/** The words of the trade that each step goes by, as the glossary knows them. */
export const STEP_WORDS: Record<Step, readonly string[]> = {
  client: ['hairline', 'slips', 'full'],
  head: ['hairline', 'ear-line', 'crown', 'occipital-bone', 'nape'],
  parts: ['wearing-part', 'leave-out', 'ear-line'],
  foundation: ['row', 'tail', 'fed', 'perimeter-braid', 'switchback', 'collector-row', 'hump'],
  hair: ['loop', 'share', 'pack', 'full', 'loft'],
  knots: ['knot', 'passes', 'regular', 'invisible', 'double-entry', 'finger-turn', 'slips'],
  wear: ['cover', 'wearing-part', 'loft'],
  counts: ['share', 'fill', 'kept-back', 'pack', 'bulk'],
};
