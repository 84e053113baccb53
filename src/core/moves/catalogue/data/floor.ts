import type { Move } from '../shape';
import { breaths, level, move, regions, reps, says, spanS } from './notation';

export const FLOOR = [
  move('Bridge', {
    others: ['Hip lift, lying'],
    kind: 'strength',
    family: 'hip-lift',
    regions: ['buttocks', 'back-thigh'],
    spine: ['extend'],
    sides: 'both',
    dose: reps(8, [2, 1, 2, 0]),
    range: { reps: [6, 15], sets: [1, 4] },
    cues: says(
      'Lie on your back, knees bent, feet flat.',
      'Press the feet, lift the hips, and lower them in one piece.',
      'Lift, then lower.',
      ['Knees stay over the feet', 'Ribs stay down'],
      'Lift only as far as the hips feel light.',
      'Stay up for a breath before you lower.',
      'Lower the hips and let both knees rest together.',
      'Breathe with the movement; no holding.',
    ),
    levels: [
      level('small', 'lying-back', {
        loaded: regions('body', 'buttocks'),
        words: {
          go: 'Press the feet, lift the hips a hand high, and lower.',
          short: 'Lift a little, lower.',
        },
      }),
      level('feet wide', 'lying-back', {
        stretched: regions('body', 'hip-front'),
        loaded: regions('body', 'buttocks', 'back-thigh'),
        words: { setUp: 'Lie on your back, knees bent, feet flat and wide.' },
      }),
      level('full', 'lying-back', {
        usual: true,
        stretched: regions('body', 'hip-front'),
        loaded: regions('body', 'buttocks', 'back-thigh', 'low-back'),
      }),
      level('feet together', 'lying-back', {
        stretched: regions('body', 'hip-front'),
        loaded: regions('body', 'buttocks', 'back-thigh', 'low-back'),
        words: { setUp: 'Lie on your back, knees bent, feet flat and together.' },
      }),
      level('arms crossed', 'lying-back', {
        stretched: regions('body', 'hip-front'),
        loaded: regions('body', 'buttocks', 'back-thigh', 'low-back'),
        words: { setUp: 'Lie on your back, knees bent, feet flat, arms crossed on your chest.' },
      }),
    ],
    warms: ['buttocks', 'low-back', 'hip-front'],
    tiringLegs: true,
    breathOn: { round: 'out', effort: 'out' },
  }),
  move('Open book', {
    others: ['Side-lying arm opening'],
    kind: 'mobility',
    family: 'trunk-turn',
    regions: ['upper-back', 'chest'],
    spine: ['turn-left', 'turn-right'],
    sides: 'each',
    sideMeans: 'side-lain-on',
    dose: breaths(5),
    range: { breaths: [3, 8], reps: [4, 10], holdMs: spanS(15, 60), sets: [1, 3] },
    cues: says(
      'Lie on your {side} side, knees bent.',
      'Open the {other} arm across; let the chest and eyes follow.',
      'Open the {other} arm.',
      ['Knees stay together and heavy', 'Stop where the shoulder is easy'],
      'Open half way, hand on the ribs.',
      'Let the {other} shoulder sink towards the floor.',
      'Bring the arm back and rest on your {side} side.',
      'Breathe with the movement; no holding.',
    ),
    levels: [
      level('hand on the ribs', 'side-lying', {
        stretched: regions('body', 'upper-back'),
        longSwitch: 'roll-over',
        words: {
          setUp: 'Lie on your {side} side, knees bent, {other} hand on your ribs.',
          go: 'Turn the chest open, {other} hand on the ribs; eyes follow.',
          short: 'Turn open, hand on ribs.',
        },
      }),
      level('arm open', 'side-lying', {
        usual: true,
        stretched: regions('body', 'upper-back', 'chest'),
        longSwitch: 'roll-over',
      }),
    ],
    endRange: ['upper-back', 'chest'],
    warms: ['upper-back', 'chest', 'shoulders'],
    breathOn: { round: 'out', effort: 'out' },
  }),
] as const satisfies readonly Move[];
