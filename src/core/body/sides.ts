/** Always the participant's own left and right, never the instructor's mirror image. */
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

export function otherSide(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}

/** How the sides of a move work: at once, one after the other, or by turns. */
export const SIDE_WAYS = ['both', 'each', 'alternating'] as const;
export type SideWay = (typeof SIDE_WAYS)[number];

/** What "left" names in a move: the limb or the way that the caption speaks of. */
export const SIDE_MEANINGS = [
  'standing-leg',
  'front-foot',
  'kneeling-knee',
  'stretched-leg',
  'moving-leg',
  'moving-arm',
  'bend-way',
  'turn-way',
  'knees-way',
  'side-lain-on',
] as const;
export type SideMeaning = (typeof SIDE_MEANINGS)[number];
