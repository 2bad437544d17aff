import { describe, expect, it } from 'vitest';
import { chance } from './chance';
import { springsAbout, turnsOver, wayOf, type Rise } from './rise';
import { along, cross, dot, onSkull, skullNormal, square } from './skull';

const AXES = { a: 97, b: 78, c: 124, n: 2.3 };
const ROOT = onSkull(AXES, [0.3, -0.5, 0.8]);
const NORMAL = skullNormal(AXES, ROOT);
const WAY = square([0, -1, 0], NORMAL);
const ASIDE = cross(WAY, NORMAL);

const rise = (over: Partial<Rise> = {}): Rise => ({
  root: ROOT,
  way: WAY,
  riseMm: 50,
  reachMm: 20,
  asideMm: 6,
  part: 0.3,
  lift: 1,
  ...over,
});

describe('rise', () => {
  it.each([springsAbout, turnsOver])('begins at its root and stays in its patch', (rises) => {
    for (let seed = 0; seed < 200; seed++) {
      const asideMm = 19 * (chance(seed, 2)() * 2 - 1);
      const risen = rises(rise({ asideMm, part: chance(seed, 3)() }), AXES, chance(seed, 1));
      expect(along(risen[0]?.at ?? [0, 0, 0], ROOT, -1)).toEqual([0, 0, 0]);
      for (const { at, highMm } of risen) {
        expect(Math.hypot(...along(at, ROOT, -1))).toBeLessThan(20 + 1e-9);
        expect(highMm).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('of smooth hair goes behind its root and comes back the way it falls, without crossing it', () => {
    for (let seed = 0; seed < 200; seed++) {
      const risen = turnsOver(rise(), AXES, chance(seed, 1));
      const forth = risen.map(({ at }) => dot(along(at, ROOT, -1), WAY));
      const turn = forth.indexOf(Math.min(...forth));
      expect(Math.max(...forth)).toBeLessThan(1e-9);
      for (let i = turn + 1; i < forth.length; i++) {
        expect(forth[i]).toBeGreaterThan(forth[i - 1] ?? 0);
      }
      // What is seen of it, the way back, keeps its place beside the root.
      for (const { at } of risen.slice(turn)) {
        expect(dot(along(at, ROOT, -1), ASIDE)).toBeCloseTo(6, 6);
      }
    }
  });

  it('takes no more of its length than there is of it', () => {
    for (let seed = 0; seed < 200; seed++) {
      for (const asideMm of [0, 10, 19]) {
        expect(wayOf(turnsOver(rise({ asideMm }), AXES, chance(seed, 1)))).toBeLessThan(50);
      }
    }
  });

  it('stands as much higher as its hair has lofted', () => {
    for (const rises of [springsAbout, turnsOver]) {
      const high = (lift: number) =>
        Math.max(...rises(rise({ lift }), AXES, chance(7, 1)).map(({ highMm }) => highMm));
      expect(high(1.5)).toBeCloseTo(1.5 * high(1), 9);
    }
  });
});
