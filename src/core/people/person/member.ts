import { z } from 'zod';
import {
  daysAfter,
  groupIdSchema,
  levelIdSchema,
  moveIdSchema,
  oneLineSchema,
  type MigrationStep,
  textSchema,
  personIdSchema,
} from '@/core/common';
import { LANE_NAMES, type LaneName } from '../lane/lanes';
import { ownLimitSchema } from '../limit/schema';
import { LIMITS } from '../limit/names';
import { nearestWay } from '../lane/nearest';
import { holdsOn } from './in-force';
import { usualWay } from './taking-part';
import { LADDER_SCHOOLS } from '../balance/rungs';
import { lapseOf } from './clearance';
import { EVENTS, clearanceSchema, rungSchema, type Person } from './schema';

export const MEMBER_VERSION = 5;

export const MEMBER_MIGRATIONS: readonly MigrationStep[] = [
  { from: 1, what: 'events can be dealt with', apply: (member) => member },
  { from: 2, what: 'limits can be of one day', apply: (member) => member },
  {
    from: 3,
    what: 'earlier doses and orders of getting harder are kept with their days',
    apply: (member) => member,
  },
  { from: 4, what: 'what a doctor said besides can be kept', apply: (member) => member },
];

export const SEATS = ['chair', 'chair with arms', 'wheelchair', 'stool', 'bed', 'couch'] as const;
export type Seat = (typeof SEATS)[number];

export const AIDS = [
  'stick',
  'two sticks',
  'crutches',
  'walker',
  'hearing aid',
  'glasses',
  'oxygen',
] as const;
export type Aid = (typeof AIDS)[number];

/** Nobody is older than this, and nobody younger takes part. */
export const AGES = { least: 14, most: 115 } as const;

const MOST_NOTE = 1000;
const MOST_TOLD = 300;
const day = z.iso.date();

export type OwnLimit = Readonly<z.infer<typeof ownLimitSchema>>;

/** Where somebody stands on the ladder of one family of drills, as it was set by hand. */
const placedSchema = z.strictObject({
  on: day,
  rung: rungSchema,
  /** Why it was set; empty for the first. */
  why: textSchema(300),
});
export type Placed = Readonly<z.infer<typeof placedSchema>>;

const ladderSchema = z.strictObject({
  /** In which order it gets harder now. */
  school: z.enum(LADDER_SCHOOLS),
  /** In which it did before: each up to and with a day, the earliest first. */
  earlier: z
    .array(z.strictObject({ until: day, school: z.enum(LADDER_SCHOOLS) }))
    .max(100)
    .optional(),
  placed: z.array(placedSchema).min(1).max(200),
});
export type Ladder = Readonly<z.infer<typeof ladderSchema>>;

/** The order of getting harder by which a class of that day is judged. */
export const schoolOn = ({ school, earlier = [] }: Ladder, on: string): Ladder['school'] =>
  earlier.find(({ until }) => on <= until)?.school ?? school;

/** What somebody does of a move, where that is not what the routine says: a level, an amount, sets. */
const doseSettingSchema = z.strictObject({
  on: day,
  level: levelIdSchema.optional(),
  /** Reps, breaths or milliseconds. */
  amount: z.number().int().min(1).max(3_600_000).optional(),
  sets: z.number().int().min(1).max(10).optional(),
});
const ownDoseSchema = doseSettingSchema.extend({
  /** What it was before, the earliest first: what was decided on a day is read with the dose of that day. */
  before: z.array(doseSettingSchema).max(200).optional(),
});
export type OwnDose = Readonly<z.infer<typeof ownDoseSchema>>;

/** Somebody who takes part, as they are kept. */
export const memberSchema = z.strictObject({
  id: personIdSchema,
  /** A name or initials, as the instructor knows them. */
  name: oneLineSchema(80).min(1),
  /** For the published counts only. */
  bornIn: z.number().int().min(1900).max(2100).optional(),
  sex: z.enum(['woman', 'man']).optional(),
  groups: z.array(groupIdSchema).max(20),
  lane: z.enum(LANE_NAMES).optional(),
  /** What is different today, for that day alone. */
  today: z
    .strictObject({
      on: day,
      lane: z.enum(LANE_NAMES).optional(),
      /** What they have on that day besides. */
      limits: z
        .array(ownLimitSchema)
        .max(2 * LIMITS.length)
        .optional(),
    })
    .optional(),
  seat: z.enum(SEATS).optional(),
  aids: z.array(z.enum(AIDS)).max(AIDS.length).optional(),
  /** Left out: never asked. Empty: asked, and none. */
  limits: z
    .array(ownLimitSchema)
    .max(2 * LIMITS.length)
    .optional(),
  /** When the questions were asked, and when they are asked again. */
  asked: z.strictObject({ on: day, again: day.optional() }).optional(),
  /** What else a doctor told them not to do, in their words; nobody has made a limit of it yet. */
  told: textSchema(MOST_TOLD).optional(),
  clearances: z.array(clearanceSchema).max(20).optional(),
  events: z
    .array(
      z.strictObject({
        what: z.enum(EVENTS),
        on: day,
        /** When somebody had asked about it, and settled what follows. */
        dealtOn: day.optional(),
      }),
    )
    .max(100)
    .optional(),
  /** What they do of a move for themselves, by move. */
  doses: z.record(moveIdSchema, ownDoseSchema).optional(),
  /** By family of balance drills. */
  ladders: z.record(z.string().max(40), ladderSchema).optional(),
  /** When they agreed that this is kept about them. */
  agreedOn: day.optional(),
  notes: textSchema(MOST_NOTE).optional(),
});
export type Member = Readonly<z.infer<typeof memberSchema>>;

