import { GROUP_ALONE } from '@/core/people';
import { countingIds } from '@/core/common';
import { applyChange, itemsInOrder } from '@/core/routine';
import { plainPhrases as phrases, routineOf } from '@/core/testing';
import { checkPlaces, mendsOf } from './check';

const wish = { part: GROUP_ALONE, phrases };

describe('what own words ask', () => {
  const routine = routineOf(
    'group: older\nlimits: osteoporosis\nSeated cat: 6 reps, cue "Jump up"',
  );
  const [found] = checkPlaces(routine, wish).filter(({ id }) => id === 'own-words-ask');

  test('it can be written into the line, and the checks speak of it then', () => {
    if (!found) throw new Error('not found');
    const [mend] = mendsOf(routine, found, { ...wish, newId: countingIds('n') });
    if (!mend) throw new Error('no mend');
    const after = applyChange(routine, mend);
    expect(itemsInOrder(after)[0]?.asks).toEqual(['impact']);
    const then = checkPlaces(after, wish);
    expect(then.some(({ id }) => id === 'own-words-ask')).toBe(false);
    expect(
      then.some(({ id, about }) => id === 'limit-load' && about.loads?.includes('impact')),
    ).toBe(true);
  });

  test('who does another move is not asked for it', () => {
    const text =
      'group: older\nlanes: stand, chair\nlimits: osteoporosis\nHeel-lift jog: for 20s, asks eyes-closed\n  or chair: Seated march';
    const lanes = checkPlaces(routineOf(text), wish)
      .filter(({ about }) => about.loads?.includes('eyes-closed'))
      .flatMap(({ about }) => about.lanes ?? []);
    expect(lanes).not.toContain('chair');
  });
});

describe('doses of the second edition', () => {
  const idsOf = (text: string) => checkPlaces(routineOf(text), wish).map(({ id }) => id);

  test('a breath that waits three seconds is held, one that waits two is not', () => {
    const with_ = (breath: string) =>
      checkPlaces(
        routineOf(`group: older\nlimits: blood pressure\nSeated easy breath: 5 breaths ${breath}`),
        wish,
      ).some(({ about }) => about.loads?.includes('breath-hold'));
    expect(with_('4/3/6')).toBe(true);
    expect(with_('4/2/6')).toBe(false);
  });

  test('both ends of a span are held against the range', () => {
    expect(idsOf('Seated cat: 6-10 reps, tempo 2-1-2')).not.toContain('dose-range');
    expect(idsOf('Seated cat: 6-40 reps, tempo 2-1-2')).toContain('dose-range');
    expect(idsOf('Seated cat: 6 reps x1-9, tempo 2-1-2')).toContain('dose-range');
  });

  test('effort that is held in a rep is held', () => {
    const text = (held: string) =>
      `group: older\nlimits: blood pressure\nBridge: 6 reps${held}, level small`;
    expect(idsOf(text(', held 15s'))).toContain('hold-strain');
    expect(idsOf(text(', held 3s'))).not.toContain('hold-strain');
  });

  test('every line of a choice is looked at', () => {
    const text =
      'group: older\nlimits: osteoporosis\n(choose 1)\n  Seated cat: 6 reps\n  Small curl-up: 8 reps';
    const routine = routineOf(text);
    const curl = itemsInOrder(routine)[1];
    expect(checkPlaces(routine, wish).some(({ itemId }) => itemId === curl?.id)).toBe(true);
    const slots = idsOf(`slot: 9:00\n${text}`).filter((id) => id === 'slot');
    expect(slots.length).toBeLessThanOrEqual(1);
  });
});
