import { GROUP_ALONE } from '@/core/people';
import { EDGES } from '@/core/body';
import {
  RULES,
  RULE_IDS,
  RULE_SOURCES,
  checkRoutine,
  type Rule,
  orderRoutine,
} from '@/core/judgement';
import { PART_FAULTS, CUE_STYLE_FAULTS } from '@/core/moves';
import { ITEM_FAULTS, READING_PROBLEMS } from '@/core/routine';
import { CHECK_CASES, routineOf } from '@/core/testing';
import { ADVICE, PLACE_FAULTS } from '@/core/writing';
import {
  SOURCE_NAMES,
  findingWhat,
  findingWhy,
  hasMendWords,
  mendWords,
  orderingWhy,
  ruleName,
} from './findings';
import { MOVE_FAULT_CODES, moveFaultSentence } from './moves';
import { PROBLEM_CODES, placedProblem, problemSentence } from './problems';
import { scorePhrases } from './score';

/** A sentence that is whole: it starts with a capital or figure, ends with a stop, and has no hole. */
const WHOLE =
  /^[A-Z0-9](?!.*(undefined|…|NaN|null|\[object| {2}| [.,;]|\b[a-z]+(-[a-z]+){2,})).*[.]$/;

describe('words', () => {
  test('every problem code has a sentence, and no sentence is left over', () => {
    expect([...PROBLEM_CODES].sort()).toEqual([...READING_PROBLEMS, ...ITEM_FAULTS].sort());
    for (const code of PROBLEM_CODES) {
      expect(problemSentence({ code, read: 'x', could: [] }).length).toBeGreaterThan(10);
    }
  });

  test('every fault of a move has a sentence, and no sentence is left over', () => {
    expect([...MOVE_FAULT_CODES].sort()).toEqual(
      [...PART_FAULTS, ...PLACE_FAULTS, ...CUE_STYLE_FAULTS, ...ADVICE].sort(),
    );
    for (const code of MOVE_FAULT_CODES) {
      for (const said of [{}, { about: 'jaw', most: 5 }]) {
        expect(`${moveFaultSentence({ code, ...said })}.`).toMatch(
          /^[A-Z“](?!.*undefined).{10,}\.$/,
        );
      }
    }
  });

  test('every step between base positions is spoken, both ways', () => {
    for (const { id } of EDGES) {
      for (const direction of ['there', 'back'] as const) {
        const step = { edge: id, direction, from: 'stand', to: 'stand', seconds: 1 } as const;
        expect(scorePhrases.way([step])).toMatch(/^[A-Z].+\.$/);
        expect(scorePhrases.way([step, step])).toMatch(/^[A-Z].+, then [a-z].+\.$/);
      }
    }
  });

  test('a problem stands with its place and what could stand there', () => {
    const problem = {
      code: 'unknown-move',
      line: 3,
      column: 5,
      read: 'Twits',
      could: ['Seated twist'],
    } as const;
    expect(placedProblem(problem)).toBe(
      '3:5: No move is called “Twits”; it could be: Seated twist',
    );
  });

  test('every check has a name, and mend words exactly where it has a mend', () => {
    expect(new Set(RULE_IDS.map(ruleName)).size).toBe(RULE_IDS.length);
    for (const id of RULE_IDS) {
      const rule: Rule = RULES[id];
      expect([id, hasMendWords(id)]).toEqual([id, rule.mends !== undefined]);
    }
    expect(Object.keys(SOURCE_NAMES)).toEqual([...RULE_SOURCES]);
  });

  test.each(RULE_IDS.filter((id) => id !== 'way-out'))('%s is said in whole sentences', (id) => {
    const { fires, part = GROUP_ALONE } = CHECK_CASES[id];
    const found = checkRoutine(routineOf(fires), { part, phrases: scorePhrases });
    expect(found.map((one) => one.id)).toContain(id);
    for (const one of found) {
      expect(findingWhat(one)).toMatch(WHOLE);
      expect(findingWhy(one)).toMatch(WHOLE);
      expect(mendWords(one)).toMatch(/^[A-Z][^.]*[^.]$/);
    }
  });

  test('an order says in numbers what it saves, or that it saves nothing', () => {
    const why = (text: string) =>
      orderingWhy(orderRoutine(routineOf(text), { part: GROUP_ALONE, phrases: scorePhrases }));
    expect(why('group: desk\nlanes: floor\nOpen book\nSeated cat\nOpen book\nSeated march')).toBe(
      'Saves 26 s of transfers and 10 s of pauses on rising.',
    );
    expect(why('group: desk\nSeated march\nSeated cat')).toBe('No other order is better.');
  });
});
