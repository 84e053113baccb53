import type { Seen } from '../check/seen';
import { balanceAfterTiring } from '../check/rules/balance-tired';
import { RULES } from '../check/table';
import { lateBuildUps } from './teaches';

/** The order rules, by the checks that hold them. */
export const ORDER_RULES = [
  'balance-tired',
  'cold-hold',
  'balance-after-rise',
  'late-build-up',
] as const;
export type OrderRule = (typeof ORDER_RULES)[number];

export type Broken = Readonly<Record<OrderRule, number>>;

/** How often each order rule is broken: once for each item, or for each build-up. */
export function brokenIn(seen: Seen): Broken {
  return {
    'balance-tired': balanceAfterTiring(seen),
    'cold-hold': RULES['cold-hold'].find(seen).length,
    'balance-after-rise': RULES['balance-after-rise'].find(seen).length,
    'late-build-up': lateBuildUps(seen.routine).length,
  };
}

export function brokenCount(broken: Broken): number {
  return ORDER_RULES.reduce((sum, rule) => sum + broken[rule], 0);
}
