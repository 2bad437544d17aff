import type { Family } from '../api/types';

/** How each family runs, seen from behind: a sign small enough for a key. */
const LINES: Record<Family, string> = {
  STRAIGHT: 'M8 4V36M14 3V37M20 3V37M26 3V37M32 4V36',
  SWITCHBACK: 'M8 3V14M14 2V14M20 2V14M26 2V14M32 3V14M6 19H34V25H6V31H34V37',
  CROSS_TIED: 'M8 4V36M32 4V36M13 3L26 17M27 3L14 17M10 22H30M10 30H30',
  SPIRAL:
    'M20 36C8 36 5 28 5 20C5 9 12 4 20 4C29 4 34 10 34 20C34 28 28 31 20 31C13 31 10 26 10 20C10 13 14 9 20 9C26 9 29 14 29 20C29 25 24 26 20 26C16 26 15 22 16 19C17 16 22 15 23 19',
  CAPPED: 'M8 3V14M14 2V14M20 2V14M26 2V14M32 3V14M5 17H35C35 30 29 37 20 37C11 37 5 30 5 17Z',
  WEFTED: 'M8 3V12M14 2V12M20 2V12M26 2V12M32 3V12M6 17H34M7 24H33M9 31H31',
};

const MESH = 'M10 18L24 36M17 18L30 33M24 18L34 29M30 18L16 36M23 18L10 33M16 18L6 29';
const FRINGES = 'M8 17V23M14 17V23M20 17V23M26 17V23M32 17V23M11 24V30M20 24V30M29 24V30';

export function FamilySign({ family }: { family: Family }) {
  return (
    <svg viewBox="0 0 40 40" className="size-9" aria-hidden="true">
      <path
        d="M20 1C31 1 38 9 38 20C38 31 31 39 20 39C9 39 2 31 2 20C2 9 9 1 20 1Z"
        fill="var(--clay)"
      />
      <g fill="none" strokeLinecap="round" strokeLinejoin="round" stroke="var(--plait)">
        <path d={LINES[family]} strokeWidth={2.4} />
        {family === 'CAPPED' && <path d={MESH} strokeWidth={0.8} />}
        {family === 'WEFTED' && <path d={FRINGES} strokeWidth={1} />}
      </g>
    </svg>
  );
}
