import { changeItem } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { itemOf } from '../mend';
import type { Seen, SeenItem } from '../seen';

const BREATH_OUT = /\b(breathe? out|out-breath|exhal\w*)\b/i;
const BREATH_IN = /\b(breathe? in|in-breath|inhal\w*)\b/i;

/** The breath that the routine's school gives a rounding back; null where it leaves it free. */
function schooled({ routine }: Seen): 'in' | 'out' | null {
  const school = routine.schools?.breath ?? 'out on rounding';
  return school === 'free' ? null : school === 'in on rounding' ? 'in' : 'out';
}

/** What an item's own words say of the breath, where its back rounds. */
function said({ item, inForce }: SeenItem): 'in' | 'out' | undefined {
  if (!inForce.move.breathOn || !inForce.move.spine.includes('flex')) return undefined;
  const words = [item.cue, item.setUp].filter(Boolean).join(' ');
  const rounding = words.split(/[.;]|, then /i).find((part) => /round|curl|fold/i.test(part));
  const text = rounding ?? words;
  if (BREATH_OUT.test(text)) return 'out';
  return BREATH_IN.test(text) ? 'in' : undefined;
}

/** An own cue that says another breath than the routine's school. */
export const breathSchool: Rule<never, 'says' | 'school'> = {
  severity: 'note',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) => {
    const school = schooled(seen);
    return seen.items.flatMap((one): Found[] => {
      const breath = said(one);
      if (!breath || breath === school) return [];
      return [{ itemId: one.item.id, about: { says: [breath], school: [school ?? 'free'] } }];
    });
  },
  mends: (seen, finding, { phrases }) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { item } = one;
    const school = schooled(seen);
    const turned = (text: string | undefined) =>
      school && text?.replace(school === 'in' ? BREATH_OUT : BREATH_IN, phrases.breathe(school));
    return [
      ...(school
        ? [
            changeItem(seen.routine, item.id, {
              cue: turned(item.cue) ?? undefined,
              setUp: turned(item.setUp) ?? undefined,
            }),
          ]
        : []),
      changeItem(seen.routine, item.id, { cue: undefined, setUp: undefined }),
    ];
  },
};
