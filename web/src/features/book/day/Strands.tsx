import type { Appointment } from '../../../api/types';

/** What an appointment is, by its mark: an install is a plait, a refresh one with gaps, hair that is prepared a thread, a takedown loose strands. */
export function Strands({
  occasion,
  isDone,
}: {
  occasion: Appointment['occasion'];
  isDone: boolean;
}) {
  const id = `band-${occasion}-${isDone ? 'done' : 'open'}`;
  return (
    <svg className="h-2.5 w-full shrink-0" aria-hidden="true">
      <defs>
        <pattern id={id} width="12" height="10" patternUnits="userSpaceOnUse">
          <Mark occasion={occasion} stroke={isDone ? 'var(--edge)' : 'var(--plait)'} />
        </pattern>
      </defs>
      <rect width="100%" height="10" fill={`url(#${id})`} />
    </svg>
  );
}

function Mark({ occasion, stroke }: { occasion: Appointment['occasion']; stroke: string }) {
  switch (occasion) {
    case 'REFRESH':
      return (
        <>
          <path
            d="M0 1l6 4-6 4"
            fill="none"
            stroke={stroke}
            strokeWidth={2.4}
            strokeLinecap="round"
          />
          <circle cx={9.5} cy={5} r={1.4} fill={stroke} />
        </>
      );
    case 'INSTALL':
      return (
        <path
          d="M0 1l6 4-6 4M6 1l6 4-6 4"
          fill="none"
          stroke={stroke}
          strokeWidth={2.4}
          strokeLinecap="round"
        />
      );
    case 'TAKEDOWN':
      return (
        <path
          d="M0 3c3-3 9 3 12 0M0 7c3-3 9 3 12 0"
          fill="none"
          stroke={stroke}
          strokeWidth={1.4}
        />
      );
    case 'PREPARE':
      return <path d="M0 5H12" stroke="var(--tail)" strokeWidth={2} strokeDasharray="4 2" />;
    case 'CONSULTATION':
      return <path d="M1 9V2M7 9V5" stroke={stroke} strokeWidth={1.4} />;
    default:
      return <circle cx={6} cy={5} r={3} fill="none" stroke={stroke} strokeWidth={1.6} />;
  }
}
