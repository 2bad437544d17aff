import type { SVGProps } from 'react';
import type { MapPalette } from './palette';

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
