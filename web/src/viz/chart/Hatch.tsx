import { useId, type SVGProps } from 'react';
import type { Point } from '../../lib/curve';

interface Props extends SVGProps<SVGPathElement> {
  /** The closed outline that is hatched. */
  line: Point[];
  /** The ways the lines run, degrees. */
  turns: number[];
  gapMm: number;
}

/** Lines across an outline; drawn as lines, since not every reader of drawings knows patterns. */
export function Hatch({ line, turns, gapMm, ...rest }: Props) {
  const clip = useId();
  const x = line.reduce((sum, p) => sum + p.x, 0) / line.length;
  const y = line.reduce((sum, p) => sum + p.y, 0) / line.length;
  const reach = Math.max(...line.map((p) => Math.hypot(p.x - x, p.y - y)));
  const count = Math.ceil(reach / gapMm);
  const data = turns
    .flatMap((deg) => {
      const t = (deg * Math.PI) / 180;
      const ux = Math.cos(t) * reach;
      const uy = Math.sin(t) * reach;
      return Array.from({ length: 2 * count + 1 }, (_, i) => {
        const off = (i - count) * gapMm;
        const ox = x - Math.sin(t) * off;
        const oy = y + Math.cos(t) * off;
        return `M${round(ox - ux)} ${round(oy - uy)}L${round(ox + ux)} ${round(oy + uy)}`;
      });
    })
    .join('');
  return (
    <>
      <clipPath id={clip}>
        <path d={`M${line.map((p) => `${round(p.x)} ${round(p.y)}`).join('L')}Z`} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <path d={data} fill="none" {...rest} />
      </g>
    </>
  );
}

const round = (v: number): number => Math.round(v * 10) / 10;
