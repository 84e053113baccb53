import { PROP_NAMES, PROPS, type PropName } from '@/core/moves';

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
  'wheelchair',
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
