export { MOVE_FAULT_CODES, draftProblemSentence, moveFaultSentence } from './en/move-faults';
