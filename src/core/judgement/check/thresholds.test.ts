import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { checkPlaces } from './check';
import { RULES, RULE_IDS, type RuleId } from './table';

const found = (text: string, rule: RuleId) =>
  checkPlaces(routineOf(text), { part: GROUP_ALONE, phrases: plainPhrases }).filter(
    ({ id }) => id === rule,
  );
const desk = (lane: string, ...lines: readonly string[]) =>
  ['group: desk', `lanes: ${lane}`, ...lines].join('\n');
const older = (lane: string, ...lines: readonly string[]) =>
  ['group: older', `lanes: ${lane}`, 'limits: none', ...lines].join('\n');

interface Threshold {
  readonly rule: RuleId;
  readonly value: string;
  /** Written once more here, so that a number that changes by mistake is seen. */
  readonly is: number;
  /** A routine by an amount. */
  readonly text: (n: number) => string;
  /** The last amount at which the rule is silent, or speaks by another number, and the first beyond. */
  readonly under: number;
  readonly over: number;
  /** Whether what is found is the one that this number decides. */
  readonly of?: (one: ReturnType<typeof found>[number]) => boolean;
}

const loads =
  (load: string) =>
  ({ about }: ReturnType<typeof found>[number]) =>
    about.loads?.includes(load as never) ?? false;

const regions =
  (region: string) =>
  ({ about }: ReturnType<typeof found>[number]) =>
    about.regions?.includes(region as never) ?? false;
const REACH_UP = 'Clasped overhead reach: hold 40s';
const LEGS_WARM = 'Leg extend and bend: for 180s';

