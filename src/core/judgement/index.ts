export { checkRoutine, mendOf, mendsOf } from './check/check';
export type { FindingPlace, PlacedFinding, RuleFinding } from './check/reasons';
export {
  RULE_SOURCES,
  type About,
  type Finding,
  type Named,
  type Numbers,
  type Rule,
  type RuleSource,
  type Severity,
} from './check/finding';
export { fitSafely, type SafeFitting } from './check/guarded';
export { RULES, RULE_IDS, type FindingOf, type RuleId } from './check/table';
export type { FitChange } from './fit/changes';
export { fitRoutine } from './fit/fit';
export type { LengthPart } from './fit/reach';
export type { OrderRule } from './order/broken';
export {
  MISSING,
  tonight,
  type Missing,
  type Tonight,
  type TonightAsked,
  type TonightStep,
} from './tonight/tonight';
export { orderRoutine, type OrderCost, type Ordering } from './order/order';
