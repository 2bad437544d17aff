/** From where the head is looked at: how far round from the front toward her left, and how far up, rad. */
export interface View {
  id: string;
  words: string;
  key: string;
  round: number;
  up: number;
  /** Whether it is seen in a mirror, left and right as she sees them. */
  isMirrored?: boolean;
}

export const DEGREE = Math.PI / 180;

export const VIEWS: readonly View[] = [
  { id: 'front', words: 'front', key: '1', round: 0, up: 4 * DEGREE },
  { id: 'quarter', words: 'three-quarter', key: '2', round: 38 * DEGREE, up: 12 * DEGREE },
  { id: 'left', words: 'her left', key: '3', round: 90 * DEGREE, up: 6 * DEGREE },
  { id: 'right', words: 'her right', key: '4', round: -90 * DEGREE, up: 6 * DEGREE },
  { id: 'back', words: 'back', key: '5', round: 180 * DEGREE, up: 8 * DEGREE },
  { id: 'top', words: 'top', key: '6', round: 0, up: 84 * DEGREE },
  { id: 'mirror', words: 'as she sees it', key: '7', round: 0, up: 4 * DEGREE, isMirrored: true },
];

/** From where a head is looked at if nobody says so. */
export const USUAL_VIEW = VIEWS[1] as View;

/** What the camera looks at, in the scene, mm: a little under the ears. */
export const MIDDLE = [0, -52, 0] as const;

export const FIELD_OF_VIEW = 26;
export const USUAL_DISTANCE = 1010;

/** Where the camera stands, in the scene, mm. */
export function standsAt(
  view: Pick<View, 'round' | 'up'>,
  distance = USUAL_DISTANCE,
): [number, number, number] {
  const level = distance * Math.cos(view.up);
  // Her left is toward +x of the scene.
  return [
    MIDDLE[0] + level * Math.sin(view.round),
    MIDDLE[1] + distance * Math.sin(view.up),
    MIDDLE[2] + level * Math.cos(view.round),
  ];
}
