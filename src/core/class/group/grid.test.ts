import { routineIdSchema } from '@/core/common';
import { GROUP_ALONE, memberSchema, stepsHarder, type Member, type Rung } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { classForSchema } from './class-group';
import { classGrid } from './grid';

const ROUTINE = routineOf(`group: older
lanes: stand-held, chair
[main]
Tandem stance: hold 10s, support fingertips
Sit to stand: 8 reps, level hands on thighs
Seated twist: hold 20s`);
const SCORE = compile(ROUTINE, GROUP_ALONE, plainPhrases);

const member = (words: object): Member =>
  memberSchema.parse({ id: 'ada', name: 'Ada', groups: ['court'], limits: [], ...words });
const rowOf = (one: Member, own: object = {}) => {
  const rungs = (of: Member, family: string) => of.ladders?.[family]?.placed.at(-1)?.rung;
  const [row] = classGrid(ROUTINE, SCORE, [one], {
    own: own as Parameters<typeof classGrid>[3]['own'],
    on: '2026-03-05',
    strict: true,
    rungs,
  });
  if (!row) throw new Error('no row');
  return row;
};
const does = (row: ReturnType<typeof rowOf>) =>
  row.cells.map(({ move, level, reason }) => [move?.name, level?.name, reason]);
const [TANDEM, STANDS] = rowOf(member({})).cells;

test('who has no limit does what the room does, in their own way of taking part', () => {
  expect(does(rowOf(member({ lane: 'stand-held' })))).toEqual([
    ['Tandem stance', 'fingertips', 'as-written'],
    ['Sit to stand', 'hands on thighs', 'as-written'],
    ['Seated twist', expect.any(String), 'as-written'],
  ]);
  expect(rowOf(member({ lane: 'chair' })).lane).toBe('chair');
});

test('a usual way that the routine does not have is said', () => {
  expect(rowOf(member({ lane: 'wheelchair' }))).toMatchObject({ missing: 'wheelchair' });
  expect(rowOf(member({ lane: 'chair' }))).not.toHaveProperty('missing');
  const own = { ada: { lane: 'chair' } };
  expect(rowOf(member({ lane: 'wheelchair' }), own)).not.toHaveProperty('missing');
});

test('a limit that rules out brings what stands in, and says in place of what', () => {
  const row = rowOf(member({ limits: [{ limit: 'low bone density', strict: true }] }));
  const [, , twist] = row.cells;
  expect(twist?.reason).toBe('for-limit');
  expect(twist?.instead?.move.name).toBe('Seated twist');
  expect(twist?.bites).toContainEqual(
    expect.objectContaining({ limit: 'low bone density', severity: 'out' }),
  );
});

test('care leaves the level and is said', () => {
  const row = rowOf(member({ limits: [{ limit: 'low bone density' }] }));
  const [, , twist] = row.cells;
  expect(twist?.reason).toBe('as-written');
  expect(twist?.bites[0]).toMatchObject({ limit: 'low bone density', severity: 'care' });
});

test('a drill takes the rung of the person, whatever the room does', () => {
  const rung = { base: 'together', hands: 'fingertips', challenge: 'still', timeMs: 10_000 };
  const ladders = {
    stance: { school: 'hands first', placed: [{ on: '2026-01-01', rung, why: '' }] },
  };
  const [cell] = rowOf(member({ ladders })).cells;
  expect(cell).toMatchObject({ reason: 'rung', rung });
  expect(cell?.level?.stance).toBe('together');
  expect(cell?.support).toBe('fingertips');
});

test('whoever sits is not stood up by a rung or a dose of theirs', () => {
  const rung = { base: 'tandem', hands: 'fingertips', challenge: 'still', timeMs: 10_000 };
  const ladders = {
    stance: { school: 'hands first', placed: [{ on: '2026-01-01', rung, why: '' }] },
  };
  const levels = STANDS?.move?.levels ?? [];
  const hardest = levels.at(-1)?.id;
  const doses = { [STANDS?.move?.id ?? '']: { on: '2026-01-01', level: hardest } };
  const standing = rowOf(member({ lane: 'stand-held', ladders, doses }));
  expect(standing.cells[0]?.level?.stance).toBe('tandem');
  for (const { level } of rowOf(member({ lane: 'chair', ladders, doses })).cells) {
    expect(level?.from ?? 'sit-front').toMatch(/^sit-/);
    expect(level?.through ?? []).not.toContain('stand');
    expect(level?.stance).toBeUndefined();
  }
});

