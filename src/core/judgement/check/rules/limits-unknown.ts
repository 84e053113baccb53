import type { Found, Rule } from '../finding';

/** Nobody's limits are taken for none: they are asked, or checked by the first row of the table. */
export const limitsUnknown: Rule<never, 'people' | 'words'> = {
  severity: 'caution',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: ({ routine, older, part: { people } }): Found[] => {
    const unknown = people.filter(({ limits }) => !limits).map(({ name }) => name);
    const words = routine.limitsUnread ?? [];
    const notAsked = older && people.length === 0 && !routine.limits;
    return [
      ...(unknown.length > 0 ? [{ about: { people: unknown } }] : []),
      ...(words.length > 0 ? [{ about: { words } }] : notAsked ? [{}] : []),
    ];
  },
};
