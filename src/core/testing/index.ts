export { routineArbitrary, wordsArbitrary } from './arbitraries';
export { plainPhrases, reading, routineOf } from './read';
export { ownLike, shipped } from './own-moves';
export { CHECK_CASES, type CheckCase } from './check-cases';
