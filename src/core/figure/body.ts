/** Lengths of bones in hundredths of the stature: working values, after common body tables. */
export const BONE = {
  pelvis: 7,
  lumbar: 8,
  mid: 8,
  upper: 8,
  neck: 5.4,
  skull: 3.7,
  hipHalf: 4.9,
  shoulderHalf: 9.2,
  shoulderDrop: 4.2,
  upperArm: 17.2,
  forearm: 14.6,
  hand: 9.6,
  thigh: 24.5,
  shank: 24.6,
  ankle: 4,
} as const;

/** Half thicknesses. */
export const ROUND = {
  thighTop: 5.3,
  thighMid: 5.2,
  knee: 3.8,
  calf: 3.6,
  ankle: 2.4,
  heel: 2.3,
  ball: 1.8,
  toe: 1.4,
  shoulder: 3.5,
  upperArm: 3.2,
  elbow: 2.6,
  forearm: 2.7,
  wrist: 1.8,
  palm: 2.1,
  finger: 1.3,
  neck: 3.1,
  skull: [5, 6.6, 5.8],
} as const;

/** Places along the trunk: half width, half depth, and how far it sits behind the line of the spine. */
export const TRUNK = {
  seat: [9.4, 7.6, -1.2],
  hip: [9.6, 7.4, -1],
  waist: [8.3, 6.4, 0.3],
  ribs: [8.5, 6.6, 0.6],
  chest: [9.1, 6.8, 0.2],
  top: [6.4, 5, -0.6],
} as const;

/** How a back stands when all its angles are nought. */
export const NEUTRAL = { lumbar: -7, mid: 5, upper: 9, neck: 4, head: -11 } as const;

/** Heights of what a figure sits, lies or leans on. */
export const HEIGHT = {
  seat: 26.5,
  backrest: 52,
  bed: 28,
  couch: 24,
  wheel: 29.5,
  counter: 53,
} as const;
/** From what is sat on to the middle of the hips. */
export const SIT_ABOVE = 6.8;