const THRESHOLDS: readonly Threshold[] = [
  {
    rule: 'dose-range',
    value: 'rehearsalMost',
    is: 2,
    text: (n) => desk('stand', `Good morning: ${n} reps`),
    under: 2,
    over: 3,
  },
  {
    rule: 'dose-range',
    value: 'boutLeastMs',
    is: 10_000,
    text: (n) => desk('stand', `(3 rounds)\n  Marching: for ${n}s\n  Heel raises: for 20s`),
    under: 10,
    over: 9,
  },
  {
    rule: 'dose-range',
    value: 'manyHoldMs',
    is: 10_000,
    text: (n) => desk('chair', `Seated hamstring reach: hold ${n}s x6`),
    under: 10,
    over: 11,
  },
  {
    rule: 'dose-range',
    value: 'manySetsFrom',
    is: 3,
    text: (n) => desk('chair', `Seated hamstring reach: hold 5s x${n}`),
    under: 3,
    over: 2,
  },
  {
    rule: 'arms-long',
    value: 'mostMs',
    is: 60_000,
    text: (n) => desk('chair', `Clasped overhead reach: hold ${n}s, level overhead`),
    under: 60,
    over: 61,
  },
  {
    rule: 'arms-long',
    value: 'limitedMostMs',
    is: 30_000,
    text: (n) =>
      desk('chair', 'limits: heart', `Clasped overhead reach: hold ${n}s, level overhead`),
    under: 30,
    over: 31,
  },
  {
    rule: 'hold-strain',
    value: 'pressMs',
    is: 10_000,
    text: (n) => desk('chair', `Seated hamstring reach: hold 60s, press ${n}s x2`),
    under: 10,
    over: 11,
  },
  {
    rule: 'hold-strain',
    value: 'limitedPressMs',
    is: 6_000,
    text: (n) =>
      desk('chair', 'limits: blood pressure', `Seated hamstring reach: hold 60s, press ${n}s x2`),
    under: 6,
    over: 7,
  },
  {
    rule: 'hold-strain',
    value: 'limitedIsometricMs',
    is: 9_000,
    text: (n) =>
      desk('stand', 'limits: blood pressure', `Plank: hold ${n}s, level hands on the wall`),
    under: 9,
    over: 10,
  },
  {
    rule: 'limit-load',
    value: 'isometricLongMs',
    is: 10_000,
    text: (n) =>
      desk('stand', 'limits: blood pressure', `Plank: hold ${n}s, level hands on the wall`),
    under: 9,
    over: 10,
    of: loads('isometric-long'),
  },
  {
    rule: 'limit-load',
    value: 'standStillMs',
    is: 120_000,
    text: (n) => desk('stand-held', 'limits: ms', `Feet-together stance: hold ${n}s`),
    under: 120,
    over: 121,
    of: loads('stand-still'),
  },
  {
    rule: 'limit-load',
    value: 'armsHighLongMs',
    is: 60_000,
    text: (n) =>
      desk('chair', 'limits: heart', `Clasped overhead reach: hold ${n}s, level overhead`),
    under: 60,
    over: 61,
    of: loads('arms-high-long'),
  },
  {
    rule: 'limit-load',
    value: 'breathWaitMs',
    is: 3_000,
    text: (n) => desk('chair', 'limits: heart', `Seated easy breath: 4 breaths 4/${n}/4`),
    under: 2,
    over: 3,
    of: loads('breath-hold'),
  },
  {
    rule: 'limit-load',
    value: 'muchWorkReps',
    is: 30,
    text: (n) => desk('stand', 'limits: heart', `Good morning: ${n} reps`),
    under: 29,
    over: 30,
    of: loads('much-work'),
  },
  {
    rule: 'one-leg-long',
    value: 'mostMs',
    is: 60_000,
    text: (n) => desk('stand-held', `One-leg stance: hold ${n}s, level one hand`),
    under: 60,
    over: 61,
  },
  {
    rule: 'one-leg-long',
    value: 'olderMostMs',
    is: 30_000,
    text: (n) => older('stand-held', `One-leg stance: hold ${n}s, level one hand`),
    under: 30,
    over: 31,
  },
  {
    rule: 'rest-short',
    value: 'leastMs',
    is: 60_000,
    text: (n) => older('stand', `Good morning: 8 reps x2, rest ${n}s`),
    under: 60,
    over: 59,
  },
  {
    rule: 'rest-short',
    value: 'shortMs',
    is: 20_000,
    text: (n) => older('stand', `Good morning: 8 reps x2, rest ${n}s`),
    under: 20,
    over: 19,
    of: ({ severity }) => severity === 'caution',
  },
  {
    rule: 'limit-load',
    value: 'lieBackLongMs',
    is: 180_000,
    // The way down and up lies too.
    text: (n) => desk('floor', 'limits: pregnant', `Lying rest breath: for ${n}s`),
    under: 171,
    over: 172,
    of: loads('lie-back-long'),
  },
  {
    rule: 'kneel-long',
    value: 'onceMs',
    is: 90_000,
    text: (n) => desk('floor', `Cat and cow: for ${n}s`),
    under: 82,
    over: 83,
  },
  {
    rule: 'kneel-long',
    value: 'allMs',
    is: 180_000,
    text: (n) => desk('floor', ...apartOnKnees(70, 70, n)),
    under: 16,
    over: 17,
  },
  {
    rule: 'kneel-long',
    value: 'olderOnceMs',
    is: 60_000,
    text: (n) => older('floor', `Cat and cow: for ${n}s`),
    under: 49,
    over: 50,
  },
  {
    rule: 'kneel-long',
    value: 'olderAllMs',
    is: 120_000,
    text: (n) => older('floor', ...apartOnKnees(40, 20, n)),
    under: 17,
    over: 18,
  },
  {
    rule: 'wrist-long',
    value: 'onceMs',
    is: 90_000,
    text: (n) => desk('floor', `Cat and cow: for ${n}s`),
    under: 82,
    over: 83,
  },
  {
    rule: 'wrist-long',
    value: 'allMs',
    is: 180_000,
    text: (n) => desk('floor', ...apartOnKnees(70, 70, n)),
    under: 16,
    over: 17,
  },
  {
    rule: 'stand-long',
    value: 'mostMs',
    is: 300_000,
    text: (n) => older('stand', `Marching: for ${n}s x5, rest 0s`),
    under: 57,
    over: 58,
  },
  {
    rule: 'seat-long',
    value: 'everyMs',
    is: 1_800_000,
    text: (n) => desk('wheelchair', `Seated march: for ${n}s x10`),
    under: 179,
    over: 180,
  },
  {
    rule: 'stretch-total',
    value: 'leastMs',
    is: 60_000,
    text: (n) => desk('chair', 'goals: back-thigh', `Seated hamstring reach: hold ${n}s`),
    under: 60,
    over: 59,
    of: regions('back-thigh'),
  },
  {
    rule: 'stretch-total',
    value: 'mostMs',
    is: 240_000,
    text: (n) => desk('chair', 'goals: back-thigh', `Seated hamstring reach: hold ${n}s x4`),
    under: 60,
    over: 61,
    of: regions('back-thigh'),
  },
  {
    rule: 'stretch-total',
    value: 'aimFromMs',
    is: 1_200_000,
    text: (n) => desk('chair', 'Seated hamstring reach: hold 30s', `rest ${n}s`, 'rest 10:00'),
    under: 527,
    over: 528,
  },
  {
    rule: 'warm-short',
    value: 'fromMs',
    is: 1_200_000,
    text: (n) => desk('chair', '[main]', `Seated march: for ${n}s x4, rest 0s`),
    under: 297,
    over: 298,
  },
  {
    rule: 'warm-short',
    value: 'warmMs',
    is: 180_000,
    text: (n) => desk('chair', ...wayInAndOut(n, 200)),
    under: 180,
    over: 179,
  },
  {
    rule: 'warm-short',
    value: 'olderWarmMs',
    is: 300_000,
    text: (n) => older('chair', ...wayInAndOut(n, 200)),
    under: 300,
    over: 299,
  },
  {
    rule: 'warm-short',
    value: 'settleMs',
    is: 120_000,
    text: (n) => desk('chair', ...wayInAndOut(300, n)),
    under: 112,
    over: 111,
  },
  {
    rule: 'warm-short',
    value: 'heartMs',
    is: 600_000,
    text: (n) => desk('chair', 'limits: heart', ...wayInAndOut(n, 900, 12)),
    under: 600,
    over: 599,
  },
  {
    rule: 'warm-short',
    value: 'heartPercent',
    is: 20,
    text: (n) => desk('chair', 'limits: heart', ...wayInAndOut(n, 600, 2)),
    under: 305,
    over: 304,
  },
  {
    rule: 'exit-tired',
    value: 'legWorkMs',
    is: 60_000,
    text: (n) => desk('floor', `Bridge: hold ${n}s`, 'Standing side bend'),
    under: 60,
    over: 61,
  },
  {
    rule: 'exit-tired',
    value: 'restMs',
    is: 30_000,
    text: (n) => desk('floor', 'Bridge: 15 reps', `rest ${n}s`, 'Standing side bend'),
    under: 30,
    over: 29,
  },
  {
    rule: 'balance-tired',
    value: 'tiringMs',
    is: 60_000,
    text: (n) => desk('stand', `Sit to stand: ${n} reps`, 'Tandem stance'),
    under: 11,
    over: 12,
  },
  {
    rule: 'balance-tired',
    value: 'fadesFromMs',
    is: 60_000,
    text: (n) => desk('stand', 'Sit to stand: 12 reps', `rest ${n}s`, 'Tandem stance'),
    under: 44,
    over: 43,
  },
  {
    rule: 'balance-tired',
    value: 'fadesMs',
    is: 180_000,
    text: (n) => desk('stand', 'Sit to stand: 20 reps', `rest ${n}s`, 'Tandem stance'),
    under: 92,
    over: 91,
  },
  {
    rule: 'balance-after-rise',
    value: 'withinMs',
    is: 60_000,
    text: (n) =>
      desk('floor', 'Open book', `Standing side bend: hold ${n}s, right only`, 'Tandem stance'),
    under: 39,
    over: 38,
  },
  {
    rule: 'slot',
    value: 'offMs',
    is: 5_000,
    text: (n) => desk('chair', 'slot: 2:00', `Seated march: for ${n}s`),
    under: 117,
    over: 118,
  },
  {
    rule: 'no-settle',
    value: 'fromMs',
    is: 600_000,
    text: (n) => desk('chair', `Seated march: for ${n}s x4, rest 0s`),
    under: 147,
    over: 148,
  },
  {
    rule: 'direction-missing',
    value: 'fromMs',
    is: 600_000,
    text: (n) => desk('chair', `Seated march: for ${n}s x4, rest 0s`),
    under: 148,
    over: 149,
  },
  {
    rule: 'side-uneven',
    value: 'unevenPercent',
    is: 5,
    text: (n) =>
      desk('chair', 'Seated twist: hold 100s, left only', `Seated twist: hold ${n}s, right only`),
    under: 95,
    over: 94,
  },
  {
    rule: 'cold-hold',
    value: 'holdMs',
    is: 30_000,
    text: (n) => desk('chair', `Seated hamstring reach: hold ${n}s`),
    under: 29,
    over: 30,
  },
  {
    rule: 'cold-hold',
    value: 'movementMs',
    is: 120_000,
    text: (n) => desk('chair', `Shoulder rolls: for ${n}s`, REACH_UP),
    under: 120,
    over: 119,
  },
  {
    rule: 'cold-hold',
    value: 'olderMovementMs',
    is: 180_000,
    text: (n) => older('chair', `Shoulder rolls: for ${n}s`, REACH_UP),
    under: 180,
    over: 179,
  },
  {
    rule: 'cold-hold',
    value: 'regionMs',
    is: 30_000,
    text: (n) => desk('chair', LEGS_WARM, `Shoulder rolls: for ${n}s`, REACH_UP),
    under: 30,
    over: 29,
  },
  {
    rule: 'cold-hold',
    value: 'regionReps',
    is: 8,
    text: (n) => desk('chair', LEGS_WARM, `Crossing arms: ${n} reps, tempo 1-0-1`, REACH_UP),
    under: 8,
    over: 7,
  },
  {
    rule: 'prop-in-hand',
    value: 'putDownMs',
    is: 10_000,
    text: (n) => desk('stand', 'Seated cat: prop stick', `rest ${n}s`, 'Marching'),
    under: 10,
    over: 9,
  },
  {
    rule: 'prop-churn',
    value: 'mostTimes',
    is: 2,
    text: (n) => desk('chair', ...times(n, ['Seated cat: prop strap', 'Seated march: prop band'])),
    under: 1,
    over: 2,
  },
  {
    rule: 'floor-trips',
    value: 'trips',
    is: 2,
    text: (n) => desk('floor', ...times(n, ['Open book', 'Seated cat'])),
    under: 1,
    over: 2,
  },
];

