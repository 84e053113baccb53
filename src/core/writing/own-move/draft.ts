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
import {
  isRecord,
  moveIdSchema,
  printDuration,
  levelIdSchema,
  type NewId,
  type MigrationStep,
  GROUP_NAMES,
} from '@/core/common';
import {
  BEARINGS,
  MOVE_KINDS,
  PROP_NAMES,
  SUPPORTS,
  type Level,
  type Move,
  migratedMove,
  tempoSchema,
  workMsSchema,
} from '@/core/moves';
import { writeDoseLine } from '@/core/routine';

const typed = z.string().max(2000);
const regions = z.array(z.enum(REGIONS)).max(REGIONS.length);
const bearing = z.enum(BEARINGS);
const levelRegions = z.array(z.object({ region: z.enum(REGIONS), on: bearing })).max(40);
const place = z.enum([...POSITION_IDS, ...SIDED_POSITIONS]);
const span = z.object({ least: typed, most: typed });

/** What a move says, and a level can say for itself, in the order in which it is written. */
export const LEVEL_WORDS = [
  'setUp',
  'go',
  'short',
  'watch',
  'easier',
  'further',
  'wayOut',
  'breath',
  'press',
] as const;
const levelWords = z.record(z.enum(LEVEL_WORDS), typed);
const NO_WORDS = Object.fromEntries(LEVEL_WORDS.map((key) => [key, ''])) as LevelDraft['words'];

const levelDraftSchema = z.object({
  /** Stays while the name is typed, so that routines still find the level. */
  id: levelIdSchema,
  name: typed,
  usual: z.boolean(),
  usualFor: z.array(z.enum(GROUP_NAMES)).max(GROUP_NAMES.length).optional(),
  notFor: z.array(z.enum(GROUP_NAMES)).max(GROUP_NAMES.length).optional(),
  from: place,
  through: z.array(place).max(8),
  to: place,
  stance: z.enum(STANCES).optional(),
  support: z.enum(SUPPORTS),
  props: z.array(z.enum(PROP_NAMES)).max(PROP_NAMES.length),
  loads: z.array(z.object({ load: z.enum(LOADS), on: bearing })).max(LOADS.length),
  stretched: levelRegions,
  loaded: levelRegions,
  longSwitch: z.enum(LONG_SWITCHES).optional(),
  /** Brought along from the move it was copied from. */
  also: z.array(z.enum(POSITION_IDS)).max(12).optional(),
  tempo: tempoSchema.optional(),
  setUpMs: workMsSchema.optional(),
  switchMs: workMsSchema.optional(),
  curl: z.literal(true).optional(),
  seatBehind: z.literal(true).optional(),
  spares: z.array(z.enum(LOADS)).max(LOADS.length).optional(),
  /** Said in place of the move's own where it is not empty. */
  words: levelWords,
});
export type LevelDraft = z.infer<typeof levelDraftSchema>;

/** A move as somebody is writing it: what is typed is kept as it was typed, right or wrong. */
export const moveDraftSchema = z.object({
  id: moveIdSchema,
  name: typed,
  /** One a line. */
  otherNames: typed,
  kind: z.enum(MOVE_KINDS),
  family: typed,
  regions,
  spine: z.array(z.enum(SPINE_DIRECTIONS)).max(SPINE_DIRECTIONS.length),
  sides: z.enum(SIDE_WAYS),
  sideMeans: z.enum(SIDE_MEANINGS).optional(),
  /** As a line of a routine has it; a pace without one has the usual. */
  dose: typed,
  doseFor: z.record(z.enum(GROUP_NAMES), typed),
  range: z.object({ holdMs: span, reps: span, breaths: span, timedMs: span, sets: span }),
  cues: z.object({
    setUp: typed,
    go: typed,
    short: typed,
    /** One a line. */
    watch: typed,
    easier: typed,
    further: typed,
    wayOut: typed,
    breath: typed,
    press: typed,
  }),
  levels: z.array(levelDraftSchema).min(1).max(12),
  endRange: regions,
  warms: regions,
  tiringLegs: z.boolean(),
  isometric: z.boolean(),
  curl: z.boolean(),
  propped: z.boolean(),
  breathOn: z.object({ round: z.enum(['in', 'out']), effort: z.enum(['in', 'out']) }).optional(),
  stretchStrength: z.enum(['mild', 'strong']).optional(),
});
export type MoveDraft = z.infer<typeof moveDraftSchema>;

/** The version of a draft as it is kept. */
export const DRAFT_VERSION = 5;

export const DRAFT_MIGRATIONS: readonly MigrationStep[] = [
  // Drafts are laid out as moves are, and changed as they did.
  { from: 1, what: 'levels have ids', apply: (draft) => migratedMove(draft, 1) },
  { from: 2, what: 'levels have words', apply: withWords },
  { from: 3, what: 'levels say what to watch, and all what is pressed', apply: withPress },
  // Version 5 brings along places and times of levels; nothing that was there changed.
  { from: 4, what: 'places and times of levels', apply: (draft) => draft },
];

