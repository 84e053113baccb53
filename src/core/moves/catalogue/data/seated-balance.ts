import type { Move } from '../shape';
import { level, move, regions, reps, says, spanS, timed } from './notation';

const DOWN = 'Both feet flat, hands on the thighs.';
const hips = regions('body', 'hip-outer');

/** What people on a chair do while others stand for their balance: of the same families. */
export const SEATED_BALANCE: readonly Move[] = [
  move('Seated foot taps', {
    kind: 'mobility',
    family: 'taps',
    regions: ['hip-outer', 'ankles-feet'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [4, 20], timedMs: spanS(20, 90), sets: [1, 3] },
    cues: says(
      'Sit tall toward the front, hands on the seat.',
      'Tap one foot out and bring it back; change.',
      'Out, back, change.',
      ['The trunk stays still', 'Both sitting bones stay down'],
      'Lift the heel only.',
      'Tap further out.',
      DOWN,
    ),
    levels: [
      level('heels only', 'sit-front', {
        support: 'two hands',
        loaded: hips,
        words: {
          go: 'Lift one heel and put it down, the toes stay; change.',
          short: 'Heel up, down, change.',
        },
      }),
      level('foot out', 'sit-front', { usual: true, support: 'two hands', loaded: hips }),
    ],
    warms: ['hip-outer', 'ankles-feet'],
  }),
  move('Seated sway', {
    kind: 'mobility',
    family: 'sway',
    regions: ['hip-outer', 'ribs-sides'],
    sides: 'both',
    dose: timed(30),
    range: { timedMs: spanS(20, 90), sets: [1, 3] },
    cues: says(
      'Sit tall, both hands on the seat.',
      'Roll your weight from one sitting bone to the other.',
      'Weight side to side.',
      ['The head stays over the middle', 'Both feet stay flat'],
      'Make it half as far.',
      'Pause on each side.',
      DOWN,
    ),
    levels: [
      level('small', 'sit-front', {
        support: 'two hands',
        loaded: hips,
        words: {
          go: 'Roll your weight a little from one sitting bone to the other.',
          short: 'A little, side to side.',
        },
      }),
      level('full', 'sit-front', { usual: true, support: 'two hands', loaded: hips }),
    ],
    warms: ['hip-outer', 'ribs-sides'],
  }),
  move('Seated walk on the spot', {
    kind: 'mobility',
    family: 'walk',
    regions: ['hip-front', 'ankles-feet'],
    sides: 'both',
    dose: timed(30),
    range: { timedMs: spanS(20, 120), sets: [1, 3] },
    cues: says(
      'Sit tall, hands on the seat.',
      'Walk on the spot, heel, then toe, with small steps.',
      'Heel, toe, small steps.',
      ['Sit tall all the while', 'Steps stay quiet'],
      'Lift the heels only.',
      'Let the arms swing.',
      DOWN,
    ),
    levels: [
      level('heels only', 'sit-front', {
        support: 'two hands',
        loaded: hips,
        words: { go: 'Lift one heel, then the other, as if you walked.', short: 'Heel, and heel.' },
      }),
      level('steps', 'sit-front', { usual: true, support: 'two hands', loaded: hips }),
    ],
    warms: ['hip-front', 'ankles-feet'],
  }),
  move('Seated knee lift', {
    kind: 'mobility',
    family: 'knee-lift',
    regions: ['hip-front', 'abdomen'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 1, 1, 0]),
    range: { reps: [4, 16], timedMs: spanS(20, 90), sets: [1, 3] },
    cues: says(
      'Sit tall toward the front, hands on the seat.',
      'Lift one foot a little, hold, put it down; change.',
      'Lift, hold, down.',
      ['The back stays tall', 'The foot comes down quietly'],
      'Lift the heel only.',
      'Lift the knee higher.',
      DOWN,
    ),
    levels: [
      level('heel only', 'sit-front', {
        support: 'two hands',
        loaded: regions('worked', 'hip-front'),
        words: {
          go: 'Lift one heel, toes down, hold, put it down; change.',
          short: 'Heel up, hold, down.',
        },
      }),
      level('foot up', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'hip-front'),
      }),
    ],
    warms: ['hip-front'],
  }),
  move('Seated heel raises', {
    kind: 'strength',
    family: 'calf',
    regions: ['calf', 'ankles-feet'],
    sides: 'both',
    dose: reps(10, [1, 1, 2, 0]),
    range: { reps: [6, 20], sets: [1, 3] },
    cues: says(
      'Sit tall, feet under the knees.',
      'Lift both heels, wait, and lower them slowly.',
      'Heels up, slowly down.',
      ['The toes stay long', 'Knees stay over the feet'],
      'Lift one heel at a time.',
      'Press down on the thighs as they lift.',
      DOWN,
    ),
    levels: [
      level('small', 'sit-front', {
        loaded: regions('body', 'calf'),
        words: {
          go: 'Lift both heels a little, wait, and lower them slowly.',
          short: 'A little up, slowly down.',
        },
      }),
      level('full', 'sit-front', { usual: true, loaded: regions('body', 'calf') }),
    ],
    warms: ['calf', 'ankles-feet'],
  }),
  move('Seated leg out to the side', {
    kind: 'strength',
    family: 'leg-side',
    regions: ['hip-outer', 'front-thigh'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 1, 2, 0]),
    range: { reps: [4, 15], sets: [1, 3] },
    cues: says(
      'Sit tall toward the front, hands on the seat.',
      'Slide the {side} foot out to the side, and bring it back.',
      '{side} foot out, and back.',
      ['The trunk stays in the middle', 'The knee points where the toes do'],
      'Slide half as far.',
      'Let the foot float a little.',
      DOWN,
    ),
    levels: [
      level('half way', 'sit-front', {
        support: 'two hands',
        loaded: regions('worked', 'hip-outer'),
        words: {
          go: 'Slide the {side} foot half way out to the side, and back.',
          short: '{side} foot half way out.',
        },
      }),
      level('sliding', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'hip-outer', 'front-thigh'),
      }),
    ],
    warms: ['hip-outer'],
  }),
];
