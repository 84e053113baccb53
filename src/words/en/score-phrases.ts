import { laneTitle } from './lanes';
import { withCapital } from '@/core/common';
import type { EdgeId } from '@/core/body';
import type { PropName } from '@/core/moves';
import type { ScorePhrases } from '@/core/timing';
import { forSides } from './side-clause';
import { limbName, sideName } from './sides';

type Ways = readonly [there: string, back: string];

const CHANGE: Ways = ['come up to tall kneeling', 'step one foot forward'];
const ROLL: Ways = ['roll onto your back', 'roll onto your side as one piece'];

/** What is said on the way from one base position to the next. */
const STEPS: Readonly<Record<EdgeId, Ways>> = {
  scoot: ['walk your hips to the front of the seat', 'walk your hips back to the backrest'],
  rise: [
    'feet under you, lean, and stand up',
    'feel the chair on both legs, reach back, and sit down slowly',
  ],
  'behind-chair': ['walk round behind your chair', 'walk round to the front of your chair'],
  'to-wall': ['walk to the wall', 'come away from the wall'],
  'to-counter': ['walk to the counter', 'come away from the counter'],
  'hands-to-seat': ['turn to the seat and put your hands on it', 'stand up tall from the seat'],
  'kneel-at-seat': [
    'hands on the seat, one knee down, then the other',
    'stronger foot in front, push on the seat, and rise',
  ],
  'seat-from-knees': [
    'forearms on the seat, push up, turn your hips and sit',
    'turn, hands on the seat, and kneel down',
  ],
  'seat-to-fours': ['hands down to the floor', 'hands up to the seat, one and then the other'],
  'seat-to-tall': ['let go of the seat and kneel tall', 'hands to the seat'],
  'seat-to-floor': ['lower one hip to the floor', 'hands to the seat and kneel up'],
  'half-kneel-left': ['hand on your thigh, left knee down', 'push on your thigh and stand up'],
  'half-kneel-right': ['hand on your thigh, right knee down', 'push on your thigh and stand up'],
  'down-to-floor': ['lower yourself to sit on the floor', 'come up from the floor to standing'],
  'half-to-tall-left': CHANGE,
  'half-to-fours-left': ['hands down to the floor', 'step one foot forward'],
  'half-to-tall-right': CHANGE,
  'half-to-fours-right': ['hands down to the floor', 'step one foot forward'],
  'tall-to-fours': ['hands down to the floor', 'walk your hands back and kneel tall'],
  'change-knee': ['change knees', 'change knees'],
  'fours-to-heels': ['sit back towards your heels', 'come forward onto your hands'],
  'heels-to-tall': ['kneel up tall', 'sit down towards your heels'],
  'heels-to-floor': ['slide one hip to the floor', 'come up onto your knees'],
  'fours-to-fold': ['sit back and fold forward', 'come up onto your hands'],
  'heels-to-fold': ['fold forward', 'come up slowly'],
  'fours-to-plank': ['step your feet back', 'lower your knees'],
  'fours-to-front': ['lower yourself onto your front', 'push back up onto hands and knees'],
  'fours-to-side-left': [
    'lower your left hip, and lie on your left side',
    'push up onto hands and knees',
  ],
  'fours-to-side-right': [
    'lower your right hip, and lie on your right side',
    'push up onto hands and knees',
  ],
  'fours-to-floor': ['swing your hips round to sit', 'swing round onto hands and knees'],
  'side-to-back-left': ROLL,
  'side-to-front-left': ['roll onto your front', 'roll onto your left side'],
  'floor-to-side-left': ['lie down on your left side', 'push up to sit'],
  'side-to-back-right': ROLL,
  'side-to-front-right': ['roll onto your front', 'roll onto your right side'],
  'floor-to-side-right': ['lie down on your right side', 'push up to sit'],
  'roll-across': ['roll over to the right side', 'roll over to the left side'],
  'cross-legs': ['cross your legs', 'uncross your legs'],
  'lie-down': ['lie back slowly', 'come up to sit'],
  'bed-rise': ['feet on the floor, lean, and stand up', 'feel the bed, and sit down slowly'],
  'bed-lie': ['lie down on your side, legs up last', 'legs over the edge, push up to sit'],
  'bed-roll-back': ['roll onto your back', 'roll onto your side'],
  'bed-roll-front': ['roll onto your front', 'roll onto your side'],
  'couch-down': ['feel the couch, and sit down slowly', 'forward, feet wide, lean, and stand up'],
  'couch-lie': ['lie down on your side', 'push up to sit'],
  'couch-roll': ['roll onto your back', 'roll onto your side'],
  'wheel-forward': [
    'brakes on, footplates away, and come to the front',
    'move back into the seat, footplates down',
  ],
  'rail-sit': ['reach back and sit down slowly', 'hands on the rail, lean, and stand up'],
  'walker-sit': [
    'turn, reach for the chair, and sit down slowly',
    'push up from the chair, then hands to the walker',
  ],
  'walker-take': ['take the walker, brakes on', 'let go of the walker'],
};

function listed(props: readonly PropName[]): string {
  return props.map((prop) => `the ${prop}`).join(' and ');
}

export const scorePhrases: ScorePhrases = {
  way: (steps, of) => {
    const said = steps.map(({ edge, direction }) => STEPS[edge][direction === 'there' ? 0 : 1]);
    const way = said.join(', then ');
    return of ? `${laneTitle(of)}: ${way}.` : `${withCapital(way)}.`;
  },
  side: sideName,
  fetch: (props) => `Take ${listed(props)}.`,
  switchTo: (side, means) => `Switch sides: ${limbName(side, means)}.`,
  switchSoon: (side, means) => `Next: ${limbName(side, means)}.`,
  rest: 'Rest.',
  risingPause: 'Stay here a moment before you go on.',
  press: 'Press gently, breathing out.',
  noticeAgain: (words) => `${words} How is it now, beside before?`,
  pressInto: (where) => `Press gently: ${where.replace(/[.!]?$/, '.')}`,
  forSides,
  ease: 'Let go, and stay.',
  andRest: 'And rest.',
  andStop: 'And stop.',
  restHere: 'Rest here and breathe.',
};
