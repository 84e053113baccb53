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
  if (!rough) return search(items, items.map(everyOne), budget, slack);
  const price = priceOf(items, budget, slack);
  const bound = dual(items, price, budget, slack);
  // An option so dear at this price can stand in no choice as good as the rough one.
  const spareCost = rough.cost - bound + ROUNDING;
  const worth = items.map((options) => {
    const least = leastPriced(options, price);
    return everyOne(options).filter((at) => priced(options[at], price) - least <= spareCost);
  });
  return search(items, worth, budget, slack) ?? rough;
}

/** Costs are whole numbers, so half of one settles what floating sums leave open. */
const ROUNDING = 0.5;
const PRICE_STEPS = 24;

function everyOne(options: readonly Option[]): readonly number[] {
  return options.map((_, at) => at);
}

function priced(option: Option | undefined, price: number): number {
  return option ? option.cost + price * option.time : Infinity;
}

function leastPriced(options: readonly Option[], price: number): number {
  let least = Infinity;
  for (const option of options) least = Math.min(least, priced(option, price));
  return least;
}

/** No choice that spends the budget costs less than this, whatever a second is priced at. */
function dual(
  items: readonly (readonly Option[])[],
  price: number,
  budget: number,
  slack: number,
): number {
  return items.reduce(
    (sum, options) => sum + leastPriced(options, price),
    -price * spentAt(price, budget, slack),
  );
}

/** What is spent where a second costs so much: where it earns, as little as may be left. */
function spentAt(price: number, budget: number, slack: number): number {
  return price > 0 ? budget : Math.max(0, budget - slack + 1);
}

/** The price of a second at which that bound is near its greatest; it has one peak. */
function priceOf(items: readonly (readonly Option[])[], budget: number, slack: number): number {
  let steepest = 1;
  for (const options of items) {
    for (let i = 1; i < options.length; i++) {
      const [before, option] = [options[i - 1], options[i]];
      if (!before || !option || option.time === before.time) continue;
      const slope = Math.abs((option.cost - before.cost) / (option.time - before.time));
      steepest = Math.max(steepest, slope);
    }
  }
  let [lo, hi] = [-steepest, steepest];
  for (let i = 0; i < PRICE_STEPS; i++) {
    const price = (lo + hi) / 2;
    let spent = 0;
    for (const options of items) spent += timeAt(options, price);
    if (spent > spentAt(price, budget, slack)) lo = price;
    else hi = price;
  }
  return (lo + hi) / 2;
}

/** The time of the option that is cheapest at a price. */
function timeAt(options: readonly Option[], price: number): number {
  let least = Infinity;
  let time = 0;
  for (const option of options) {
    const cost = option.cost + price * option.time;
    if (cost >= least) continue;
    least = cost;
    ({ time } = option);
  }
  return time;
}

function nearest(options: readonly Option[], count: number): readonly number[] {
  if (options.length <= count) return everyOne(options);
  const costs = Float64Array.from(options, ({ cost }) => cost).sort();
  const most = costs[count - 1] ?? Infinity;
  // Of several that cost as much, the first ones.
  let ties = count - costs.indexOf(most);
  return everyOne(options).filter((at) => {
    const cost = options[at]?.cost ?? Infinity;
    return cost < most || (cost === most && ties-- > 0);
  });
}

/** What could be left before an item, in units: only these matter, from `lo` to `hi`. */
interface Table {
  readonly lo: number;
  readonly costs: Float64Array;
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
  const spans = spansOf(items, letIn, unit, most, restUnits);
  if (!spans) return undefined;
  const tables: Table[] = [];
  for (let i = items.length; i >= 0; i--) {
    const [lo, hi] = spans[i] ?? [0, 0];
    const costs = new Float64Array(hi - lo + 1).fill(i === items.length ? 0 : Infinity);
    const after = tables[i + 1];
    if (after) weigh(costs, lo, items[i] ?? [], letIn[i] ?? [], after, unit);
    tables[i] = { lo, costs };
  }
  const cost = costAt(tables[0], most);
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

/**
 * Before each item, the least and the most that can be left: as much as the earlier ones leave,
 * and no more than the later ones and the rest can take. Undefined where nothing comes out.
 */
function spansOf(
  items: readonly (readonly Option[])[],
  letIn: readonly (readonly number[])[],
  unit: number,
  most: number,
  restUnits: number,
): readonly (readonly [lo: number, hi: number])[] | undefined {
  const times = items.map((options, i) => (letIn[i] ?? []).map((at) => options[at]?.time ?? 0));
  const least = times.map((own) => Math.min(...own) / unit);
  const greatest = times.map((own) => Math.max(...own) / unit);
  const spans: [number, number][] = [[most, most]];
  for (let i = 0; i < items.length; i++) {
    const [lo, hi] = spans[i] ?? [0, 0];
    spans.push([lo - (greatest[i] ?? 0), hi - (least[i] ?? 0)]);
  }
  let [needed, taken] = [0, restUnits];
  for (let i = items.length; i >= 0; i--) {
    const span = spans[i];
    if (i < items.length) {
      needed += least[i] ?? 0;
      taken += greatest[i] ?? 0;
    }
    if (!span) return undefined;
    span[0] = Math.max(span[0], needed);
    span[1] = Math.min(span[1], taken);
    if (span[0] > span[1]) return undefined;
  }
  return spans;
}

function weigh(
  costs: Float64Array,
  lo: number,
  options: readonly Option[],
  letIn: readonly number[],
  after: Table,
  unit: number,
): void {
  for (const at of letIn) {
    const option = options[at];
    if (!option) continue;
    const { cost } = option;
    // The place in the later table that this option leads to from place 0 of this one.
    const shift = lo - option.time / unit - after.lo;
    const from = Math.max(0, -shift);
    const to = Math.min(costs.length, after.costs.length - shift);
    for (let i = from; i < to; i++) {
      const sum = cost + (after.costs[i + shift] ?? Infinity);
      if (sum < (costs[i] ?? Infinity)) costs[i] = sum;
    }
  }
}

function costAt(table: Table | undefined, left: number): number {
  return table?.costs[left - table.lo] ?? Infinity;
}

/** The option of least cost of its own among those that lead to the least cost in all. */
function bestAt(
  options: readonly Option[],
  letIn: readonly number[],
  here: Table | undefined,
  after: Table | undefined,
  left: number,
  unit: number,
): number {
  let best = -1;
  for (const at of letIn) {
    const option = options[at];
    if (!option || option.time / unit > left) continue;
    const onward = costAt(after, left - option.time / unit);
    if (onward === Infinity || option.cost + onward !== costAt(here, left)) continue;
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
