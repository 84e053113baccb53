import { laneNamed, laneSaid } from '@/core/people';
import { reading, routineOf } from '@/core/testing';
import { changeHeader } from '../edit/edits';
import { applyChange, reversed } from '../edit/change';
import { itemsInOrder, routineSchema } from '../schema';
import { writeRoutineText } from './write';

const TEXT = [
  'group: older',
  'lanes: bed, bed as lighter',
  'Bridge: 6 reps, level full, level small in lighter',
  '  or lighter: Pelvic tilt, 6 reps',
].join('\n');

describe('two ways of taking part at one place', () => {
  test('are read by their words and written so', () => {
    const routine = routineOf(TEXT);
    expect(routine.lanes).toEqual(['bed', 'bed as lighter']);
    const [item] = itemsInOrder(routine);
    expect(Object.keys(item?.laneLevels ?? {})).toEqual(['bed as lighter']);
    expect(item?.options?.[0]?.lane).toBe('bed as lighter');
    const written = writeRoutineText(routine);
    expect(written).toContain('lanes: bed, bed as lighter');
    expect(written).toContain('level small in lighter');
    expect(written).toContain('or lighter: Pelvic tilt');
    expect(routineOf(written)).toEqual(routine);
  });

  test('a word that no lane of the routine has is a problem that offers those it has', () => {
    const [problem] = reading(TEXT.replace('in lighter', 'in lightest')).problems;
    expect(problem).toMatchObject({ code: 'unknown-lane', read: 'lightest' });
    expect(problem?.could).toEqual(expect.arrayContaining(['lighter', 'bed']));
  });

  test.each(['bed as stand', 'bed as', 'moon as lighter', 'bed as lighter still', 'bed as l'])(
    '“%s” is no way of taking part',
    (lane) => {
      expect(laneNamed(lane)).toBeUndefined();
      expect(reading(`lanes: chair, ${lane}\nSeated cat`).problems[0]).toMatchObject({
        code: 'unknown-lane',
      });
    },
  );

  test('two under one word are a problem, never one lost in silence', () => {
    const said = reading('lanes: bed as lighter, chair as lighter\nSeated cat');
    expect(said.problems).toMatchObject([{ code: 'unknown-lane', read: 'chair as lighter' }]);
    const lanes = ['bed as lighter', 'chair as lighter'];
    expect(routineSchema.safeParse({ ...routineOf(TEXT), lanes }).success).toBe(false);
  });

  test('with its lane goes what lines say of it, and comes back with one undo', () => {
    const routine = routineOf(TEXT);
    const change = changeHeader(routine, { lanes: ['bed'] });
    const without = applyChange(routine, change);
    expect(routineSchema.safeParse(without).success).toBe(true);
    expect(writeRoutineText(without)).not.toContain('lighter');
    expect(applyChange(without, reversed(change))).toEqual(routine);
  });

  test('a plain way is its own word', () => {
    expect(laneSaid('stand-held')).toBe('stand-held');
    expect(laneSaid('stand as taller')).toBe('taller');
  });
});
