import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import type { Outlook } from '../../api/types';

const WIDTH = 320;
const HEIGHT = 150;

interface Dot {
  minutes: number;
  planned?: number;
  gone?: number;
  ahead?: number;
}

/** Loops against minutes of hooking: the plan, what was done, and where it leads at this pace. */
export default function ForecastLine({ outlook }: { outlook: Outlook }) {
  const end = outlook.planned.at(-1);
  if (!end) return null;
  const hair = outlook.hair.reduce((sum, h) => sum + h.there, 0);
  const data: Dot[] = [
    ...outlook.planned.map((p) => ({ minutes: p.minutes, planned: p.loops })),
    { minutes: 0, gone: 0 },
    ...outlook.gone.map((p) => ({ minutes: p.minutes, gone: p.loops })),
    ...outlook.ahead.map((p) => ({ minutes: p.minutes, ahead: p.loops })),
  ].sort((a, b) => a.minutes - b.minutes);
  return (
    <figure className="px-3 py-2">
      <figcaption className="text-sm text-soft">
        loops by minutes of hooking: planned thin, done thick, ahead dashed
      </figcaption>
      <LineChart
        width={WIDTH}
        height={HEIGHT}
        data={data}
        margin={{ top: 8, right: 8, bottom: 0, left: -18 }}
        accessibilityLayer={false}
        style={{ width: '100%', maxWidth: WIDTH }}
      >
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis
          dataKey="minutes"
          type="number"
          domain={[0, 'dataMax']}
          tickFormatter={(v: number) => String(Math.round(v))}
          stroke="var(--edge)"
          fontSize={12}
        />
        <YAxis
          stroke="var(--edge)"
          fontSize={12}
          domain={[0, Math.ceil(Math.max(hair, end.loops))]}
        />
        <ReferenceLine y={hair} stroke="var(--ink)" strokeDasharray="2 3" />
        <Line
          dataKey="planned"
          stroke="var(--edge)"
          dot={false}
          connectNulls
          isAnimationActive={false}
        />
        <Line
          dataKey="gone"
          stroke="var(--thread)"
          strokeWidth={3.5}
          dot={false}
          connectNulls
          isAnimationActive={false}
        />
        <Line
          dataKey="ahead"
          stroke="var(--thread-deep)"
          strokeDasharray="5 4"
          strokeWidth={2}
          dot={false}
          connectNulls
          isAnimationActive={false}
        />
      </LineChart>
    </figure>
  );
}
