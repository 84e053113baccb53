import type { Rule } from '../finding';
import { easierLevels, itemOf, standIns } from '../mend';

/** A level that the group is not to be asked for, in the lanes that do it. */
export const notForGroup: Rule<never, 'lanes' | 'moves'> = {
  severity: 'stop',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: ({ items, routine, lanes: all }) =>
    items.flatMap(({ item, lanes }) => {
      const own = lanes.filter(({ level }) => level.notFor?.includes(routine.group));
      const names = own.map(({ lane }) => lane);
      if (names.length === 0) return [];
      return [
        {
          itemId: item.id,
          lane: names.length === all.length && all.length > 1 ? null : (names[0] ?? null),
          about: {
            lanes: names,
            moves: [...new Set(own.map(({ move, level }) => `${move.name}, ${level.name}`))],
          },
        },
      ];
    }),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    return one ? [...easierLevels(seen, one, null), ...standIns(seen, one)] : [];
  },
};
