export {
  checkRoutine,
  checkSeen,
  mendOf,
  newFindings,
  spoiltBy,
  type CheckWish,
  type RuleFinding,
} from './check';
export {
  RULE_SOURCES,
  SEVERITIES,
  type Finding,
  type Rule,
  type RuleSource,
  type Severity,
} from './finding';
export { fitSafely, type SafeFitting } from './guarded';
export { AFTER_RISE_MS } from './rules/balance-after-rise';
export { TIRING_MS } from './rules/balance-tired';
export { laneBars, playWorkMs, seeRoutine, type Group, type Seen } from './seen';
export { UPRIGHT, headLowIn, trackRises, type Lowness } from './rises';
export { COLD_HOLD, isMovement } from './warmth';
export { RULES, RULE_IDS, type RuleId } from './table';
