import { useLengths } from '../../../ui/prefs';

const WIDTH = 216;
const HEIGHT = 58;
const LEFT = 4;
const BASE = 44;
/** Wider than this is drawn no wider, mm. */
const WIDEST_MM = 24;

interface Props {
  /** Distance back and clear width by turns, mm. */
  channel: number[];
  /** Narrower than this does not read as skin, mm. */
  skinMm: number;
}

/** How much scalp a part shows along its way, from the hairline back. */
export function ChannelCurve({ channel, skinMm }: Props) {
  const lengths = useLengths();
  const widths = Array.from({ length: channel.length / 2 }, (_, i) => ({
    at: channel[2 * i] ?? 0,
    clear: channel[2 * i + 1] ?? 0,
  }));
  const first = widths[0];
  const last = widths.at(-1);
  if (!first || !last || widths.length < 2) return null;
  const narrowest = widths.reduce((a, b) => (b.clear < a.clear ? b : a));
  const widest = widths.reduce((a, b) => (b.clear > a.clear ? b : a));
  const top = Math.max(skinMm * 2, Math.min(WIDEST_MM, widest.clear));
  const x = (at: number) => LEFT + ((at - first.at) / (last.at - first.at)) * (WIDTH - 2 * LEFT);
  const y = (mm: number) => BASE - (Math.min(mm, top) / top) * (BASE - 12);
  const line = widths.map((w) => `${x(w.at).toFixed(1)} ${y(w.clear).toFixed(1)}`).join('L');
  const words = `Scalp shown from ${lengths.say(first.at)} to ${lengths.say(last.at)} behind the hairline: narrowest ${lengths.say(narrowest.clear)} at ${lengths.say(narrowest.at)}, widest ${lengths.say(widest.clear)}`;
  const anchor = x(narrowest.at) < 30 ? 'start' : x(narrowest.at) > WIDTH - 30 ? 'end' : 'middle';
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words} className="mt-1 w-full">
      <path
        d={`M${x(first.at)} ${BASE}L${line}L${x(last.at)} ${BASE}Z`}
        fill="var(--clay)"
        stroke="none"
      />
      <path d={`M${line}`} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
      <path
        d={`M${LEFT} ${y(skinMm)}H${WIDTH - LEFT}`}
        stroke="var(--chalk)"
        strokeWidth={1}
        strokeDasharray="4 3"
      />
      <path d={`M${LEFT} ${BASE}H${WIDTH - LEFT}`} stroke="var(--ink)" strokeWidth={0.8} />
      <circle cx={x(narrowest.at)} cy={y(narrowest.clear)} r={2.6} fill="var(--ink)" />
      <g fontSize={9} fill="var(--ink)">
        <text x={x(narrowest.at)} y={y(narrowest.clear) - 5} textAnchor={anchor} fontWeight={600}>
          {lengths.say(narrowest.clear)}
        </text>
        <g fill="var(--soft)">
          <text x={LEFT} y={HEIGHT - 4}>
            hairline
          </text>
          <text x={WIDTH - LEFT} y={HEIGHT - 4} textAnchor="end">
            {lengths.say(last.at)} back
          </text>
        </g>
      </g>
    </svg>
  );
}
