export {
  checkRoutine,
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
export { fitSafely } from './guarded';
export { laneBars, type Group } from './seen';
export { RULES, RULE_IDS, type RuleId } from './table';