/**
 * Somebody as checks, score and fit see them on a day.
 * @param rung where they stand on the ladder by then; left out where they are on none
 * @param unknownIsStrict whether their group is checked by the first row where nobody asked
 */
export function partakerOf(
  member: Member,
  on: string,
  { rung, unknownIsStrict = false }: { rung?: Person['rung']; unknownIsStrict?: boolean } = {},
): Person {
  const { name, today, limits, clearances, events } = member;
  const now = today?.on === on ? today : undefined;
  const lanes: LaneName | undefined = now?.lane ?? wayOfMember(member);
  return {
    name,
    ...(lanes && { lane: lanes }),
    ...(limits && { limits: [...limits] }),
    ...(now?.limits && { limitsToday: [...now.limits] }),
    ...(clearances && { clearances }),
    ...(member.told && { told: member.told }),
    ...(events && { events: [...events] }),
    ...(member.asked && { askedOn: member.asked.on }),
    ...(rung && { rung }),
    ...(unknownIsStrict && { unknownIsStrict }),
  };
}

/** Letters that stand for a name wherever others may read along. */
export function initialsOf(name: string): string {
  const words = name.split(/[\s-]+/u).filter(Boolean);
  return words
    .map((word) => [...word][0]?.toUpperCase() ?? '')
    .join('')
    .slice(0, 4);
}

/** How old somebody is or turns in a year; undefined where that was not said. */
export function ageIn({ bornIn }: Pick<Member, 'bornIn'>, year: number): number | undefined {
  return bornIn === undefined ? undefined : year - bornIn;
}

/** Why a year of birth can't be right; undefined where it can. */
export function bornFault(
  bornIn: number,
  year: number,
): 'future' | 'too-young' | 'too-old' | undefined {
  const age = year - bornIn;
  if (age < 0) return 'future';
  if (age < AGES.least) return 'too-young';
  return age > AGES.most ? 'too-old' : undefined;
}

/** What has to be asked of somebody. */
export const DUES = [
  'happened',
  'never-asked',
  'ask-again',
  'clearance-lapses',
  'never-agreed',
] as const;
export type Due = (typeof DUES)[number];

/** Clearances hold for a year; this many days before they lapse it is said. */
const SAY_BEFORE_DAYS = 14;

/** What has to be asked of somebody now or some day, and from which day on; empty is since ever. */
export function duesOf(member: Member): readonly { readonly due: Due; readonly from: string }[] {
  const { limits, asked, clearances = [], agreedOn } = member;
  const found: { due: Due; from: string }[] = [];
  for (const event of member.events ?? []) {
    const { on, dealtOn } = event;
    if (!dealtOn && holdsOn(event, on, asked?.on)) found.push({ due: 'happened', from: on });
  }
  if (!limits) found.push({ due: 'never-asked', from: '' });
  else if (asked?.again) found.push({ due: 'ask-again', from: asked.again });
  for (const one of clearances) {
    found.push({ due: 'clearance-lapses', from: daysAfter(lapseOf(one), -SAY_BEFORE_DAYS) });
  }
  if (!agreedOn) found.push({ due: 'never-agreed', from: '' });
  return found;
}

/** The way that somebody takes among a routine's; undefined where each asks more than theirs. */
export function laneOfMember(
  member: Pick<Member, 'lane' | 'today' | 'limits' | 'seat' | 'aids'>,
  lanes: readonly LaneName[],
  on?: string,
): LaneName | undefined {
  return nearestWay(wayOfMember(member, on), lanes);
}

/** How somebody takes part: as it was said for a day, or at all, else as what they sit in, walk with or have says. */
export function wayOfMember(
  member: Pick<Member, 'lane' | 'today' | 'limits' | 'seat' | 'aids'>,
  on?: string,
): LaneName | undefined {
  const { today } = member;
  return (today && today.on === on ? today.lane : undefined) ?? wayAtAll(member);
}

function wayAtAll({
  lane,
  limits,
  seat,
  aids = [],
}: Pick<Member, 'lane' | 'limits' | 'seat' | 'aids'>): LaneName | undefined {
  if (lane) return lane;
  if (seat === 'wheelchair' || seat === 'bed') return seat;
  if (aids.includes('walker')) return 'walker';
  return usualWay({ ...(limits && { limits: [...limits] }) });
}
