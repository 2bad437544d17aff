import { describe, expect, it } from 'vitest';
import { turn } from './turned';

describe('the map turned the way she stands', () => {
  const face = { x: 0, y: -100 };
  const herLeft = { x: -100, y: 0 };

  it('has the face above for who stands behind, and below for who faces her', () => {
    expect(turn('behind', false).at(face.x, face.y)).toEqual({ x: 0, y: -100 });
    expect(turn('facing', false).at(face.x, face.y).y).toBe(100);
  });

  it('has the side at which she stands at the foot', () => {
    expect(turn('her left', false).at(herLeft.x, herLeft.y).y).toBe(
      -turn('her right', false).at(herLeft.x, herLeft.y).y,
    );
    expect(turn('her right', false).at(100, 0).y).toBe(100);
    expect(turn('her left', false).at(-100, 0).y).toBe(100);
  });

  it('turns the sides over in a mirror and leaves the face where it is', () => {
    const mirrored = turn('facing', true);
    expect(mirrored.at(herLeft.x, herLeft.y).x).toBe(
      -turn('facing', false).at(herLeft.x, herLeft.y).x,
    );
    expect(mirrored.at(face.x, face.y).y).toBe(100);
  });
});
