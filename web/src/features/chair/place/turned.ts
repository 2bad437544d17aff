import type { Stance } from '../chairPrefs';

const TURN_DEG: Record<Stance, number> = {
  behind: 0,
  'her left': -90,
  facing: 180,
  'her right': 90,
};

/** How the map is turned: what is nearest to her lies at the foot of the picture. */
export function turn(stance: Stance, isMirrored: boolean) {
  const deg = TURN_DEG[stance];
  const cos = Math.round(Math.cos((deg * Math.PI) / 180));
  const sin = Math.round(Math.sin((deg * Math.PI) / 180));
  const flip = isMirrored ? -1 : 1;
  return {
    transform: `${isMirrored ? 'scale(-1 1) ' : ''}rotate(${deg})`,
    /** Where a place of the picture comes to lie. */
    at: (x: number, y: number) => ({ x: flip * (x * cos - y * sin), y: x * sin + y * cos }),
  };
}