/** On the knees for so many seconds, on the back between. */
function apartOnKnees(...seconds: readonly number[]): readonly string[] {
  return seconds.flatMap((s, i) => [
    ...(i > 0 ? ['Bridge: hold 5s'] : []),
    `Cat and cow: for ${s}s`,
  ]);
}

function wayInAndOut(inS: number, outS: number, sets = 5): readonly string[] {
  return [
    '[warm-up]',
    `Seated march: for ${inS}s`,
    '[main]',
    `Seated march: for 300s x${sets}`,
    '[settle]',
    `Seated easy breath: for ${outS}s`,
  ];
}

function times(n: number, lines: readonly string[]): readonly string[] {
  return Array.from({ length: n }, () => lines).flat();
}

describe('numbers of the rules, from both sides', () => {
  test.each(THRESHOLDS.map((one) => [`${one.rule} ${one.value}`, one] as const))(
    '%s',
    (_, { rule, value, is, text, under, over, of = () => true }) => {
      expect(RULES[rule].values).toMatchObject({ [value]: is });
      expect(found(text(under), rule).filter(of)).toEqual([]);
      expect(found(text(over), rule).filter(of).length).toBeGreaterThan(0);
    },
  );

  /** Held from both sides by the cases of their rules: counts of things, and what needs own moves or past classes. */
  const BY_CASES = [
    'floor-trips olderTrips',
    'balance-jump steps',
    'support-busy hands',
    'support-count chairsForSeatAndRail',
    'seat-long leanMs',
    'way-out holdMs',
    'too-new mostNew',
    'days-apart apartMs',
  ];

  test('every number of every rule is held here or by the cases that are named', () => {
    const left = RULE_IDS.flatMap((id) =>
      Object.keys(RULES[id].values)
        .filter((value) => !THRESHOLDS.some((one) => one.rule === id && one.value === value))
        .map((value) => `${id} ${value}`),
    );
    expect(left.toSorted()).toEqual(BY_CASES.toSorted());
  });
});