test('what is changed for one person changes nothing else', () => {
  const items = { [STANDS?.itemId ?? '']: null };
  const own = { ada: { items } };
  expect(does(rowOf(member({}), own))[1]).toEqual([undefined, undefined, 'own-level']);
  expect(does(rowOf(member({ id: 'bo' }), own))[1]?.[1]).toBe('hands on thighs');
  const id = routineIdSchema.parse('routine');
  expect(classForSchema.safeParse({ id, groupId: 'court', own }).success).toBe(true);
  expect(TANDEM?.reason).toBe('as-written');
});

describe('nobody is sent where more is asked than is theirs', () => {
  const rowIn = (text: string, words: object, rung?: object) => {
    const routine = routineOf(text);
    const score = compile(routine, GROUP_ALONE, plainPhrases);
    const [row] = classGrid(routine, score, [member(words)], {
      own: {},
      on: '2026-03-05',
      strict: true,
      rungs: () => rung as never,
    });
    if (!row) throw new Error('no row');
    return row;
  };
  const STANDING = 'group: older\nlanes: stand-held, floor\nSit to stand\nOne-leg stance';

  test.each([
    [{ lane: 'wheelchair' }],
    [{ seat: 'wheelchair' }],
    [{ lane: 'bed' }],
    [{ limits: [{ limit: 'pushes a wheelchair' }] }],
    [{ limits: [{ limit: 'no standing' }] }],
  ])('%j rests where every way stands', (words) => {
    const row = rowIn(STANDING, words);
    expect(row.lane).toBeUndefined();
    expect(row.missing).toBeDefined();
    expect(row.cells.map(({ move }) => move)).toEqual([null, null]);
  });

  test('with a walker the way that sits and rises is theirs, and never the one that stands', () => {
    expect(rowIn('lanes: stand-held, chair-rise\nMarching', { aids: ['walker'] }).lane).toBe(
      'chair-rise',
    );
    expect(rowIn('lanes: stand-held, chair\nMarching', { aids: ['walker'] }).lane).toBe('chair');
  });

  test('who may not get down does nothing on the floor, and what they do instead says why', () => {
    const row = rowIn('group: older\nlanes: floor\nBridge\nBird dog\nSeated cat', {
      limits: [{ limit: 'no floor' }],
    });
    const places = row.cells.map(({ level }) => level?.from ?? 'rests');
    expect(places.filter((at) => /lying|fours|floor|kneel|side/u.test(at))).toEqual([]);
    expect(row.cells[0]).toMatchObject({ reason: 'for-limit' });
    expect(row.cells[0]?.bites.map(({ load }) => load)).toContain('floor-transfer');
    expect(row.cells[2]).toMatchObject({ reason: 'as-written' });
  });

  const after = (rung: Rung) =>
    rowIn('group: older\nlanes: stand-held\nOne-leg stance: level one hand', {}, rung).cells[0];
  const still = { challenge: 'still', timeMs: 10_000 } as const;

  test.each<[Rung['base'], Rung['hands']]>([
    ['one-leg', 'two hands'],
    ['together', 'two hands'],
    ['apart', 'two hands'],
    ['apart', 'none'],
    ['tandem', 'fingertips'],
  ])('on the rung %s, %s, no drill asks more', (base, hands) => {
    const cell = after({ base, hands, ...still });
    expect(cell?.reason).toBe('rung');
    expect(cell?.beyond).toBeUndefined();
    if (!cell?.level || !cell.support) return;
    const asks = { base: cell.level.stance ?? 'apart', hands: cell.support, ...still } as const;
    expect(stepsHarder({ base, hands, ...still }, asks)).toBe(0);
  });

  test('a rung that no drill of the family is as easy as rests', () => {
    expect(after({ base: 'seated', hands: 'two hands', ...still })).toMatchObject({
      move: null,
      reason: 'rung',
    });
  });

  test('two cares of one person on one row are read as out', () => {
    const walk = 'group: older\nlanes: stand-held\nHeel-to-toe line walk';
    const both = [{ limit: 'parkinson' }, { limit: 'dizziness' }];
    expect(rowIn(walk, { limits: both }).cells[0]?.reason).toBe('for-limit');
    for (const one of both) {
      expect(rowIn(walk, { limits: [one] }).cells[0]?.reason).toBe('as-written');
    }
  });
});
