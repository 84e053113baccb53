import { SIDES, onSide, position } from '@/core/body';
import { SHIPPED } from '../catalogue/catalogue';
import { cuesOf } from '../catalogue/move';
import type { Level, Move } from '../catalogue/shape';
import { FACTS, factsOf } from './facts';
import { FORM, QUESTIONS, answersIn, type Fact } from './form';
import { LOAD_FACTS, loadsMadeOf } from './loads';

interface Answered {
  readonly move: Move;
  readonly level: Level;
  readonly name: string;
  readonly facts: ReadonlySet<Fact>;
}
const ALL: readonly Answered[] = SHIPPED.moves.flatMap((move) =>
  move.levels.map((level) => ({
    move,
    level,
    name: `${move.name} / ${level.name}`,
    facts: new Set(factsOf(move, level).map(({ fact }) => fact)),
  })),
);
const names = (which: (one: Answered) => boolean) => ALL.filter(which).map(({ name }) => name);

describe('the form', () => {
  const row = (answers: string) => answersIn(`a-move\n  a-level | ${answers}`);
  const nothing = QUESTIONS.map(() => '.');

  test('an answer is read with its side', () => {
    const told = row(['bear grip:o', ...nothing.slice(1)].join(' | ')).get('a-move/a-level');
    expect(told).toEqual([
      { fact: 'hands bear', on: 'body' },
      { fact: 'hands grip', on: 'other' },
    ]);
  });

  test.each([
    ['a question left out', nothing.slice(1).join(' | ')],
    ['no answer', ['', ...nothing.slice(1)].join(' | ')],
    ['an answer of another question', ['twist', ...nothing.slice(1)].join(' | ')],
    ['a side that there is not', ['grip:l', ...nothing.slice(1)].join(' | ')],
  ])('%s is refused', (_, answers) => {
    expect(() => row(answers)).toThrow('a-move/a-level');
  });
});

describe('the facts of all levels', () => {
  test('every level answered, and nothing answered that is no level', () => {
    expect(ALL.every(({ level }) => level.loads !== undefined)).toBe(true);
    expect(FACTS.size).toBe(ALL.length);
  });

  test('every answer that can be given makes a load, and no load is made of what cannot', () => {
    const made = new Set(Object.values(LOAD_FACTS).flat());
    const all = QUESTIONS.flatMap((question) =>
      FORM[question].map((what) => `${question} ${what}`),
    );
    expect(all.filter((fact) => !made.has(fact as Fact))).toEqual([]);
  });

  test('the loads of a level are those that its answers make, on their sides', () => {
    expect(
      loadsMadeOf([
        { fact: 'hands bear', on: 'worked' },
        { fact: 'hands lean', on: 'worked' },
      ]),
    ).toEqual([
      { load: 'shoulder-weight', on: 'worked' },
      { load: 'wrist-weight', on: 'worked' },
    ]);
  });

  test('what works both sides at once speaks of neither alone', () => {
    const sided = ALL.filter(
      ({ move, level }) => move.sides === 'both' && level.loads.some(({ on }) => on !== 'body'),
    );
    expect(sided.map(({ name }) => name)).toEqual([]);
  });
});

const heights = ({ from, through, to }: Level) =>
  [from, ...through, to].map((ref) => position(onSide(ref, SIDES[0])).height);

/** What a level is told to be elsewhere, and the answer that has to say so too. */
const HOLD_EACH_OTHER: readonly (readonly [what: string, Fact, (one: Answered) => boolean])[] = [
  ['a weight among its props', 'hands carry', ({ level }) => level.props.includes('weight')],
  [
    'one that stands narrow',
    'base narrow',
    ({ level }) => ['together', 'semi-tandem', 'tandem'].includes(level.stance ?? ''),
  ],
  [
    'one that comes up to its feet',
    'base rises',
    ({ level }) =>
      heights(level).some((height, i, all) => height === 4 && (all[i - 1] ?? 4) < height),
  ],
];

