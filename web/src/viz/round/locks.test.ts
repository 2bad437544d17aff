import { describe, expect, it } from 'vitest';
import type { LookView, Texture } from '../../api/types';
import { acrossPatch, chance, fromMiddle } from './chance';
import { curlOf, hides, lockWidth } from './curls';
import { buildLocks, FULL, TURNING, type Locks } from './locks';
import { along, dot, onSkull, skullNormal, type Point } from './skull';
import { standsAt, MIDDLE, VIEWS } from './views';

const AXES = { a: 97, b: 78, c: 124, n: 2.3 };

/** Hair that falls from the crown down the back of the head, and hangs from there. */
function look(
  texture: Texture,
  curlMm: number,
  over: Partial<LookView['hair'][number]> = {},
): LookView {
  const line: number[] = [];
  const onHead = 16;
  for (let i = 0; i < onHead; i++) {
    const down = (70 - 8 * i) * (Math.PI / 180);
    line.push(...onSkull(AXES, [0.04, -Math.cos(down), Math.sin(down)]));
  }
  const [x, y, z] = line.slice(-3) as Point;
  for (let i = 1; i <= 12; i++) line.push(x, y - 6, z - 15 * i);
  const points = line.length / 3;
  return {
    colours: ['1'],
    words: 'down',
    seenThrough: 0.7,
    loft: 1,
    laid: [],
    hair: [
      {
        strands: [0],
        texture,
        curlMm,
        isDrawn: false,
        onHead,
        line,
        band: Array.from({ length: points }, (_, i) => Math.min(80, 32 + 3 * i)),
        over: Array.from({ length: points }, () => 4),
        coversMm: 16,
        riseMm: 55,
        ...over,
      },
    ],
  };
}

const points = (locks: Locks, lock: number): Point[] => {
  const all: Point[] = [];
  for (let i = locks.starts[lock] ?? 0; i < (locks.starts[lock + 1] ?? 0); i++) {
    all.push(locks.middle.slice(3 * i, 3 * i + 3) as Point);
  }
  return all;
};

const length = (chain: Point[]): number =>
  chain.reduce((sum, p, i) => {
    const q = chain[i - 1] ?? p;
    return sum + Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  }, 0);

const TEXTURES: [Texture, number][] = [
  ['COARSE_KINKY', 3],
  ['TIGHT_CURL', 8],
  ['SPRINGY_CURL', 22],
  ['SHORT_TWIST', 6],
  ['DEEP_WAVE', 30],
  ['LOOSE_WAVE', 45],
  ['SILKY_WAVE', 60],
];

