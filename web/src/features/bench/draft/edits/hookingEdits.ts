import type {
  Brief,
  Hooking,
  Method,
  MixStrand,
  PlanStation,
  StationEdit,
  Zone,
} from '../../../../api/types';
import { sameFigure } from '../../../../lib/money';

export const withHooking = (brief: Brief, edit: Partial<Hooking>): Brief => ({
  ...brief,
  hooking: { ...brief.hooking, ...edit },
});

export type ZoneWish = Hooking['zones'][number];

export const wishOf = (brief: Brief, zone: Zone): ZoneWish =>
  brief.hooking.zones.find((z) => z.zone === zone) ?? { zone, closer: 1, shareParts: null };

/** One zone hooked otherwise. */
export const withZone = (brief: Brief, zone: Zone, edit: Partial<ZoneWish>): Brief =>
  withHooking(brief, {
    zones: [
      ...brief.hooking.zones.filter((z) => z.zone !== zone),
      { ...wishOf(brief, zone), ...edit },
    ],
  });

export const withMethod = (brief: Brief, edit: Partial<Method>): Brief =>
  withHooking(brief, { method: { ...brief.hooking.method, ...edit } });

/** Her prices in another currency, each written as before: 35 stays 35. */
export function withCurrency(brief: Brief, from: string, to: string): Brief {
  const { hourMinor, prices } = brief.hooking.method;
  return withMethod(brief, {
    currency: to,
    hourMinor: sameFigure(hourMinor, from, to),
    prices: prices.map((p) => ({ ...p, minor: p.minor && sameFigure(p.minor, from, to) })),
  });
}

/** What is done to a share, with the one figure that belongs to it. */
export type StationDone = Pick<StationEdit, 'kind'> & Partial<StationEdit>;

const NOTHING_MORE = {
  shareParts: null,
  moveMm: null,
  knot: null,
  passes: null,
  hold: null,
  legPercent: null,
  towardDeg: null,
  otherRow: null,
  otherAt: null,
};

/** A change to one station, on top of the changes there are: it is found where those left it. */
export const withStationEdit = (
  brief: Brief,
  station: Pick<PlanStation, 'row' | 'at'>,
  done: StationDone,
): Brief =>
  withHooking(brief, {
    edits: [...brief.hooking.edits, { ...NOTHING_MORE, ...done, row: station.row, at: station.at }],
  });

export const withMix = (brief: Brief, others: MixStrand[]): Brief => {
  const { mix } = brief.hooking;
  return withHooking(brief, {
    mix: {
      how: mix?.how ?? 'RATIO',
      seed: mix?.seed ?? 1,
      mayClump: mix?.mayClump ?? false,
      others,
    },
  });
};
