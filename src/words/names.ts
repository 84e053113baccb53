export { DIRECTION_NAMES, LIMIT_NAMES, LOAD_NAMES, REGION_NAMES } from './en/bodies';
export {
  LANE_TITLES,
  GROUP_TITLES,
  POSITION_NAMES,
  POSITION_WAYS,
  SECTION_TITLES,
} from './en/names';
export { LANE_MEANS, laneTitle } from './en/lanes';
export { SCHOOL_MEANS, SCHOOL_TITLES } from './en/schools';
export {
  blockWords,
  doseWords,
  plainDoseWords,
  sectionHeadWords,
  throughoutWords,
  timeWords,
} from './en/dose';
export { roomNeedsWords } from './en/needs';
export { limbName, sideName, withSide } from './en/sides';