function withWords(draft: unknown): unknown {
  if (!isRecord(draft) || !Array.isArray(draft.levels)) return draft;
  const levels = draft.levels.map((level: unknown) =>
    isRecord(level) ? { ...level, words: NO_WORDS } : level,
  );
  return { ...draft, levels };
}

function withPress(draft: unknown): unknown {
  if (!isRecord(draft) || !Array.isArray(draft.levels) || !isRecord(draft.cues)) return draft;
  const levels = draft.levels.map((level: unknown) =>
    isRecord(level) && isRecord(level.words)
      ? { ...level, words: { ...NO_WORDS, ...level.words } }
      : level,
  );
  return { ...draft, levels, cues: { ...draft.cues, press: '' } };
}

const levelDraft = (level: Level): LevelDraft => ({
  ...level,
  usual: level.usual === true,
  usualFor: level.usualFor && [...level.usualFor],
  notFor: level.notFor && [...level.notFor],
  also: level.also && [...level.also],
  spares: level.spares && [...level.spares],
  words: { ...NO_WORDS, ...level.words, watch: (level.words?.watch ?? []).join('\n') },
  through: [...level.through],
  props: [...level.props],
  loads: level.loads.map((one) => ({ ...one })),
  stretched: level.stretched.map((one) => ({ ...one })),
  loaded: level.loaded.map((one) => ({ ...one })),
});

const count = (n: number) => String(n);

function spanDraft(
  pair: readonly [number, number] | undefined,
  print: (value: number) => string,
): MoveDraft['range']['sets'] {
  return { least: pair ? print(pair[0]) : '', most: pair ? print(pair[1]) : '' };
}

/** A move laid out for writing. */
export function draftOf(move: Move): MoveDraft {
  const { range, doseFor } = move;
  const ownDose = (group: (typeof GROUP_NAMES)[number]) => {
    const dose = doseFor?.[group];
    return dose ? writeDoseLine(dose) : '';
  };
  return {
    ...move,
    otherNames: move.otherNames.join('\n'),
    regions: [...move.regions],
    spine: [...move.spine],
    dose: writeDoseLine(move.dose),
    doseFor: {
      desk: ownDose('desk'),
      older: ownDose('older'),
      chair: ownDose('chair'),
      standing: ownDose('standing'),
    },
    range: {
      holdMs: spanDraft(range.holdMs, printDuration),
      reps: spanDraft(range.reps, count),
      breaths: spanDraft(range.breaths, count),
      timedMs: spanDraft(range.timedMs, printDuration),
      sets: spanDraft(range.sets, count),
    },
    cues: { ...move.cues, watch: move.cues.watch.join('\n'), press: move.cues.press ?? '' },
    levels: move.levels.map(levelDraft),
    endRange: [...move.endRange],
    warms: [...move.warms],
    tiringLegs: move.tiringLegs === true,
    isometric: move.isometric === true,
    curl: move.curl === true,
    propped: move.propped === true,
    breathOn: move.breathOn && { ...move.breathOn },
  };
}

/** A copy of a level, to be made harder or easier; the usual one stays the usual one. */
export function levelLike(level: LevelDraft, newId: NewId): LevelDraft {
  return {
    ...level,
    id: levelIdSchema.parse(newId()),
    name: '',
    usual: false,
    usualFor: undefined,
    words: { ...NO_WORDS },
  };
}

/** A move with nothing said yet but what most have, the words for the breath among it. */
export function emptyDraft(id: Move['id'], breath: string): MoveDraft {
  const nothing = { least: '', most: '' };
  return {
    id,
    name: '',
    otherNames: '',
    kind: 'mobility',
    family: id.slice(0, 40),
    regions: [],
    spine: [],
    sides: 'both',
    sideMeans: undefined,
    dose: '',
    doseFor: { desk: '', older: '', chair: '', standing: '' },
    range: {
      holdMs: nothing,
      reps: nothing,
      breaths: nothing,
      timedMs: nothing,
      sets: { least: '1', most: '3' },
    },
    cues: {
      setUp: '',
      go: '',
      short: '',
      watch: '',
      easier: '',
      further: '',
      wayOut: '',
      breath,
      press: '',
    },
    levels: [
      {
        id: levelIdSchema.parse('first'),
        name: '',
        usual: true,
        from: 'sit-front',
        through: [],
        to: 'sit-front',
        support: 'none',
        props: [],
        loads: [],
        stretched: [],
        loaded: [],
        words: { ...NO_WORDS },
      },
    ],
    endRange: [],
    warms: [],
    tiringLegs: false,
    isometric: false,
    curl: false,
    propped: false,
  };
}
