export { routineArbitrary, wordsArbitrary } from './arbitraries';
export { plainPhrases, reading, routineOf } from './read';
