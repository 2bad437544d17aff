import type { Texture } from '../api/types';
import { tintOf } from './tints';

interface Curl {
  /** Width of a curl and length of one turn, in the swatch's own units. */
  width: number;
  turn: number;
  strands: number;
}

const CURLS: Record<Texture, Curl> = {
  COARSE_KINKY: { width: 2.6, turn: 3.2, strands: 15 },
  TIGHT_CURL: { width: 4.2, turn: 6, strands: 11 },
  SPRINGY_CURL: { width: 8, turn: 12, strands: 7 },
  SHORT_TWIST: { width: 2.2, turn: 7, strands: 8 },
  DEEP_WAVE: { width: 5, turn: 20, strands: 9 },
  LOOSE_WAVE: { width: 4.5, turn: 32, strands: 10 },
  SILKY_WAVE: { width: 2.6, turn: 46, strands: 13 },
};

const STEPS_PER_TURN = 10;
const MM_PER_UNIT = 5;

function strand(x: number, length: number, curl: Curl, phase: number): string {
  const steps = Math.max(8, Math.round((length / curl.turn) * STEPS_PER_TURN));
  let data = '';
  for (let i = 0; i <= steps; i++) {
    const y = (length * i) / steps;
    // Held at the top, the wave opens over the first turn.
    const opening = Math.min(1, y / curl.turn + 0.15);
    const dx = curl.width * opening * Math.sin((2 * Math.PI * y) / curl.turn + phase);
    data += `${i === 0 ? 'M' : 'L'}${(x + dx).toFixed(1)} ${y.toFixed(1)}`;
  }
  return data;
}

const WIDTH = 180;
const STRANDS_FACTOR = 2.4;

/** A hair line, drawn from its own curl, length and colours. */
export function Swatch(props: { texture: Texture; lengthMm: number; colours: string[] }) {
  const curl = CURLS[props.texture];
  const length = props.lengthMm / MM_PER_UNIT;
  const strands = Math.round(curl.strands * STRANDS_FACTOR);
  return (
    <svg
      viewBox={`-12 -8 ${WIDTH + 24} 136`}
      className="h-36 w-full rounded-md"
      style={{ background: 'var(--swatch)' }}
      aria-hidden="true"
    >
      <rect x={-4} y={-4} width={WIDTH + 8} height={5} rx={2} fill="var(--edge)" />
      <g
        fill="none"
        strokeLinecap="round"
        strokeWidth={props.texture === 'SHORT_TWIST' ? 3.4 : 1.7}
      >
        {Array.from({ length: strands }, (_, i) => (
          <path
            key={i}
            d={strand(
              ((i + 0.5) * WIDTH) / strands,
              length * (1 - 0.05 * ((i * 7) % 3)),
              curl,
              // Neighbours lie nearly in step, as hair does that was curled together.
              0.5 * Math.sin(i * 2.4),
            )}
            stroke={tintOf(props.colours[(i * 5) % props.colours.length] ?? '')}
          />
        ))}
      </g>
    </svg>
  );
}
