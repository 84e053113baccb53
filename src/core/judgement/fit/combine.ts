import type { Option } from './solve';

/** All sums of one option from each list, the least cost for each time. */
export interface Combined {
  /** From the shortest up. */
  readonly options: readonly Option[];
  /** Which option of each list a sum is made of. */
  readonly chosen: (at: number) => readonly number[];
}

/**
 * Every time that one option from each list can add up to, with its least cost.
 * @param most whole seconds; longer sums are left out
 */
export function combine(lists: readonly (readonly Option[])[], most: number): Combined {
  let costs = new Float64Array(most + 1).fill(Infinity);
  costs[0] = 0;
  const picks = lists.map((options) => {
    const next = new Float64Array(most + 1).fill(Infinity);
    const picked = new Int16Array(most + 1);
    options.forEach(({ time, cost }, at) => {
      for (let sum = time; sum <= most; sum++) {
        const whole = cost + (costs[sum - time] ?? Infinity);
        if (whole >= (next[sum] ?? Infinity)) continue;
        next[sum] = whole;
        picked[sum] = at;
      }
    });
    costs = next;
    return picked;
  });
  const options: Option[] = [];
  costs.forEach((cost, time) => cost < Infinity && options.push({ time, cost }));
  const chosen = (at: number) => {
    let left = options[at]?.time ?? 0;
    return picks
      .map((picked, i) => ({ at: picked, options: lists[i] ?? [] }))
      .toReversed()
      .map(({ at: picked, options: own }) => {
        const pick = picked[left] ?? 0;
        left -= own[pick]?.time ?? 0;
        return pick;
      })
      .toReversed();
  };
  return { options, chosen };
}
