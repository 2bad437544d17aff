import {
  DataTexture,
  LinearFilter,
  LinearMipmapLinearFilter,
  RGFormat,
  RepeatWrapping,
} from 'three';
import { chance } from './chance';
import { GRAINS, type Grain } from './curls';

const ACROSS = 64;
const ALONG = 256;

/** How bright the band of a lock is at a place across it (−1 to 1) and along it (0 to 1, repeating). */
type Paint = (across: number, along: number) => number;

/** A band is round: brightest a little off its middle, dark where it turns away. */
const roundness = (x: number): number => Math.sqrt(Math.max(0, 1 - x * x));

/** Strands run along the lock, and drift a little to its sides. */
function strands(key: number): Paint {
  const random = chance(key, 3);
  const lines = Array.from({ length: 26 }, () => ({
    at: 2 * random() - 1,
    wide: 0.03 + 0.09 * random(),
    bright: 2 * random() - 1,
    drift: 0.16 * random(),
    phase: random(),
  }));
  return (x, y) => {
    let sum = 0;
    for (const l of lines) {
      const d = (x - l.at - l.drift * Math.sin(2 * Math.PI * (y + l.phase))) / l.wide;
      sum += l.bright * Math.exp(-d * d);
    }
    return (0.42 + 0.58 * roundness(x)) * (1 + 0.34 * sum);
  };
}

/**
 * A lock is whole in its middle and parts into strands toward its sides.
 *
 * @param from how far from the middle that begins, 0 to 1
 */
function ragged(count: number, from: number): Paint {
  const random = chance(count, 29);
  const lines = Array.from({ length: count }, () => ({
    at: 2 * random() - 1,
    wide: 0.03 + 0.05 * random(),
    drift: 0.2 * random(),
    phase: random(),
  }));
  return (x, y) => {
    const side = Math.max(0, (Math.abs(x) - from) / (1 - from));
    const strand = Math.max(
      ...lines.map((l) => {
        const d = (x - l.at - l.drift * Math.sin(2 * Math.PI * (y + l.phase))) / l.wide;
        return Math.exp(-d * d);
      }),
    );
    return 1 - side * (1 - strand);
  };
}

/** Two strands twisted about each other: a seam that runs over from side to side. */
const twist: Paint = (x, y) => {
  const turn = 14;
  const seam = Math.abs(((y * turn + 0.32 * x + 10) % 1) - 0.5) * 2;
  return (0.35 + 0.65 * roundness(x)) * (0.4 + 0.75 * Math.sqrt(Math.max(0, 1 - (1 - seam) ** 3)));
};

/** Fibres that go every way. */
function frizz(): Paint {
  const random = chance(17, 5);
  const dots = Float32Array.from({ length: 24 * 96 }, random);
  const at = (i: number, j: number) =>
    dots[(((j % 96) + 96) % 96) * 24 + (((i % 24) + 24) % 24)] ?? 0;
  return (x, y) => {
    const [u, v] = [(x + 1) * 11.5, y * 96];
    const [i, j] = [Math.floor(u), Math.floor(v)];
    const [s, t] = [u - i, v - j];
    const value =
      (1 - t) * ((1 - s) * at(i, j) + s * at(i + 1, j)) +
      t * ((1 - s) * at(i, j + 1) + s * at(i + 1, j + 1));
    return (0.5 + 0.5 * roundness(x)) * (0.45 + 1.1 * value * value);
  };
}

/** The grains of all kinds of hair beside each other. */
export function grainTexture(): DataTexture {
  const paints: Record<Grain, { light: Paint; there: Paint }> = {
    strands: { light: strands(11), there: ragged(12, 0.3) },
    twist: { light: twist, there: () => 1 },
    frizz: { light: frizz(), there: ragged(40, 0.2) },
  };
  const width = ACROSS * GRAINS.length;
  const data = new Uint8Array(2 * width * ALONG);
  GRAINS.forEach((grain, g) => {
    for (let y = 0; y < ALONG; y++) {
      for (let x = 0; x < ACROSS; x++) {
        const across = (2 * (x + 0.5)) / ACROSS - 1;
        const at = 2 * (y * width + g * ACROSS + x);
        data[at] = Math.max(0, Math.min(255, 170 * paints[grain].light(across, y / ALONG)));
        data[at + 1] = Math.max(0, Math.min(255, 255 * paints[grain].there(across, y / ALONG)));
      }
    }
  });
  const texture = new DataTexture(data, width, ALONG, RGFormat);
  texture.wrapT = RepeatWrapping;
  texture.minFilter = LinearMipmapLinearFilter;
  texture.magFilter = LinearFilter;
  texture.generateMipmaps = true;
  texture.needsUpdate = true;
  return texture;
}

/** Length of a lock after which its grain repeats, mm. */
export const GRAIN_MM = 90;
