import type { Move } from '../shape';
import { level, move, regions, reps, says, spanS } from './notation';

const REST = 'Both feet flat and rest.';
const MOVING = 'Breathe with the movement; no holding.';

/** For who stays seated while the room stands: the same job, from the chair. */
export const SEATED_MEMBERS: readonly Move[] = [
  move('Seated heel draw-back', {
    others: ['Seated hamstring curl'],
    kind: 'strength',
    family: 'leg-back',
    regions: ['back-thigh', 'buttocks'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(8, [2, 1, 2, 0]),
    range: { reps: [6, 15], sets: [1, 3] },
    cues: says(
      'Sit forward, {side} leg a little ahead, hands on the seat.',
      'Draw the {side} heel back under the seat, and forward.',
      '{side} heel back, and forward.',
      ['The thigh stays on the seat', 'The trunk stays tall'],
      'Draw it half as far back.',
      'Press the heel down while it comes back.',
      REST,
      MOVING,
    ),
    levels: [
      level('toes gliding', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'back-thigh'),
      }),
      level('heel pressing', 'sit-front', {
        support: 'two hands',
        loaded: regions('worked', 'back-thigh', 'buttocks'),
        words: {
          go: 'Press the {side} heel down and draw it back; let it forward.',
          short: 'Press, draw back, forward.',
        },
      }),
    ],
    warms: ['back-thigh'],
  }),
  move('Seated knee to elbow', {
    others: ['Knee to elbow, sitting'],
    kind: 'strength',
    family: 'knee-elbow',
    regions: ['abdomen', 'hip-front'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], timedMs: spanS(20, 60), sets: [1, 3] },
    cues: says(
      'Sit forward, feet flat, fingertips on your shoulders.',
      'Lift one knee towards the elbow above it, put it down; change.',
      'Knee to elbow; change.',
      ['The knee comes up, the head stays up', 'Keep breathing'],
      'Lift the heel only.',
      'Take it a little slower.',
      REST,
      MOVING,
    ),
    levels: [
      level('hands on the seat', 'sit-front', {
        support: 'two hands',
        loaded: regions('worked', 'hip-front'),
        words: {
          setUp: 'Sit forward, feet flat, hands on the seat.',
          go: 'Lift one knee, put it down; change.',
          short: 'Knee up, down; change.',
        },
      }),
      level('elbow to knee', 'sit-front', {
        usual: true,
        loaded: regions('body', 'abdomen', 'hip-front'),
      }),
    ],
    warms: ['abdomen', 'hip-front'],
  }),
  move('Seated step back and turn', {
    others: ['Foot back and turn, sitting'],
    kind: 'mobility',
    family: 'step-back',
    regions: ['ribs-sides', 'front-thigh'],
    spine: ['turn-left', 'turn-right'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(5, [2, 1, 2, 0]),
    range: { reps: [4, 10], sets: [1, 2] },
    cues: says(
      'Sit forward, feet flat, hands on your thighs.',
      'Slide one foot back and turn to that side, come back; change.',
      'Foot back, turn; change.',
      ['Both sitting bones stay down', 'The eyes go along'],
      'Slide the foot without the turn.',
      'Open the arm on that side.',
      REST,
    ),
    levels: [
      level('foot only', 'sit-front', {
        words: { go: 'Slide one foot back, and forward; change.', short: 'Foot back; change.' },
      }),
      level('with the turn', 'sit-front', { usual: true }),
    ],
    warms: ['ribs-sides', 'front-thigh'],
  }),
  move('Seated step tap', {
    others: ['Foot up on a line, sitting'],
    kind: 'strength',
    family: 'step-up',
    regions: ['front-thigh', 'hip-front'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [6, 20], sets: [1, 3] },
    cues: says(
      'Sit forward, feet flat, hands on the seat.',
      'Lift the {side} foot, press it down further ahead, bring it back.',
      '{side} foot ahead, and back.',
      ['Press as if to step up', 'Sit tall while the foot goes'],
      'Slide the foot and do not lift it.',
      'Press longer each time.',
      REST,
      MOVING,
    ),
    levels: [
      level('sliding', 'sit-front', {
        support: 'two hands',
        words: {
          go: 'Slide the {side} foot ahead, press it down, bring it back.',
          easier: 'Slide half as far.',
        },
      }),
      level('lifting', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'front-thigh', 'hip-front'),
      }),
    ],
    warms: ['front-thigh', 'hip-front'],
  }),
  move('Seated knee lift with press', {
    others: ['Press up and lift a knee, sitting'],
    kind: 'strength',
    family: 'knee-lift-press',
    regions: ['shoulders', 'hip-front'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Sit forward, feet flat, hands at your shoulders.',
      'Press both arms up and lift one knee, both down; change.',
      'Press, lift, down; change.',
      ['The ribs stay down', 'Sit tall while the knee comes up'],
      'Press to the height of the eyes.',
      'Take it a little slower.',
      REST,
      MOVING,
    ),
    levels: [
      level('arms to the eyes', 'sit-front', {
        words: {
          go: 'Press both arms up to the eyes, lift one heel; change.',
          easier: 'Move the arms only.',
        },
      }),
      level('arms overhead', 'sit-front', {
        usual: true,
        loaded: regions('body', 'shoulders', 'hip-front'),
      }),
    ],
    warms: ['shoulders', 'hip-front'],
    tiringLegs: true,
  }),
];
