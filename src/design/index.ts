export { Choices } from './choices';
export { Field, FieldWithProblem } from './field';
export { Icon, type IconName } from './icons';
export { Screen } from './screen';
export { Target } from './target';
export { Toggle } from './toggle';
export { darkTheme, lightTheme, useTokens, type AppTheme } from './theme';
export { SANS, SERIF, TARGET, WIDE, type Tokens } from './tokens';