describe('locks', () => {
  it.each(TEXTURES)(
    'of %s hide what the cover says they hide, in whatever detail',
    (texture, curl) => {
      const one = curlOf(texture, curl);
      for (const detail of [FULL, TURNING]) {
        const drawn = buildLocks(look(texture, curl, { coversMm: 120 }), AXES, detail);
        const isOne = detail.isWhole || one.bands === 1;
        const usual = isOne ? lockWidth(one) : one.width;
        let hidden = 0;
        for (let b = 0; b + 1 < drawn.starts.length; b++) {
          let widest = 0;
          for (let i = drawn.starts[b] ?? 0; i < (drawn.starts[b + 1] ?? 0); i++) {
            // Where it has turned over its root smooth hair lies wider.
            if ((drawn.run[i] ?? 0) > 100) widest = Math.max(widest, 2 * (drawn.half[i] ?? 0));
          }
          hidden += ((widest / usual) * hides(one)) / (isOne ? 1 : one.bands);
        }
        expect((hidden * 0.7) / 120).toBeGreaterThan(0.9);
        expect((hidden * 0.7) / 120).toBeLessThan(1.1);
      }
    },
  );

  it.each(TEXTURES)('of %s lie on the skin and not under it', (texture, curl) => {
    const drawn = buildLocks(look(texture, curl), AXES);
    for (let i = 0; i < drawn.half.length; i++) {
      const p = drawn.middle.slice(3 * i, 3 * i + 3) as Point;
      const on = onSkull(AXES, p);
      expect(Math.hypot(...p)).toBeGreaterThan(Math.hypot(...on) - 0.5);
    }
  });

  it('turn as a spring does: as wide as its curl, and as long as its turns make it', () => {
    const curl = curlOf('SPRINGY_CURL', 22);
    const drawn = buildLocks(look('SPRINGY_CURL', 22), AXES);
    const chain = points(drawn, 0);
    const run = drawn.run[(drawn.starts[1] ?? 0) - 1] ?? 0;
    const perMm = Math.hypot(curl.turn, 2 * Math.PI * curl.aside) / curl.turn;
    expect(length(chain) / run).toBeGreaterThan(0.75 * perMm);
    expect(length(chain) / run).toBeLessThan(1.2 * perMm);
    // Where it hangs straight down, it goes round once in a turn: across, there is one highest place to each.
    const off: number[] = [];
    for (let band = 0; band + 1 < drawn.starts.length; band++) {
      const hanging = points(drawn, band).filter(([, , z]) => z < -70);
      const x = (i: number) => hanging[i]?.[0] ?? 0;
      const highest = hanging.filter(
        (_, i) => i > 0 && i + 1 < hanging.length && x(i) > x(i - 1) && x(i) > x(i + 1),
      ).length;
      const fallen = (hanging[0]?.[2] ?? 0) - (hanging.at(-1)?.[2] ?? 0);
      off.push(highest - fallen / curl.turn);
    }
    expect(off.length).toBeGreaterThan(6);
    expect(Math.abs(off.reduce((a, b) => a + b) / off.length)).toBeLessThan(1.3);
  });

  it.each(TEXTURES)('of %s are as long as the hair, less what is cut unevenly', (texture, curl) => {
    const hair = look(texture, curl, { coversMm: 120 });
    const line = hair.hair.flatMap((h) => h.line);
    const chain = line.flatMap((_, i) => (i % 3 === 0 ? [line.slice(i, i + 3) as Point] : []));
    const whole = 55 + length(chain);
    const drawn = buildLocks(hair, AXES);
    for (let lock = 0; lock + 1 < drawn.starts.length; lock++) {
      const run = drawn.run[(drawn.starts[lock + 1] ?? 1) - 1] ?? 0;
      expect(run).toBeGreaterThan(0.8 * whole);
      expect(run).toBeLessThanOrEqual(whole);
    }
  });

  it('are the same whenever they are drawn, and half as many bands while the head is turned', () => {
    const asked = look('DEEP_WAVE', 30);
    expect(buildLocks(asked, AXES)).toEqual(buildLocks(asked, AXES));
    const whole = buildLocks(asked, AXES).half.length;
    expect(buildLocks(asked, AXES, TURNING).half.length).toBeLessThan(whole / 3);
  });

  it('share their colours where two hairs are blended, and leave her own hair its own', () => {
    const blended = buildLocks(look('DEEP_WAVE', 30, { strands: [0, 1], coversMm: 60 }), AXES);
    expect(new Set(blended.strand)).toEqual(new Set([0, 1]));
    const own = buildLocks(look('DEEP_WAVE', 30, { strands: [], texture: null }), AXES);
    expect(new Set(own.strand)).toEqual(new Set([-1]));
  });

  it('lie on what is laid, as many times over as it lies', () => {
    const bun = {
      ...look('DEEP_WAVE', 30),
      hair: [],
      laid: [{ x: 0, y: -70, z: 80, areaMm2: 900, depth: 4 }],
    };
    const drawn = buildLocks(bun, AXES);
    expect((drawn.starts.length - 1) * 22 * 6).toBeGreaterThan((0.9 * 900 * 4) / 0.7);
  });
});

describe('chance', () => {
  it('is even', () => {
    const numbers = Array.from({ length: 4000 }, chance(3, 4));
    expect(numbers.reduce((a, b) => a + b) / 4000).toBeCloseTo(0.5, 1);
  });

  it('lies across a patch, and about its middle, as the cover lays hair out', () => {
    const parts = Array.from({ length: 2000 }, (_, i) => (i + 0.5) / 2000);
    const meanSquare = (of: number[]) => of.reduce((a, b) => a + b * b, 0) / of.length;
    // The mean square of what lies as (1 − x²) to the power 3/2 is a sixth, of what lies so about a middle a third.
    expect(meanSquare(parts.map(acrossPatch))).toBeCloseTo(1 / 6, 4);
    let next = 0;
    expect(meanSquare(parts.map(() => fromMiddle(() => parts[next++] ?? 0)))).toBeCloseTo(1 / 3, 3);
    expect(acrossPatch(0)).toBeCloseTo(-1, 4);
    expect(acrossPatch(0.5)).toBeCloseTo(0, 4);
    expect(acrossPatch(1)).toBeCloseTo(1, 4);
  });
});

describe('the skull', () => {
  it('is met on every ray, and its normal is square to it', () => {
    const p = onSkull(AXES, [30, -40, 60]);
    expect((p[0] / AXES.b) ** 2.3 + (-p[1] / AXES.a) ** 2.3 + (p[2] / AXES.c) ** 2.3).toBeCloseTo(
      1,
    );
    const n = skullNormal(AXES, p);
    const q = onSkull(AXES, [30.01, -40, 60]);
    expect(Math.abs(dot(along(q, p, -1), n))).toBeLessThan(1e-4);
  });
});

describe('views', () => {
  it.each(VIEWS.map((v) => [v.id, v] as const))(
    '%s stands off the head at its distance',
    (_, view) => {
      const eye = standsAt(view, 900);
      expect(Math.hypot(...eye.map((e, i) => e - (MIDDLE[i] ?? 0)))).toBeCloseTo(900);
    },
  );
});