describe('facts and what a level is', () => {
  test.each(HOLD_EACH_OTHER)('%s answers "%s", and no other does', (_, fact, has) => {
    expect(names((one) => one.facts.has(fact) !== has(one))).toEqual([]);
  });

  test('one that stands on one leg says on which', () => {
    expect(
      names(({ level, facts }) => level.stance === 'one-leg' && !facts.has('base one')),
    ).toEqual([]);
  });
});

/** Words that may only be said where the facts hold one of these. */
const WORDS_NEED: readonly (readonly [RegExp, readonly Fact[]])[] = [
  [
    /\blook (?:slowly |half way |round |back )*(?:over|round|both ways|there|behind)/i,
    ['neck turns'],
  ],
  [/\beyes (?:follow|go along)\b/i, ['neck turns']],
  [/\b(?:close|shut) (?:your |the |both )?eyes\b|\beyes (?:closed|shut)\b/i, ['eyes shut']],
  [/\blook up\b|above level\b/i, ['eyes up']],
  [/\bhands?\b[^.,;]*\b(?:on|behind) (?:your |the )?(?:back of your )?head\b/i, ['neck held']],
  [/\b(?:jump|jog|spring|bounce)\b/i, ['work springs']],
  [/\bpush (?:up|with your hands|with both hands)\b/i, ['hands bear', 'hands fore']],
  [/\bwalk (?:heel|backward|round|a few|along)|\bstep sideways\b/i, ['base steps']],
  [/\bstep one foot back\b|\bwalk backward\b/i, ['base backs']],
  [/\bstep up\b/i, ['base up']],
  [/\boverhead\b|\bup along the floor\b/i, ['arms over']],
  [/\bstand,? (?:reach back|all the way)\b|\brise all the way\b/i, ['base rises']],
  [/\bcross(?:ed)? (?:over|in front)\b/i, ['hips cross', 'arms cross']],
  [/\bkneel\b/i, ['legs kneel']],
];

/** What has to be heard where the facts hold it. */
const FACTS_NEED: readonly (readonly [Fact, RegExp])[] = [
  ['eyes up', /\bup\b|above level/i],
  ['work springs', /jump|jog|push off|catch/i],
  ['neck held', /head/i],
  ['base backs', /back|behind/i],
  ['base up', /step/i],
  ['hands carry', /weight|bottle/i],
  ['hands bear', /push|press|walk|lift|hands|lean|crawl/i],
  ['hands pull', /pull|draw|band|strap|hold|hands/i],
  ['base rises', /stand|rise|up|lift/i],
  ['base turns', /turn|round/i],
  ['legs tiptoe', /heels|toes/i],
];

describe('words and facts', () => {
  const said = ({ move, level }: Answered) => {
    const { setUp, go, short } = cuesOf(move, level);
    return [setUp, go, short].join(' ');
  };

  test.each(WORDS_NEED)('%s is only said where it is so', (words, facts) => {
    const silent = ALL.filter(
      (one) =>
        words.test(said(one)) &&
        !facts.some((fact) => one.facts.has(fact) || placesSay(one.level, fact)),
    );
    expect(silent.map((one) => `${one.name}: ${words.exec(said(one))?.[0] ?? ''}`)).toEqual([]);
  });

  test.each(FACTS_NEED)('"%s" is heard where it is so', (fact, words) => {
    const silent = ALL.filter((one) => one.facts.has(fact) && !words.test(said(one)));
    expect(silent.map((one) => `${one.name}: ${said(one)}`)).toEqual([]);
  });
});

/** What a place tells without being asked. */
function placesSay({ from, through, to }: Level, fact: Fact): boolean {
  const loads = [from, ...through, to].flatMap((ref) => position(onSide(ref, SIDES[0])).loads);
  const by = Object.entries(LOAD_FACTS).filter(
    ([, facts]) => typeof facts !== 'string' && facts.includes(fact),
  );
  return by.some(([load]) => loads.includes(load as (typeof loads)[number]));
}
