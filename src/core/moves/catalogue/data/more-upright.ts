import type { Move } from '../shape';
import { breaths, hold, level, move, regions, reps, says, spanS, timed } from './notation';

const ON_FEET = 'Put the foot down and stand on both.';
const SIT_AND_REST = 'Sit tall, hands in your lap, and rest.';
const STAND_AND_REST = 'Let the arms hang and stand still.';

const MOVING = 'Breathe with the movement; no holding.';

/** Seated and standing moves that a whole room can share. */
export const MORE_UPRIGHT: readonly Move[] = [
  move('Side bend, hand behind the head', {
    others: ['Elbow-up side bend'],
    kind: 'stretch',
    family: 'side-bend',
    regions: ['ribs-sides', 'shoulders'],
    spine: ['bend-left', 'bend-right'],
    sides: 'each',
    sideMeans: 'bend-way',
    dose: hold(15),
    range: { holdMs: spanS(10, 40), breaths: [2, 5], sets: [1, 2] },
    cues: says(
      'Sit tall, {other} hand light behind your head, {side} hand on the seat.',
      'Lean to the {side}, the {other} elbow goes up.',
      'Lean {side}, elbow up.',
      ['Both sitting bones stay down', 'The hand never pulls the head'],
      'Rest the {other} hand on the shoulder.',
      'Breathe into the side that opens.',
      'Come up tall and lower the arm.',
    ),
    levels: [
      level('hand on the shoulder', 'sit-front', {
        support: 'one hand',
        stretched: regions('other', 'ribs-sides'),
        words: {
          setUp: 'Sit tall, {other} hand on your shoulder, {side} hand on the seat.',
          easier: 'Lean half as far.',
        },
      }),
      level('hand behind the head', 'sit-front', {
        usual: true,
        support: 'one hand',
        stretched: regions('other', 'ribs-sides', 'shoulders'),
      }),
    ],
    endRange: ['ribs-sides'],
    warms: ['ribs-sides'],
    stretchStrength: 'mild',
  }),
  move('Standing arm sweep', {
    others: ['Big arm sweep, standing'],
    kind: 'mobility',
    family: 'arms-up',
    regions: ['shoulders', 'ribs-sides'],
    sides: 'both',
    dose: reps(6, [3, 0, 3, 0]),
    range: { reps: [4, 12], timedMs: spanS(20, 60), sets: [1, 2] },
    cues: says(
      'Stand tall, feet under the hips, arms by your sides.',
      'Sweep both arms out and up, and out and down.',
      'Sweep up, sweep down.',
      ['Shoulders stay away from the ears', 'The back stays long'],
      'Sweep to shoulder height only.',
      'Look after the hands as far as shoulder height.',
      STAND_AND_REST,
      MOVING,
    ),
    levels: [
      level('to shoulder height', 'stand', {
        loaded: regions('body', 'shoulders'),
        words: { go: 'Sweep both arms out to shoulder height, and down.', short: 'Out, and down.' },
      }),
      level('overhead', 'stand', {
        usual: true,
        loaded: regions('body', 'shoulders'),
      }),
    ],
    warms: ['shoulders', 'ribs-sides'],
    breathOn: { round: 'out', effort: 'in' },
  }),
  ...['Seated arm circles', 'Standing arm circles'].map((name) => {
    const seated = name.startsWith('Seated');
    const at = seated ? 'sit-front' : 'stand';
    return move(name, {
      others: [seated ? 'Arm circles, sitting' : 'Arm circles'],
      kind: 'mobility',
      family: 'arm-circle',
      regions: ['shoulders', 'arms'],
      sides: 'both',
      dose: timed(30),
      range: { timedMs: spanS(15, 60), reps: [4, 12], sets: [1, 2] },
      cues: says(
        `${seated ? 'Sit' : 'Stand'} tall, arms out to the sides, a little below the shoulders.`,
        'Draw slow circles with both arms, one way, then the other.',
        'Slow circles.',
        ['Shoulders stay low', 'The ribs stay still'],
        'Circle the elbows, fingertips on the shoulders.',
        'Make the circles bigger.',
        seated ? SIT_AND_REST : STAND_AND_REST,
      ),
      levels: [
        level('elbows only', at, {
          loaded: regions('body', 'shoulders'),
          words: {
            setUp: `${seated ? 'Sit' : 'Stand'} tall, fingertips on your shoulders.`,
            go: 'Draw slow circles with both elbows, one way, then the other.',
            short: 'Circle the elbows.',
            easier: 'Make the circles small.',
          },
        }),
        level('arms long', at, {
          usual: true,
          loaded: regions('body', 'shoulders', 'arms'),
        }),
      ],
      warms: ['shoulders', 'arms'],
    });
  }),
  move('Arms round yourself, ribs wide', {
    others: ['Self hug'],
    kind: 'breath',
    family: 'arm-across',
    regions: ['upper-back', 'shoulders'],
    sides: 'both',
    dose: breaths(4),
    range: { breaths: [2, 8], holdMs: spanS(10, 40), sets: [1, 2] },
    cues: says(
      'Sit tall, cross your arms and lay a hand on each shoulder.',
      'Breathe into the back of the ribs and let them go wide.',
      'Ribs wide at the back.',
      ['Shoulders stay low', 'The chin stays level'],
      'Hold the elbows and not the shoulders.',
      'Reach the hands a little further round.',
      SIT_AND_REST,
      MOVING,
    ),
    levels: [
      level('hands on the elbows', 'sit-front', {
        words: {
          setUp: 'Sit tall, cross your arms low and hold your elbows.',
          easier: 'Let the hands lie in the lap.',
        },
      }),
      level('hands on the shoulders', 'sit-front', {
        usual: true,
        stretched: regions('body', 'upper-back', 'shoulders'),
      }),
    ],
    warms: ['upper-back'],
    breathOn: { round: 'out', effort: 'in' },
  }),
  move('Standing roll-down, in stages', {
    others: ['Roll down and up', 'Standing roll-down'],
    kind: 'mobility',
    family: 'round-and-lift',
    regions: ['upper-back', 'low-back', 'back-thigh'],
    spine: ['flex'],
    sides: 'both',
    dose: reps(3, [5, 0, 5, 0]),
    range: { reps: [2, 6], sets: [1, 2] },
    cues: says(
      'Stand tall, feet under the hips, knees soft.',
      'Chin to chest, roll down to your knees; roll up again.',
      'Roll down, roll up.',
      ['Weight over the middle of the feet', 'Come up slowly, the head last'],
      'Roll to the thighs, hands sliding on them.',
      'Roll down as far as the hands want to hang.',
      'Roll up slowly and stand still for a moment.',
      MOVING,
    ),
    levels: [
      level('to the breastbone and held', 'stand-chair', {
        support: 'two hands',
        words: {
          setUp: 'Stand behind the chair, both hands on it, knees soft.',
          go: 'Chin to chest, round the upper back only; roll up again.',
          short: 'Round a little, roll up.',
          easier: 'Nod the head only.',
        },
      }),
      level('to the thighs', 'stand', {
        stretched: regions('body', 'upper-back', 'low-back'),
        words: {
          go: 'Roll down, hands sliding on the thighs; roll up again.',
          easier: 'Roll half as far.',
        },
      }),
      level('to the knees', 'stand', {
        usual: true,
        stretched: regions('body', 'upper-back', 'low-back', 'back-thigh'),
      }),
    ],
    endRange: ['low-back'],
    warms: ['upper-back', 'low-back'],
    breathOn: { round: 'out', effort: 'out' },
  }),
  move('Standing pelvis turn', {
    others: ['Pelvis turns over the feet'],
    kind: 'mobility',
    family: 'trunk-turn',
    regions: ['hip-outer', 'low-back'],
    spine: ['turn-left', 'turn-right'],
    sides: 'alternating',
    sideMeans: 'turn-way',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], timedMs: spanS(20, 60), sets: [1, 2] },
    cues: says(
      'Stand tall, feet parallel under the hips, hands on the hips.',
      'Turn the pelvis left over still feet, and right.',
      'Pelvis left, pelvis right.',
      ['Feet and knees stay forward', 'The shoulders go along last'],
      'Turn half as far.',
      'Let the shoulders stay forward.',
      STAND_AND_REST,
    ),
    levels: [
      level('held', 'stand-chair', {
        support: 'two hands',
        words: {
          setUp: 'Stand behind the chair, both hands on it, feet parallel.',
          easier: 'Turn half as far.',
        },
      }),
      level('free', 'stand', {
        usual: true,
      }),
    ],
    warms: ['hip-outer', 'low-back'],
  }),
  move('Straight-leg lift, forward and back', {
    others: ['Leg swing, slow', 'Straight-leg lift'],
    kind: 'strength',
    family: 'leg-back',
    regions: ['hip-front', 'front-thigh', 'buttocks'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand behind the chair, hands on it, weight on the {other} leg.',
      'Lift the {side} leg a little forward, down, and a little back.',
      '{side} leg forward, and back.',
      ['The trunk stays tall', 'The standing knee is soft'],
      'Keep the toes on the floor.',
      'Stay a moment at each end.',
      ON_FEET,
    ),
    levels: [
      level('toes down', 'stand-chair', {
        support: 'two hands',
        loaded: regions('worked', 'hip-front'),
        words: {
          setUp: 'Stand behind the chair, both hands on it, weight on the {other} leg.',
          go: 'Slide the {side} toes forward, in, and back.',
          short: '{side} toes forward, and back.',
          easier: 'Slide half as far.',
        },
      }),
      level('leg light', 'stand-chair', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'hip-front', 'buttocks'),
        words: { setUp: 'Stand behind the chair, both hands on it, weight on the {other} leg.' },
      }),
    ],
    warms: ['hip-front', 'buttocks'],
    tiringLegs: true,
  }),
  move('Seated heel pivot', {
    others: ['Toes out and in'],
    kind: 'mobility',
    family: 'taps',
    regions: ['ankles-feet', 'hip-outer'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [6, 20], timedMs: spanS(15, 60), sets: [1, 3] },
    cues: says(
      'Sit forward, feet flat, hands on the seat.',
      'Left toes out and in on the heel; then right.',
      'Toes out, toes in; change.',
      ['The heel stays where it is', 'The knee goes along'],
      'Turn half as far.',
      'Do it a little quicker.',
      'Both feet flat and rest.',
    ),
    levels: [
      level('hands on the seat', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'ankles-feet'),
      }),
      level('hands in the lap', 'sit-front', {
        words: {
          setUp: 'Sit forward, feet flat, hands in your lap.',
          easier: 'Lay the hands on your thighs.',
        },
        loaded: regions('worked', 'ankles-feet'),
      }),
    ],
    warms: ['ankles-feet', 'hip-outer'],
  }),
  move('Seated step, reach and look', {
    others: ['Step, reach, look, sitting'],
    kind: 'balance',
    family: 'stepping',
    regions: ['hip-front', 'ribs-sides', 'ankles-feet'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(5, [2, 1, 2, 0]),
    range: { reps: [4, 10], sets: [1, 2] },
    cues: says(
      'Sit forward, feet flat, one hand on the seat.',
      'Step left, reach and look there, and back; then right.',
      'Step, reach, look, back.',
      ['Both sitting bones stay heavy', 'The eyes arrive last'],
      'Step and look without the reach.',
      'Reach a little further over the foot.',
      'Both feet flat and sit tall.',
    ),
    levels: [
      level('step and look', 'sit-front', {
        support: 'one hand',
        words: {
          go: 'Step left, look there, and back; then right.',
          short: 'Step, look, and back.',
          easier: 'Look only.',
        },
      }),
      level('with the reach', 'sit-front', {
        usual: true,
        support: 'one hand',
      }),
    ],
    warms: ['hip-front', 'ribs-sides'],
  }),
  move('Seated staggered rock', {
    others: ['Weight rock, one foot forward, sitting'],
    kind: 'balance',
    family: 'stepping',
    regions: ['hip-front', 'front-thigh', 'low-back'],
    sides: 'each',
    sideMeans: 'front-foot',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 2] },
    cues: says(
      'Sit forward, {side} foot ahead, {other} foot under the knee, hands on the seat.',
      'Rock the weight over the {side} foot, and back to the seat.',
      'Rock forward, and back.',
      ['The back stays long', 'The front knee goes over the foot'],
      'Rock half as far.',
      'Let the {other} heel come up.',
      'Sit back and bring both feet together.',
    ),
    levels: [
      level('hands on the seat', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'front-thigh'),
      }),
      level('hands on the thighs', 'sit-front', {
        words: {
          setUp:
            'Sit forward, {side} foot ahead, {other} foot under the knee, hands on your thighs.',
          easier: 'Rock half as far.',
        },
        loaded: regions('worked', 'front-thigh'),
      }),
    ],
    warms: ['front-thigh', 'low-back'],
  }),
  move('Seated knee falling out', {
    others: ['Knee out and in, sitting'],
    kind: 'mobility',
    family: 'butterfly',
    regions: ['inner-thigh', 'hip-outer'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], timedMs: spanS(20, 60), sets: [1, 2] },
    cues: says(
      'Sit tall, feet flat and wide, hands on the seat.',
      'Let the left knee fall out, and bring it up; then right.',
      'Knee out, knee up; change.',
      ['The other knee stays still', 'Both sitting bones stay down'],
      'Let it fall half as far.',
      'Wait a breath where it is open.',
      'Both knees over the feet and rest.',
    ),
    levels: [
      level('a little', 'sit-front', {
        support: 'two hands',
        words: {
          go: 'Left knee out a little, and up; then right.',
          easier: 'Think of it only, and breathe.',
        },
      }),
      level('all the way', 'sit-front', {
        usual: true,
        support: 'two hands',
        stretched: regions('worked', 'inner-thigh'),
      }),
    ],
    warms: ['inner-thigh', 'hip-outer'],
  }),
  move('Seated leg up, out and back', {
    others: ['Leg up, out, back, sitting'],
    kind: 'strength',
    family: 'one-leg-work',
    regions: ['hip-front', 'hip-outer'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(5, [2, 1, 2, 0]),
    range: { reps: [3, 10], sets: [1, 2] },
    cues: says(
      'Sit forward, feet flat, hands on the seat.',
      'Lift the {side} knee, take it out, back in, and down.',
      '{side} up, out, in, down.',
      ['Sit tall while the leg goes', 'The other foot presses down'],
      'Slide the foot out and in on the floor.',
      'Draw the path a little bigger.',
      'Both feet flat and rest.',
    ),
    levels: [
      level('sliding', 'sit-front', {
        support: 'two hands',
        words: {
          go: 'Slide the {side} foot out, back in, and rest.',
          short: '{side} out, and in.',
          easier: 'Slide half as far.',
        },
      }),
      level('lifted', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('worked', 'hip-front', 'hip-outer'),
      }),
    ],
    warms: ['hip-front', 'hip-outer'],
    tiringLegs: true,
  }),
  move('Eyes far and near', {
    others: ['Eye rest, far and near'],
    kind: 'mobility',
    family: 'eyes',
    regions: ['neck', 'jaw'],
    sides: 'both',
    dose: reps(5, [4, 0, 4, 0]),
    range: { reps: [3, 10], timedMs: spanS(20, 90), sets: [1, 2] },
    cues: says(
      'Sit tall, hands resting, one thumb up at arm length.',
      'Look at the thumb, then at the furthest thing you can see.',
      'Near, then far.',
      ['The head stays still', 'Blink as often as you like'],
      'Hold the thumb further away.',
      'Look slowly from one to the other.',
      'Let the hand down and look at nothing in particular.',
    ),
    levels: [
      level('far only', 'sit-front', {
        words: {
          setUp: 'Sit tall, hands resting.',
          go: 'Look as far as you can, and let the eyes soften.',
          short: 'Look far, eyes soft.',
          easier: 'Blink slowly.',
        },
      }),
      level('near and far', 'sit-front', { usual: true }),
    ],
  }),
  move('Breath in four equal parts', {
    others: ['Four-part breath'],
    kind: 'breath',
    family: 'easy-breath',
    regions: ['ribs-sides', 'abdomen'],
    sides: 'both',
    dose: {
      kind: 'breaths',
      breaths: 4,
      inMs: 3000,
      fullMs: 3000,
      outMs: 3000,
      emptyMs: 3000,
      sets: 1,
      restMs: 0,
    },
    range: { breaths: [2, 6], sets: [1, 2] },
    cues: says(
      'Sit tall, hands resting.',
      'In, wait, out, wait: each as long as the others.',
      'In, wait, out, wait.',
      ['The throat stays open while you wait', 'Stop counting when it is not easy'],
      'Leave out both waits.',
      'Make all four a little longer.',
      'Let the breath come as it likes.',
      'The wait is soft; nobody holds on to it.',
    ),
    levels: [
      level('no waits', 'sit-front', {
        words: {
          go: 'In and out, each as long as the other.',
          short: 'In, and out.',
          easier: 'Stop counting and let it come.',
        },
      }),
      level('equal parts', 'sit-front', {
        usual: true,
      }),
    ],
    breathOn: { round: 'out', effort: 'out' },
  }),
];
