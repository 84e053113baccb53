export { routineArbitrary, wordsArbitrary } from './arbitraries';
export { plainPhrases, reading, routineOf } from './read';
export { CHECK_CASES, type CheckCase } from './check-cases';
