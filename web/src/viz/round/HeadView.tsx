import { OrbitControls } from '@react-three/drei';
import { Canvas } from '@react-three/fiber';
import { useEffect, useMemo, useRef, type ElementRef, type KeyboardEvent } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  CatmullRomCurve3,
  Color,
  TubeGeometry,
  Vector3,
} from 'three';
import type { Solid, Worn } from '../../api/types';
import { toScene } from '../../lib/scene';
import { HeadHair } from './HeadHair';

const CLAY = '#d3b79d';
const PLAIT = '#2b211b';
const THREAD = '#e8a013';
const TAIL = '#4657c4';
const CHALK = '#fffdf6';
const INK = '#11201a';

interface Props {
  solid: Solid;
  heldRow?: string | undefined;
  hair: Worn['hair'];
  /** The colour of each hair of the mix. */
  colours: string[];
  loft: number;
}

/** Which way each key turns it: round, and over. */
const TURNS: Record<string, readonly [number, number]> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** So much an arrow key turns it, rad. */
const TURN = Math.PI / 12;

/** The head in the round, to be turned by hand, wheel and arrow keys; drawn only when something changes. */
export function HeadView({ solid, heldRow, hair, colours, loft }: Props) {
  const orbit = useRef<ElementRef<typeof OrbitControls>>(null);
  const onKey = (e: KeyboardEvent) => {
    const controls = orbit.current;
    const by = TURNS[e.key];
    if (!controls || !by) return;
    e.preventDefault();
    controls.setAzimuthalAngle(controls.getAzimuthalAngle() + by[0] * TURN);
    controls.setPolarAngle(controls.getPolarAngle() + by[1] * TURN);
    controls.update();
  };
  return (
    <div
      className="min-h-0 min-w-0 flex-1 -outline-offset-4"
      role="application"
      aria-roledescription="picture to be turned"
      aria-label="The head in the round, with its rows; drag it or press the arrow keys to turn it"
      tabIndex={0}
      onKeyDown={onKey}
    >
      <Canvas
        frameloop="demand"
        camera={{ position: [0, 120, -560], fov: 38, near: 10, far: 2000 }}
        dpr={[1, 2]}
      >
        <ambientLight intensity={1.4} />
        <directionalLight position={[200, 400, 200]} intensity={1.6} />
        <directionalLight position={[-250, 150, -250]} intensity={1.1} />
        <Skull solid={solid} />
        <Line flat={solid.hairline} width={1} colour={INK} />
        <Line flat={solid.earLine} width={0.7} colour={INK} />
        {solid.parts.map((p, i) => (
          <Line key={i} flat={p} width={2.2} colour={CHALK} />
        ))}
        {solid.rows.map((r) => (
          <Line
            key={r.id}
            flat={r.path}
            width={r.braidWidthMm / 2}
            colour={r.id === heldRow ? THREAD : PLAIT}
          />
        ))}
        {solid.tails.map((t, i) => (
          <Line key={i} flat={t} width={1.1} colour={TAIL} lift={6} />
        ))}
        {hair.length > 0 ? (
          <HeadHair hair={hair} colours={colours} loft={loft} />
        ) : (
          <>
            <Beads flat={solid.stations} />
            <Barbs flat={solid.barbs} />
          </>
        )}
        <OrbitControls
          ref={orbit}
          makeDefault
          enablePan={false}
          enableDamping={false}
          minDistance={190}
          maxDistance={1100}
        />
      </Canvas>
    </div>
  );
}

function Skull({ solid }: { solid: Solid }) {
  const geometry = useMemo(() => {
    const { rings, sectors } = solid;
    const index: number[] = [];
    for (let i = 0; i < rings; i++) {
      for (let j = 0; j < sectors; j++) {
        const a = i * sectors + j;
        const b = i * sectors + ((j + 1) % sectors);
        index.push(a, b, a + sectors, b, b + sectors, a + sectors);
      }
    }
    const g = new BufferGeometry();
    g.setAttribute('position', new BufferAttribute(toScene(solid.surface), 3));
    g.setIndex(index);
    g.computeVertexNormals();
    return g;
  }, [solid]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      <meshStandardMaterial color={CLAY} roughness={0.9} side={2} />
    </mesh>
  );
}

interface LineProps {
  flat: number[];
  width: number;
  colour: string;
  /** How far over the scalp it runs, mm. */
  lift?: number;
}

function Line({ flat, width, colour, lift = 0 }: LineProps) {
  const geometry = useMemo(() => {
    const xyz = toScene(flat);
    const points: Vector3[] = [];
    for (let i = 0; i + 2 < xyz.length; i += 3) {
      const p = new Vector3(xyz[i], xyz[i + 1], xyz[i + 2]);
      points.push(p.setLength(p.length() + lift));
    }
    return new TubeGeometry(new CatmullRomCurve3(points), Math.max(8, points.length), width, 6);
  }, [flat, width, lift]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      <meshStandardMaterial color={colour} roughness={0.8} />
    </mesh>
  );
}

function Beads({ flat }: { flat: number[] }) {
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
function Barbs({ flat }: { flat: number[] }) {
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
