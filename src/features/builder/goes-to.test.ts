import { countingIds, itemIdSchema, routineIdSchema } from '@/core/common';
import { itemsInOrder, readRoutineText } from '@/core/routine';
import { readAdding } from './adding';
import { placeBefore, placeForNew, staying, usualPlace, type GoesTo } from './goes-to';

const TO_MAIN: GoesTo = { section: 'main' };

const { routine } = readRoutineText(
  'group: older\n\n[warm-up]\nMarching\n\n[main]\nHeel raises\nSeated cat',
  {
    id: routineIdSchema.parse('r'),
    newId: countingIds('i'),
    untitled: 'x',
  },
);
const [march, raises] = itemsInOrder(routine);

describe('where a new line goes', () => {
  test('an empty routine fills its warm-up first; what has rows goes on in main', () => {
    expect(usualPlace({ ...routine, sections: { 'warm-up': [], main: [], settle: [] } })).toEqual({
      section: 'warm-up',
    });
    expect(usualPlace(routine)).toEqual(TO_MAIN);
  });

  test('behind the row it is to follow, else to the end of its section', () => {
    if (!march || !raises) throw new Error('no rows');
    expect(placeForNew(routine, { after: march.id })).toEqual({ section: 'warm-up', at: 1 });
    expect(placeForNew(routine, { after: raises.id })).toEqual({ section: 'main', at: 1 });
    expect(placeForNew(routine, TO_MAIN)).toEqual({ section: 'main', at: 2 });
    const gone = { after: itemIdSchema.parse('gone') };
    expect(placeForNew(routine, gone)).toEqual({ section: 'main', at: 2 });
  });

  test('carrying a row does not take the place for lines with it', () => {
    if (!march || !raises) throw new Error('no rows');
    const cat = itemsInOrder(routine)[2];
    if (!cat) throw new Error('no cat');
    expect(staying(routine, { after: cat.id }, [cat.id])).toEqual({ after: raises.id });
    expect(staying(routine, { after: cat.id }, [raises.id, cat.id])).toEqual({ section: 'main' });
    expect(staying(routine, { after: march.id }, [march.id])).toEqual({ section: 'warm-up' });
  });

  test('people are where the line before has left them', () => {
    expect(placeBefore(routine, { section: 'main', at: 1 })).toMatch(/^stand/);
    expect(placeBefore(routine, { section: 'main', at: 2 })).toMatch(/^sit/);
    expect(placeBefore(routine, { section: 'settle', at: 0 })).toBeUndefined();
  });

  test('a line may name its section itself', () => {
    expect(readAdding('settle', routine, TO_MAIN)).toMatchObject({
      turnsTo: true,
      goesTo: { section: 'settle' },
    });
    const adding = readAdding('warm-up: 10 shoulder rolls', routine, TO_MAIN);
    expect(adding).toMatchObject({
      turnsTo: false,
      place: { section: 'warm-up', at: 1 },
      strict: 'Shoulder rolls: 10 reps',
    });
  });

  test('ten items take sixty keys at most, Enter included', () => {
    const keys = [
      'march',
      'shrug',
      'clam',
      'plank',
      'bridge',
      'open',
      'bird',
      'crun',
      'chin t',
      'hams',
    ];
    expect(keys).toHaveLength(10);
    let presses = 0;
    const taken = keys.map((words) => {
      const adding = readAdding(words, routine, TO_MAIN);
      // Where it is not sure yet, the arrow takes the first that begins so.
      presses += words.length + 1 + (adding.entry ? 0 : 1);
      return adding.entry ? adding.strict : (adding.others[0]?.text ?? '');
    });
    expect(presses).toBeLessThanOrEqual(60);
    expect(taken.map((text) => text.split(':')[0])).toEqual([
      'Marching',
      'Shoulder slides up and down',
      'Clamshell',
      'Plank',
      'Bridge',
      'Open book',
      'Bird dog',
      'Small curl-up',
      'Chin tuck',
      'Seated hamstring reach',
    ]);
  });
});
