import type { Brief, PartAsked } from '../../../../api/types';

/** The brief with another list of parts. */
export const withParts = (brief: Brief, parts: PartAsked[]): Brief => ({
  ...brief,
  foundation: { ...brief.foundation, parts },
});

/** The brief with one part changed. */
export const withPart = (brief: Brief, index: number, edit: Partial<PartAsked>): Brief =>
  withParts(
    brief,
    brief.foundation.parts.map((p, i) => (i === index ? { ...p, ...edit } : p)),
  );
