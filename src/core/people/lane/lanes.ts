import { z } from 'zod';
import { POSITIONS, isSided, onSide, type PositionId, type PositionRef } from '@/core/body';
import type { Support } from '@/core/moves';

/** A way of taking part in a mixed room. */
export const LANE_NAMES = [
  'chair',
  'chair-rise',
  'stand-held',
  'stand',
  'floor',
  'floor-only',
  'bed',
  'couch',
  'walker',
  'wheelchair',
  'wheelchair-stands',
] as const;
export type PlainLane = (typeof LANE_NAMES)[number];

/** One of them, or a second way at the same place under a word of its own: `bed as lighter`. */
export type LaneName = PlainLane | `${PlainLane} as ${string}`;

/** A word that no plain way has, so that it can stand alone in a line. */
const OWN_WORD = /^[a-z](?:-?[a-z]){1,19}$/;

export const laneNameSchema = z.union([
  z.enum(LANE_NAMES),
  z.templateLiteral([z.enum(LANE_NAMES), ' as ', z.string().regex(OWN_WORD)]),
]);

/** The place and pace of life of a way of taking part, whatever it is called in a routine. */
export function plainLane(name: LaneName): PlainLane {
  return isPlainLane(name) ? name : (name.slice(0, name.indexOf(' as ')) as PlainLane);
}

/** What a lane is called in the lines of its routine: `lighter` for `bed as lighter`. */
export function laneSaid(name: LaneName): string {
  return name.split(' as ')[1] ?? name;
}

/** Reads `bed` or `bed as lighter`; undefined where it is neither, or the word is a plain way's own. */
export function laneNamed(text: string): LaneName | undefined {
  const read = laneNameSchema.safeParse(text.toLowerCase().trim().replace(/\s+/g, ' '));
  if (!read.success) return undefined;
  const said = laneSaid(read.data);
  return said !== read.data && isPlainLane(said) ? undefined : read.data;
}

/** The lane that a line means by a word: one of its routine's under that word, else a plain way. */
export function laneMeant(text: string, lanes: readonly LaneName[] = []): LaneName | undefined {
  const word = text.toLowerCase().trim();
  return lanes.find((one) => laneSaid(one) === word) ?? (isPlainLane(word) ? word : undefined);
}

/** What a line may call a lane in a routine with these. */
export function lanesSaid(lanes: readonly LaneName[] = []): readonly string[] {
  return [...new Set([...lanes.map(laneSaid), ...LANE_NAMES])];
}

const PLAIN: ReadonlySet<string> = new Set(LANE_NAMES);

function isPlainLane(word: string): word is PlainLane {
  return PLAIN.has(word);
}

export interface Lane {
  readonly allows: readonly PositionId[];
  /** Where it starts and ends, where that is not the pace's own place. */
  readonly home?: PositionId;
  /** Where a move's usual place is done elsewhere, such as a seated one in a wheelchair. */
  readonly instead?: Readonly<Partial<Record<PositionId, PositionId>>>;
  /** May stand up inside a move that rises from the seat. */
  readonly rises?: true;
  /** Stands only with something held. */
  readonly held?: Support;
}

const SEATED = ['sit-back', 'sit-front'] as const;
const HELD = ['stand-chair', 'stand-wall', 'stand-counter', 'stand-seat'] as const;
const ON_FLOOR = POSITIONS.filter(({ height }) => height <= 2).map(({ id }) => id);
const STANDING = [...SEATED, ...HELD, 'stand'] as const;
const IN_WHEELCHAIR = { 'sit-back': 'wheel-back', 'sit-front': 'wheel-front' } as const;

export const LANES: Readonly<Record<PlainLane, Lane>> = {
  chair: { allows: SEATED },
  'chair-rise': { allows: SEATED, rises: true },
  'stand-held': { allows: [...SEATED, ...HELD], rises: true, held: 'fingertips' },
  stand: { allows: STANDING, rises: true },
  floor: { allows: [...STANDING, ...ON_FLOOR], rises: true },
  'floor-only': { allows: ON_FLOOR, home: 'floor-sit' },
  bed: {
    allows: ['bed-edge', 'bed-side', 'bed-back', 'bed-front', 'stand'],
    home: 'bed-edge',
    instead: {
      'sit-front': 'bed-edge',
      'lying-back': 'bed-back',
      'lying-front': 'bed-front',
      'side-lying-left': 'bed-side',
      'side-lying-right': 'bed-side',
    },
  },
  couch: {
    allows: ['couch-sit', 'couch-side', 'couch-back', 'stand', 'stand-chair'],
    home: 'couch-sit',
    instead: {
      'sit-front': 'couch-sit',
      'lying-back': 'couch-back',
      'side-lying-left': 'couch-side',
      'side-lying-right': 'couch-side',
    },
  },
  walker: { allows: [...SEATED, 'stand-walker', 'stand-counter'] },
  wheelchair: { allows: ['wheel-back', 'wheel-front'], home: 'wheel-back', instead: IN_WHEELCHAIR },
  'wheelchair-stands': {
    allows: ['wheel-back', 'wheel-front', 'stand-rail'],
    home: 'wheel-back',
    instead: IN_WHEELCHAIR,
    held: 'two hands',
  },
};

/** Where a lane does what a move does at `ref`; undefined where it does not go there. */
export function placeInLane(
  name: LaneName,
  ref: PositionRef,
  side: 'left' | 'right' | null,
): PositionId | undefined {
  const lane = LANES[plainLane(name)];
  const own = onSide(ref, side);
  const there = lane.instead?.[own] ?? own;
  return lane.allows.includes(there) ? there : undefined;
}

/** Whether a lane goes to a position on any side. */
export function laneGoesTo(name: LaneName, ref: PositionRef): boolean {
  return isSided(ref)
    ? placeInLane(name, ref, 'left') !== undefined && placeInLane(name, ref, 'right') !== undefined
    : placeInLane(name, ref, null) !== undefined;
}

/** Where a lane starts: the place asked for where it goes there, else its own, else a seat. */
export function laneHome(name: LaneName, asked: PositionId): PositionId {
  const lane = LANES[plainLane(name)];
  const there = placeInLane(name, asked, null);
  if (there) return there;
  return lane.home ?? lane.allows.find((id) => id === 'sit-front') ?? lane.allows[0] ?? asked;
}
