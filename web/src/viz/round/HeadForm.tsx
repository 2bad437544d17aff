import { useEffect, useMemo } from 'react';
import type { BufferGeometry } from 'three';
import type { Solid } from '../../api/types';
import { cordGeometry, earGeometry, lengthOf, ringsGeometry } from './formGeometry';
import { skinMaterial } from './shaders';

const PLAIT = '#2b211b';
const THREAD = '#e8a013';
const TAIL = '#4657c4';
const CHALK = '#fffdf6';
const INK = '#11201a';

/** How often a plait crosses over, against its width. */
const CROSSINGS = 0.75;

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
  const { form, axes } = solid;
  const head = useMemo(() => ringsGeometry(form.head), [form]);
  const bust = useMemo(() => ringsGeometry(form.bust), [form]);
  const left = useMemo(() => earGeometry(axes, -1), [axes]);
  const right = useMemo(() => earGeometry(axes, 1), [axes]);
  const foot = useMemo(() => Math.min(...form.bust.points.filter((_, i) => i % 3 === 2)), [form]);
  return (
    <>
      <Skin geometry={head} colour={skin} isMarked={isMarked} />
      {/* Ears always show, and lie before what is asked for. */}
      {[left, right].map((g) => (
        <Skin key={g.uuid} geometry={g} colour={skin} isMarked={false} />
      ))}
      <Skin geometry={bust} colour={skin} isMarked={false} foot={foot} />
      {solid.rows.map((r) => (
        <Cord
          key={r.id}
          flat={r.path}
          radius={r.braidWidthMm / 2}
          colour={r.id === heldRow ? THREAD : PLAIT}
          isPlait
          isMarked={isMarked}
        />
      ))}
      {isBare && (
        <>
          <Cord flat={solid.hairline} radius={1} colour={INK} />
          <Cord flat={solid.earLine} radius={0.7} colour={INK} />
          {solid.parts.map((p, i) => (
            <Cord key={i} flat={p} radius={2.2} colour={CHALK} />
          ))}
          {solid.tails.map((t, i) => (
            <Cord key={i} flat={t} radius={1.1} colour={TAIL} lift={6} />
          ))}
        </>
      )}
    </>
  );
}

interface SkinProps {
  geometry: BufferGeometry;
  colour: string;
  isMarked: boolean;
  foot?: number;
  chevrons?: number;
}

function Skin({ geometry, colour, isMarked, foot, chevrons }: SkinProps) {
  const material = useMemo(
    () => skinMaterial(colour, { chevrons, foot, isMarked }),
    [colour, chevrons, foot, isMarked],
  );
  useEffect(() => () => geometry.dispose(), [geometry]);
  useEffect(() => () => material.dispose(), [material]);
  return <mesh geometry={geometry} material={material} />;
}

interface CordProps {
  flat: number[];
  radius: number;
  colour: string;
  /** How far over the scalp it runs, mm. */
  lift?: number;
  isPlait?: boolean;
  isMarked?: boolean;
}

function Cord({ flat, radius, colour, lift, isPlait = false, isMarked = false }: CordProps) {
  const geometry = useMemo(() => cordGeometry(flat, radius, lift), [flat, radius, lift]);
  const chevrons = isPlait ? Math.round(lengthOf(flat) / (radius * 2 * CROSSINGS)) : 0;
  return <Skin geometry={geometry} colour={colour} isMarked={isMarked} chevrons={chevrons} />;
}
