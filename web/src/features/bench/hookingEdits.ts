import type {
  Brief,
  Hooking,
  Method,
  MixStrand,
  PlanStation,
  StationEdit,
  Zone,
} from '../../api/types';

const USUAL: Hooking = {
  method: null,
  zones: [],
  parts: [],
  mix: null,
  edits: [],
  usesBaseHair: null,
  cutsInHalf: null,
};

/** What older plans do not say is as usual. */
export const hookingOf = (brief: Brief): Hooking => brief.hooking ?? USUAL;

export const withHooking = (brief: Brief, edit: Partial<Hooking>): Brief => ({
  ...brief,
  hooking: { ...hookingOf(brief), ...edit },
});

export type ZoneWish = NonNullable<Hooking['zones']>[number];

export const wishOf = (brief: Brief, zone: Zone): ZoneWish =>
  hookingOf(brief).zones?.find((z) => z.zone === zone) ?? { zone, closer: 1, shareParts: null };

/** One zone hooked otherwise. */
export const withZone = (brief: Brief, zone: Zone, edit: Partial<ZoneWish>): Brief =>
  withHooking(brief, {
    zones: [
      ...(hookingOf(brief).zones ?? []).filter((z) => z.zone !== zone),
      { ...wishOf(brief, zone), ...edit },
    ],
  });

export const withMethod = (brief: Brief, edit: Partial<Method>): Brief =>
  withHooking(brief, { method: { ...NO_METHOD, ...hookingOf(brief).method, ...edit } });

const NO_METHOD: Method = {
  name: 'Usual',
  spacing: undefined,
  back: undefined,
  partKnot: undefined,
  hairlineKnot: undefined,
  rowStart: undefined,
  bearing: undefined,
  order: undefined,
  reservePercent: null,
  hourMinor: null,
  marginPercent: null,
  pacePercent: null,
} as unknown as Method;

/** A change to one station, on top of the changes there are: it is found where those left it. */
export function withStationEdit(
  brief: Brief,
  station: PlanStation,
  kind: NonNullable<StationEdit['kind']>,
  amount: number,
): Brief {
  const edits = hookingOf(brief).edits ?? [];
  return withHooking(brief, {
    edits: [...edits, { row: station.row, at: station.at, kind, amount }],
  });
}

export const withMix = (brief: Brief, others: MixStrand[]): Brief => {
  const mix = hookingOf(brief).mix;
  return withHooking(brief, {
    mix: {
      how: mix?.how ?? 'RATIO',
      seed: mix?.seed ?? 1,
      mayClump: mix?.mayClump ?? false,
      others,
    },
  });
};
