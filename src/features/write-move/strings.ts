import type { SideMeaning, SideWay, LongSwitch, Stance } from '@/core/body';
import type { Bearing, Support } from '@/core/moves';

export const WRITE = {
  newTitle: 'Write a move',
  changeTitle: (name: string) => `Change ${name}`,
  hint: 'What you type is kept as you go. The move itself changes when you keep it.',
  sections: {
    name: 'Name',
    work: 'What it works',
    sides: 'Sides',
    dose: 'Dose',
    words: 'What to say',
    levels: 'Levels',
  },
  open: (count: number) => `${count} to do`,
  name: 'Name',
  otherNames: 'Other names, one a line',
  kind: 'Kind',
  family: 'Does the same job as',
  familyNone: 'No other move: it stands by itself',
  familyChange: 'Choose the move it is like',
  familyFind: 'Find a move that does the same job',
  familyAlone: 'Let it stand by itself',
  familyHint: 'A way of taking part that can’t do a move does one of the same job instead.',
  regions: 'Works',
  warms: 'Warms by moving',
  endRange: 'Stretches to the end of the range',
  spine: 'What the spine does',
  strength: 'How strong the stretch is',
  strengths: { mild: 'Mild', strong: 'Strong' },
  also: 'Also',
  flags: {
    tiringLegs: 'Tires the legs',
    isometric: 'Held with effort',
    curl: 'Curls the trunk up',
    propped: 'Lies on something firm',
  },
  breathOn: 'Breath with the movement',
  breathWays: {
    free: 'Free',
    'in-out': 'Round on the in, effort on the out',
    'out-out': 'Round and effort on the out',
    'out-in': 'Round on the out, effort on the in',
    'in-in': 'Round and effort on the in',
  },
  sides: 'How the sides work',
  sideMeans: 'What left and right mean',
  dose: 'Usual dose',
  doseHint: 'As on a line: hold 30s, or 8 reps x2, rest 20s, or 5 breaths, or for 1:00',
  doseFor: (group: string) => `${group}, if other`,
  range: 'Least and most',
  rangeHint: 'Leave a kind empty where the move is not done so.',
  rangeKinds: {
    holdMs: 'Hold',
    reps: 'Reps',
    breaths: 'Breaths',
    timedMs: 'Steady work',
    sets: 'Sets',
  },
  least: (kind: string) => `${kind}, least`,
  most: (kind: string) => `${kind}, most`,
  cues: {
    setUp: 'Set-up',
    go: 'Go',
    short: 'Short',
    watch: 'Watch, one point a line',
    easier: 'Easier',
    further: 'Further',
    wayOut: 'Way out',
    breath: 'Breath',
    press: 'Press, in press and ease (may stay empty)',
  },
  ownWords: (said: number) => (said === 0 ? 'Words of its own: none' : `Words of its own: ${said}`),
  ownWordsHint: 'Said at this level in place of the move’s words. Empty: the move’s words.',
  atThisLevel: (name: string) => `${name}, at this level`,
  sidedHint:
    'Where the words change with the side, put in a mark: ‹side› is the side that is worked, ‹other side› the other one.',
  words: (count: number, most: number) =>
    count > most
      ? `${count - most === 1 ? 'One word' : `${count - most} words`} too many to be said in time: ${most} at most`
      : `${count} of ${most} words`,
  levelsHint: 'From easier to harder.',
  level: (at: number, name: string) => name.trim() || `Level ${at + 1}`,
  levelName: 'Name of the level',
  usual: 'usual',
  makeUsual: 'Make it the usual one',
  addLevel: 'Add a level',
  earlier: (name: string) => `Put ${name} earlier`,
  later: (name: string) => `Put ${name} later`,
  removeLevel: (name: string) => `Remove ${name}`,
  from: 'Starts',
  through: 'Passes through',
  to: 'Ends',
  stance: 'How the feet stand',
  support: 'Hands',
  props: 'Needs',
  loads: 'Asks for',
  loadsHint:
    'Limits are checked against this, so leave nothing out. What a place asks by itself, such as kneeling or standing, is counted already.',
  stretched: 'Stretches',
  loaded: 'Works',
  longSwitch: 'Changing sides takes longer',
  none: 'Nothing',
  nowhere: 'Nowhere',
  notSaid: 'Nothing in particular',
  beside: (side: string) => `(${side.toLowerCase()})`,
  bears: (what: string) => `${what}: on which side`,
  chosen: (label: string, value: string) => `${label}: ${value}`,
  keep: 'Keep',
  letGo: 'Throw it away',
  ready: 'Nothing to mend.',
  toMend: (count: number) =>
    count === 1
      ? '1 place is to be filled in or mended.'
      : `${count} places are to be filled in or mended.`,
  better: (what: string) => `Could be better: ${what}`,
  meanwhile: 'This move was changed in another tab since you began. Keeping yours replaces it.',
  outOfLine: (titles: string) =>
    `Lines in ${titles} name something that this no longer has. They will do it the usual way.`,
  noPreview: 'The move stands here once nothing is left to mend.',
};

export const SIDE_WAY_NAMES: Readonly<Record<SideWay, string>> = {
  both: 'Both at once',
  each: 'One, then the other',
  alternating: 'By turns',
};

export const SIDE_MEANING_NAMES: Readonly<Record<SideMeaning, string>> = {
  'standing-leg': 'The leg stood on',
  'front-foot': 'The foot in front',
  'kneeling-knee': 'The knee on the floor',
  'stretched-leg': 'The leg stretched',
  'moving-leg': 'The leg that moves',
  'moving-arm': 'The arm that moves',
  'bend-way': 'The way the trunk bends',
  'turn-way': 'The way the trunk turns',
  'knees-way': 'The way the knees go',
  'side-lain-on': 'The side lain on',
};

export const SUPPORT_NAMES: Readonly<Record<Support, string>> = {
  'two hands': 'Two hands',
  'one hand': 'One hand',
  fingertips: 'Fingertips',
  hover: 'Hovering',
  none: 'Free',
};

export const STANCE_NAMES: Readonly<Record<Stance, string>> = {
  apart: 'Apart',
  together: 'Together',
  'semi-tandem': 'Semi-tandem',
  tandem: 'Tandem',
  'one-leg': 'One leg',
};

export const LONG_SWITCH_NAMES: Readonly<Record<LongSwitch, string>> = {
  'roll-over': 'Rolling over',
  'change-knee': 'Changing the knee',
  'floor-legs': 'Legs placed on the floor',
  'lifted-leg': 'A leg lifted by hand',
};

export const BEARING_NAMES: Readonly<Record<Bearing, string>> = {
  body: 'Whole body',
  worked: 'Side worked',
  other: 'Other side',
};
