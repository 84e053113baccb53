import type { PositionRef } from '@/core/body';
import type { Level, Move } from '../shape';
import { hold, level, move, regions, reps, says, spanS, timed } from './notation';

const ON_FEET = 'Both feet down, hand to the chair.';
const feet = regions('body', 'ankles-feet', 'hip-outer');
const steady = 'A chair or wall stays in reach';

const ALONG_COUNTER = ['stand-counter', 'counter', 'along a counter'] as const;
const BETWEEN_CHAIRS = ['stand-chair', 'chair', 'hand on each chair'] as const;

export const BALANCE: readonly Move[] = [
  move('Weight shift', {
    others: ['Weight shift, side to side'],
    kind: 'balance',
    family: 'sway',
    regions: ['hip-outer', 'ankles-feet'],
    sides: 'alternating',
    sideMeans: 'standing-leg',
    dose: reps(8, [2, 1, 2, 0]),
    range: { reps: [4, 15], timedMs: spanS(20, 90), sets: [1, 3] },
    cues: says(
      'Stand behind your chair, feet apart.',
      'Move your weight over one foot, wait, then over the other.',
      'Weight over, and change.',
      [steady, 'The trunk stays tall'],
      'Keep both hands on the chair.',
      'Let the other heel grow light.',
      ON_FEET,
    ),
    levels: [
      level('two hands', 'stand-chair', {
        stance: 'apart',
        support: 'two hands',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, both hands on it, feet apart.' },
      }),
      level('fingertips', 'stand-chair', {
        usual: true,
        stance: 'apart',
        support: 'fingertips',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, fingertips on it, feet apart.' },
      }),
    ],
    warms: ['hip-outer', 'ankles-feet'],
  }),
  move('Seated reach', {
    others: ['Seated balance reach'],
    kind: 'balance',
    family: 'stance',
    regions: ['hip-outer', 'ribs-sides', 'abdomen'],
    sides: 'alternating',
    sideMeans: 'bend-way',
    dose: reps(6, [2, 1, 2, 0]),
    range: { reps: [4, 12], holdMs: spanS(3, 30), timedMs: spanS(20, 60), sets: [1, 4] },
    cues: says(
      'Sit forward, feet flat.',
      'Reach one hand out to the side, come back, and change.',
      'Reach out, back, change.',
      ['Both feet press down', 'The other hand can hold the seat'],
      'Hold the seat with the other hand.',
      'Reach further, or across.',
      'Come back to the middle, hands on the seat.',
    ),
    levels: [
      level('one hand on the seat', 'sit-front', {
        usual: true,
        support: 'one hand',
        loaded: regions('body', 'abdomen', 'ribs-sides'),
      }),
      level('free', 'sit-front', {
        loaded: regions('body', 'abdomen', 'ribs-sides'),
        words: { setUp: 'Sit forward, feet flat, no hand holding.' },
      }),
    ],
    warms: ['ribs-sides', 'abdomen'],
  }),
  move('Feet-together stance', {
    others: ['Stand with feet together'],
    kind: 'balance',
    family: 'stance',
    regions: ['ankles-feet', 'hip-outer'],
    sides: 'both',
    dose: hold(15, 2, 5),
    range: { holdMs: spanS(5, 30), sets: [1, 4] },
    cues: says(
      'Stand behind your chair, feet together.',
      'Stand tall, look ahead, and keep your weight over both feet.',
      'Tall, look ahead.',
      [steady, 'Knees soft'],
      'Set the feet a little apart.',
      'Lift the hands to hover over the chair.',
      ON_FEET,
    ),
    levels: [
      level('two hands', 'stand-chair', {
        stance: 'together',
        support: 'two hands',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, both hands on it, feet together.' },
      }),
      level('fingertips', 'stand-chair', {
        usual: true,
        stance: 'together',
        support: 'fingertips',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, fingertips on it, feet together.' },
      }),
      level('hands hovering', 'stand-chair', {
        stance: 'together',
        support: 'hover',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, hands hovering just above it, feet together.' },
      }),
    ],
    warms: ['ankles-feet'],
  }),
  move('Semi-tandem stance', {
    others: ['Half-step stance'],
    kind: 'balance',
    family: 'stance',
    regions: ['ankles-feet', 'hip-outer'],
    sides: 'each',
    sideMeans: 'front-foot',
    dose: hold(10, 2, 5),
    range: { holdMs: spanS(5, 30), sets: [1, 4] },
    cues: says(
      'Stand behind your chair, {side} foot half a step ahead.',
      'Stand tall, {side} heel beside the other big toe.',
      'Tall, look ahead.',
      [steady, 'Knees soft'],
      'Set the feet a little wider.',
      'Lift the hands to hover over the chair.',
      ON_FEET,
    ),
    levels: [
      level('two hands', 'stand-chair', {
        stance: 'semi-tandem',
        support: 'two hands',
        loaded: feet,
        words: {
          setUp: 'Stand behind your chair, both hands on it, {side} foot half a step ahead.',
        },
      }),
      level('fingertips', 'stand-chair', {
        usual: true,
        stance: 'semi-tandem',
        support: 'fingertips',
        loaded: feet,
        words: {
          setUp: 'Stand behind your chair, fingertips on it, {side} foot half a step ahead.',
        },
      }),
      level('hands hovering', 'stand-chair', {
        stance: 'semi-tandem',
        support: 'hover',
        loaded: feet,
        words: {
          setUp:
            'Stand behind your chair, hands hovering just above it, {side} foot half a step ahead.',
        },
      }),
    ],
    warms: ['ankles-feet'],
  }),
  move('Toe taps front', {
    kind: 'balance',
    family: 'taps',
    regions: ['hip-outer', 'ankles-feet'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [4, 16], timedMs: spanS(20, 60), sets: [1, 3] },
    cues: says(
      'Stand behind your chair, feet under hips.',
      'Tap one toe forward, bring it home, and change.',
      'Tap, home, change.',
      [steady, 'The weight stays on the standing leg'],
      'Keep both hands on the chair.',
      'Tap to a higher thing, such as a book.',
      ON_FEET,
    ),
    levels: [
      level('two hands', 'stand-chair', {
        support: 'two hands',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, both hands on it, feet under hips.' },
      }),
      level('fingertips', 'stand-chair', {
        usual: true,
        support: 'fingertips',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, fingertips on it, feet under hips.' },
      }),
    ],
    warms: ['hip-front', 'ankles-feet'],
  }),
  move('Tap with arm stroke', {
    kind: 'balance',
    family: 'taps',
    regions: ['hip-outer', 'shoulders'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [4, 16], timedMs: spanS(20, 60), sets: [1, 3] },
    cues: says(
      'Stand beside your chair, one hand on it.',
      'Tap one toe forward as the free arm strokes back; change.',
      'Tap and stroke, change.',
      [steady, 'The shoulders stay low'],
      'Leave out the arm.',
      'Let the fingertips hold lightly.',
      ON_FEET,
    ),
    levels: [
      level('no arm', 'stand-chair', {
        support: 'one hand',
        loaded: feet,
        words: {
          go: 'Tap one toe forward, bring it home, and change.',
          short: 'Tap, home, change.',
        },
      }),
      level('one arm', 'stand-chair', {
        usual: true,
        support: 'one hand',
        loaded: feet,
      }),
    ],
    warms: ['hip-front', 'shoulders'],
  }),
  move('Tap and turn', {
    kind: 'balance',
    family: 'taps',
    regions: ['hip-outer', 'ribs-sides'],
    spine: ['turn-left', 'turn-right'],
    sides: 'alternating',
    sideMeans: 'turn-way',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand behind your chair, feet under hips.',
      'Tap one toe to the side and turn to look there; change.',
      'Tap, look, change.',
      [steady, 'Turn slowly'],
      'Turn the eyes alone, both hands on.',
      'Turn head and chest together.',
      ON_FEET,
    ),
    levels: [
      level('eyes only', 'stand-chair', {
        support: 'two hands',
        loaded: feet,
        words: {
          setUp: 'Stand behind your chair, both hands on it, feet under hips.',
          go: 'Tap one toe to the side, only the eyes go there; change.',
        },
      }),
      level('head and chest', 'stand-chair', {
        usual: true,
        support: 'one hand',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, one hand on it, feet under hips.' },
      }),
    ],
    warms: ['hip-outer', 'ribs-sides', 'neck'],
  }),
  move('Side sway', {
    kind: 'balance',
    family: 'sway',
    regions: ['hip-outer', 'ribs-sides'],
    sides: 'alternating',
    sideMeans: 'bend-way',
    dose: timed(30),
    range: { timedMs: spanS(15, 60), reps: [4, 12], sets: [1, 2] },
    cues: says(
      'Stand behind your chair, feet apart.',
      'Sway from the ankles to one side, then to the other.',
      'Sway, and sway.',
      [steady, 'Head over the feet'],
      'Sway half as far, both hands on.',
      'Sway forward and back as well.',
      ON_FEET,
    ),
    levels: [
      level('two hands', 'stand-chair', {
        support: 'two hands',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, both hands on it, feet apart.' },
      }),
      level('fingertips', 'stand-chair', {
        usual: true,
        support: 'fingertips',
        loaded: feet,
        words: { setUp: 'Stand behind your chair, fingertips on it, feet apart.' },
      }),
    ],
    warms: ['hip-outer', 'ankles-feet'],
  }),
  move('Hip circles at the chair', {
    others: ['Hip sway and hip circles'],
    kind: 'mobility',
    family: 'sway',
    regions: ['hip-outer', 'low-back'],
    sides: 'both',
    dose: timed(30),
    range: { timedMs: spanS(15, 60), reps: [4, 10], sets: [1, 2] },
    cues: says(
      'Stand behind your chair, feet apart.',
      'Draw slow circles with the hips, then the other way.',
      'Hips round, then back.',
      ['The head stays quiet', 'Knees soft'],
      'Sway the hips from side to side.',
      'Make the circles wider.',
      'Come to the middle and stand tall.',
    ),
    levels: [
      level('sway', 'stand-chair', {
        support: 'two hands',
        loaded: regions('body', 'hip-outer'),
        words: {
          setUp: 'Stand behind your chair, both hands on it, feet apart.',
          go: 'Sway the hips from side to side, slowly.',
          short: 'Hips side to side.',
        },
      }),
      level('circles', 'stand-chair', {
        usual: true,
        support: 'two hands',
        loaded: regions('body', 'hip-outer', 'low-back'),
        words: { setUp: 'Stand behind your chair, both hands on it, feet apart.' },
      }),
    ],
    warms: ['hip-outer', 'low-back', 'hip-front'],
  }),
  move('Knee lift with wrist tap', {
    kind: 'balance',
    family: 'knee-lift',
    regions: ['hip-front', 'hip-outer'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand beside your chair, one hand on it.',
      'Lift one heel, tap that thigh with the free wrist; change.',
      'Heel, tap, change.',
      [steady, 'The standing knee is soft'],
      'Leave out the tap.',
      'Lift the knee to the wrist, holding with fingertips.',
      ON_FEET,
    ),
    levels: [
      level('toes down with one hand', 'stand-chair', {
        usual: true,
        support: 'one hand',
        loaded: feet,
      }),
      level('knee up with fingertips', 'stand-chair', {
        stance: 'one-leg',
        support: 'fingertips',
        loaded: feet,
        words: {
          setUp: 'Stand beside your chair, fingertips on it.',
          go: 'Lift one knee, tap it with the free wrist; change.',
          short: 'Knee, tap, change.',
        },
      }),
    ],
    warms: ['hip-front'],
  }),
  move('Raised leg pulses', {
    kind: 'balance',
    family: 'one-leg-work',
    regions: ['buttocks', 'hip-outer'],
    sides: 'each',
    sideMeans: 'standing-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [4, 15], sets: [1, 3] },
    cues: says(
      'Stand on your {side} leg, both hands on the chair.',
      'Lift the {other} heel and lower it, toes down.',
      'Lift the {other} heel.',
      [steady, 'The trunk stays tall'],
      'Pulse half as often.',
      'Lift the {other} foot off the floor and pulse the leg.',
      ON_FEET,
    ),
    levels: [
      level('toes down', 'stand-chair', {
        usual: true,
        support: 'two hands',
        loaded: feet,
      }),
      level('leg off the floor', 'stand-chair', {
        stance: 'one-leg',
        support: 'one hand',
        loaded: feet,
        words: {
          setUp: 'Stand on your {side} leg, one hand on the chair.',
          go: 'Lift the {other} leg off the floor, pulse it, and lower.',
          short: '{other} leg up, pulse.',
        },
      }),
    ],
    warms: ['buttocks', 'hip-front'],
    tiringLegs: true,
  }),
  move('Alternate leg raise, arms forward', {
    kind: 'balance',
    family: 'one-leg-work',
    regions: ['hip-outer', 'hip-front', 'shoulders'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand beside your chair, one hand on it.',
      'Slide one straight leg forward, heel down, draw it in; change.',
      'Leg forward, in, change.',
      [steady, 'The trunk stays tall'],
      'Slide half as far.',
      'Lift the leg, and reach both arms forward.',
      ON_FEET,
    ),
    levels: [
      level('heel down with one hand', 'stand-chair', {
        usual: true,
        support: 'one hand',
        loaded: feet,
      }),
      level('arms forward', 'stand-chair', {
        stance: 'one-leg',
        loaded: feet,
        support: 'hover',
        words: {
          setUp: 'Stand tall, the chair beside you, one hand hovering over it.',
          go: 'Lift one straight leg forward, lower it, and change.',
          short: 'Leg up, down, change.',
        },
      }),
    ],
    warms: ['hip-front'],
    tiringLegs: true,
  }),
  move('Leg out and in', {
    kind: 'balance',
    family: 'one-leg-work',
    regions: ['hip-outer', 'inner-thigh'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(8, [1, 0, 1, 0]),
    range: { reps: [4, 15], sets: [1, 3] },
    cues: says(
      'Stand on your {other} leg, both hands on the chair.',
      'Slide the {side} foot out and in along the floor.',
      '{side} foot out, in.',
      [steady, 'The pelvis stays level'],
      'Slide half as far.',
      'Lift the {side} foot just off the floor.',
      ON_FEET,
    ),
    levels: [
      level('sliding', 'stand-chair', { usual: true, support: 'two hands', loaded: feet }),
      level('off the floor', 'stand-chair', {
        stance: 'one-leg',
        support: 'one hand',
        loaded: feet,
        words: {
          setUp: 'Stand on your {other} leg, one hand on the chair.',
          go: 'Lift the {side} foot, move it out and in.',
        },
      }),
    ],
    warms: ['hip-outer', 'inner-thigh'],
    tiringLegs: true,
  }),
  move('Up, out, back and down', {
    others: ['One leg round the clock'],
    kind: 'balance',
    family: 'one-leg-work',
    regions: ['hip-outer', 'hip-front', 'buttocks'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(4, [4, 0, 1, 0]),
    range: { reps: [3, 8], sets: [1, 3] },
    cues: says(
      'Stand on your {other} leg, both hands on the chair.',
      'Touch the {side} toes in front, out, behind, and come home.',
      'Front, out, back, home.',
      [steady, 'The standing knee is soft'],
      'Touch in front and behind only.',
      'Lift the {side} knee and draw it round in the air.',
      ON_FEET,
    ),
    levels: [
      level('toes touching', 'stand-chair', { usual: true, support: 'two hands', loaded: feet }),
      level('in the air', 'stand-chair', {
        stance: 'one-leg',
        support: 'one hand',
        loaded: feet,
        words: {
          setUp: 'Stand on your {other} leg, one hand on the chair.',
          go: 'Lift the {side} leg in front, out, behind, and come home.',
        },
      }),
    ],
    warms: ['hip-outer', 'hip-front', 'buttocks'],
    tiringLegs: true,
  }),
  ...walks(),
];

function walks(): readonly Move[] {
  const walk = (
    name: string,
    words: Readonly<{
      others?: readonly string[];
      setUp: string;
      setUpLight?: string;
      go: string;
      short: string;
      watch: string;
      easier?: string;
      further: string;
      stance?: Level['stance'];
    }>,
    [at, held, first]: readonly [PositionRef, string, string] = ALONG_COUNTER,
  ) =>
    move(name, {
      others: words.others ?? [],
      kind: 'balance',
      family: 'walk',
      regions: ['ankles-feet', 'hip-outer'],
      sides: 'both',
      dose: timed(30),
      range: { timedMs: spanS(15, 90), reps: [4, 30], sets: [1, 3] },
      cues: says(
        words.setUp,
        words.go,
        words.short,
        [`A ${held} stays in reach`, words.watch],
        words.easier ?? 'Take fewer and smaller steps.',
        words.further,
        `Stop, both feet flat, hand to the ${held}.`,
      ),
      levels: [
        level(first, at, {
          usual: true,
          support: 'one hand',
          ...(words.stance && { stance: words.stance }),
          loaded: feet,
        }),
        level('fingertips', at, {
          support: 'fingertips',
          words: { setUp: words.setUpLight ?? words.setUp.replace('one hand', 'fingertips') },
          ...(words.stance && { stance: words.stance }),
          loaded: feet,
        }),
      ],
      warms: ['ankles-feet', 'hip-outer'],
    });
  return [
    walk('Heel-to-toe line walk', {
      setUp: 'Stand along the counter, one hand on it, feet in a line.',
      go: 'Walk heel to toe, look ahead, turn with small steps.',
      short: 'Heel to toe, ahead.',
      watch: 'Eyes ahead, not on the feet',
      further: 'Let the hand slide lightly.',
      stance: 'tandem',
    }),
    walk('Sideways steps', {
      setUp: 'Face the counter, one hand on it.',
      go: 'Step sideways, feet together, along and back.',
      short: 'Step, together, along.',
      watch: 'Toes stay forward',
      further: 'Bend the knees a little as you step.',
    }),
    walk('Backward walk', {
      setUp: 'Stand along the counter, one hand on it, way clear behind.',
      go: 'Walk backward slowly, toe first, then heel.',
      short: 'Back, toe then heel.',
      watch: 'Somebody watches the way behind',
      further: 'Take longer steps.',
    }),
    walk('Heel walk, toe walk', {
      others: ['Walk on heels, then on toes'],
      setUp: 'Stand along the counter, one hand on it.',
      go: 'Walk a few steps on your heels, then on your toes.',
      short: 'Heels, then toes.',
      watch: 'Small steps, tall trunk',
      further: 'Take more steps before you change.',
    }),
    walk(
      'Figure of eight',
      {
        setUp: 'Stand at a chair, one hand on its back, a second one a step away.',
        setUpLight: 'Stand at a chair, fingertips on its back, a second one a step away.',
        go: 'Walk round one chair and the other, like an eight.',
        short: 'Round one, round other.',
        watch: 'Small steps in the turns',
        easier: 'Walk round one chair only.',
        further: 'Set the chairs a little closer.',
      },
      BETWEEN_CHAIRS,
    ),
    walk('Stop and go', {
      setUp: 'Stand along the counter, one hand on it, way clear ahead.',
      go: 'Walk, stop on the call, stand still, and go on.',
      short: 'Walk, stop, go.',
      watch: 'Stop with both feet flat',
      further: 'Stop with one foot ahead.',
    }),
    walk('Turn round in small steps', {
      setUp: 'Stand at the counter, one hand on it.',
      go: 'Turn right round in small steps, changing hands.',
      short: 'Small steps round.',
      watch: 'No pivot on one foot',
      further: 'Hold with fingertips, and turn without a stop.',
    }),
    walk('Step over a line', {
      others: ['Step front, side, back, over a line'],
      setUp: 'Stand at the counter, one hand on it, a line on the floor.',
      go: 'Step over the line, and back: front, side, behind.',
      short: 'Over, and back.',
      watch: 'Both feet land flat',
      further: 'Step over something low and flat that cannot slide.',
    }),
  ];
}

export const MORE_BALANCE: readonly Move[] = [
  move('Weight shift with reach', {
    kind: 'balance',
    family: 'sway',
    regions: ['hip-outer', 'ribs-sides', 'ankles-feet'],
    sides: 'alternating',
    sideMeans: 'moving-arm',
    dose: reps(6, [2, 1, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand behind your chair, one hand on it.',
      'Shift the weight and reach one arm after it; change.',
      'Shift, reach, change.',
      [steady, 'The feet stay flat'],
      'Reach only as far as the shoulder.',
      'Reach across or down.',
      ON_FEET,
    ),
    levels: [
      level('short reach', 'stand-chair', { usual: true, support: 'one hand', loaded: feet }),
      level('long reach', 'stand-chair', {
        support: 'one hand',
        loaded: feet,
        words: {
          go: 'Shift the weight, reach one arm far after it; change.',
          short: 'Shift, reach far, change.',
        },
      }),
    ],
    warms: ['hip-outer', 'ribs-sides'],
  }),
  move('Step-up with a rail', {
    kind: 'balance',
    family: 'step-up',
    regions: ['front-thigh', 'buttocks'],
    sides: 'each',
    sideMeans: 'moving-leg',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], sets: [1, 3] },
    cues: says(
      'Stand before a low step, both hands on the rail or the counter.',
      'Tap the {side} foot on the step, and bring it down.',
      '{side} foot taps, down.',
      ['The whole foot stands on the step', 'The knee follows the toes'],
      'Lift the {side} heel only.',
      'Step up, let the other foot follow, and step down.',
      'Both feet on the floor, hand on the rail.',
    ),
    levels: [
      level('tapping', 'stand-counter', {
        usual: true,
        support: 'two hands',
        loaded: feet,
        props: ['low step'],
      }),
      level('stepping', 'stand-counter', {
        support: 'one hand',
        loaded: regions('worked', 'front-thigh', 'buttocks'),
        props: ['low step'],
        words: {
          setUp: 'Stand before a low step, one hand on the rail or the counter.',
          go: 'Step up with the {side} foot, the other beside it, and down.',
          short: '{side} foot up, and down.',
        },
      }),
    ],
    warms: ['front-thigh', 'hip-front'],
    tiringLegs: true,
  }),
  move('Lift a thing from a seat', {
    kind: 'balance',
    family: 'hinge',
    regions: ['buttocks', 'back-thigh', 'arms'],
    sides: 'both',
    dose: reps(5, [2, 1, 2, 0]),
    range: { reps: [3, 10], sets: [1, 3] },
    cues: says(
      'Stand facing the seat, feet apart.',
      'Hinge, touch the seat with both hands, and stand tall.',
      'Hinge, touch, stand.',
      ['The spine stays long', 'Keep it close to the body'],
      'Hinge half way, hands on the thighs.',
      'Take a light thing, hold it close, and put it back.',
      'Both hands on the seat, feet flat.',
    ),
    levels: [
      level('touch only', 'stand-seat', {
        usual: true,
        support: 'none',
        loaded: regions('body', 'buttocks', 'back-thigh'),
      }),
      level('with a weight', 'stand-seat', {
        support: 'none',
        props: ['weight'],
        loaded: regions('body', 'buttocks', 'back-thigh', 'arms'),
        words: {
          setUp: 'Stand facing the seat, feet apart, the weight on it.',
          go: 'Hinge, take the weight with both hands, and stand tall.',
          short: 'Hinge, take it, stand.',
        },
      }),
    ],
    warms: ['buttocks', 'back-thigh'],
  }),
];
