import type { Need } from '@/core/class';

type Thing = Need['thing'];

/** Names that take more than an s for several. */
const SEVERAL: Readonly<Partial<Record<Thing, string>>> = {
  bed: 'beds',
  couch: 'couches',
  'low step': 'low steps',
};

/** "a chair each", "8 chairs", "a wall": one thing that the room needs. */
function needWords({ thing, count, each }: Need): string {
  const one = `${/^[aeiou]/u.test(thing) ? 'an' : 'a'} ${thing}`;
  const many = count === 'one' || count === 1 ? one : `${count} ${SEVERAL[thing] ?? `${thing}s`}`;
  return each ? `${many} each` : many;
}

/** All that is to be carried in or looked for; a room that needs nothing says so. */
export function roomNeedsWords(needs: readonly Need[]): string {
  const words = needs.map(needWords);
  const last = words.pop();
  if (last === undefined) return 'nothing but the room';
  return words.length > 0 ? `${words.join(', ')} and ${last}` : last;
}
