import { meshLines } from '../rows';
import type { Drawn } from '../../api/types';
import { pathData, points, toPicture } from '../../lib/curve';
import { Hatch } from './Hatch';
import type { MapPalette } from '../palette';

/** The part of the scalp behind the ear line, in the second tone. */
export function BackTone({ plan, palette }: { plan: Drawn; palette: MapPalette }) {
  const line = pathData(plan.map.earLine);
  return <path d={`${line}L400 400L-400 400Z`} fill={palette.clayDeep} />;
}

/** A mesh cap and pieces of mesh: a fine net over what lies beneath. */
export function CapMark({ plan, palette }: { plan: Drawn; palette: MapPalette }) {
  const mesh = plan.map.mesh;
  if (plan.map.cap.length === 0 && mesh.length === 0) return null;
  return (
    <g>
      {plan.map.cap.length > 0 && (
        <g stroke={palette.bead}>
          <Hatch line={points(plan.map.cap)} turns={[45, -45]} gapMm={4} strokeWidth={0.7} />
          <path d={pathData(plan.map.cap, true)} fill="none" strokeWidth={1.4} />
        </g>
      )}
      {mesh.map((rim, i) => (
        <g key={i} stroke={palette.bead}>
          <Hatch line={points(rim)} turns={[45, -45]} gapMm={4} strokeWidth={0.7} />
          <path d={pathData(rim, true)} fill="none" strokeWidth={1.2} />
        </g>
      ))}
      {meshLines(plan).map((line) => (
        <path
          key={line.id}
          d={pathData(line.path)}
          fill="none"
          stroke={palette.ink}
          strokeWidth={1.5}
          strokeLinecap="round"
          strokeDasharray="0 4"
        />
      ))}
    </g>
  );
}

export function Ears({ plan, palette }: { plan: Drawn; palette: MapPalette }) {
  return plan.map.landmarks
    .filter((m) => m.name.endsWith('_EAR'))
    .map((m) => {
      const p = toPicture(m.x, m.y);
      const out = Math.sign(p.x);
      return (
        <path
          key={m.name}
          d={`M${p.x - out * 6} ${p.y - 12}c${out * 10} -14 ${out * 27} -6 ${out * 19} 12c${-out * 4} 9 ${-out * 6} 19 ${-out * 15} 17c${-out * 7} -2 ${-out * 8} -18 ${-out * 4} -29Z`}
          fill={palette.clay}
          stroke={palette.edge}
          strokeWidth={1}
        />
      );
    });
}
