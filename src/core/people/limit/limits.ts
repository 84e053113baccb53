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
/** For a heart or blood pressure that follows slowly: what the older pace has for everybody. */
const UNHURRIED_RISING = { rising: { risingMs: 20_000, standingMs: 10_000 } };

/** What an older group is checked by while nobody has asked about its limits. */
export const NOT_ASKED: Limit = limit(
  ['hand-on-head', 'impact', below('fingertips', 'eyes-closed')],
  [
    'spine-flex-loaded',
    'spine-flex-end',
    'spine-extend-end',
    'twist-loaded',
    'floor-transfer',
    'neck-extend',
    'low-seat',
    'head-below-heart',
    'kneel',
    'lie-front',
    'isometric-long',
    'vigorous',
    'one-leg',
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
    [standing('hands-busy')],
    [
      'shoulder-weight',
      'shoulder-overhead',
      'arms-high-long',
      'grip',
      'one-leg',
      'narrow-base',
      'step-back',
    ],
  ),
  'stands only with hands held': limit(
    [
      below('two hands', 'one-leg'),
      below('one hand', 'standing'),
      standing('hands-busy'),
      below('two hands', 'step-back'),
      below('two hands', 'turn-fast'),
    ],
    ['stand-still'],
  ),
  'low bone density': limit(
    [...BONE],
    [
      'twist-end',
      'spine-extend-end',
      'impact',
      'floor-transfer',
      'skin-pressure',
      'neck-flex-end',
      'one-leg',
      'narrow-base',
    ],
  ),
  'spine fracture': limit(
    [...BONE, 'twist-end', 'impact'],
    [
      'vigorous',
      'spine-extend-end',
      'lie-front',
      'floor-transfer',
      'roll-over',
      'abdominal-pressure',
    ],
  ),
  'cancer in bone': limit(
    [...BONE, 'twist-end', 'impact', 'vigorous', 'abdominal-pressure'],
    [
      'spine-extend-end',
      'lie-front',
      'floor-transfer',
      'roll-over',
      'one-leg',
      'shoulder-weight',
      'arm-pull',
      'wrist-weight',
      'grip',
    ],
  ),
  'spinal stenosis': limit(
    ['spine-extend-end'],
    [
      'lie-front',
      'look-up',
      'stand-still',
      'neck-extend',
      'hip-extend-end',
      standing('shoulder-overhead'),
    ],
  ),
  'slipped vertebra': limit(
    ['spine-extend-end', 'impact'],
    ['hip-extend-end', 'twist-loaded', 'lie-front'],
  ),
  'disc trouble': limit(
    ['spine-flex-loaded', 'twist-loaded', 'impact'],
    ['spine-flex-end', 'twist-end', 'neck-flex-end', 'abdominal-pressure', 'breath-hold'],
  ),
  'spine operation': limit(
    [...SPINE, ...NECK, 'hand-on-head', 'head-turn-fast', 'impact', 'abdominal-pressure'],
    ['floor-transfer', 'roll-over', 'lie-front', 'hip-flex-past-90', 'vigorous'],
  ),
  'hip painful': limit(
    [],
    [
      'hip-flex-past-90',
      'hip-rotate-in',
      'hip-rotate-out',
      'hip-cross-midline',
      'low-seat',
      'impact',
      'one-leg',
      'lie-side',
    ],
  ),
  'hip replaced back approach': limit(
    [...HIP_BACK, 'impact'],
    ['floor-transfer', 'one-leg', 'vigorous', 'turn-fast', 'lie-side'],
  ),
  'hip replaced front approach': limit(
    [...HIP_FRONT, 'impact'],
    ['floor-transfer', 'one-leg', 'vigorous', 'turn-fast', 'lie-side'],
  ),
  'hip replaced': limit(
    [...HIP_BACK, ...HIP_FRONT, 'impact'],
    ['floor-transfer', 'one-leg', 'vigorous', 'turn-fast', 'lie-side'],
  ),
  'hip fracture': limit(
    [...HIP_BACK, ...HIP_FRONT, 'impact', below('two hands', 'one-leg')],
    ['floor-transfer', 'vigorous', 'turn-fast', 'lie-side'],
  ),
  'knee painful': limit([], ['kneel', 'deep-knee', 'impact', 'low-seat']),
  'knee replaced': limit(
    ['kneel', 'deep-knee', 'impact'],
    ['floor-transfer', 'low-seat', 'one-leg'],
  ),
  'shoulder painful': limit(
    [],
    [
      'shoulder-overhead',
      'shoulder-weight',
      'shoulder-cross',
      'shoulder-behind',
      'shoulder-open-end',
      'arms-high-long',
      'arm-pull',
      'lie-side',
    ],
  ),
  'shoulder operated': limit(
    [...SHOULDER_ENDS, 'shoulder-weight', 'arm-pull'],
    ['lie-side', 'grip'],
  ),
  'shoulder has come out': limit(
    ['shoulder-open-end'],
    ['shoulder-overhead', 'shoulder-behind', 'shoulder-weight', 'arm-pull', 'wrist-weight'],
  ),
  'wrist or hand pain': limit(['wrist-weight'], ['grip', 'wrist-finger-stretch']),
  'neck pain': limit(
    ['hand-on-head'],
    ['neck-extend', 'neck-end-range', 'neck-flex-end', 'look-up', 'head-turn-fast', 'lie-front'],
  ),
  'unstable neck': limit(
    [
      ...NECK,
      'hand-on-head',
      'look-up',
      'head-turn-fast',
      'impact',
      'lie-front',
      'head-below-heart',
    ],
    ['arm-pull', 'roll-over', 'vigorous'],
  ),
  dizziness: limit(
    ['eyes-closed', 'head-turn-fast', 'turn-fast', 'look-up', 'head-below-heart'],
    [
      'roll-over',
      'lie-back',
      'one-leg',
      'narrow-base',
      'floor-transfer',
      'neck-extend',
      'neck-end-range',
      'step-back',
      standing('hands-busy'),
    ],
    SLOW_RISING,
  ),
  'faint on rising': limit(
    ['head-below-heart'],
    ['stand-still', 'lie-back-long', 'arms-high-long', 'floor-transfer', 'vigorous', 'eyes-closed'],
    SLOW_RISING,
  ),
  'blood pressure': limit(
    ['breath-hold'],
    ['isometric-long', 'head-below-heart', 'arms-high-long'],
    UNHURRIED_RISING,
  ),
  heart: limit(
    ['breath-hold', 'isometric-long', 'vigorous'],
    [
      'lie-back',
      'floor-transfer',
      'head-below-heart',
      'arms-high-long',
      'stand-still',
      'impact',
      'abdominal-pressure',
    ],
    UNHURRIED_RISING,
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
      'wrist-weight',
      'isometric-long',
      'abdominal-pressure',
      'vigorous',
      'floor-transfer',
    ],
    ['shoulder-overhead', 'roll-over', 'lie-side'],
  ),
  'new pacemaker': limit(
    [
      'shoulder-overhead',
      'shoulder-behind',
      'shoulder-weight',
      'shoulder-open-end',
      'arm-pull',
      'wrist-weight',
    ],
    ['lie-front', 'lie-side', 'skin-pressure'],
  ),
  'breathless lungs': limit(
    ['breath-hold'],
    [
      'breath-counted',
      'lie-back',
      'lie-front',
      'arms-high-long',
      'head-below-heart',
      'vigorous',
      'isometric-long',
    ],
  ),
  'eye pressure': limit(
    ['head-below-heart', 'breath-hold'],
    ['isometric-long', 'lie-front', 'impact', 'abdominal-pressure'],
  ),
  'blood thinners': limit(
    ['skin-pressure'],
    ['floor-transfer', 'one-leg', 'narrow-base', 'impact'],
  ),
  'sugar-lowering medicine': limit([], ['vigorous']),
  'numb feet': limit(
    ['bare-foot', below('one hand', 'eyes-closed')],
    ['one-leg', 'narrow-base', 'skin-pressure', 'impact', 'step-back'],
  ),
  parkinson: limit(
    ['eyes-closed', 'turn-fast'],
    [
      'narrow-base',
      'one-leg',
      'step-back',
      'head-turn-fast',
      'hands-busy',
      'two-tasks',
      'floor-transfer',
    ],
    SLOW_RISING,
  ),
  stroke: limit(
    ['arm-pull', 'shoulder-weight', 'wrist-weight', 'eyes-closed', below('one hand', 'one-leg')],
    [
      'shoulder-overhead',
      'shoulder-behind',
      'shoulder-open-end',
      'narrow-base',
      'step-back',
      'turn-fast',
      'grip',
      'lie-side',
      'floor-transfer',
      'isometric-long',
      standing('hands-busy'),
    ],
  ),
  ms: limit(
    [below('one hand', 'eyes-closed')],
    [
      'vigorous',
      'stand-still',
      'one-leg',
      'narrow-base',
      'step-back',
      'turn-fast',
      'floor-transfer',
    ],
  ),
  'worse after effort': limit(['vigorous']),
  'spinal-cord injury': limit(
    ['wrist-finger-stretch', 'bare-foot', below('one hand', 'lean-out')],
    [
      'shoulder-overhead',
      'shoulder-weight',
      'skin-pressure',
      'twist-end',
      'impact',
      'floor-transfer',
      'kneel',
      'head-below-heart',
      'spine-flex-end',
      'hip-rotate-out',
      'deep-knee',
      'band-tight',
    ],
    SLOW_RISING,
  ),
  lymphoedema: limit(['band-tight'], ['grip', 'isometric-long', 'wrist-weight', 'lie-side']),
  'after abdominal surgery': limit(
    ['breath-hold', 'abdominal-pressure', 'spine-flex-loaded', 'twist-loaded'],
    [
      'spine-extend-end',
      'twist-end',
      'lie-front',
      'band-tight',
      'isometric-long',
      'floor-transfer',
      'vigorous',
      'arm-pull',
    ],
  ),
  'leaking or prolapse': limit(
    ['breath-hold'],
    [
      'impact',
      'abdominal-pressure',
      'deep-knee',
      'wide-adduct-stretch',
      'vigorous',
      'spine-flex-loaded',
    ],
  ),
  pregnancy: limit(
    ['lie-front', 'lie-back-long', 'abdominal-pressure', 'breath-hold'],
    [
      'twist-end',
      'wide-adduct-stretch',
      'one-leg',
      'stand-still',
      'impact',
      'floor-transfer',
      'spine-flex-loaded',
      'twist-loaded',
      'head-below-heart',
      'vigorous',
      'lie-back',
    ],
  ),
  'very mobile joints': limit([], [...EVERY_END, 'arm-pull', 'wrist-weight']),
  'joint flare-up': limit(['impact'], EVERY_END),
  'neck flare-up': limit(['impact', ...NECK, 'hand-on-head', 'look-up', 'head-turn-fast']),
  'back flare-up': limit([
    'impact',
    ...SPINE_ENDS,
    'spine-flex-loaded',
    'twist-loaded',
    'abdominal-pressure',
  ]),
  'shoulder flare-up': limit(['impact', ...SHOULDER_ENDS, 'shoulder-weight', 'arm-pull']),
  'wrist flare-up': limit(['impact', 'wrist-finger-stretch', 'wrist-weight'], ['grip']),
  'hip flare-up': limit(['impact', ...HIP_ENDS, 'hip-flex-past-90']),
  'knee flare-up': limit(['impact', 'deep-knee', 'kneel', 'low-seat']),
  unsteady: limit(
    [below('one hand', 'one-leg'), below('one hand', 'eyes-closed')],
    [
      'narrow-base',
      'step-back',
      'turn-fast',
      'head-turn-fast',
      'look-up',
      'floor-transfer',
      'impact',
      standing('hands-busy'),
    ],
  ),
  'back painful': limit([], [...SPINE, 'impact', 'abdominal-pressure']),
  'ankle painful': limit([], ['impact', 'one-leg', 'narrow-base', 'deep-knee', 'step-back']),
  'ankle operated': limit(
    ['impact', 'bare-foot', below('two hands', 'one-leg')],
    [
      'deep-knee',
      'kneel',
      'narrow-base',
      'step-back',
      'turn-fast',
      'stand-still',
      'vigorous',
      'floor-transfer',
    ],
  ),
  'aneurysm or clot': limit(
    [
      'breath-hold',
      'isometric-long',
      'vigorous',
      'impact',
      'abdominal-pressure',
      'head-below-heart',
    ],
    [
      'spine-flex-loaded',
      'twist-loaded',
      'lie-front',
      'floor-transfer',
      'band-tight',
      'skin-pressure',
    ],
  ),
  'head injury': limit(
    [
      'head-below-heart',
      'head-turn-fast',
      'turn-fast',
      'impact',
      'vigorous',
      'breath-hold',
      'eyes-closed',
      'hand-on-head',
    ],
    [...NECK, 'look-up', 'roll-over', 'one-leg', 'narrow-base', 'floor-transfer', 'two-tasks'],
  ),
  fits: limit(
    [below('one hand', 'one-leg')],
    [
      'vigorous',
      'eyes-closed',
      'breath-hold',
      'breath-counted',
      'head-turn-fast',
      standing('hands-busy'),
    ],
  ),
  'skin sore': limit(['skin-pressure'], ['band-tight', 'lie-back-long', 'lie-side', 'lean-out']),
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
const OF_A_LIMB = /^(?:hip|knee|ankle|shoulder|wrist|stroke|lymphoedema)/u;

/** Whether a limit can be one of the left or of the right side alone. */
export function ofOneSide(name: LimitName): boolean {
  return OF_A_LIMB.test(name);
}
