export const REGIONS = [
  'neck',
  'jaw',
  'shoulders',
  'chest',
  'arms',
  'wrists-hands',
  'upper-back',
  'ribs-sides',
  'low-back',
  'abdomen',
  'buttocks',
  'hip-front',
  'hip-outer',
  'inner-thigh',
  'front-thigh',
  'back-thigh',
  'calf',
  'ankles-feet',
] as const;
export type Region = (typeof REGIONS)[number];

/** What the spine does in a move; a session is to go through all of them. */
export const SPINE_DIRECTIONS = [
  'flex',
  'extend',
  'bend-left',
  'bend-right',
  'turn-left',
  'turn-right',
] as const;
export type SpineDirection = (typeof SPINE_DIRECTIONS)[number];
