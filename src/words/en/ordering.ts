import { withCapital } from '@/core/common';
import type { Ordering, OrderCost, OrderRule } from '@/core/judgement';
import { timeWords } from './dose';
import { listWords } from './findings';

const RULES: Readonly<Record<OrderRule, string>> = {
  'balance-tired': 'balance comes before tiring leg work',
  'cold-hold': 'long holds come after movement',
  'balance-after-rise': 'balance waits after rising',
  'late-build-up': 'the build-up comes before what it teaches',
};

const PARTS = [
  ['transferMs', 'of transfers'],
  ['risingMs', 'of pauses on rising'],
  ['propMs', 'of prop changes'],
] as const satisfies readonly (readonly [keyof OrderCost, string])[];

/** What another order saves, in numbers: "Saves 36 s of transfers. Now balance comes before …". */
export function orderingWhy({ change, before, after, exact, passedOverMs }: Ordering): string {
  if (passedOverMs !== undefined) {
    return `Another order saves ${timeWords(passedOverMs)}, which is not worth the change.`;
  }
  if (!change) {
    return exact
      ? 'No other order is better.'
      : 'No better order was found that makes nothing else worse.';
  }
  const savedMs = before.movingMs - after.movingMs;
  const parts = PARTS.map(([key, words]) => ({ ms: before[key] - after[key], words }));
  const saves = parts
    .filter(({ ms }) => ms > 0)
    .map(({ ms, words }) => `${timeWords(ms)} ${words}`);
  const costs = parts
    .filter(({ ms }) => ms < 0)
    .map(({ ms, words }) => `${timeWords(-ms)} ${words}`);
  const mended = (Object.keys(RULES) as OrderRule[])
    .filter((rule) => after.broken[rule] < before.broken[rule])
    .map((rule) => RULES[rule]);
  const time = [
    saves.length > 0 && `saves ${listWords(saves)}`,
    costs.length > 0 && `takes ${listWords(costs)} more`,
  ].filter(Boolean);
  return [
    before.brokenRules > after.brokenRules && mended.length > 0 && `Now ${listWords(mended)}.`,
    time.length > 0 && withCapital(`${time.join('; ')}.`),
    time.length > 1 && `In all ${timeWords(Math.abs(savedMs))} ${savedMs >= 0 ? 'less' : 'more'}.`,
  ]
    .filter(Boolean)
    .join(' ');
}
