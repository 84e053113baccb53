import type { Load } from '@/core/body';
import type { Support } from '@/core/moves';

/** A load as a limit speaks of it: everywhere, only below some contact, or only while standing. */
export interface LimitLoad {
  readonly load: Load;
  /** Out only while the hands hold less than this. */
  readonly below?: Support;
  /** Only in a standing position. */
  readonly standing?: true;
}

export interface Limit {
  /** Loads that are ruled out. */
  readonly out: readonly LimitLoad[];
  /** Loads that need care. */
  readonly care: readonly LimitLoad[];
  /** The pauses on rising that it asks for, in milliseconds. */
  readonly rising?: { readonly risingMs: number; readonly standingMs: number };
}

type Words = readonly (Load | LimitLoad)[];

const loads = (words: Words): readonly LimitLoad[] =>
  words.map((word) => (typeof word === 'string' ? { load: word } : word));

const limit = (out: Words, care: Words = [], more: Pick<Limit, 'rising'> = {}): Limit => ({
  out: loads(out),
  care: loads(care),
  ...more,
});

const below = (support: Support, load: Load): LimitLoad => ({ load, below: support });
const standing = (load: Load): LimitLoad => ({ load, standing: true });

const SPINE: readonly Load[] = [
  'spine-flex-loaded',
  'spine-flex-end',
  'spine-extend-end',
  'twist-end',
  'twist-loaded',
];
const NECK: readonly Load[] = ['neck-extend', 'neck-flex-end', 'neck-end-range'];
const BONE: readonly Load[] = [
  'spine-flex-loaded',
  'spine-flex-end',
  'twist-loaded',
  'hand-on-head',
];
const HIP_BACK: readonly Load[] = [
  'hip-flex-past-90',
  'hip-cross-midline',
  'hip-rotate-in',
  'low-seat',
];
const HIP_FRONT: readonly Load[] = ['hip-extend-end', 'hip-rotate-out'];
const HIP_ENDS: readonly Load[] = [
  'hip-extend-end',
  'hip-cross-midline',
  'hip-rotate-in',
  'hip-rotate-out',
  'wide-adduct-stretch',
];
const SHOULDER_ENDS: readonly Load[] = [
  'shoulder-overhead',
  'shoulder-cross',
  'shoulder-behind',
  'shoulder-open-end',
];
const SPINE_ENDS: readonly Load[] = ['spine-flex-end', 'spine-extend-end', 'twist-end'];
const EVERY_END: readonly Load[] = [
  ...SPINE_ENDS,
  ...NECK,
  ...HIP_ENDS,
  ...SHOULDER_ENDS,
  'wrist-finger-stretch',
  'deep-knee',
];

/** Longer pauses for those who faint or freeze on rising: working values. */
const SLOW_RISING = { rising: { risingMs: 60_000, standingMs: 30_000 } };

/** What an older group is checked by while nobody has asked about its limits. */
export const NOT_ASKED: Limit = limit(
  ['hand-on-head', 'impact'],
  [
    'spine-flex-loaded',
    'spine-flex-end',
    'twist-loaded',
    'floor-transfer',
    'neck-extend',
    'low-seat',
  ],
);

/**
 * What each limit rules out and what needs care. Source: practice, reviewed as a physiotherapist
 * and a master instructor would; never a diagnosis and never a clearance.
 */
