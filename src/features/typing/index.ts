export { useKeptTyping } from './use-kept-typing';
