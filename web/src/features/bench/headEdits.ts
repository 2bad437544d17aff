import type { Brief, HeadMeasures, Region } from '../../api/types';

type Hairline = NonNullable<HeadMeasures['hairline']>;

const USUAL_HAIRLINE: Hairline = {
  leftTempleMm: 0,
  rightTempleMm: 0,
  peakPlaceMm: null,
  peakDropMm: null,
  nape: 'ROUND',
};

/** What was not taken down is as usual. */
export const hairlineOf = (brief: Brief): Hairline => brief.head?.hairline ?? USUAL_HAIRLINE;

const withHead = (brief: Brief, edit: Partial<HeadMeasures>): Brief => ({
  ...brief,
  head: { ...brief.head, ...edit },
});

export const withHairline = (brief: Brief, edit: Partial<Hairline>): Brief =>
  withHead(brief, { hairline: { ...hairlineOf(brief), ...edit } });

export const withRegions = (brief: Brief, regions: Region[]): Brief => withHead(brief, { regions });

export const withRegion = (brief: Brief, index: number, edit: Partial<Region>): Brief =>
  withRegions(
    brief,
    (brief.head?.regions ?? []).map((r, i) => (i === index ? { ...r, ...edit } : r)),
  );
