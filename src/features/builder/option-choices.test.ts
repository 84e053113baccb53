import { itemsInOrder } from '@/core/routine';
import { routineOf } from '@/core/testing';
import { movesInstead, placesFor, propsBesides } from './option-choices';

const first = (text: string) => {
  const routine = routineOf(text);
  const [item] = itemsInOrder(routine);
  if (!item) throw new Error(text);
  return [item, routine] as const;
};

describe('what the pickers offer', () => {
  test('moves of the family that the way can do as they are, and none where it has one', () => {
    const names = movesInstead(...first('lanes: stand, chair\nMarching: for 30s'), 'chair').map(
      ({ name }) => name,
    );
    expect(names).toEqual(['Seated march']);
    const taken = first('lanes: stand, chair\nMarching: for 30s\n  or chair: Seated march');
    expect(movesInstead(...taken, 'chair')).toEqual([]);
  });

  test('no seventh option', () => {
    const offered = ['Seated cat', 'Seated twist', 'Head turn', 'Seated march', 'Chin tuck'];
    const lines = offered.map((name) => `  or: ${name}`).join('\n');
    const five = first(`Seated side bend: hold 20s\n${lines}`);
    expect(movesInstead(...five, undefined).length).toBeGreaterThan(0);
    const six = first(`Seated side bend: hold 20s\n${lines}\n  or: Blade squeeze`);
    expect(movesInstead(...six, undefined)).toEqual([]);
  });

  test('places only where there are several; props that are there, by what stands in for them', () => {
    expect(placesFor(...first('Blade squeeze: 6 reps'))).toContain('floor-cross');
    expect(placesFor(...first('Sit to stand: 6 reps'))).toEqual([]);
    expect(propsBesides(...first('room: towel, pillow\nSeated twist: hold 20s'))).toEqual([
      'strap',
      'cushion',
    ]);
    expect(propsBesides(...first('room: towel\nSeated twist: hold 20s, prop strap'))).toEqual([]);
  });
});
