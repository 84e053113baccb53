import type { Move } from '../shape';
import { hold, level, move, regions, reps, says, spanS, timed } from './notation';

const legs = regions('body', 'front-thigh', 'hip-front');
const REST = 'Both feet down and rest.';

export const ENERGY: readonly Move[] = [
  move('Seated jacks', {
    kind: 'mobility',
    family: 'jacks',
    regions: ['shoulders', 'hip-outer'],
    sides: 'both',
    dose: timed(30),
    range: { timedMs: spanS(15, 90), reps: [8, 30], sets: [1, 3] },
    cues: says(
      'Sit forward, feet together.',
      'Open feet and arms wide, and close them, in a steady beat.',
      'Open, close.',
      ['The back stays tall', 'You can still talk'],
      'Move the feet only.',
      'Bring the arms overhead.',
      REST,
    ),
    levels: [
      level('feet only', 'sit-front', {
        loaded: legs,
        words: {
          go: 'Step both feet wide and close them, in a steady beat.',
          short: 'Feet open, feet close.',
        },
      }),
      level('arms to shoulder height', 'sit-front', {
        usual: true,
        loaded: regions('body', 'shoulders', 'hip-outer'),
      }),
      level('arms overhead', 'sit-front', {
        loaded: regions('body', 'shoulders', 'hip-outer'),
        words: { go: 'Open the feet, arms out and overhead, and close, in a beat.' },
      }),
    ],
    warms: ['shoulders', 'hip-outer', 'front-thigh'],
  }),
  move('Step out and in', {
    others: ['Seated steps out and in'],
    kind: 'mobility',
    family: 'seated-steps',
    regions: ['hip-outer', 'inner-thigh', 'hip-front'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: timed(30),
    range: { timedMs: spanS(15, 90), reps: [6, 20], sets: [1, 3] },
    cues: says(
      'Sit forward, feet under the knees.',
      'Step one foot out, the other out, and both back in.',
      'Out, out, in, in.',
      ['The back stays tall', 'Feet land softly'],
      'Take small steps.',
      'Step out further and quicker.',
      REST,
    ),
    levels: [
      level('small', 'sit-front', {
        loaded: legs,
        words: {
          go: 'Small steps: one foot out, the other out, and both back in.',
          short: 'Out, out, in, in.',
        },
      }),
      level('wide', 'sit-front', {
        usual: true,
        loaded: regions('body', 'hip-outer', 'inner-thigh'),
      }),
    ],
    warms: ['hip-outer', 'inner-thigh'],
  }),
  move('Quick feet', {
    others: ['Quick feet, narrow and wide'],
    kind: 'mobility',
    family: 'seated-steps',
    regions: ['hip-front', 'ankles-feet'],
    sides: 'both',
    dose: timed(20),
    range: { timedMs: spanS(10, 45), sets: [1, 4] },
    cues: says(
      'Sit forward, hands on the seat.',
      'Patter both feet, quick and light, narrow, then wide.',
      'Quick, light feet.',
      ['Shoulders stay low', 'You can still talk'],
      'Patter with the toes only.',
      'Patter a little faster.',
      REST,
    ),
    levels: [
      level('toes only', 'sit-front', {
        support: 'two hands',
        loaded: legs,
        words: {
          go: 'Patter with your toes, heels down, quick and light.',
          short: 'Quick, light toes.',
        },
      }),
      level('whole feet', 'sit-front', {
        usual: true,
        support: 'two hands',

        loaded: legs,
      }),
    ],
    warms: ['hip-front', 'ankles-feet', 'front-thigh'],
  }),
  move('Lean forward and back', {
    kind: 'mobility',
    family: 'seated-lean',
    regions: ['low-back', 'abdomen'],
    sides: 'both',
    dose: reps(8, [2, 0, 2, 0]),
    range: { reps: [5, 15], timedMs: spanS(20, 60), sets: [1, 2] },
    cues: says(
      'Sit in the middle of the seat, feet flat.',
      'Lean forward with a long back, then back towards the backrest.',
      'Lean forward, lean back.',
      ['The spine stays long', 'Feet stay heavy'],
      'Lean half as far, hands on the thighs.',
      'Cross the arms on the chest.',
      'Come to the middle and sit tall.',
    ),
    levels: [
      level('hands on the thighs', 'sit-front', {
        usual: true,
        support: 'two hands',
        loaded: regions('body', 'low-back', 'abdomen'),
        words: { setUp: 'Sit in the middle of the seat, feet flat, hands on your thighs.' },
      }),
      level('arms crossed', 'sit-front', {
        loaded: regions('body', 'low-back', 'abdomen'),
        words: { setUp: 'Sit in the middle of the seat, feet flat, arms crossed on your chest.' },
      }),
    ],
    warms: ['low-back', 'hip-front', 'abdomen'],
  }),
  move('Foot taps with arm sway', {
    kind: 'mobility',
    family: 'seated-steps',
    regions: ['ankles-feet', 'hip-front', 'shoulders'],
    sides: 'alternating',
    sideMeans: 'moving-leg',
    dose: timed(30),
    range: { timedMs: spanS(15, 60), reps: [8, 20], sets: [1, 3] },
    cues: says(
      'Sit forward, arms loose.',
      'Tap one foot forward as the arms sway, and change.',
      'Tap and sway, change.',
      ['The back stays tall', 'Shoulders stay low'],
      'Leave the hands on the thighs.',
      'Sway the arms higher.',
      REST,
    ),
    levels: [
      level('feet only', 'sit-front', {
        support: 'two hands',
        loaded: legs,
        words: {
          setUp: 'Sit forward, hands on the seat.',
          go: 'Tap one foot forward, bring it home, and change.',
          short: 'Tap, home, change.',
        },
      }),
      level('with the arms', 'sit-front', {
        usual: true,
        loaded: regions('body', 'shoulders', 'front-thigh'),
      }),
    ],
    warms: ['ankles-feet', 'shoulders', 'front-thigh'],
  }),
];

export const POSTURE: readonly Move[] = [
  move('Find the sitting bones', {
    kind: 'mobility',
    family: 'sitting-bones',
    regions: ['low-back', 'buttocks'],
    spine: ['flex', 'extend'],
    sides: 'both',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 10], timedMs: spanS(20, 60), sets: [1, 1] },
    cues: says(
      'Sit forward, feet flat.',
      'Roll the pelvis back and forward, and stop on both sitting bones.',
      'Roll, then stop tall.',
      ['Knees stay over the feet', 'The ribs stay easy'],
      'Roll half as far.',
      'Close your lips and feel the breath at the back.',
      'Stay tall, or lean back.',
    ),
    levels: [
      level('hands under the thighs', 'sit-front', {
        loaded: regions('body', 'low-back'),
        words: {
          go: 'Hands under your thighs, roll back and forward; stop on both bones.',
          short: 'Roll, then stop tall.',
        },
      }),
      level('hands resting', 'sit-front', { usual: true, loaded: regions('body', 'low-back') }),
    ],
    warms: ['low-back', 'hip-front'],
  }),
  move('Pillow squeeze', {
    others: ['Block or pillow between the knees'],
    kind: 'strength',
    family: 'pillow-squeeze',
    regions: ['inner-thigh'],
    sides: 'both',
    dose: reps(8, [3, 1, 2, 0]),
    range: { reps: [5, 12], sets: [1, 2] },
    cues: says(
      'Sit tall, a block or pillow between the knees.',
      'Squeeze it lightly, grow taller, and let go.',
      'Squeeze, grow, let go.',
      ['Light, not hard', 'Feet stay parallel'],
      'Squeeze without the block, fist between the knees.',
      'Stay for two breaths.',
      'Let go and take the block away.',
    ),
    levels: [
      level('fist between the knees', 'sit-front', {
        loaded: regions('body', 'inner-thigh'),
        words: {
          setUp: 'Sit tall, two fists between the knees.',
          go: 'Squeeze your fists lightly with the knees, and let go.',
          short: 'Squeeze, let go.',
        },
      }),
      level('with a block', 'sit-front', {
        usual: true,
        props: ['block'],
        loaded: regions('body', 'inner-thigh'),
      }),
    ],
    warms: ['inner-thigh'],
  }),
  move('Feet parallel, knees over feet', {
    kind: 'mobility',
    family: 'feet-parallel',
    regions: ['hip-outer', 'ankles-feet'],
    sides: 'both',
    dose: timed(20),
    range: { timedMs: spanS(10, 60), sets: [1, 1] },
    cues: says(
      'Sit forward, feet flat.',
      'Set the feet parallel, knees over them, weight on both alike.',
      'Parallel, knees over feet.',
      ['Heels and big toes both heavy', 'The back stays tall'],
      'Put a book under the feet if they hang.',
      'Press the feet lightly into the floor.',
      'Rest the feet as you like.',
    ),
    levels: [
      level('feet on a block', 'sit-front', {
        props: ['block'],
        loaded: regions('body', 'hip-outer'),
        words: {
          setUp: 'Sit forward, feet flat on a block.',
          go: 'Set both feet parallel on the block, knees over them.',
          short: 'Parallel, knees over feet.',
        },
      }),
      level('feet on the floor', 'sit-front', {
        usual: true,
        loaded: regions('body', 'hip-outer'),
      }),
    ],
    warms: ['ankles-feet'],
  }),
  move('Desk and screen check', {
    kind: 'mobility',
    family: 'desk-check',
    regions: ['neck', 'shoulders'],
    sides: 'both',
    dose: timed(30),
    range: { timedMs: spanS(20, 90), sets: [1, 1] },
    cues: says(
      'Sit as you work, then look at it from outside.',
      'Screen top at eye height, elbows at the desk, feet flat.',
      'Eyes, elbows, feet.',
      ['The seat carries the thighs', 'With bifocals, the screen lower'],
      'Change one thing only.',
      'Check again after lunch.',
      'Go on with your work.',
    ),
    levels: [
      level('one thing', 'sit-back', {
        loaded: regions('body', 'neck'),
        words: {
          go: 'Look at one thing only: the screen top at eye height.',
          short: 'Screen top, eye height.',
        },
      }),
      level('all three', 'sit-back', { usual: true, loaded: regions('body', 'neck', 'shoulders') }),
    ],
    warms: ['neck'],
  }),
];

