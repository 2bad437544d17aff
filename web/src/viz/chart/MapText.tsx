import type { SVGProps } from 'react';
import type { MapPalette } from '../palette';

/** A figure on the map, readable however the map is turned. */
export function Label(props: {
  x: number;
  y: number;
  words: string;
  palette: MapPalette;
  isTurned: boolean;
  ink?: string;
}) {
  const { x, y, words, palette, isTurned } = props;
  return (
    <g transform={`translate(${x} ${y})${isTurned ? ' scale(-1 1)' : ''}`}>
      <HaloText
        halo={palette.bead}
        fontSize={7.6}
        fontWeight={700}
        textAnchor="middle"
        fill={props.ink ?? palette.ink}
        fontFamily={palette.font}
      >
        {words}
      </HaloText>
    </g>
  );
}

/** A text with a halo behind it, as two texts: not every reader of drawings knows how to paint the stroke first. */
export function HaloText({ halo, children, ...rest }: SVGProps<SVGTextElement> & { halo: string }) {
  return (
    <>
      <text
        {...rest}
        fill="none"
        stroke={halo}
        strokeWidth={2.6}
        strokeLinejoin="round"
        aria-hidden
      >
        {children}
      </text>
      <text {...rest}>{children}</text>
    </>
  );
}

/** A number in a ring, to be found again in a list; dashed where it stands for something that is not there yet. */
export function NumberRing(props: {
  x: number;
  y: number;
  number: number;
  r: number;
  palette: MapPalette;
  isTurned: boolean;
  isDashed?: boolean;
}) {
  const { x, y, palette, isTurned } = props;
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={props.r}
        fill={palette.bead}
        stroke={palette.ink}
        strokeWidth={1.1}
        {...(props.isDashed && { strokeDasharray: '2.4 1.4' })}
      />
      <Label
        x={x}
        y={y + 2.7}
        words={String(props.number)}
        palette={palette}
        isTurned={isTurned}
        ink="#11201a"
      />
    </g>
  );
}
