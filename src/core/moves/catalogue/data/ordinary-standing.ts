import type { Move } from '../shape';
import { breaths, hold, level, move, regions, reps, says, spanS, timed } from './notation';

const ON_FEET = 'Both feet down, hand to the chair.';

/** Standing moves that class plans and exercise sheets name every day. */
export const ORDINARY_STANDING: readonly Move[] = [
  move('Reverse lunge, hand on', {
    others: ['Step back and bend'],
    kind: 'strength',
    family: 'step-back',
    regions: ['front-thigh', 'buttocks'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 1, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand beside your chair, one hand on it.',
      'Step one foot back, bend both knees a little, and return; change.',
      'Back, bend, and return.',
      ['The front knee stays over the foot', 'The trunk stays tall'],
      'Step back and leave the knees long.',
      'Bend lower, the back knee half way down.',
      ON_FEET,
    ),
    levels: [
      level('step and return', 'stand-chair', {
        support: 'one hand',
        loaded: regions('body', 'front-thigh'),
        usualFor: ['older'],
        words: {
          go: 'Step one foot back, toes down, and return; change.',
          short: 'Back, and return.',
          easier: 'Slide the foot back, both hands on the chair.',
        },
      }),
      level('small bend', 'stand-chair', {
        usual: true,
        support: 'one hand',
        loaded: regions('body', 'front-thigh', 'buttocks'),
      }),
      level('half way down', 'stand-chair', {
        support: 'one hand',
        loaded: regions('body', 'front-thigh', 'buttocks'),
        words: {
          go: 'Step one foot back, back knee half way down; return, change.',
          short: 'Back, down, return.',
          easier: 'Bend a little only.',
        },
      }),
    ],
    warms: ['front-thigh', 'buttocks'],
    tiringLegs: true,
  }),
  move('Shoulder pendulum', {
    others: ['Hanging arm swings'],
    kind: 'mobility',
    family: 'arm-circle',
    regions: ['shoulders'],
    sides: 'each',
    sideMeans: 'moving-arm',
    dose: timed(30),
    range: { timedMs: spanS(15, 90), reps: [5, 20], sets: [1, 3] },
    cues: says(
      'Stand at a counter, {other} hand on it, lean forward, {side} arm hanging.',
      'Sway your hips, and let the hanging arm swing.',
      'Sway, the arm swings.',
      ['The arm hangs; it does not lift', 'The knees stay soft'],
      'Lean less.',
      'Let it swing in small circles.',
      'Let the arm come to rest, and stand up slowly.',
    ),
    levels: [
      level('small lean', 'stand-chair', {
        support: 'one hand',
        usualFor: ['older'],
        words: {
          setUp: 'Stand behind your chair, {other} hand on it, lean a little, {side} arm hanging.',
          easier: 'Sit, lean a little, and let the arm hang beside you.',
        },
      }),
      level('long lean', 'stand-counter', { usual: true, support: 'one hand' }),
    ],
    warms: ['shoulders'],
  }),
  move('Tree with a hand on', {
    others: ['Standing tree'],
    kind: 'balance',
    family: 'stance',
    regions: ['ankles-feet', 'hip-outer'],
    sides: 'each',
    sideMeans: 'standing-leg',
    dose: hold(10, 2, 5),
    range: { holdMs: spanS(3, 30), breaths: [1, 6], sets: [1, 4] },
    cues: says(
      'Stand behind your chair, one hand on it, weight on the {side} leg.',
      'Turn the {other} knee out, foot on the calf; stand tall.',
      '{other} knee out, tall.',
      [
        'A chair or wall stays in reach',
        'The foot is above or below the knee, and never against it',
      ],
      'Leave the {other} toes on the floor.',
      'Lift the hand to hover over the chair.',
      ON_FEET,
      'Keep breathing; no holding.',
    ),
    levels: [
      level('toes down', 'stand-chair', {
        stance: 'semi-tandem',
        support: 'two hands',
        loaded: regions('worked', 'ankles-feet', 'hip-outer'),
        words: {
          setUp: 'Stand behind your chair, both hands on it, weight on the {side} leg.',
          go: 'Turn the {other} knee out, heel on the ankle, toes down.',
          short: '{other} heel on the ankle.',
          easier: 'Leave both feet down.',
        },
      }),
      level('foot on the calf', 'stand-chair', {
        usual: true,
        stance: 'one-leg',
        support: 'one hand',
        loaded: regions('worked', 'ankles-feet', 'hip-outer'),
      }),
      level('hands hovering', 'stand-chair', {
        stance: 'one-leg',
        support: 'hover',
        loaded: regions('worked', 'ankles-feet', 'hip-outer'),
        words: {
          setUp: 'Stand behind your chair, hands hovering just above it, weight on the {side} leg.',
          easier: 'Put one hand on the chair.',
          further: 'Put your hands together before the chest.',
        },
      }),
    ],
    warms: ['ankles-feet'],
  }),
  move('Warrior stance with a chair', {
    others: ['Long stance, front knee bent'],
    kind: 'strength',
    family: 'hip-flexor',
    regions: ['front-thigh', 'hip-front', 'buttocks'],
    sides: 'each',
    sideMeans: 'front-foot',
    dose: breaths(3),
    range: { breaths: [2, 6], holdMs: spanS(8, 45), sets: [1, 3] },
    cues: says(
      'Stand behind the chair, one hand on it, {side} foot forward, the other a long step back.',
      'Bend the {side} knee, back heel down; grow tall and stay.',
      '{side} knee bends, tall.',
      ['The {side} knee stays over the foot', 'The back foot presses down'],
      'Take a shorter step.',
      'Reach the free arm up.',
      'Straighten the knee, and step in.',
      'Keep breathing; no holding.',
    ),
    levels: [
      level('short stance', 'stand-chair', {
        usual: true,
        support: 'two hands',
        loaded: regions('body', 'front-thigh', 'buttocks'),
        words: {
          setUp:
            'Stand behind the chair, both hands on it, {side} foot forward, the other a step back.',
        },
      }),
      level('long stance', 'stand-chair', {
        support: 'one hand',
        loaded: regions('body', 'front-thigh', 'buttocks'),
        words: { easier: 'Take a shorter step, both hands on.' },
      }),
      level('arm up', 'stand-chair', {
        support: 'one hand',
        loaded: regions('body', 'front-thigh', 'buttocks', 'shoulders'),
        words: {
          go: 'Bend the {side} knee, back heel down, the free arm overhead.',
          short: 'Knee bends, arm up.',
          easier: 'Leave the arm down.',
          further: 'Sink a little lower.',
        },
      }),
    ],
    warms: ['front-thigh', 'hip-front'],
    tiringLegs: true,
  }),
  move('Marching on the way', {
    others: ['Walk through the room'],
    kind: 'balance',
    family: 'walk',
    regions: ['hip-front', 'hip-outer', 'ankles-feet'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: timed(60),
    range: { timedMs: spanS(20, 300), reps: [6, 40], sets: [1, 4] },
    cues: says(
      'Stand tall, the way before you clear, chairs within reach along it.',
      'Walk through the room, arms swinging, heel first.',
      'Walk, heel first.',
      ['Look ahead, and not down', 'Turn in a wide bend'],
      'Walk beside the counter, one hand on it.',
      'Lift the knees as you go.',
      'Stop, both feet down, a hand to the nearest chair.',
      'Breathe as you like; you can still talk.',
    ),
    levels: [
      level('along a counter', 'stand-counter', {
        support: 'one hand',
        loaded: regions('body', 'hip-front', 'ankles-feet'),
        usualFor: ['older'],
        words: {
          setUp: 'Stand along the counter, one hand on it, the way before you clear.',
          go: 'Walk along the counter, heel first, and back.',
          easier: 'Walk a few steps, and rest.',
        },
      }),
      level('through the room', 'stand', {
        usual: true,
        loaded: regions('body', 'hip-front', 'ankles-feet'),
      }),
      level('knees high', 'stand', {
        loaded: regions('body', 'hip-front', 'hip-outer', 'ankles-feet'),
        words: {
          go: 'March through the room, knees high, arms swinging.',
          short: 'March, knees high.',
          easier: 'Walk, heel first.',
          further: 'Wait a moment on each leg.',
        },
      }),
    ],
    warms: ['hip-front', 'ankles-feet'],
  }),
];
