import { STANCES } from '@/core/body';
import { CHALLENGES } from '@/core/moves';
import {
  LEAST_CONTACT,
  holdsAtLeast,
  leastContact,
  stepsHarder,
  timesOn,
  type Rung,
} from './ladder';

const rung = (changed: Partial<Rung> = {}): Rung => ({
  base: 'tandem',
  hands: 'fingertips',
  challenge: 'still',
  timeMs: 10_000,
  ...changed,
});

describe('least contact', () => {
  test.each([
    ['apart', 'still', 'none'],
    ['together', 'head turning', 'hover'],
    ['semi-tandem', 'eyes closed', 'one hand'],
    ['tandem', 'trunk turning', 'fingertips'],
    ['tandem', 'looking up', 'one hand'],
    ['one-leg', 'naming things', 'fingertips'],
    ['one-leg', 'looking up', 'not-used'],
    ['one-leg', 'eyes closed', 'not-used'],
  ] as const)('%s with %s asks for %s', (stance, challenge, least) => {
    expect(leastContact(stance, challenge, false)).toBe(least);
  });

  test('eyes closed in tandem is not for older groups', () => {
    expect(leastContact('tandem', 'eyes closed', false)).toBe('one hand');
    expect(leastContact('tandem', 'eyes closed', true)).toBe('not-used');
  });

  test('every challenge has a row, and a narrower stance never asks for less', () => {
    expect(Object.keys(LEAST_CONTACT)).toEqual([...CHALLENGES]);
    const order = ['none', 'hover', 'fingertips', 'one hand', 'two hands', 'not-used'];
    for (const challenge of CHALLENGES) {
      const asked = STANCES.map((stance) => order.indexOf(leastContact(stance, challenge, false)));
      expect(asked).toEqual([...asked].sort((a, b) => a - b));
    }
  });

  test('hover is no contact', () => {
    expect(holdsAtLeast('hover', 'fingertips')).toBe(false);
    expect(holdsAtLeast('one hand', 'fingertips')).toBe(true);
  });
});

describe('steps up the ladder', () => {
  test.each([
    [rung(), 0],
    [rung({ hands: 'hover' }), 1],
    [rung({ hands: 'none' }), 2],
    [rung({ base: 'one-leg', hands: 'one hand' }), 1],
    [rung({ challenge: 'head turning' }), 2],
    [rung({ timeMs: 15_000 }), 1],
    [rung({ timeMs: 3_000, hands: 'two hands' }), 0],
    [rung({ hands: 'hover', timeMs: 15_000 }), 2],
  ])('%j is %d steps harder', (to, steps) => {
    expect(stepsHarder(rung(), to)).toBe(steps);
  });

  test('short times are steps only on a narrow base', () => {
    expect(timesOn('tandem')[0]).toBe(3_000);
    expect(timesOn('apart')[0]).toBe(10_000);
  });
});
