import { z } from 'zod';
import {
  LOADS,
  REGIONS,
  SIDE_MEANINGS,
  SIDE_WAYS,
  SPINE_DIRECTIONS,
  LONG_SWITCHES,
  POSITION_IDS,
  SIDED_POSITIONS,
  STANCES,
} from '@/core/body';
import { moveIdSchema, oneLineSchema, levelIdSchema, GROUP_NAMES } from '@/core/common';
import { MOST_SETS, countSchema, doseSchema, tempoSchema, workMsSchema } from '../dose/schema';
import { BEARINGS, MOVE_KINDS, PROP_NAMES, SUPPORTS } from './kinds';

const regionSchema = z.enum(REGIONS);
/** A position, or one of the sided ones, which follow the side being worked. */
const placeSchema = z.enum([...POSITION_IDS, ...SIDED_POSITIONS]);
const bearingSchema = z.enum(BEARINGS);
const yesSchema = z.literal(true).optional();
const nameSchema = oneLineSchema(60).min(1);
const cueSchema = oneLineSchema(300).min(1);
const list = <T extends z.ZodType>(one: T, most: number) => z.array(one).max(most).readonly();

const levelLoadSchema = z.strictObject({ load: z.enum(LOADS), on: bearingSchema }).readonly();
export type LevelLoad = z.infer<typeof levelLoadSchema>;
const levelRegionSchema = z.strictObject({ region: regionSchema, on: bearingSchema }).readonly();
export type LevelRegion = z.infer<typeof levelRegionSchema>;

/** `{side}` and `{other}` in a cue become the participant's left or right. */
const cuesSchema = z
  .strictObject({
    setUp: cueSchema,
    go: cueSchema,
    /** At most five words, for work too short for the full cue. */
    short: cueSchema,
    watch: list(cueSchema, 8),
    easier: cueSchema,
    further: cueSchema,
    wayOut: cueSchema,
    breath: cueSchema,
    /** What is pressed in press and ease; the house's own words where there is none. */
    press: cueSchema.optional(),
  })
  .readonly();
export type Cues = z.infer<typeof cuesSchema>;
/** What a level says for itself. */
export const levelWordsSchema = cuesSchema.unwrap().partial().readonly();
export type LevelWords = z.infer<typeof levelWordsSchema>;

/** Effort, lever, support and position within one height; levels stand from easier to harder. */
const levelSchema = z
  .strictObject({
    /** Unique in its move; stays when the name is changed. */
    id: levelIdSchema,
    name: nameSchema,
    usual: yesSchema,
    /** Groups that start here in place of at the usual one. */
    usualFor: list(z.enum(GROUP_NAMES), GROUP_NAMES.length).optional(),
    /** Groups that are not to be asked for it. */
    notFor: list(z.enum(GROUP_NAMES), GROUP_NAMES.length).optional(),
    from: placeSchema,
    /** Other places where it can be done as well, by whoever is there. */
    also: list(z.enum(POSITION_IDS), 12).optional(),
    through: list(placeSchema, 8),
    /** Where it ends; a rep includes the way back. */
    to: placeSchema,
    /** How the feet stand, where that is the point of it. */
    stance: z.enum(STANCES).optional(),
    support: z.enum(SUPPORTS),
    props: list(z.enum(PROP_NAMES), PROP_NAMES.length),
    loads: list(levelLoadSchema, LOADS.length),
    /** Loads of its places that it does without, as wrists do where forearms are down. */
    spares: list(z.enum(LOADS), LOADS.length).optional(),
    stretched: list(levelRegionSchema, REGIONS.length),
    loaded: list(levelRegionSchema, REGIONS.length),
    /** What is said where the level is done in another place, with other hands or less: over the move's. */
    words: levelWordsSchema.optional(),
    /** Rounds the back against gravity from the floor; some schools leave it out. */
    curl: yesSchema,
    /** A seat stands behind the legs, to be touched or sat down on. */
    seatBehind: yesSchema,
    /** Its own tempo, where the move's does not fit. */
    tempo: tempoSchema.optional(),
    /** What its set-up and its switch take at the least: a strap put on, a shin laid up. */
    setUpMs: workMsSchema.optional(),
    switchMs: workMsSchema.optional(),
    /** Where changing sides takes longer than turning round. */
    longSwitch: z.enum(LONG_SWITCHES).optional(),
  })
  .readonly();
export type Level = z.infer<typeof levelSchema>;

const span = <T extends z.ZodType>(one: T) => z.tuple([one, one]).readonly().optional();

/** The least and the most of each kind of dose that makes sense, and of sets. */
const doseRangeSchema = z
  .strictObject({
    holdMs: span(workMsSchema),
    reps: span(countSchema),
    breaths: span(countSchema),
    timedMs: span(workMsSchema),
    sets: z
      .tuple([z.number().int().min(1).max(MOST_SETS), z.number().int().min(1).max(MOST_SETS)])
      .readonly(),
  })
  .readonly();
export type DoseRange = z.infer<typeof doseRangeSchema>;

export const moveShape = z
  .strictObject({
    id: moveIdSchema,
    name: nameSchema,
    otherNames: list(nameSchema, 8),
    kind: z.enum(MOVE_KINDS),
    /** The same job in other heights. */
    family: oneLineSchema(40).min(1),
    regions: list(regionSchema, REGIONS.length),
    spine: list(z.enum(SPINE_DIRECTIONS), SPINE_DIRECTIONS.length),
    sides: z.enum(SIDE_WAYS),
    sideMeans: z.enum(SIDE_MEANINGS).optional(),
    dose: doseSchema,
    doseFor: z.partialRecord(z.enum(GROUP_NAMES), doseSchema).readonly().optional(),
    range: doseRangeSchema,
    cues: cuesSchema,
    levels: z.array(levelSchema).min(1).max(12).readonly(),
    /** Regions that it stretches to the end of their range. */
    endRange: list(regionSchema, REGIONS.length),
    /** Regions that it warms by moving them. */
    warms: list(regionSchema, REGIONS.length),
    tiringLegs: yesSchema,
    isometric: yesSchema,
    curl: yesSchema,
    propped: yesSchema,
    breathOn: z
      .strictObject({ round: z.enum(['in', 'out']), effort: z.enum(['in', 'out']) })
      .readonly()
      .optional(),
    stretchStrength: z.enum(['mild', 'strong']).optional(),
  })
  .readonly();
/** One thing to do. */
export type Move = z.infer<typeof moveShape>;
