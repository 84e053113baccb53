export { AFTER_A_FALL, ASK_FIRST, NOTHING_FOUND, STOP_SIGNS } from './en/safety';
