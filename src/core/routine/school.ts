import { PROP_NAMES, PROPS, type PropName } from '../catalog';

/** Questions on which instructors disagree, with the schools that are supported. */
export const SCHOOLS = {
  hold: ['short', 'intervals', 'steady', 'long', 'breaths'],
  count: ['reps', 'seconds', 'breaths'],
  sides: ['one then other', 'each rep', 'sequence'],
  curl: ['small range', 'never'],
  bend: ['long spine', 'relaxed'],
  breath: ['out on rounding', 'in on rounding', 'free'],
  strength: ['mild', 'strong'],
  balance: ['hands first', 'free'],
  often: ['daily', 'rest days', 'hourly'],
  chair: ['front', 'back'],
  grip: ['bare feet', 'flat shoes'],
} as const;
export type SchoolQuestion = keyof typeof SCHOOLS;
export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as SchoolQuestion[];

/** What may be in the room; props by their own names besides. */
export const ROOM_THINGS = [
  'chair',
  'chair with arms',
  'chair without wheels',
  'chair with wheels',
  'wall',
  'counter',
  'mat',
  'bed',
  'couch',
  'rail',
  'walker',
  'smooth floor',
] as const;
export type RoomThing = (typeof ROOM_THINGS)[number];

/** All that can be in a room: its things, the props, and what stands in for a prop. */
const STAND_INS = PROP_NAMES.flatMap((prop): readonly string[] => PROPS[prop]);
export type InRoom = RoomThing | PropName | (typeof PROPS)[PropName][number];
export const IN_ROOM = [
  ...new Set<string>([...ROOM_THINGS, ...PROP_NAMES, ...STAND_INS]),
] as InRoom[];
export const MOST_OF_A_THING = 200;
