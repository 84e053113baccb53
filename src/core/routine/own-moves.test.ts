import { GROUP_ALONE } from '@/core/people';
import { levelId, ownLike, plainPhrases, reading, routineOf, shipped } from '@/core/testing';
import { compile } from '@/core/timing';
import { applyChange } from './edit/change';
import { removeEntry } from './edit/edits';
import { readRoutineFile, writeRoutineFile } from './file';
import { catalogueFor, itemInForce, mendedItem } from './item';
import { itemsOutOfLine, withMovesInUse, withOwnMoves, withoutOwnMove } from './own-moves';
import { itemsInOrder, routineSchema } from './schema';
import { writeRoutineText } from './text/write';

const rail = ownLike('Seated twist', { name: 'Rail turn' });
const lift = ownLike('Bridge', { name: 'Deck lift' });
const twist = { ...shipped('Seated twist'), otherNames: ['Harbour twist'] };
const TEXT = 'group: desk\nRail turn: hold 20s, level sitting tall\n';
const levels = rail.levels.map((level, i) =>
  i === 0 ? { ...level, id: levelId('sitting tall'), name: 'sitting tall' } : level,
);
const tall = { ...rail, levels };

describe('own moves in a routine', () => {
  test('a text names them where they are at hand, and not where they are not', () => {
    expect(reading('Rail turn', [rail]).problems).toEqual([]);
    expect(reading('Rail turn').problems.map(({ code }) => code)).toEqual(['unknown-move']);
  });

  test('a routine carries those that it does and those that may stand in, and no others', () => {
    expect(routineOf(TEXT, [tall, lift]).moves).toEqual([tall]);
    const stands = routineOf('Seated twist', [rail, lift]);
    expect(stands.moves).toEqual([rail]);
    expect(routineOf('Seated march', [rail, lift]).moves).toBeUndefined();
  });

  test('a move that a line only offers is carried too, and only what is gone is left out', () => {
    const text = 'Seated march\n  or: Deck lift\n  or: Seated cat, 6 reps';
    const routine = routineOf(text, [lift]);
    expect(routine.moves).toEqual([lift]);
    const file = readRoutineFile(writeRoutineFile(routine));
    expect(file.ok && itemsInOrder(file.value)[0]?.options).toHaveLength(2);
    const [item] = itemsInOrder(routine);
    const without = item && mendedItem(item, { group: 'desk' });
    expect(without?.options?.map(({ moveId }) => moveId)).toEqual(['seated-cat']);
  });

  test('it is timed with their words and doses, and text and file bring them back', () => {
    const slow = { ...rail, dose: { kind: 'hold', holdMs: 45_000, sets: 1, restMs: 0 } as const };
    const routine = routineOf('group: desk\nRail turn', [slow]);
    const work = compile(routine, GROUP_ALONE, plainPhrases).segments.filter(
      ({ kind }) => kind === 'work',
    );
    expect(work.map(({ startMs, endMs, moveName }) => [moveName, endMs - startMs])).toEqual([
      ['Rail turn', 45_000],
      ['Rail turn', 45_000],
    ]);
    expect(writeRoutineText(routine)).toContain('Rail turn');
    expect(readRoutineFile(writeRoutineFile(routine))).toEqual({ ok: true, value: routine });
    expect(routineSchema.safeParse({ ...routine, moves: undefined }).success).toBe(false);
  });

  test('one under a shipped move’s id stands in its place, for stand-ins too', () => {
    const routine = routineOf('lanes: stand, chair\nStanding turn', [twist]);
    const [item] = itemsInOrder(routine);
    expect(item?.moveId).toBe('standing-turn');
    expect(routine.moves).toEqual([twist]);
    expect(catalogueFor(routine).byId.get('seated-twist')?.otherNames).toEqual(['Harbour twist']);
    expect(withoutOwnMove(routine, twist.id).moves).toBeUndefined();
  });

  test('to choose from there are all of them; a file takes only those in use', () => {
    const routine = withOwnMoves(routineOf('Rail turn', [rail]), [rail, lift]);
    expect(routine.moves).toEqual([rail, lift]);
    const read = readRoutineFile(writeRoutineFile(routine));
    expect(read.ok && read.value.moves).toEqual([rail]);
    expect(withOwnMoves(routine, [rail, lift])).toBe(routine);
  });

  test('an own move wins over the one that a routine came with; others stay as they came', () => {
    const routine = routineOf('Rail turn', [rail]);
    const newer = { ...rail, name: 'Rail turn, slow' };
    expect(withMovesInUse(routine, [newer]).moves).toEqual([newer]);
    expect(withMovesInUse(routine, [lift])).toBe(routine);
  });

  test('one that is no longer done is let go', () => {
    const routine = routineOf('Rail turn\nSeated march', [rail]);
    const [item] = itemsInOrder(routine);
    if (!item) throw new Error();
    const without = applyChange(routine, removeEntry(routine, item.id));
    expect(withMovesInUse(without, [rail]).moves).toBeUndefined();
  });

  test('what a line says and its move no longer has is found, and left out', () => {
    const routine = routineOf(TEXT, [tall]);
    expect(itemsOutOfLine(routine, [tall])).toEqual([]);
    expect(itemsOutOfLine(routine, [rail])).toEqual(itemsInOrder(routine));
    const next = withMovesInUse(routine, [rail]);
    expect(itemsInOrder(next)[0]?.level).toBeUndefined();
    expect(itemsInOrder(next)[0]?.dose).toEqual({ kind: 'hold', holdMs: 20_000, sets: 1 });
    expect(routineSchema.safeParse(next).success).toBe(true);
  });

  test('of several levels on a line, those that are still there stay', () => {
    const both =
      'lanes: stand, chair\nRail turn: level sitting tall, level hand on the thigh in chair';
    const next = withMovesInUse(routineOf(both, [tall]), [rail]);
    expect(itemsInOrder(next)[0]).toMatchObject({ laneLevels: { chair: 'hand-on-the-thigh' } });
    expect(itemsInOrder(next)[0]?.level).toBeUndefined();
  });

  test('a level that is called otherwise is still the same level', () => {
    const renamed = {
      ...tall,
      levels: tall.levels.map((one) => ({ ...one, name: `${one.name} now` })),
    };
    const next = withMovesInUse(routineOf(TEXT, [tall]), [renamed]);
    expect(writeRoutineText(next)).toContain('Rail turn: hold 20s, level sitting tall now');
    expect(itemsOutOfLine(routineOf(TEXT, [tall]), [renamed])).toEqual([]);
  });

  test('lines in blocks are brought in line too', () => {
    const routine = routineOf('(2 rounds)\n  Rail turn: level sitting tall\n', [tall]);
    const next = withMovesInUse(routine, [rail]);
    expect(itemsInOrder(next)[0]?.level).toBeUndefined();
    expect(itemInForce(itemsInOrder(next)[0] ?? fail(), next).move).toEqual(rail);
  });
});

function fail(): never {
  throw new Error('no item');
}
