export { ORDER_RULES, brokenIn, type Broken, type OrderRule } from './broken';
export {
  EXACT_UNITS,
  brokenRules,
  movingMs,
  orderRoutine,
  type OrderCost,
  type OrderWish,
  type Ordering,
} from './order';
