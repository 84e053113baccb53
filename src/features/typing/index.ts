export { useKeptTyping } from './use-kept-typing';
export { SidedField } from './sided-field';
export { sidedShown } from './sided';