export const HANDS: readonly Move[] = [
  move('Wrist circles', {
    kind: 'mobility',
    family: 'wrist',
    regions: ['wrists-hands'],
    sides: 'both',
    dose: reps(6, [2, 0, 2, 0]),
    range: { reps: [4, 12], timedMs: spanS(15, 45), sets: [1, 2] },
    cues: says(
      'Sit tall, elbows bent, hands loose.',
      'Draw slow circles with both wrists, then the other way.',
      'Circle, and back.',
      ['Elbows stay still', 'Fingers stay loose'],
      'Only nod the hands up and down.',
      'Make loose fists as you circle.',
      'Lay the hands in your lap.',
    ),
    levels: [
      level('nodding', 'sit-front', {
        loaded: regions('body', 'wrists-hands'),
        words: {
          go: 'Nod both hands up and down from the wrists.',
          short: 'Hands up, hands down.',
        },
      }),
      level('circles', 'sit-front', { usual: true, loaded: regions('body', 'wrists-hands') }),
    ],
    warms: ['wrists-hands', 'arms'],
  }),
  move('Wrist stretch', {
    kind: 'stretch',
    family: 'wrist',
    regions: ['wrists-hands', 'arms'],
    sides: 'each',
    sideMeans: 'moving-arm',
    dose: hold(20),
    doseFor: { older: hold(30) },
    range: { holdMs: spanS(10, 30), sets: [1, 3] },
    cues: {
      ...says(
        'Sit tall, {side} arm forward, palm up.',
        'Draw the {side} hand back with the {other} hand, gently.',
        '{side} hand back.',
        ['Fingers may bend', 'The shoulder stays low'],
        'Bend the {side} elbow.',
        'Straighten the {side} elbow.',
        'Let go and shake the hand.',
      ),
      press: 'Press the {side} hand into the other one, breathing out.',
    },
    levels: [
      level('elbow bent and fingers loose', 'sit-front', {
        usual: true,
        stretched: regions('worked', 'wrists-hands'),
      }),
      level('elbow straight', 'sit-front', {
        stretched: regions('worked', 'wrists-hands', 'arms'),
        words: {
          setUp: 'Sit tall, {side} arm straight forward, palm up.',
          go: 'Draw the {side} hand back, elbow straight, with the {other} hand.',
        },
      }),
    ],
    endRange: ['wrists-hands'],
    warms: ['wrists-hands'],
    stretchStrength: 'mild',
  }),
  move('Grip open and close', {
    kind: 'strength',
    family: 'hand',
    regions: ['wrists-hands'],
    sides: 'both',
    dose: reps(12, [1, 0, 1, 0]),
    range: { reps: [8, 25], timedMs: spanS(15, 45), sets: [1, 3] },
    cues: says(
      'Sit tall, hands in front.',
      'Make two fists, then open the fingers wide.',
      'Fists, and wide.',
      ['The breath goes on', 'Shoulders stay low'],
      'Close half way.',
      'Squeeze something soft.',
      'Lay the hands in your lap.',
    ),
    levels: [
      level('half way', 'sit-front', {
        loaded: regions('body', 'wrists-hands'),
        words: {
          go: 'Close your hands half way, then open the fingers.',
          short: 'Half closed, and open.',
        },
      }),
      level('full', 'sit-front', {
        usual: true,
        loaded: regions('body', 'wrists-hands'),
      }),
    ],
    warms: ['wrists-hands'],
  }),
  move('Finger glides', {
    kind: 'mobility',
    family: 'hand',
    regions: ['wrists-hands'],
    sides: 'both',
    dose: reps(5, [4, 0, 4, 0]),
    range: { reps: [3, 8], sets: [1, 2] },
    cues: says(
      'Sit tall, fingers straight up.',
      'Bend to a hook, to a table, to a fist, and open.',
      'Hook, table, fist, open.',
      ['Slow and light', 'Wrists straight'],
      'Leave out the fist.',
      'Stay a moment at each shape.',
      'Let the hands rest open.',
    ),
    levels: [
      level('no fist', 'sit-front', {
        loaded: regions('body', 'wrists-hands'),
        words: { go: 'Bend to a hook, then to a table, and open.', short: 'Hook, table, open.' },
      }),
      level('all shapes', 'sit-front', { usual: true, loaded: regions('body', 'wrists-hands') }),
    ],
    warms: ['wrists-hands'],
  }),
  move('Thumb to tips', {
    kind: 'mobility',
    family: 'hand',
    regions: ['wrists-hands'],
    sides: 'both',
    dose: reps(5, [4, 0, 4, 0]),
    range: { reps: [3, 10], timedMs: spanS(15, 45), sets: [1, 2] },
    cues: says(
      'Sit tall, hands open.',
      'Touch thumb to each fingertip in turn, and back again.',
      'Tips in turn, back.',
      ['Make round shapes', 'Shoulders stay low'],
      'Touch two fingers only.',
      'Do each hand in its own order.',
      'Let the hands rest open.',
    ),
    levels: [
      level('two fingers', 'sit-front', {
        loaded: regions('body', 'wrists-hands'),
        words: {
          go: 'Touch thumb to the first two fingertips, and back again.',
          short: 'First tip, second tip.',
        },
      }),
      level('all fingers', 'sit-front', { usual: true, loaded: regions('body', 'wrists-hands') }),
    ],
    warms: ['wrists-hands'],
  }),
  move('Forearm turn', {
    others: ['Palms up, palms down'],
    kind: 'mobility',
    family: 'wrist',
    regions: ['arms', 'wrists-hands'],
    sides: 'both',
    dose: reps(8, [2, 0, 2, 0]),
    range: { reps: [5, 15], sets: [1, 2] },
    cues: says(
      'Sit tall, elbows in, forearms forward.',
      'Turn both palms up, then both palms down.',
      'Palms up, palms down.',
      ['Elbows stay at the ribs', 'Fingers loose'],
      'Turn half way.',
      'Hold a stick in both hands.',
      'Lay the hands in your lap.',
    ),
    levels: [
      level('empty hands', 'sit-front', { usual: true, loaded: regions('body', 'arms') }),
      level('with a stick', 'sit-front', {
        props: ['stick'],
        loaded: regions('body', 'arms', 'wrists-hands'),
        words: {
          setUp: 'Sit tall, elbows in, the stick upright in one hand.',
          go: 'Turn the stick out to one side, then to the other.',
          short: 'Stick out, stick in.',
        },
      }),
    ],
    warms: ['arms', 'wrists-hands'],
  }),
];
