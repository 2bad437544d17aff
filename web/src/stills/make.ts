import { api } from '../api/client';
import type { Brief, Sight, ThumbnailView } from '../api/types';
import { drawApart } from '../viz/round/drawnApart';
import { DEGREE, USUAL_VIEW } from '../viz/round/views';
import { toneOf } from '../viz/skinTones';

/** How a head of hair is looked at by nobody in particular: down, with its first part, the day it was made. */
export const usualSight = (skin: string): Sight => ({
  round: USUAL_VIEW.round / DEGREE,
  up: USUAL_VIEW.up / DEGREE,
  skin,
  way: 'DOWN',
  part: 0,
  day: 0,
});

/** A picture of a head of hair. */
export async function drawn(brief: Brief, sight: Sight): Promise<Blob> {
  const part =
    sight.part !== null && sight.part < brief.foundation.parts.length ? sight.part : null;
  const [solid, look] = await Promise.all([
    api.solid(brief),
    api.look({ brief, worn: { way: sight.way, part, gap: null, day: sight.day, isRough: false } }),
  ]);
  return drawApart({
    solid,
    look,
    skin: toneOf(sight.skin).colour,
    view: { round: sight.round * DEGREE, up: sight.up * DEGREE },
  });
}

/** Draws the picture of a plan as it is kept now, and keeps it. */
export async function make(
  still: ThumbnailView,
  sight: Sight,
  isPinned: boolean,
): Promise<ThumbnailView> {
  const { brief } = await api.savedPlan(still.plan);
  const picture = await drawn(brief, sight);
  return api.keepStill(still.plan, { of: still.now, ...sight, pinned: isPinned }, picture);
}
