import { edited, levelId } from '@/core/testing';
import { countingIds, routineIdSchema } from '@/core/common';
import { SHIPPED, moveById } from '@/core/moves';
import {
  changeItem,
  itemFaults,
  itemsInOrder,
  readRoutineText,
  writeItem,
  type Item,
} from '@/core/routine';
import {
  amountStepper,
  heldStepper,
  ledInForce,
  pressStepper,
  restStepper,
  setsSpanStepper,
  setsStepper,
  spanStepper,
  steppedLine,
  toInAll,
  toKind,
  toLed,
  toLevel,
  toSides,
  type Stepper,
} from './item-editing';

const DESK = { group: 'desk' } as const;

function itemOf(line: string): Item {
  const id = routineIdSchema.parse('r');
  const { routine } = readRoutineText(line, { id, newId: countingIds('i'), untitled: 'x' });
  const [item] = itemsInOrder(routine);
  if (!item) throw new Error(line);
  return item;
}

const moveOf = (line: string) => moveById(SHIPPED, itemOf(line).moveId);

/** The line after an edit; every edit leaves a line without faults. */
function after(line: string, words: Stepper['less']): string {
  const id = routineIdSchema.parse('r');
  const { routine } = readRoutineText(line, { id, newId: countingIds('i'), untitled: 'x' });
  const item = itemOf(line);
  const changed = words ? edited(routine, changeItem(routine, item.id, words)) : routine;
  const [next] = itemsInOrder(changed);
  if (!next) throw new Error(line);
  expect(itemFaults(next, DESK)).toEqual([]);
  return writeItem(next, SHIPPED);
}

describe('a line by itself', () => {
  test.each([
    ['Seated twist: hold 20s, each side', 'Seated twist: hold 25s, each side'],
    [
      'Sit to stand: 10 reps x3, rest 1:00, held 2s',
      'Sit to stand: 11 reps x3, held 2s, rest 1:00',
    ],
    ['Heel raises: 8-12 reps', 'Heel raises: 9-12 reps'],
  ])('%s is stepped, and the rest of it kept', (line, expected) => {
    const { more } = amountStepper(itemOf(line), DESK);
    const next = steppedLine(itemOf(line), more ?? {}, DESK);
    expect(next).toBe(expected);
    expect(writeItem(itemOf(next), SHIPPED)).toBe(next);
  });
});

describe('changing an item', () => {
  test.each([
    ['Seated twist: hold 20s', 'Seated twist: hold 25s'],
    ['Seated cat: 6 reps, tempo 2-0-2', 'Seated cat: 7 reps, tempo 2-0-2'],
    ['Seated easy breath: 5 breaths 5/5', 'Seated easy breath: 6 breaths 5/5'],
    ['Marching', 'Marching: for 1:05'],
  ])('more of %s', (line, expected) => {
    expect(after(line, amountStepper(itemOf(line), DESK).more)).toBe(expected);
  });

  test('less stops at the least', () => {
    expect(amountStepper(itemOf('Seated twist: hold 5s'), DESK).less).toBeUndefined();
    expect(setsStepper(itemOf('Seated twist: hold 5s'), DESK).less).toBeUndefined();
  });

  test('shortening a hold drops presses that no longer fit', () => {
    const line = 'Seated twist: hold 20s, press 5s x1';
    expect(after(line, amountStepper(itemOf(line), DESK).less)).toBe(
      'Seated twist: hold 15s, press 5s x1',
    );
    const tight = 'Seated twist: hold 15s, press 5s x1';
    expect(after(tight, amountStepper(itemOf(tight), DESK).less)).toBe('Seated twist: hold 10s');
  });

  test('sets keep the rest that stood between them', () => {
    expect(
      after('Seated hamstring reach', setsStepper(itemOf('Seated hamstring reach'), DESK).more),
    ).toBe('Seated hamstring reach: hold 20s x3, rest 5s');
    const line = 'Seated twist: hold 20s x2';
    expect(after(line, restStepper(itemOf(line), DESK).more)).toBe(
      'Seated twist: hold 20s x2, rest 5s',
    );
  });

  test('presses are on offer for holds that are long enough', () => {
    expect(pressStepper(itemOf('Seated twist: hold 10s'), DESK)).toBeUndefined();
    expect(pressStepper(itemOf('Seated twist: hold 15s'), DESK)?.more).toEqual({
      press: { pressMs: 5000, times: 1 },
    });
    expect(pressStepper(itemOf('Seated cat'), DESK)).toBeUndefined();
  });

  test('another kind and other sides take away what no longer goes with them', () => {
    const line = 'Seated twist: hold 1:00, press 5s x2, weak right +5s';
    expect(after(line, toKind(itemOf(line), DESK, 'reps'))).toBe(
      'Seated twist: 8 reps, weak right +5s',
    );
    expect(after(line, toSides(itemOf(line), moveOf(line), 'left-only'))).toBe(
      'Seated twist: hold 1:00, press 5s x2, left only',
    );
    expect(after(line, toSides(itemOf(line), moveOf(line), 'alternating'))).toBe(
      'Seated twist: hold 1:00, alternating',
    );
  });

  test('the usual level is not written', () => {
    const line = 'Seated twist: level arms crossed';
    expect(after(line, toLevel(moveOf(line), levelId('hand on the thigh'), 'desk'))).toBe(
      'Seated twist',
    );
  });

  test('a span opens above what is led, and closes where it comes down to it', () => {
    const line = 'Seated cat: 6 reps, tempo 2-0-2';
    expect(after(line, spanStepper(itemOf(line), DESK).more)).toBe(
      'Seated cat: 6-7 reps, tempo 2-0-2',
    );
    const open = 'Seated cat: 6-7 reps, tempo 2-0-2';
    expect(after(open, spanStepper(itemOf(open), DESK).less)).toBe(line);
    expect(after(open, amountStepper(itemOf(open), DESK).more)).toBe(
      'Seated cat: 7 reps, tempo 2-0-2',
    );
    expect(spanStepper(itemOf(line), DESK).less).toBeUndefined();
    const sets = 'Seated twist: hold 20s x2';
    expect(after(sets, setsSpanStepper(itemOf(sets), DESK).more)).toBe(
      'Seated twist: hold 20s x2-3',
    );
  });

  test('reps go in their tempo, held, or with the breath', () => {
    const line = 'Seated cat: 6 reps, tempo 2-0-2';
    expect(after(line, toLed(itemOf(line), DESK, 'breath'))).toBe(
      'Seated cat: 6 reps with the breath',
    );
    expect(after(line, toLed(itemOf(line), DESK, 'held'))).toBe(
      'Seated cat: 6 reps, held 5s, tempo 2-0-2',
    );
    const held = 'Seated cat: 6 reps, held 5s';
    expect(ledInForce(itemOf(held), DESK)).toBe('held');
    expect(after(held, heldStepper(itemOf(held))?.more)).toBe('Seated cat: 6 reps, held 6s');
    expect(after(held, toLed(itemOf(held), DESK, 'tempo'))).toBe('Seated cat: 6 reps');
  });

  test('a count in all goes with turns alone', () => {
    const line = 'Seated march: 10 reps';
    const inAll = 'Seated march: 10 reps in all';
    expect(after(line, toInAll(itemOf(line), DESK, true))).toBe(inAll);
    expect(after(inAll, toSides(itemOf(inAll), moveOf(inAll), 'each'))).toBe(
      'Seated march: 10 reps, each side',
    );
  });
});
