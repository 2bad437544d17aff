import type { ReactNode } from 'react';
import type { Thread } from '../api/types';

interface Props {
  thread: Thread;
  /** The same in words. */
  words: string;
}

/** What hangs from a row, as it is seen once the hair is parted there. */
export function ThreadPicture({ thread, words }: Props) {
  return (
    <svg
      viewBox="0 0 64 44"
      className="h-11 w-16 shrink-0 rounded bg-well"
      role="img"
      aria-label={words}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {PICTURES[thread]}
    </svg>
  );
}

const OWN = '#3b2c22';
const FIBRE = '#b5651d';
const THREAD = '#2d6cdf';

/** A row from left to right, as far as it goes. */
function Row({ to = 64, thick = 0 }: { to?: number; thick?: number }) {
  const crossings = Math.floor(to / 6);
  return (
    <>
      <path d={`M0 13H${to}`} stroke={OWN} strokeWidth={11} />
      {thick > 0 && <ellipse cx={34} cy={13} rx={11} ry={thick} fill={OWN} />}
      <path
        d={Array.from({ length: crossings }, (_, i) => `M${i * 6 + 1} 9l3.4 4l-3.4 4`).join('')}
        stroke="#8a7463"
        strokeWidth={1.3}
      />
    </>
  );
}

/** A plaited end, thinner toward its tip, with a wisp. */
function End({ d, tip }: { d: string; tip: string }) {
  return (
    <>
      <path d={d} stroke={OWN} strokeWidth={4.6} />
      <path d={d} stroke="#8a7463" strokeWidth={1.2} strokeDasharray="1.5 3" />
      <path d={tip} stroke={OWN} strokeWidth={1.6} />
    </>
  );
}

const PICTURES: Record<Thread, ReactNode> = {
  LEGS_FROM_A_KNOT: (
    <>
      <Row />
      <path d="M31 16q-5 7 -2 13t-3 14M35 16q5 7 2 13t4 14" stroke={FIBRE} strokeWidth={3.4} />
      <circle cx={33} cy={13} r={5} fill={FIBRE} stroke={OWN} strokeWidth={1} />
    </>
  ),
  LEGS_AT_EACH_SIDE: (
    <>
      <path d="M32 7q-3-4 3-6t14 1" stroke={FIBRE} strokeWidth={3.4} />
      <Row />
      <path d="M32 19q-4 7 0 12t-3 12" stroke={FIBRE} strokeWidth={3.4} />
    </>
  ),
  END_OUT_OF_A_ROW: (
    <>
      <Row thick={9} />
      <End d="M36 19q4 6 10 10" tip="m46 29 6 4m-6-4 4 6" />
    </>
  ),
  END_BESIDE_A_ROW: (
    <>
      <End d="M32 22q1 6 5 11" tip="m37 33 4 6m-4-6 0 7" />
      <Row />
    </>
  ),
  END_UNDER_THREAD: (
    <>
      <Row />
      <End d="M20 24q14 3 28 2" tip="m48 26 7 0m-7 0 6 3" />
      <path d="m24 20 3 9m3-9 3 9m3-9 3 9m3-8 2 8" stroke={THREAD} strokeWidth={1.8} />
    </>
  ),
  END_UNDER_A_PIN: (
    <>
      <Row />
      <End d="M20 26q14 3 28 2" tip="m48 28 7 0m-7 0 6 3" />
      <path d="M28 38V20q0-3 3-3t3 3v18" stroke="#9aa3a8" strokeWidth={2} />
    </>
  ),
  ENDS_IN_A_BAND: (
    <>
      <Row to={30} />
      <path d="M26 16q7 4 9 9M40 3q3 10-2 22" stroke={OWN} strokeWidth={4.2} />
      <path d="M36 30l-5 11m6-11 0 12m1-12 6 10" stroke={OWN} strokeWidth={2} />
      <ellipse cx={37} cy={27} rx={5} ry={3} fill={THREAD} />
    </>
  ),
  LOOSE_END: (
    <>
      <Row to={34} />
      <End d="M36 14q8 3 11 14" tip="m47 28 1 9m-1-9 5 8m-5-8-3 8" />
    </>
  ),
};
