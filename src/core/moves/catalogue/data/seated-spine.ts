import type { Move } from '../shape';
import { breaths, hold, level, move, regions, reps, says, spanS } from './notation';

export const SEATED_SPINE = [
  move('Seated cat', {
    others: ['Seated round and lift'],
    kind: 'mobility',
    family: 'round-and-lift',
    regions: ['upper-back', 'low-back'],
    spine: ['flex', 'extend'],
    sides: 'both',
    dose: reps(6, [3, 0, 3, 0]),
    range: { reps: [4, 12], timedMs: spanS(20, 90), holdMs: spanS(10, 30), sets: [1, 3] },
    cues: says(
      'Sit tall, hands on your thighs.',
      'Round your back, then lift your breastbone forward and up.',
      'Round, then lift.',
      ['The head follows the back', 'Feet stay heavy'],
      'Make the movement half as big.',
      'Draw your hands back along your thighs as you lift.',
      'Come back to the middle and sit tall.',
      'Let the breath lead the back.',
    ),
    levels: [
      level('small', 'sit-front', {
        support: 'two hands',
        loaded: regions('body', 'upper-back'),
        words: {
          go: 'Round your back a little, then sit up long.',
          short: 'Round a little, lengthen.',
        },
      }),
      level('full', 'sit-front', {
        usual: true,
        support: 'two hands',
        stretched: regions('body', 'upper-back', 'chest'),
        loaded: regions('body', 'upper-back', 'low-back'),
      }),
    ],
    warms: ['upper-back', 'low-back', 'chest'],
    breathOn: { round: 'out', effort: 'in' },
  }),
  move('Neck side tilt', {
    others: ['Ear to shoulder'],
    kind: 'stretch',
    family: 'neck-tilt',
    regions: ['neck'],
    sides: 'each',
    sideMeans: 'bend-way',
    dose: breaths(4),
    range: { breaths: [2, 6], holdMs: spanS(10, 30), reps: [3, 8], sets: [1, 3] },
    cues: {
      ...says(
        'Sit tall, hands resting, shoulders low.',
        'Tip your head to the {side}; the {other} shoulder stays down.',
        'Tip {side}, shoulder heavy.',
        [
          'The nose points forward',
          'No pulling with the hand',
          'Dizzy or tingling: back to the middle',
        ],
        'Tip half as far.',
        'Reach the {other} hand down towards the floor.',
        'Bring your head back to the middle slowly.',
        'Let each breath soften it a little.',
      ),
      press: 'Press the head lightly up into nothing, breathing out.',
    },
    levels: [
      level('half way', 'sit-front', {
        stretched: regions('other', 'neck'),
        words: {
          go: 'Tip half way to the {side}; the {other} shoulder stays down.',
          short: 'Half way {side}.',
        },
      }),
      level('full', 'sit-front', {
        usual: true,
        stretched: regions('other', 'neck', 'shoulders'),
      }),
    ],
    endRange: ['neck'],
    warms: ['neck'],
    stretchStrength: 'mild',
  }),
  move('Seated twist', {
    others: ['Seated turn'],
    kind: 'stretch',
    family: 'trunk-turn',
    regions: ['upper-back', 'ribs-sides'],
    spine: ['turn-left', 'turn-right'],
    sides: 'each',
    sideMeans: 'turn-way',
    dose: hold(20),
    doseFor: { older: hold(30), chair: hold(30) },
    range: { holdMs: spanS(10, 60), breaths: [3, 8], reps: [4, 10], sets: [1, 4] },
    cues: {
      ...says(
        'Sit tall, feet flat, knees level.',
        'Turn your chest {side}, {other} hand on the {side} thigh.',
        'Turn {side}, grow tall.',
        ['Both sitting bones stay down', 'Knees stay level', 'Turn from the ribs'],
        'Cross your arms and turn half as far.',
        'Take the {side} hand to the back of the chair.',
        'Let the hands go and turn back to the middle.',
        'Let each breath soften it a little.',
      ),
      press: 'Press the {other} hand into the thigh, breathing out.',
    },
    levels: [
      level('arms crossed', 'sit-front', {
        stretched: regions('body', 'ribs-sides'),
        words: {
          setUp: 'Sit tall, feet flat, arms crossed on your chest.',
          go: 'Turn your chest {side} and grow tall, arms crossed.',
        },
      }),
      level('hand on the thigh', 'sit-front', {
        usual: true,
        support: 'one hand',
        stretched: regions('body', 'upper-back', 'ribs-sides'),
      }),
    ],
    endRange: ['upper-back', 'ribs-sides'],
    warms: ['upper-back', 'ribs-sides'],
    stretchStrength: 'mild',
    breathOn: { round: 'out', effort: 'out' },
  }),
] as const satisfies readonly Move[];
