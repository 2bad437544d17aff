import type { Brief, Head, Hairline, Region } from '../../../../api/types';

export const withHead = (brief: Brief, edit: Partial<Head>): Brief => ({
  ...brief,
  head: { ...brief.head, ...edit },
});

export const withHairline = (brief: Brief, edit: Partial<Hairline>): Brief =>
  withHead(brief, { hairline: { ...brief.head.hairline, ...edit } });

export const withRegions = (brief: Brief, regions: Region[]): Brief => withHead(brief, { regions });

export const withRegion = (brief: Brief, index: number, edit: Partial<Region>): Brief =>
  withRegions(
    brief,
    brief.head.regions.map((r, i) => (i === index ? { ...r, ...edit } : r)),
  );
