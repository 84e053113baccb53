import { itemInForce, itemsInOrder } from '@/core/routine';
import { routineOf } from '@/core/testing';
import { mendShort } from './findings';
import { countedWords } from './groups';
import { dayShown, momentShown, shortDayShown, timeShown } from './moments';
import { doseWords, plainDoseWords, roomNeedsWords } from './names';

const dose = (line: string, plain = false) => {
  const routine = routineOf(line);
  const [item] = itemsInOrder(routine);
  if (!item) throw new Error(line);
  return (plain ? plainDoseWords : doseWords)(itemInForce(item, routine));
};

describe('doses in words', () => {
  test.each([
    ['Sit to stand: 8 reps x2, rest 20s', '2 sets of 8 reps, out 2, pause 1, back 2, rest 20 s'],
    ['Seated cat: 6 reps, tempo 3-0-3', '6 reps, out 3, back 3'],
    ['Seated twist: hold 20s x3, rest 5s', 'hold 20 s, 3 times, rest 5 s · each side'],
    ['Seated hamstring reach: hold 60s, press 5s x3', 'hold 60 s · press 5 s, 3 times · each side'],
    ['Seated march: for 60s', 'for 60 s · by turns'],
    ['Head turn: 5 reps', '5 reps, out 2, pause 1, back 2 · each side, by turns'],
    ['Marching: 10 reps in all', '10 reps in all, out 2, pause 1, back 2 · by turns'],
  ])('%s', (line, expected) => {
    expect(dose(line)).toBe(expected);
  });

  test('what hangs on a wall has no seconds of a rep', () => {
    expect(dose('Sit to stand: 8 reps x2', true)).toMatch(/^2 sets of 8 reps/);
    expect(dose('Sit to stand: 8 reps x2', true)).not.toMatch(/out|back|pause/);
  });
});

test('what the room needs is said as a volunteer would carry it', () => {
  expect(roomNeedsWords([])).toBe('nothing but the room');
  expect(
    roomNeedsWords([
      { thing: 'chair', count: 9 },
      { thing: 'wall', count: 'one' },
      { thing: 'couch', count: 2 },
      { thing: 'band', count: 1, each: true },
    ]),
  ).toBe('9 chairs, a wall, 2 couches and a band each');
  expect(roomNeedsWords([{ thing: 'mat', count: 1 }])).toBe('a mat');
  expect(roomNeedsWords([{ thing: 'chair', count: 2, each: true }])).toBe('2 chairs each');
});

test('how often is counted', () => {
  expect(countedWords({ least: 5, most: 5, per: 'day' }, 3)).toBe('3 of 5 today');
  expect(countedWords({ least: 3, most: 5, per: 'week' }, 0)).toBe('0 of 3 to 5 this week');
});

test('a moment is shown as the clock on its wall had it, wherever it is read', () => {
  const shown = (at: string) => [momentShown(at), dayShown(at), shortDayShown(at), timeShown(at)];
  expect(shown('2026-03-05T10:30:00+11:00')).toEqual(shown('2026-03-05T10:30:00-09:00'));
  expect(timeShown('2026-03-05T10:30:00+11:00')).toBe(timeShown('10:30'));
  expect(momentShown('2026-03-05T10:30:00+11:00')).toContain('10:30');
  expect(dayShown('2026-03-05')).toContain('2026');
  expect(dayShown('no day')).toBe('');
});

test('a mend says what comes, and for whom', () => {
  const finding = { id: 'limit-load', numbers: {}, about: {} } as never;
  const level = [{ move: 'Seated march', level: 'heels only' }];
  expect(mendShort(finding, 'Seated march', level)).toBe('Seated march → heels only');
  expect(mendShort(finding, 'Seated march', level, { whose: 'In the chair' })).toBe(
    'Seated march → heels only (In the chair)',
  );
  expect(mendShort(finding, 'Seated march', [], { out: true })).toBe('Leave it out');
});
