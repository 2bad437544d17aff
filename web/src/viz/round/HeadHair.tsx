import { useThree } from '@react-three/fiber';
import { useEffect, useMemo, useState } from 'react';
import type { BufferGeometry } from 'three';
import type { LookView, Solid } from '../../api/types';
import { GRAINS } from './curls';
import { grainTexture } from './grain';
import { hairGeometry } from './hairGeometry';
import { buildLocks, FULL, TURNING } from './locks';
import { hairMaterial } from './shaders';

/** What hair is called in the scene while it is drawn in few bands. */
export const COARSE = 'coarse hair';

interface Props {
  look: LookView;
  axes: Solid['axes'];
  /** Half as many locks, while it is turned. */
  isTurning: boolean;
  /** Hair without light and without tails, while it is asked where skin shows. */
  isFlat: boolean;
}

/**
 * All hair as one surface; drawn in few bands at first and while it is turned, and in all of them as soon as there is time to make
 * those.
 */
export function HeadHair({ look, axes, isTurning, isFlat }: Props) {
  const coarse = useMemo(
    () => hairGeometry(buildLocks(look, axes, { ...TURNING, hasTails: !isFlat }), look.colours),
    [look, axes, isFlat],
  );
  const fine = useFine(look, axes, !isFlat);
  const isCoarse = isTurning || !fine;
  const grain = useMemo(() => grainTexture(), []);
  // Both are kept as long as the head is: a material that is made anew has its shader compiled anew.
  const materials = useMemo(
    () =>
      [false, true].map((isCoarse) =>
        hairMaterial({ grain, grains: GRAINS.length, isFlat, isCoarse }),
      ),
    [grain, isFlat],
  );
  useEffect(() => () => coarse.dispose(), [coarse]);
  useEffect(() => () => grain.dispose(), [grain]);
  useEffect(() => () => materials.forEach((m) => m.dispose()), [materials]);
  return (
    <mesh
      name={isCoarse ? COARSE : 'hair'}
      geometry={isCoarse ? coarse : fine}
      material={materials[Number(isCoarse)]}
      frustumCulled={false}
    />
  );
}

/** All bands, once what was asked for last could be drawn in few. */
function useFine(look: LookView, axes: Solid['axes'], hasTails: boolean) {
  const [made, setMade] = useState<{
    of: LookView;
    hasTails: boolean;
    geometry: BufferGeometry;
  }>();
  const { invalidate } = useThree();
  useEffect(() => {
    const timer = window.setTimeout(() => {
      const locks = buildLocks(look, axes, { ...FULL, hasTails });
      setMade({ of: look, hasTails, geometry: hairGeometry(locks, look.colours) });
      invalidate();
    }, MAKES_AFTER_MS);
    return () => window.clearTimeout(timer);
  }, [look, axes, hasTails, invalidate]);
  useEffect(() => () => made?.geometry.dispose(), [made]);
  return made?.of === look && made.hasTails === hasTails ? made.geometry : undefined;
}

const MAKES_AFTER_MS = 120;
