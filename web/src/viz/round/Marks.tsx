import { useEffect, useMemo } from 'react';
import { BufferAttribute, BufferGeometry, Color, Vector3 } from 'three';
import { toScene } from '../../lib/scene';

const THREAD = '#e8a013';
const CHALK = '#fffdf6';

export function Beads({ flat }: { flat: number[] }) {
  const geometry = useMemo(() => {
    const g = new BufferGeometry();
    const xyz = toScene(flat);
    // A little over the plaits, or half of each bead would lie inside them.
    for (let i = 0; i + 2 < xyz.length; i += 3) {
      const p = new Vector3(xyz[i], xyz[i + 1], xyz[i + 2]);
      p.setLength(p.length() + 8).toArray(xyz, i);
    }
    g.setAttribute('position', new BufferAttribute(xyz, 3));
    return g;
  }, [flat]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <points geometry={geometry}>
      <pointsMaterial color={CHALK} size={5} />
    </points>
  );
}

/** A short stroke for each station, the way the hook goes in: pale where it comes from, dark where it goes. */
export function Barbs({ flat }: { flat: number[] }) {
  const geometry = useMemo(() => {
    const g = new BufferGeometry();
    const xyz = toScene(flat);
    const from = new Color(CHALK);
    const to = new Color(THREAD);
    const colours = new Float32Array(xyz.length);
    for (let i = 0; i + 5 < xyz.length; i += 6) {
      from.toArray(colours, i);
      to.toArray(colours, i + 3);
    }
    g.setAttribute('position', new BufferAttribute(xyz, 3));
    g.setAttribute('color', new BufferAttribute(colours, 3));
    return g;
  }, [flat]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <lineSegments geometry={geometry}>
      <lineBasicMaterial vertexColors />
    </lineSegments>
  );
}
