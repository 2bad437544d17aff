import type { Texture } from '../../api/types';

/** How locks of a texture are drawn; every length is mm. */
export interface Curl {
  /** How far it swings to the sides, and off the head: alike for a spring, flat for a wave. */
  aside: number;
  off: number;
  /** Length of one turn. */
  turn: number;
  /** Width of a band, and how many lie beside each other in a lock, turning together. */
  width: number;
  bands: number;
  /** Drawn points to a turn. */
  perTurn: number;
  /** How much a turn differs from the next, 0 to 1. */
  loose: number;
  /** Whether it lies the way it falls from its root on, and does not spring about there. */
  isSmooth: boolean;
  /** Strength of the highlights. */
  gloss: number;
  /** Which grain its band has. */
  grain: Grain;
}

/** The grains that lie beside each other in the one texture: smooth strands, a twist of two, frizz. */
export const GRAINS = ['strands', 'twist', 'frizz'] as const;
export type Grain = (typeof GRAINS)[number];

/** Own hair that was left out: smooth, a little apart from what is hooked over it, and finer than the strip that a lock of it lies in. */
const OWN: Curl = {
  aside: 1.5,
  off: 0.8,
  turn: 60,
  width: 2.2,
  bands: 2,
  perTurn: 5,
  loose: 0.4,
  isSmooth: true,
  gloss: 0.6,
  grain: 'strands',
};

/**
 * How hair of a texture is drawn that curls so wide.
 *
 * @param curlMm width across one curl or wave, mm
 */
export function curlOf(texture: Texture | null, curlMm: number): Curl {
  switch (texture) {
    case null:
      return OWN;
    case 'COARSE_KINKY':
      // Too fine to be drawn turn by turn: a zigzag as fine as can be seen, and the rest is its frizz.
      return {
        aside: 2.6,
        off: 2.6,
        turn: 9,
        width: 5.5,
        bands: 2,
        perTurn: 2,
        loose: 0.8,
        isSmooth: false,
        gloss: 0.12,
        grain: 'frizz',
      };
    case 'TIGHT_CURL': {
      const r = Math.max(3, curlMm / 2);
      return {
        aside: r,
        off: r,
        turn: Math.max(7, curlMm * 1.1),
        width: 3.4,
        bands: 2,
        perTurn: 7,
        loose: 0.35,
        isSmooth: false,
        gloss: 0.4,
        grain: 'strands',
      };
    }
    case 'SPRINGY_CURL': {
      const r = Math.max(4.5, curlMm / 2);
      return {
        aside: r,
        off: r,
        turn: Math.max(12, curlMm * 1.35),
        width: 3.8,
        bands: 3,
        perTurn: 9,
        loose: 0.2,
        isSmooth: false,
        gloss: 0.6,
        grain: 'strands',
      };
    }
    case 'SHORT_TWIST':
      return {
        aside: 0.8,
        off: 0.8,
        turn: 40,
        width: 6.5,
        bands: 1,
        perTurn: 4,
        loose: 0.6,
        isSmooth: false,
        gloss: 0.3,
        grain: 'twist',
      };
    case 'DEEP_WAVE':
      return {
        aside: curlMm * 0.3,
        off: curlMm * 0.16,
        turn: Math.max(26, curlMm * 1.9),
        width: 3.6,
        bands: 3,
        perTurn: 10,
        loose: 0.25,
        isSmooth: false,
        gloss: 0.75,
        grain: 'strands',
      };
    case 'LOOSE_WAVE':
      return {
        aside: curlMm * 0.24,
        off: curlMm * 0.1,
        turn: Math.max(46, curlMm * 2.2),
        width: 4,
        bands: 3,
        perTurn: 10,
        loose: 0.3,
        isSmooth: true,
        gloss: 0.9,
        grain: 'strands',
      };
    case 'SILKY_WAVE':
      return {
        aside: curlMm * 0.12,
        off: curlMm * 0.05,
        turn: Math.max(90, curlMm * 3),
        width: 4.4,
        bands: 3,
        perTurn: 10,
        loose: 0.3,
        isSmooth: true,
        gloss: 1.25,
        grain: 'strands',
      };
  }
}

/** The bands of a lock lie over each other at their sides. */
const BESIDE = 0.72;

/** How wide the bands of a lock lie together, mm. */
export const lockWidth = ({ width, bands }: Curl): number =>
  bands === 1 ? width : width * bands * BESIDE;

/** So much of a band is there: its sides part into strands. */
const RAGGED = 0.7;

/** A spring's band runs over itself on its way round; a wave's does not. */
const OVER_ITSELF = 0.3;

/** What width of the ground a lock of it hides, mm: the way that its band takes over a turn, times its width. */
export function hides(curl: Curl): number {
  const { aside, off, turn, grain } = curl;
  const way = 2 * Math.hypot(turn / 2, 2 * aside);
  const isSpring = Math.min(1, off / Math.max(aside, 0.1));
  const there = grain === 'twist' ? 1 : RAGGED;
  return (way / turn) * lockWidth(curl) * there * (1 - OVER_ITSELF * isSpring);
}