export const LIMIT_TABLE = {
  'no floor': limit(['floor-transfer']),
  'no standing': limit(['standing']),
  'pushes a wheelchair': limit(
    [],
    ['shoulder-weight', 'shoulder-overhead', 'arms-high-long', 'grip'],
  ),
  'walks on crutches': limit(
    [],
    ['shoulder-weight', 'shoulder-overhead', 'arms-high-long', 'grip'],
  ),
  'stands only with hands held': limit(
    [below('two hands', 'one-leg'), standing('hands-busy')],
    ['stand-still', 'step-back', 'turn-fast'],
  ),
  'low bone density': limit(BONE, [
    'twist-end',
    'spine-extend-end',
    'impact',
    'floor-transfer',
    'skin-pressure',
  ]),
  'spine fracture': limit(
    [...BONE, 'twist-end', 'impact', 'vigorous'],
    ['spine-extend-end', 'lie-front', 'floor-transfer', 'roll-over'],
  ),
  'cancer in bone': limit(
    [...BONE, 'twist-end', 'impact', 'vigorous'],
    ['spine-extend-end', 'lie-front', 'floor-transfer', 'roll-over'],
  ),
  'spinal stenosis': limit(
    ['spine-extend-end'],
    ['lie-front', 'look-up', 'stand-still', standing('shoulder-overhead')],
  ),
  'slipped vertebra': limit(
    ['spine-extend-end', 'impact'],
    ['hip-extend-end', 'twist-loaded', 'lie-front'],
  ),
  'disc trouble': limit(
    ['spine-flex-loaded', 'twist-loaded', 'impact', 'abdominal-pressure'],
    ['spine-flex-end', 'twist-end', 'neck-flex-end'],
  ),
  'spine operation': limit([...SPINE, 'impact', 'abdominal-pressure'], ['floor-transfer']),
  'hip painful': limit(
    [],
    ['hip-flex-past-90', 'hip-rotate-in', 'hip-cross-midline', 'low-seat', 'impact'],
  ),
  'hip replaced back approach': limit(HIP_BACK, ['floor-transfer', 'one-leg']),
  'hip replaced front approach': limit(HIP_FRONT, ['floor-transfer', 'one-leg']),
  'hip replaced': limit([...HIP_BACK, ...HIP_FRONT], ['floor-transfer', 'one-leg']),
  'hip fracture': limit([...HIP_BACK, ...HIP_FRONT], ['floor-transfer', 'one-leg']),
  'knee painful': limit([], ['kneel', 'deep-knee', 'impact', 'low-seat']),
  'knee replaced': limit(['kneel', 'deep-knee', 'impact'], ['floor-transfer']),
  'shoulder painful': limit(
    [],
    ['shoulder-overhead', 'shoulder-weight', 'shoulder-cross', 'shoulder-behind', 'arms-high-long'],
  ),
  'shoulder operated': limit(
    [...SHOULDER_ENDS, 'shoulder-weight', 'arm-pull'],
    ['lie-side', 'grip'],
  ),
  'shoulder has come out': limit(
    ['shoulder-open-end'],
    ['shoulder-overhead', 'shoulder-behind', 'shoulder-weight'],
  ),
  'wrist or hand pain': limit(['wrist-weight', 'grip'], ['wrist-finger-stretch']),
  'neck pain': limit(
    ['hand-on-head'],
    ['neck-extend', 'neck-end-range', 'look-up', 'head-turn-fast'],
  ),
  'unstable neck': limit(
    [...NECK, 'hand-on-head', 'look-up', 'head-turn-fast', 'impact'],
    ['lie-front'],
  ),
  dizziness: limit(
    ['eyes-closed', 'head-turn-fast', 'look-up', 'head-below-heart'],
    ['roll-over', 'lie-back', 'one-leg', 'narrow-base', 'floor-transfer'],
  ),
  'faint on rising': limit(
    ['head-below-heart'],
    ['stand-still', 'lie-back-long', 'arms-high-long', 'floor-transfer'],
    SLOW_RISING,
  ),
  'blood pressure': limit(
    ['breath-hold'],
    ['isometric-long', 'head-below-heart', 'arms-high-long'],
  ),
  heart: limit(
    ['breath-hold', 'isometric-long', 'vigorous'],
    ['lie-back', 'floor-transfer', 'head-below-heart'],
  ),
  'breastbone opened': limit(
    [
      'shoulder-weight',
      'arm-pull',
      'shoulder-behind',
      'shoulder-open-end',
      'lie-front',
      'twist-end',
      'breath-hold',
    ],
    ['shoulder-overhead'],
  ),
  'new pacemaker': limit(
    ['shoulder-overhead', 'shoulder-behind', 'shoulder-weight'],
    ['lie-front', 'skin-pressure'],
  ),
  'breathless lungs': limit(
    ['breath-hold'],
    ['lie-back', 'lie-front', 'arms-high-long', 'head-below-heart', 'vigorous'],
  ),
  'eye pressure': limit(['head-below-heart', 'breath-hold'], ['isometric-long', 'lie-front']),
  'blood thinners': limit(
    ['skin-pressure'],
    ['floor-transfer', 'one-leg', 'narrow-base', 'impact'],
  ),
  'sugar-lowering medicine': limit([], ['vigorous']),
  'numb feet': limit(
    ['bare-foot', below('one hand', 'eyes-closed')],
    ['one-leg', 'narrow-base', 'skin-pressure'],
  ),
  parkinson: limit(
    ['eyes-closed', 'turn-fast'],
    ['narrow-base', 'one-leg', 'step-back', 'head-turn-fast', 'hands-busy', 'floor-transfer'],
    SLOW_RISING,
  ),
  stroke: limit(
    ['arm-pull', 'shoulder-weight', 'eyes-closed', below('one hand', 'one-leg')],
    ['shoulder-overhead', 'narrow-base', 'grip', 'lie-side', 'floor-transfer'],
  ),
  ms: limit([], ['vigorous', 'stand-still', 'one-leg', 'eyes-closed']),
  'worse after effort': limit(['vigorous']),
  'spinal-cord injury': limit(
    ['wrist-finger-stretch', 'bare-foot', below('one hand', 'lean-out')],
    ['shoulder-overhead', 'shoulder-weight', 'skin-pressure', 'twist-end', 'impact'],
  ),
  lymphoedema: limit(['band-tight'], ['grip', 'isometric-long', 'wrist-weight', 'lie-side']),
  'after abdominal surgery': limit(
    ['breath-hold', 'abdominal-pressure'],
    ['spine-extend-end', 'twist-end', 'lie-front', 'band-tight'],
  ),
  'leaking or prolapse': limit(
    ['breath-hold'],
    ['impact', 'abdominal-pressure', 'deep-knee', 'wide-adduct-stretch', 'vigorous'],
  ),
  pregnancy: limit(
    ['lie-front', 'lie-back-long', 'abdominal-pressure', 'breath-hold'],
    ['twist-end', 'wide-adduct-stretch', 'one-leg', 'stand-still', 'impact', 'floor-transfer'],
  ),
  'very mobile joints': limit([], [...EVERY_END, 'arm-pull', 'wrist-weight']),
  'joint flare-up': limit(['impact'], EVERY_END),
  'neck flare-up': limit(['impact', ...NECK]),
  'back flare-up': limit(['impact', ...SPINE_ENDS]),
  'shoulder flare-up': limit(['impact', ...SHOULDER_ENDS]),
  'wrist flare-up': limit(['impact', 'wrist-finger-stretch']),
  'hip flare-up': limit(['impact', ...HIP_ENDS]),
  'knee flare-up': limit(['impact', 'deep-knee']),
  hearing: limit([], ['eyes-closed']),
  sight: limit([], ['narrow-base', 'one-leg', 'step-back']),
  memory: limit(['eyes-closed'], ['hands-busy', 'step-back']),
} as const satisfies Record<string, Limit>;

/** Limits that a group or a person may have; a limb's limit has a side. */
export type LimitName = keyof typeof LIMIT_TABLE;
export const LIMITS = Object.keys(LIMIT_TABLE) as [LimitName, ...LimitName[]];

export function limitNamed(name: LimitName): Limit {
  return LIMIT_TABLE[name];
}

/** Limits of a limb, which have a side; any other bites wherever it is said to be. */
const OF_A_LIMB = /^(?:hip|knee|shoulder|wrist|stroke|lymphoedema)/u;

/** Whether a limit can be one of the left or of the right side alone. */
export function ofOneSide(name: LimitName): boolean {
  return OF_A_LIMB.test(name);
}
