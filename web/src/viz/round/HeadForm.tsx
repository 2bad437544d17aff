import { useEffect, useMemo } from 'react';
import type { Solid } from '../../api/types';
import { formShapes, materialOf, type Shape } from './formShapes';

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
  return shapes.map((shape) => (
    <One key={shape.key} shape={shape} skin={skin} heldRow={heldRow} isMarked={isMarked} />
  ));
}

type OneProps = Omit<Props, 'solid' | 'isBare'> & { shape: Shape };

function One({ shape, skin, heldRow, isMarked }: OneProps) {
  const isHeld = shape.row !== undefined && shape.row === heldRow;
  const material = useMemo(
    () => materialOf(shape, skin, { heldRow: isHeld ? shape.row : undefined, isMarked }),
    [shape, skin, isHeld, isMarked],
  );
  useEffect(() => () => shape.geometry.dispose(), [shape]);
  useEffect(() => () => material.dispose(), [material]);
  return <mesh geometry={shape.geometry} material={material} />;
}
