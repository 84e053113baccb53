export { routineArbitrary, wordsArbitrary } from './arbitraries';
export { edited } from './edited';
export { plainPhrases, reading, routineOf } from './read';
export { levelId, ownLike, shipped } from './own-moves';
export { CHECK_CASES, type CheckCase } from './check-cases';
export { GOOD_ROUTINES } from './good-routines';
