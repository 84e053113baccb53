import type { Move } from '../shape';
import { hold, level, move, regions, reps, says, spanS, timed } from './notation';

export const SEATED_LEGS = [
  move('Seated march', {
    others: ['March in the chair'],
    kind: 'mobility',
    family: 'march',
    regions: ['hip-front', 'abdomen'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: timed(60),
    range: { timedMs: spanS(20, 180), reps: [6, 30], sets: [1, 4] },
    cues: says(
      'Sit tall, away from the backrest.',
      'Lift one knee and then the other, and let your arms swing.',
      'Knees up, by turns.',
      ['The back stays tall', 'Feet land softly'],
      'Lift the heels and leave the toes down.',
      'Lift the knees higher and pump the arms.',
      'Slow down and let both feet come to rest.',
      'Breathe as you like; you can still talk.',
    ),
    levels: [
      level('heels only', 'sit-front', {
        support: 'two hands',
        loaded: regions('worked', 'hip-front'),
        words: {
          setUp: 'Sit tall, hands on the seat.',
          go: 'Lift one heel and then the other; the toes stay down.',
          short: 'Heels up, by turns.',
        },
      }),
      level('knees up', 'sit-front', {
        usual: true,
        loaded: regions('worked', 'hip-front', 'abdomen'),
      }),
    ],
    warms: ['hip-front', 'front-thigh', 'shoulders'],
  }),
  move('Leg extend and bend', {
    others: ['Seated knee straighten'],
    kind: 'strength',
    family: 'knee-straighten',
    regions: ['front-thigh', 'back-thigh'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(8, [2, 1, 2, 0]),
    range: { reps: [6, 15], timedMs: spanS(20, 90), sets: [1, 4] },
    cues: says(
      'Sit tall, hands beside you on the seat.',
      'Straighten one knee, toes up, then lower it under control.',
      'Straighten, then lower.',
      ['The thigh stays on the seat', 'No kick at the top'],
      'Slide the heel along the floor.',
      'Hover the foot between reps.',
      'Put both feet flat.',
      'Breathe with the movement; no holding.',
    ),
    levels: [
      level('heel sliding', 'sit-front', {
        support: 'two hands',
        loaded: regions('worked', 'front-thigh'),
        words: {
          go: 'Slide one heel forward until the knee is nearly straight, and back.',
          short: 'Slide out, slide back.',
        },
      }),
      level('foot lifting', 'sit-front', {
        usual: true,
        support: 'two hands',
        stretched: regions('worked', 'back-thigh'),
        loaded: regions('worked', 'front-thigh'),
      }),
      level('hovering', 'sit-front', {
        support: 'two hands',
        stretched: regions('worked', 'back-thigh'),
        loaded: regions('worked', 'front-thigh', 'hip-front'),
        words: {
          go: 'Straighten one knee, toes up, then lower it short of the floor.',
          short: 'Straighten, hover.',
        },
      }),
    ],
    warms: ['front-thigh', 'back-thigh'],
    breathOn: { round: 'out', effort: 'out' },
  }),
  move('Seated hamstring reach', {
    others: ['Chair-edge back-of-thigh reach'],
    kind: 'stretch',
    family: 'back-of-thigh-reach',
    regions: ['back-thigh', 'calf'],
    spine: ['flex'],
    sides: 'each',
    sideMeans: 'stretched-leg',
    dose: hold(20, 2, 5),
    doseFor: { older: hold(30), chair: hold(30) },
    range: { holdMs: spanS(10, 60), breaths: [3, 8], sets: [1, 4] },
    cues: {
      ...says(
        'Sit forward, {side} heel out, {side} toes up.',
        'Tip from the hips, back long, over the {side} leg.',
        'Tip forward, back long.',
        [
          'The knee is straight, not locked',
          'Bend at the hip, not the waist',
          'A pull in the thigh, no tingling in the foot',
        ],
        'Bend the knee a little and stay more upright.',
        'Draw the toes back harder and tip a little more.',
        'Hands on the thighs, push up to sitting.',
        'Let each breath soften it a little.',
      ),
      press: 'Press the {side} heel down, breathing out.',
    },
    levels: [
      level('knee soft', 'sit-front', {
        support: 'two hands',
        stretched: regions('worked', 'back-thigh'),
        words: {
          setUp: 'Sit forward, {side} heel out, knee a little bent, hands on the {other} thigh.',
        },
      }),
      level('knee straight', 'sit-front', {
        usual: true,
        support: 'two hands',
        stretched: regions('worked', 'back-thigh', 'calf'),
        words: {
          setUp: 'Sit forward, {side} heel out, knee straight, hands on the {other} thigh.',
        },
      }),
      level('strap round the foot', 'sit-front', {
        props: ['strap'],
        stretched: regions('worked', 'back-thigh', 'calf'),
        words: {
          setUp: 'Sit forward, {side} heel out, strap round the {side} foot, an end in each hand.',
          go: 'Tip from the hips, back long, hands light on the strap.',
        },
      }),
    ],
    endRange: ['back-thigh', 'calf'],
    stretchStrength: 'mild',
  }),
  move('Seated figure four', {
    others: ['Ankle on the other thigh, seated'],
    kind: 'stretch',
    family: 'figure-four',
    regions: ['hip-outer', 'buttocks'],
    sides: 'each',
    sideMeans: 'stretched-leg',
    dose: hold(20),
    doseFor: { older: hold(30), chair: hold(30) },
    range: { holdMs: spanS(10, 60), breaths: [3, 8], sets: [1, 3] },
    cues: {
      ...says(
        'Sit toward the front, both feet flat. Lift your {side} ankle onto the other thigh, and let that knee open.',
        'Sit tall and let the {side} knee grow heavy.',
        'Tall, {side} knee heavy.',
        ['The lifted foot stays drawn up', 'No pain in the knee'],
        'Rest the {side} ankle on the other shin.',
        'Tip forward from the hips with a long back.',
        'Lift the leg down with both hands.',
        'Slow, with nothing to hold.',
      ),
      press: 'Press the {side} ankle into the leg below, breathing out.',
    },
    levels: [
      level('ankle on the shin', 'sit-front', {
        support: 'two hands',
        stretched: regions('worked', 'hip-outer'),
        words: {
          setUp:
            'Sit toward the front, both feet flat. Rest your {side} ankle on the other shin, hands on the leg.',
          go: 'Sit tall and let the {side} knee open.',
          short: 'Tall, {side} knee open.',
          easier: 'Leave the foot on the floor, and let the knee open.',
        },
      }),
      level('ankle on the thigh', 'sit-front', {
        usual: true,
        stretched: regions('worked', 'hip-outer', 'buttocks'),
      }),
      level('leaning forward', 'sit-front', {
        stretched: regions('worked', 'hip-outer', 'buttocks'),
        words: { go: 'Tip forward with a long back over the {side} leg.' },
      }),
    ],
    endRange: ['hip-outer', 'buttocks'],
    stretchStrength: 'mild',
  }),
] as const satisfies readonly Move[];
