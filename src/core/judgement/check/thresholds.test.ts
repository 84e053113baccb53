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

const THRESHOLDS: readonly Threshold[] = [
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
];

describe('numbers of the rules, from both sides', () => {
  test.each(THRESHOLDS.map((one) => [`${one.rule} ${one.value}`, one] as const))(
    '%s',
    (_, { rule, value, is, text, under, over, of = () => true }) => {
      expect(RULES[rule].values).toMatchObject({ [value]: is });
      expect(found(text(under), rule).filter(of)).toEqual([]);
      expect(found(text(over), rule).filter(of).length).toBeGreaterThan(0);
    },
  );

  /** Held from both sides by the cases of their rules and by edges, or by a length that is worked out there. */
  const ELSEWHERE: readonly RuleId[] = RULE_IDS.filter(
    (id) => !THRESHOLDS.some((one) => one.rule === id),
  );

  test('a rule that is held here is held in each of its numbers', () => {
    const left = RULE_IDS.filter((id) => !ELSEWHERE.includes(id)).flatMap((id) =>
      Object.keys(RULES[id].values)
        .filter((value) => !THRESHOLDS.some((one) => one.rule === id && one.value === value))
        .map((value) => `${id} ${value}`),
    );
    // Minutes on the back are of a stay, which the ways to it lengthen.
    expect(left).toEqual(['limit-load lieBackLongMs']);
  });
});
