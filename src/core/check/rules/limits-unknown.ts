import type { Rule } from '../finding';

/** Nobody's limits are taken for none: they are asked, or checked by the first row of the table. */
export const limitsUnknown: Rule = {
  severity: 'caution',
  source: 'practice',
  values: {},
  find: ({ routine, older, group }) => {
    const people = group?.people ?? [];
    const unknown = people.filter(({ limits }) => !limits).map(({ name }) => name);
    if (unknown.length > 0) return [{ about: { people: unknown } }];
    return older && people.length === 0 && !routine.limits ? [{}] : [];
  },
};
