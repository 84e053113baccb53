/**
 * What groups and people may have that matters to what they do. `limb` has a side, and bites on that side
 * alone; every other one bites wherever it is said to be.
 */
const NAMED = {
  'no floor': 'body',
  'no standing': 'body',
  'pushes a wheelchair': 'body',
  'walks on crutches': 'body',
  'stands only with hands held': 'body',
  'low bone density': 'body',
  'spine fracture': 'body',
  'cancer in bone': 'body',
  'spinal stenosis': 'body',
  'slipped vertebra': 'body',
  'disc trouble': 'body',
  'spine operation': 'body',
  'hip painful': 'limb',
  'hip replaced back approach': 'limb',
  'hip replaced front approach': 'limb',
  'hip replaced': 'limb',
  'hip fracture': 'limb',
  'knee painful': 'limb',
  'knee replaced': 'limb',
  'shoulder painful': 'limb',
  'shoulder operated': 'limb',
  'shoulder has come out': 'limb',
  'wrist or hand pain': 'limb',
  'neck pain': 'body',
  'unstable neck': 'body',
  dizziness: 'body',
  'faint on rising': 'body',
  'blood pressure': 'body',
  heart: 'body',
  'breastbone opened': 'body',
  'new pacemaker': 'body',
  'breathless lungs': 'body',
  'eye pressure': 'body',
  'blood thinners': 'body',
  'sugar-lowering medicine': 'body',
  'numb feet': 'body',
  parkinson: 'body',
  stroke: 'limb',
  ms: 'body',
  'worse after effort': 'body',
  'spinal-cord injury': 'body',
  lymphoedema: 'limb',
  'after abdominal surgery': 'body',
  'leaking or prolapse': 'body',
  pregnancy: 'body',
  'very mobile joints': 'body',
  'joint flare-up': 'body',
  'neck flare-up': 'body',
  'back flare-up': 'body',
  'shoulder flare-up': 'limb',
  'wrist flare-up': 'limb',
  'hip flare-up': 'limb',
  'knee flare-up': 'limb',
  unsteady: 'body',
  'back painful': 'body',
  'ankle painful': 'limb',
  'ankle operated': 'limb',
  'aneurysm or clot': 'body',
  'head injury': 'body',
  fits: 'body',
  'skin sore': 'body',
  hearing: 'body',
  sight: 'body',
  memory: 'body',
} as const satisfies Record<string, 'body' | 'limb'>;

/** Limits that a group or a person may have. */
export type LimitName = keyof typeof NAMED;
export const LIMITS = Object.keys(NAMED) as [LimitName, ...LimitName[]];

/** Whether a limit can be one of the left or of the right side alone. */
export function ofOneSide(name: LimitName): boolean {
  return NAMED[name] === 'limb';
}
