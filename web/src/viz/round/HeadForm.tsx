import { useEffect, useMemo } from 'react';
import type { Solid } from '../../api/types';
import { formShapes, heldShape, materialOf, type Shape } from './formShapes';

interface Props {
  solid: Solid;
  skin: string;
  heldRow?: string | undefined;
  /** With the lines of the plan on it, rather than as a client would see it. */
  isBare: boolean;
  /** Skin without light, while it is asked where it shows. */
  isMarked: boolean;
}

/** Head, ears, neck and shoulders, and what is braided on it. */
export function HeadForm({ solid, skin, heldRow, isBare, isMarked }: Props) {
  const shapes = useMemo(() => formShapes(solid, isBare), [solid, isBare]);
  const held = useMemo(() => heldShape(solid, heldRow), [solid, heldRow]);
  return [...shapes, ...(held ? [held] : [])].map((shape) => (
    <One key={shape.key} shape={shape} skin={skin} isMarked={isMarked} />
  ));
}

type OneProps = Pick<Props, 'skin' | 'isMarked'> & { shape: Shape };

function One({ shape, skin, isMarked }: OneProps) {
  const material = useMemo(() => materialOf(shape, skin, isMarked), [shape, skin, isMarked]);
  useEffect(() => () => shape.geometry.dispose(), [shape]);
  useEffect(() => () => material.dispose(), [material]);
  // Before the hair, so that what lies behind the head is not painted.
  return <mesh geometry={shape.geometry} material={material} renderOrder={-1} />;
}
