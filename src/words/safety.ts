export {
  AFTER_A_FALL,
  ASK_FIRST,
  EASY_BREATH,
  NOTHING_FOUND,
  SEEN,
  STOP_SIGNS,
  STOP_SIGNS_TITLE,
} from './en/safety';
