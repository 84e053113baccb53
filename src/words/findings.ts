export {
  SEVERITY_NAMES,
  SOURCE_NAMES,
  findingWhat,
  findingWhy,
  hasMendWords,
  listWords,
  mendShort,
  mendWords,
  ruleName,
} from './en/findings';
export { orderingWhy } from './en/ordering';
export { RULE_FINDS } from './en/rules';
