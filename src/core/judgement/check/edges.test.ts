import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { checkPlaces } from './check';
import type { RuleId } from './table';

const found = (text: string, rule: RuleId) =>
  checkPlaces(routineOf(text), { part: GROUP_ALONE, phrases: plainPhrases }).filter(
    ({ id }) => id === rule,
  );

const older = 'group: older\nlimits: none\n';
const desk = 'group: desk\n';
const times = (line: string, n: number) => Array.from({ length: n }, () => line).join('\n');

/** Where a rule speaks, with the nearest that it must not speak of. */
const EDGES: readonly (readonly [
  what: string,
  rule: RuleId,
  speaks: string,
  severity: 'stop' | 'caution' | 'note',
  quiet: string,
])[] = [
  [
    'bare feet that feel little',
    'footing',
    `${desk}limits: numb feet\nlanes: stand\nschool: grip bare feet\nHeel raises`,
    'stop',
    `${desk}limits: numb feet\nlanes: stand\nschool: grip flat shoes\nHeel raises`,
  ],
  [
    'a press of eight seconds with treated blood pressure',
    'hold-strain',
    `${desk}limits: blood pressure\nSeated hamstring reach: hold 60s, press 8s x2`,
    'caution',
    `${desk}limits: blood pressure\nSeated hamstring reach: hold 60s, press 6s x2`,
  ],
  [
    'eyes closed on the spot with no hands',
    'balance-support',
    `${older}lanes: stand\nStanding turn: level free, with eyes closed`,
    'stop',
    `${older}lanes: stand\nStanding turn: level free`,
  ],
  [
    'looking up while the feet walk',
    'balance-support',
    `${older}lanes: stand-held\nHeel-to-toe line walk: with looking up`,
    'stop',
    `${older}lanes: stand-held\nHeel-to-toe line walk`,
  ],
  [
    'a seat on wheels behind a squat',
    'chair-wheels',
    `${desk}room: chair with wheels\nlanes: stand\nstart: stand\nend: stay\nChair squat`,
    'stop',
    `${desk}room: chair with wheels, wall\nlanes: stand\nstart: stand\nend: stay\nWall push-up`,
  ],
  [
    'a curl while the back flares',
    'curl-school',
    `${desk}limits: back flare-up\nlanes: floor\nSmall curl-up`,
    'stop',
    `${desk}limits: back flare-up\nlanes: floor\nLeg lowering`,
  ],
  [
    'a lean on a long spine is no curl',
    'curl-school',
    `${desk}limits: low bone density\nlanes: floor\nRoll-down, legs held: level rolling`,
    'stop',
    `${desk}limits: low bone density\nlanes: floor\nRoll-down, legs held`,
  ],
  [
    'a heart without a warm-up in a short class',
    'warm-short',
    `${desk}limits: heart\nSit to stand: 10 reps`,
    'caution',
    `${desk}limits: none\nSit to stand: 10 reps`,
  ],
  [
    'a chair group that nobody asked',
    'limits-unknown',
    'group: chair\nSeated cat: 6 reps',
    'caution',
    'group: chair\nlimits: none\nSeated cat: 6 reps',
  ],
  [
    'a desk group on the floor that nobody asked',
    'limits-unknown',
    `${desk}lanes: floor\nBridge`,
    'note',
    `${desk}Seated cat: 6 reps`,
  ],
  [
    'three times the most of a hold',
    'dose-range',
    `${desk}Seated twist: hold 3:00`,
    'caution',
    `${desk}Seated twist: hold 1:00`,
  ],
  [
    'a little over the most of a hold',
    'dose-range',
    `${desk}Seated twist: hold 1:15`,
    'note',
    `${desk}(build up)\n  Seated cat: 1 rep\n  Shoulder rolls: 1 rep`,
  ],
  [
    'a stretch where it is the goal',
    'stretch-total',
    `${desk}goals: hip-outer\nSeated figure four: hold 20s`,
    'note',
    `${desk}goals: neck\nSeated figure four: hold 20s`,
  ],
  [
    'five minutes on the feet in pregnancy',
    'stand-long',
    `group: standing\nlimits: pregnancy\nlanes: stand\nstart: stand\nend: stay\n${times('Marching: for 60s', 8)}`,
    'caution',
    `group: standing\nlimits: none\nlanes: stand\nstart: stand\nend: stay\n${times('Marching: for 60s', 8)}`,
  ],
  [
    'one leg held, where one foot comes down at each rep',
    'one-leg-long',
    `${older}lanes: stand-held\nOne-leg stance: hold 35s`,
    'caution',
    `${older}lanes: stand-held\nSide leg raise at the chair: 12 reps`,
  ],
  [
    'arms held high, where they come down at each rep',
    'arms-long',
    `${desk}Clasped overhead reach: hold 1:10`,
    'caution',
    `${desk}Big arm sweep: 30 reps`,
  ],
  [
    'a count to keep in a breath with breathless lungs',
    'limit-load',
    `${desk}limits: breathless lungs\nEven rib breath`,
    'caution',
    `${desk}limits: breathless lungs\nSeated easy breath`,
  ],
  [
    'two tasks at once with Parkinson’s',
    'limit-load',
    `${older.replace('none', 'parkinson')}lanes: stand-held\nWeight shift: with naming things`,
    'caution',
    `${older.replace('none', 'parkinson')}lanes: stand-held\nWeight shift`,
  ],
];

test.each(EDGES)('%s', (_, rule, speaks, severity, quiet) => {
  expect(found(speaks, rule).map((one) => one.severity)).toContain(severity);
  expect(found(quiet, rule)).toEqual([]);
});

describe('the side of a finding is the body’s', () => {
  const sides = (text: string) =>
    found(text, 'limit-load').map(({ side, severity }) => [side, severity]);

  test('a left hip is named left, whichever side is worked', () => {
    const text = `${desk}lanes: floor\nlimits: hip replaced left\nLying twist: hold 20s`;
    expect(sides(text)).toContainEqual(['left', 'stop']);
    expect(sides(text).some(([side]) => side === 'right')).toBe(false);
  });

  test('the other leg stands where a leg moves', () => {
    const text = (side: string) =>
      `${older.replace('none', 'stroke left')}lanes: stand\nHigh march with a pause: level free\nSide leg raise at the chair: support none, ${side} only, meant "one leg"`;
    const stops = (side: string) =>
      found(text(side), 'limit-load').filter(
        ({ severity, about, itemId }) =>
          severity === 'stop' && itemId === 'i2' && about.loads?.includes('one-leg'),
      );
    expect(stops('right')).toHaveLength(1);
    expect(stops('left')).toHaveLength(0);
  });
});
