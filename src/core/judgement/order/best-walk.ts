import { openOf, type Open } from './open';
import type { SearchSection, Ways } from './search';
import { mayFollow, onesIn } from './units';

/** A section's ways with the standings on them that a best order comes to. */
interface Marked extends Ways {
  readonly best: Open;
}

/** Told how many units from the start an order must differ in, goes on from there. */
export type OrderWalk = Generator<
  readonly (readonly number[])[],
  number | undefined,
  number | undefined
>;

interface Marks {
  readonly sections: readonly SearchSection[];
  readonly marked: readonly Marked[];
  /** How many standings there are, and one broken rule, as the ways count. */
  readonly width: number;
  readonly broken: number;
}

/** All best orders from a start, the nearest to the given one first, as far as they are asked for. */
export function bestWalk(
  search: Omit<Marks, 'marked'> & { readonly ways: readonly Ways[] },
  ends: (standing: number) => boolean,
  start: number,
): OrderWalk {
  const marks = { ...search, marked: markBest(search, ends) };
  return walkFrom(marks, 0, start, 0, []);
}

/**
 * Goes back from the best ends by what was spent: a standing is on a best order where it leads to
 * one that is, and that one was not come to for less by another way.
 */
function markBest(
  { sections, ways, width, broken }: Parameters<typeof bestWalk>[0],
  ends: (standing: number) => boolean,
): readonly Marked[] {
  const marked: Marked[] = [];
  let isEnd = ends;
  for (let s = sections.length - 1; s >= 0; s--) {
    const [section, own] = [sections[s], ways[s]];
    if (!section || !own) continue;
    const best = markSection(section, own, width, broken, isEnd);
    marked.unshift({ ...own, best });
    isEnd = (standing) => best.has(0, standing);
  }
  return marked;
}

function markSection(
  { units }: SearchSection,
  { to, cost, spent, open, brokenAt }: Ways,
  width: number,
  broken: number,
  isEnd: (standing: number) => boolean,
): Open {
  const count = units.length;
  const all = (1 << count) - 1;
  const best = openOf(all + 1, width);
  const list = new Int32Array(width);
  const before = new Int32Array(width);
  const last = open.list(all, list);
  for (let i = 0; i < last; i++) {
    const standing = list[i] as number;
    if (isEnd(standing)) best.add(all, standing);
  }
  for (let done = all; done > 0; done--) {
    const marked = best.list(done, list);
    if (marked === 0) continue;
    const place = onesIn(done) - 1;
    for (let rest = done; rest !== 0; rest &= rest - 1) {
      const unit = 31 - Math.clz32(rest & -rest);
      if (!mayFollow(units, place, unit)) continue;
      const earlier = done ^ (1 << unit);
      const price = (brokenAt[earlier * count + unit] as number) * broken;
      const opened = open.list(earlier, before);
      for (let i = 0; i < opened; i++) {
        const standing = before[i] as number;
        const then = to[unit * width + standing] as number;
        const sum =
          (spent[earlier * width + standing] as number) +
          (cost[unit * width + standing] as number) +
          price;
        if (sum === spent[done * width + then] && best.has(done, then)) best.add(earlier, standing);
      }
    }
  }
  return best;
}

/** Walks along the marks, earlier units of the given order first. */
function* walkFrom(
  marks: Marks,
  s: number,
  standing: number,
  done: number,
  orders: readonly (readonly number[])[],
): OrderWalk {
  const { sections, marked, width, broken } = marks;
  const [section, own] = [sections[s], marked[s]];
  if (!section || !own) return yield orders;
  const { units } = section;
  if (done === (1 << units.length) - 1) {
    const next = orders.length === s + 1 ? orders : [...orders, []];
    return yield* walkFrom(marks, s + 1, standing, 0, next);
  }
  const order = orders[s] ?? [];
  const placed = orders.reduce((sum, { length }) => sum + length, 0);
  for (let unit = 0; unit < units.length; unit++) {
    if (done & (1 << unit) || !mayFollow(units, order.length, unit)) continue;
    const at = unit * width + standing;
    const [next, to] = [done | (1 << unit), own.to[at] ?? 0];
    const price = (own.brokenAt[done * units.length + unit] ?? 0) * broken;
    const sum = (own.spent[done * width + standing] ?? 0) + (own.cost[at] ?? 0) + price;
    if (sum !== own.spent[next * width + to] || !own.best.has(next, to)) continue;
    const longer = [...orders.slice(0, s), [...order, unit]];
    const differ = yield* walkFrom(marks, s, to, next, longer);
    if (differ !== undefined && differ < placed) return differ;
  }
  return undefined;
}
