import type { ReactNode } from 'react';
import type { DrillKind } from '../../../api/types';

/** A sign for each kind of drill, drawn from what is done in it. */
const SIGNS: Record<DrillKind, ReactNode> = {
  // A bead and the barb that goes in.
  HOOK_WAY: <path d="M14 30a4 4 0 1 0 .1 0M17 26 32 11m-9-1 10 0 0 10" />,
  // Three rows, one after the other.
  BRAID_ORDER: <path d="M10 8v26M22 14v20M34 20v14M7 8h6M19 14h6M31 20h6" />,
  // Tails that come together in one spot.
  HUMP: <path d="M6 10q12 4 16 18M38 10q-12 4-16 18M22 6v22M15 34q7-9 14 0" />,
  // A gap between two rows.
  PARTS: <path d="M13 6v32M31 6v32M22 6v4m0 5v4m0 5v4m0 5v4" />,
  // A pack and its loops.
  PACKS: <path d="M8 16h28v20H8zM14 16V9a4 4 0 0 1 8 0v7M22 16V9a4 4 0 0 1 8 0v7" />,
  // A clock.
  MINUTES: <path d="M22 8a14 14 0 1 0 .1 0M22 14v8l6 4" />,
  // A head that is covered but for a spot.
  STOPPING: <path d="M8 34V22a14 14 0 0 1 28 0v12M26 24a3 3 0 1 0 .1 0" />,
  // A loop over a row, drawn through itself.
  KNOTS: <path d="M6 20h32M15 20v12a7 7 0 0 0 14 0V20M15 20V9m14 11V9" />,
  // Two threads, one of them crossed out by a stitch.
  CUT: <path d="M14 6v30M30 6v30M25 14l10 8m0-8-10 8" />,
  // A plait that opens at its end.
  UNDO: <path d="m16 6 6 6 6-6M16 14l6 6 6-6M22 20v6M22 26l-9 10M22 26l9 10M22 26v11" />,
  // A caution.
  HARM: <path d="M22 7 38 36H6zM22 17v9m0 5v.5" />,
  // A hand held up.
  WHAT_NOW: (
    <path d="M14 24V13a2.5 2.5 0 0 1 5 0v8-11a2.5 2.5 0 0 1 5 0v11-9a2.5 2.5 0 0 1 5 0v10-6a2.5 2.5 0 0 1 5 0v10c0 7-4 11-10 11-7 0-9-5-14-12a2.6 2.6 0 0 1 4-3z" />
  ),
  // A plan with a spot that is ringed.
  FAULTS: <path d="M8 6v32M36 6v32M17 6v9m0 14v9M27 6v32M17 15a7 7 0 1 0 .1 0" />,
  // A head with its hair drawn up.
  UPDOS: <path d="M11 36V26a11 11 0 0 1 22 0v10M22 15V9m-5-1q5-4 10 0M17 11q5-6 10 0" />,
  // Singles, the end of each fed into the next.
  SINGLES: <path d="M8 10v14q0 8 7 8M20 10v14q0 8 7 8M32 10v22m0 0 5 5M15 32l5-4m7 4 5-4" />,
  // Beads along a row, closer to one end.
  SPACING: <path d="M5 22h34M9 22v-6m5 6v-6m7 6v-6m10 6v-6M7 32h4m6 0h18" />,
};

export function DrillSign({ kind }: { kind: DrillKind }) {
  return <Sign>{SIGNS[kind]}</Sign>;
}

/** Two loops over one row. */
export function TwoKnots() {
  return (
    <Sign>
      <path d="M4 20h36M10 20v9a4 4 0 0 0 8 0v-9M10 20V9m8 11V9M26 20v9a4 4 0 0 0 8 0v-9M26 20V9m8 11V9M22 34v4" />
    </Sign>
  );
}

function Sign({ children }: { children: ReactNode }) {
  return (
    <svg
      viewBox="0 0 44 44"
      className="size-12"
      fill="none"
      stroke="currentColor"
      strokeWidth={2.4}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
    >
      {children}
    </svg>
  );
}
