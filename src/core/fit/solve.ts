/** One dose that an item could have: its time above the item's least, and how far it is from the wish. */
export interface Option {
  /** Whole seconds. */
  readonly time: number;
  /** A whole number, so that sums compare exactly. */
  readonly cost: number;
}

export interface Solution {
  /** Which option each item takes. */
  readonly chosen: readonly number[];
  readonly cost: number;
  /** What is left of the budget, in seconds. */
  readonly left: number;
}

/** So many of the nearest options are tried first; what they cost bounds the whole search. */
const NEAREST = 5;

/**
 * Takes one option for each item so that the costs are least and less than `slack` of the budget is
 * left. Of equal costs the one wins whose earlier items are nearer to their wish.
 * @param items at least one option each; times count from zero
 * @param budget whole seconds to be spent
 * @param slack whole seconds; what is left is below it
 * @returns undefined where no choice comes so near
 */
export function solve(
  items: readonly (readonly Option[])[],
  budget: number,
  slack: number,
): Solution | undefined {
  if (budget < 0) return undefined;
  const near = items.map((options) => nearest(options, NEAREST));
  const rough = search(items, near, budget, slack);
  const all = items.map((options) => options.map((_, i) => i));
  if (!rough) return search(items, all, budget, slack);
  const least = items.map((options) => Math.min(...options.map(({ cost }) => cost)));
  const floor = least.reduce((sum, cost) => sum + cost, 0);
  const worth = items.map((options, i) =>
    options.flatMap(({ cost }, at) => (cost <= rough.cost - (floor - (least[i] ?? 0)) ? [at] : [])),
  );
  return search(items, worth, budget, slack) ?? rough;
}

function nearest(options: readonly Option[], count: number): readonly number[] {
  return options
    .map(({ cost }, at) => ({ cost, at }))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, count)
    .map(({ at }) => at)
    .sort((a, b) => a - b);
}

/** Exact over the options that are let in, by dynamic programming from the last item to the first. */
function search(
  items: readonly (readonly Option[])[],
  letIn: readonly (readonly number[])[],
  budget: number,
  slack: number,
): Solution | undefined {
  const unit = commonUnit(items, letIn);
  const most = Math.floor(budget / unit);
  const odd = budget - most * unit;
  const restUnits = Math.floor((slack - 1 - odd) / unit);
  if (restUnits < 0) return undefined;
  const tables: Float64Array[] = [];
  const last = new Float64Array(most + 1).fill(Infinity);
  last.fill(0, 0, Math.min(most, restUnits) + 1);
  tables[items.length] = last;
  for (let i = items.length - 1; i >= 0; i--) {
    tables[i] = tableBefore(items[i] ?? [], letIn[i] ?? [], tables[i + 1] ?? last, unit);
  }
  const cost = tables[0]?.[most] ?? Infinity;
  if (cost === Infinity) return undefined;
  const chosen: number[] = [];
  let left = most;
  for (let i = 0; i < items.length; i++) {
    const at = bestAt(items[i] ?? [], letIn[i] ?? [], tables[i], tables[i + 1], left, unit);
    chosen.push(at);
    left -= (items[i]?.[at]?.time ?? 0) / unit;
  }
  return { chosen, cost, left: left * unit + odd };
}

function tableBefore(
  options: readonly Option[],
  letIn: readonly number[],
  after: Float64Array,
  unit: number,
): Float64Array {
  const table = new Float64Array(after.length).fill(Infinity);
  for (const at of letIn) {
    const option = options[at];
    if (!option) continue;
    const time = option.time / unit;
    const { cost } = option;
    for (let left = time; left < table.length; left++) {
      const sum = cost + (after[left - time] ?? Infinity);
      if (sum < (table[left] ?? Infinity)) table[left] = sum;
    }
  }
  return table;
}

/** The option of least cost of its own among those that lead to the least cost in all. */
function bestAt(
  options: readonly Option[],
  letIn: readonly number[],
  here: Float64Array | undefined,
  after: Float64Array | undefined,
  left: number,
  unit: number,
): number {
  let best = -1;
  for (const at of letIn) {
    const option = options[at];
    if (!option || option.time / unit > left) continue;
    if (option.cost + (after?.[left - option.time / unit] ?? Infinity) !== here?.[left]) continue;
    const known = options[best];
    const better =
      !known ||
      option.cost < known.cost ||
      (option.cost === known.cost && option.time > known.time);
    if (better) best = at;
  }
  return best;
}

/** The greatest number of seconds that divides every time. */
function commonUnit(
  items: readonly (readonly Option[])[],
  letIn: readonly (readonly number[])[],
): number {
  let unit = 0;
  items.forEach((options, i) => {
    for (const at of letIn[i] ?? []) unit = divisor(unit, options[at]?.time ?? 0);
  });
  return unit || 1;
}

function divisor(a: number, b: number): number {
  return b === 0 ? a : divisor(b, a % b);
}
