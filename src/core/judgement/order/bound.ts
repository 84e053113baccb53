/** How much it costs at the least to come from one unit of a section to another, by their numbers. */
export type Apart = (from: number, to: number) => number;

/**
 * By which units are left, the least that moving between them costs: whatever the order, it joins
 * them all, and nothing joins them for less than the cheapest tree does.
 * @param count up to 14 units
 */
export function leastJoining(count: number, apart: Apart): Float64Array {
  const either = (a: number, b: number) => Math.min(apart(a, b), apart(b, a));
  const { groupOf, groups } = together(count, either);
  const between = groups.map((own) =>
    groups.map((others) => Math.min(...own.flatMap((a) => others.map((b) => either(a, b))))),
  );
  const trees = Float64Array.from({ length: 1 << groups.length }, (_, of) => treeCost(of, between));
  const joining = new Float64Array(1 << count);
  for (let left = 1; left < joining.length; left++) {
    joining[left] = trees[groupsIn(left, groupOf)] ?? 0;
  }
  return joining;
}

/** Units between which nothing is paid count as one. */
function together(count: number, apart: Apart) {
  const groupOf = new Int32Array(count).fill(-1);
  const groups: number[][] = [];
  for (let unit = 0; unit < count; unit++) {
    if ((groupOf[unit] ?? 0) >= 0) continue;
    const group: number[] = [];
    const open = [unit];
    for (let one = open.pop(); one !== undefined; one = open.pop()) {
      if ((groupOf[one] ?? 0) >= 0) continue;
      groupOf[one] = groups.length;
      group.push(one);
      for (let other = 0; other < count; other++) if (apart(one, other) === 0) open.push(other);
    }
    groups.push(group);
  }
  return { groupOf, groups };
}

function groupsIn(units: number, groupOf: Int32Array): number {
  let groups = 0;
  for (let rest = units; rest > 0; rest &= rest - 1) {
    groups |= 1 << (groupOf[31 - Math.clz32(rest & -rest)] ?? 0);
  }
  return groups;
}

/** The cheapest tree over a set of groups, grown from one of them. */
function treeCost(of: number, between: readonly (readonly number[])[]): number {
  const members = between.map((_, group) => group).filter((group) => of & (1 << group));
  const [first] = members;
  if (first === undefined) return 0;
  const reach = new Map(members.map((group) => [group, between[first]?.[group] ?? 0]));
  reach.delete(first);
  let cost = 0;
  while (reach.size > 0) {
    const [next, price] = [...reach].reduce((least, one) => (one[1] < least[1] ? one : least));
    cost += price;
    reach.delete(next);
    for (const [group, known] of reach) {
      reach.set(group, Math.min(known, between[next]?.[group] ?? known));
    }
  }
  return cost;
}
