import { changeItem } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { itemOf } from '../mend';
import type { Seen, SeenItem } from '../seen';

/** Words of breathing out and in, as people write them. */
const BREATH =
  /\b(?:(?<out>breathe? (?:it |all )?out|out-breath|exhal\w*|blow(?:ing)?(?: out)?|puff(?:ing)?|sigh(?:ing)?|let the (?:air|breath) (?:go|out))|(?<in>breathe? in|in-breath|inhal\w*|sip(?:ping)?(?: in)?|sniff(?:ing)?))\b/gi;
const MOTION =
  /\b(?:(?<round>round\w*|curl\w*|fold\w*|tuck\w*)|(?<open>arch\w*|lift\w*|lengthen\w*|open\w*|extend\w*|grow\w*|unroll\w*))\b/gi;

/** The breath that the routine's school gives a rounding back; null where it leaves it free. */
function schooled({ routine }: Seen): 'in' | 'out' | null {
  const school = routine.schools?.breath ?? 'out on rounding';
  return school === 'free' ? null : school === 'in on rounding' ? 'in' : 'out';
}

/** What a text says of the breath where the back rounds: the breath that stands nearest to it. */
function saidIn(text: string | undefined): 'in' | 'out' | undefined {
  if (!text) return undefined;
  const motions = [...text.matchAll(MOTION)];
  const near = (at: number) =>
    motions.toSorted((a, b) => Math.abs(a.index - at) - Math.abs(b.index - at))[0];
  const breaths = [...text.matchAll(BREATH)];
  const round = breaths.find((one) => near(one.index)?.groups?.round);
  const found = motions.length === 0 ? breaths[0] : round;
  return found && (found.groups?.out ? 'out' : 'in');
}

/** What an item's own words say of the breath, where its back rounds. */
function said({ item, inForce }: SeenItem): 'in' | 'out' | undefined {
  if (!inForce.move.breathOn || !inForce.move.spine.includes('flex')) return undefined;
  return saidIn(item.cue) ?? saidIn(item.setUp);
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
  // Own words are the instructor's: they are taken out, and never written anew.
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const { cue, setUp } = one.item;
    return [
      changeItem(seen.routine, one.item.id, {
        cue: saidIn(cue) === undefined ? cue : undefined,
        setUp: saidIn(setUp) === undefined ? setUp : undefined,
      }),
    ];
  },
};
