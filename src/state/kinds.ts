import { createSelector } from '@reduxjs/toolkit';
import {
  LEAD_MIGRATIONS,
  LEAD_VERSION,
  MONTH_MIGRATIONS,
  MONTH_VERSION,
  PLAN_VERSION,
  CLASS_GROUP_VERSION,
  RUN_MIGRATIONS,
  RUN_VERSION,
  classForSchema,
  classGroupSchema,
  hasBegun,
  keptLeadSchema,
  ledSchema,
  monthSchema,
  planSchema,
  runSchema,
  type ClassFor,
  type ClassGroup,
  type KeptLead,
  type LedRoutine,
  type Month,
  type Plan,
  type Run,
} from '@/core/class';
import { isRecord, moveIdSchema, routineIdSchema, type RoutineId } from '@/core/common';
import { MOVE_MIGRATIONS, MOVE_VERSION, moveSchema, type Move } from '@/core/moves';
import {
  ROUTINE_MIGRATIONS,
  ROUTINE_VERSION,
  checkedRoutine,
  migratedRoutine,
  routineSchema,
  type Routine,
} from '@/core/routine';
import {
  DRAFT_MIGRATIONS,
  DRAFT_VERSION,
  moveDraftSchema,
  ownWordsSchema,
  type MoveDraft,
  type OwnWords,
} from '@/core/writing';
import { heldLead } from './held-lead';
import { leadFound, leadLost, type LeadState } from './lead';
import {
  binEmptied,
  binFilled,
  binnedSchema,
  lotBinned,
  lotGone,
  lotSchema,
  type Binned,
  type Lot,
} from './bin';
import { checkedHistory, historiesOf, historySchema, type History } from './histories';
import { ownWordsPut, ownWordsTaken } from './own-words';
import { lineGone, linesKept, unsentLineSchema, type UnsentLine } from './lines';
import { draftLetGo, draftsKept, moveLetGo, movesBrought } from './moves';
import {
  historiesBrought,
  historyLost,
  routineDeleted,
  routineTold,
  routinesBrought,
  type RoutinesState,
} from './routines';
import {
  MEMBER_MIGRATIONS,
  MEMBER_VERSION,
  READING_VERSION,
  memberSchema,
  readingSchema,
  type Member,
  type Reading,
} from '@/core/people';
import {
  classForPut,
  classForTaken,
  groupTaken,
  groupsPut,
  peoplePut,
  personTaken,
  readingTaken,
  readingsPut,
  standingSchema,
  standingTaken,
  standingsPut,
  type Standing,
} from './people';
import {
  ledKept,
  ledTaken,
  monthTaken,
  monthsPut,
  planTaken,
  plansKept,
  runDeleted,
  runsBrought,
} from './runs';
import type { AppState } from './slices';
import { typedPut, typedSchema, typedTaken, type Typed } from './typed';
import { versionGone, versionSchema, versionsKept, type Version } from './versions';
import { HALL_KINDS } from './hall/kinds';
import { LATEST_MADE, MADE_ANEW, isOfKind, kindOf, type AnyKind, type Part } from './storage/kind';

/** The routine inside of a run or a class counts its versions for itself. */
const routineInside = (
  within: (value: unknown, to: (routine: unknown) => unknown) => unknown,
): Part => ({
  name: 'routineVersion',
  version: ROUTINE_VERSION,
  broughtUp: (value, version) => within(value, (routine) => migratedRoutine(routine, version)),
});

/** Runs carried their routine up to version 6; from then on it is kept once, under an id of its own. */
const inRun = routineInside((run, to) =>
  isRecord(run) && run.routine !== undefined ? { ...run, routine: to(run.routine) } : run,
);
const inLead = routineInside((kept, to) =>
  isRecord(kept) && isRecord(kept.lead)
    ? { ...kept, lead: { ...kept.lead, routine: to(kept.lead.routine) } }
    : kept,
);

const withoutHistory = createSelector(
  ({ routines }: { routines: RoutinesState }) => routines,
  (routines) =>
    Object.fromEntries(Object.values(routines).map(({ routine }) => [routine.id, routine])),
);

/** The monotonic clock means nothing after a reload, so a kept class is a held one. */
const heldClass = createSelector(
  ({ lead }: { lead: LeadState }) => lead.current,
  ({ lead }: { lead: LeadState }) => lead.others,
  (current, others): Readonly<Record<string, KeptLead>> => {
    // A run-through leaves nothing behind, and what never began is no class.
    if (!current || current.lead.runThrough || !hasBegun(current.lead)) return others;
    return { ...others, [current.runId]: heldLead(current) };
  },
);

export const ROUTINE = kindOf<AppState, Routine>({
  name: 'routine',
  many: true,
  version: ROUTINE_VERSION,
  migrations: ROUTINE_MIGRATIONS,
  schema: routineSchema,
  idOf: ({ id }) => id,
  slice: {
    all: withoutHistory,
    put: routinesBrought,
    remove: (id) => routineDeleted(routineIdSchema.parse(id)),
    told: routineTold,
  },
  told: true,
  named: ({ title }) => title,
  check: checkedRoutine,
  atOnce: {
    way: 'copied',
    copy: (routine, newId) => {
      const copyTitle = `${routine.title} (other tab)`.slice(-120).trim();
      const id: RoutineId = routineIdSchema.parse(newId());
      return {
        copy: { ...routine, id, title: copyTitle },
        notice: { kind: 'other-tab', title: routine.title, copyTitle },
      };
    },
  },
});

/** Every class that was led. Read when a record is opened, kept from the start. */
export const RUN = kindOf<AppState, Run>({
  name: 'run',
  many: true,
  version: RUN_VERSION,
  migrations: RUN_MIGRATIONS,
  parts: [inRun],
  schema: runSchema,
  idOf: ({ id }) => id,
  slice: {
    all: ({ runs }) => runs,
    put: runsBrought,
    remove: runDeleted,
  },
  told: true,
  named: ({ title, startedAt }) => `${title}, ${startedAt.slice(0, 10)}`,
  atOnce: { way: 'merged' },
});

const MOVE = kindOf<AppState, Move>({
  name: 'move',
  many: true,
  version: MOVE_VERSION,
  migrations: MOVE_MIGRATIONS,
  schema: moveSchema,
  idOf: ({ id }) => id,
  slice: {
    all: ({ moves }) => moves.own,
    put: movesBrought,
    remove: (id) => moveLetGo(moveIdSchema.parse(id)),
  },
  told: true,
  named: ({ name }) => name,
  atOnce: { way: 'merged' },
});

/** A move as it is typed. Not told: the other tab's fields would change under its writer's hands. */
const DRAFT = kindOf<AppState, MoveDraft>({
  name: 'move-draft',
  inside: 'draft',
  many: true,
  version: DRAFT_VERSION,
  migrations: DRAFT_MIGRATIONS,
  schema: moveDraftSchema,
  idOf: ({ id }) => id,
  slice: {
    all: ({ moves }) => moves.drafts,
    put: draftsKept,
    remove: (id) => draftLetGo(moveIdSchema.parse(id)),
  },
  told: false,
  named: ({ name }) => name.trim(),
  atOnce: { way: 'merged' },
});

/** A line as it is typed; not told, as a draft is not. */
const LINE = kindOf<AppState, UnsentLine>({
  name: 'unsent-line',
  inside: 'line',
  many: true,
  version: 1,
  migrations: [],
  schema: unsentLineSchema,
  idOf: ({ id }) => id,
  slice: {
    all: ({ lines }) => lines,
    put: linesKept,
    remove: lineGone,
  },
  told: false,
  named: ({ typed }) => typed,
  atOnce: { way: 'later', why: 'each field still holds what was typed into it' },
});

/** Words that somebody has of their own for moves. */
const OWN_WORDS = kindOf<AppState, OwnWords>({
  name: 'own-words',
  many: true,
  version: 1,
  migrations: [],
  schema: ownWordsSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ ownWords }) => ownWords, put: ownWordsPut, remove: ownWordsTaken },
  told: true,
  named: ({ id }) => id,
  atOnce: { way: 'later', why: 'a later choice for the same words is the one that is meant' },
});

/** What stands in other fields; not told, as a line is not. */
const TYPED = kindOf<AppState, Typed>({
  name: 'typed',
  many: true,
  version: 1,
  migrations: [],
  schema: typedSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ typed }) => typed, put: typedPut, remove: typedTaken },
  told: false,
  named: { quiet: 'it still stands in its field' },
  atOnce: { way: 'later', why: 'each field still holds what was typed into it' },
});

const histories = createSelector(
  ({ routines }: { routines: RoutinesState }) => routines,
  historiesOf,
);

/** What can be undone; not told, as each window undoes its own. */
const HISTORY = kindOf<AppState, History>({
  name: 'history',
  many: true,
  version: 1,
  migrations: [],
  schema: historySchema,
  idOf: ({ id }) => id,
  slice: {
    all: histories,
    put: historiesBrought,
    remove: (id) => historyLost(routineIdSchema.parse(id)),
  },
  told: false,
  check: checkedHistory,
  named: { quiet: 'what can be undone is in the page, and its routine is told of' },
  atOnce: { way: 'later', why: 'each window undoes its own' },
});

/** A routine as it was led, once for all the classes that led it so. */
export const LED = kindOf<AppState, LedRoutine>({
  name: 'led',
  many: true,
  version: 1,
  migrations: [],
  parts: [
    routineInside((kept, to) => (isRecord(kept) ? { ...kept, routine: to(kept.routine) } : kept)),
  ],
  schema: ledSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ led }) => led, put: ledKept, remove: ledTaken },
  told: false,
  named: { quiet: 'its class is told of' },
  atOnce: { way: 'later', why: 'the id is made of what it says: both say the same' },
});

/** What led routines asked of whom. */
export const PLAN = kindOf<AppState, Plan>({
  name: 'plan',
  many: true,
  version: PLAN_VERSION,
  migrations: [],
  schema: planSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ plans }) => plans, put: plansKept, remove: planTaken },
  told: true,
  named: { quiet: 'its class is told of' },
  atOnce: { way: 'later', why: 'the id is made of what it says: both say the same' },
});

/** All runs as lists and trends need them; made from the runs, and made anew where they are damaged. */
const MONTH = kindOf<AppState, Month>({
  name: 'month',
  many: true,
  version: MONTH_VERSION,
  migrations: MONTH_MIGRATIONS,
  schema: monthSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ months }) => months, put: monthsPut, remove: monthTaken },
  told: true,
  named: MADE_ANEW,
  atOnce: LATEST_MADE,
  derived: true,
});

export const PERSON = kindOf<AppState, Member>({
  name: 'person',
  many: true,
  version: MEMBER_VERSION,
  migrations: MEMBER_MIGRATIONS,
  schema: memberSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ people }) => people, put: peoplePut, remove: personTaken },
  told: true,
  named: ({ name }) => name,
  atOnce: { way: 'merged' },
});

export const GROUP = kindOf<AppState, ClassGroup>({
  name: 'group',
  many: true,
  version: CLASS_GROUP_VERSION,
  migrations: [],
  schema: classGroupSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ groups }) => groups, put: groupsPut, remove: groupTaken },
  told: true,
  named: ({ name }) => name,
  atOnce: { way: 'merged' },
});

export const CLASS_FOR = kindOf<AppState, ClassFor>({
  name: 'class-for',
  many: true,
  version: 2,
  migrations: [
    { from: 1, what: 'more people may be there on a day', apply: (classFor) => classFor },
  ],
  schema: classForSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ classFor }) => classFor, put: classForPut, remove: classForTaken },
  told: true,
  named: { quiet: 'it has no name, and is told of where nothing else is' },
  atOnce: { way: 'merged' },
});

export const READING = kindOf<AppState, Reading>({
  name: 'reading',
  many: true,
  version: READING_VERSION,
  migrations: [],
  schema: readingSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ readings }) => readings, put: readingsPut, remove: readingTaken },
  told: true,
  named: ({ measure, on }) => `${measure}, ${on}`,
  atOnce: { way: 'merged' },
});

/** Made from the record, so that a class can be opened without reading it. */
const STANDING = kindOf<AppState, Standing>({
  name: 'standing',
  many: true,
  version: 1,
  migrations: [],
  schema: standingSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ standings }) => standings, put: standingsPut, remove: standingTaken },
  told: true,
  named: MADE_ANEW,
  atOnce: LATEST_MADE,
  derived: true,
});

/** What the record reads when it opens; runs and led routines are read one by one. */
export const RECORD_KINDS: readonly AnyKind<AppState>[] = [PLAN, MONTH, READING];

/** A routine that lies within something else, brought up with it. */
const inHolder = routineInside((holder, to) =>
  isRecord(holder) ? { ...holder, routine: to(holder.routine) } : holder,
);

/** Routines that were deleted and can be brought back. */
const BINNED = kindOf<AppState, Binned>({
  name: 'binned',
  many: true,
  version: 1,
  migrations: [],
  parts: [inHolder],
  schema: binnedSchema,
  idOf: ({ routine }) => routine.id,
  slice: { all: ({ bin }) => bin, put: binFilled, remove: binEmptied },
  told: true,
  named: ({ routine }) => routine.title,
  atOnce: { way: 'merged' },
});

const LOT = kindOf<AppState, Lot>({
  name: 'binned-lot',
  inside: 'lot',
  many: true,
  version: 1,
  migrations: [],
  schema: lotSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ lots }) => lots, put: lotBinned, remove: lotGone },
  told: true,
  named: { quiet: 'what lies in it is told of' },
  atOnce: { way: 'merged' },
});

const VERSION = kindOf<AppState, Version>({
  name: 'version',
  inside: 'kept',
  many: true,
  version: 1,
  migrations: [],
  parts: [inHolder],
  schema: versionSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ versions }) => versions, put: versionsKept, remove: versionGone },
  told: true,
  named: ({ name }) => name,
  atOnce: { way: 'merged' },
});

const LEAD = kindOf<AppState, KeptLead>({
  name: 'lead',
  many: true,
  version: LEAD_VERSION,
  migrations: LEAD_MIGRATIONS,
  parts: [inLead],
  schema: keptLeadSchema,
  idOf: ({ runId }) => runId,
  slice: { all: heldClass, put: leadFound, remove: leadLost },
  told: false,
  named: ({ lead: { routine } }) => routine.title,
  atOnce: { way: 'later', why: 'one tab at a time leads a class, by its lock' },
});

/**
 * What the workshop reads when it opens. Moves come first: routines then stand on moves that are
 * there, here and in other tabs.
 */
export const WORKSHOP_KINDS: readonly AnyKind<AppState>[] = [
  MOVE,
  DRAFT,
  ROUTINE,
  HISTORY,
  LINE,
  OWN_WORDS,
  TYPED,
  BINNED,
  LOT,
  VERSION,
  PERSON,
  GROUP,
  CLASS_FOR,
  STANDING,
  LEAD,
];

/** Every kind of thing that is kept, in the order in which each can be read: what stands on others last. */
export const ALL_KINDS: readonly AnyKind<never>[] = [
  ...(HALL_KINDS as readonly AnyKind<never>[]),
  ...(WORKSHOP_KINDS as readonly AnyKind<never>[]),
  ...(RECORD_KINDS as readonly AnyKind<never>[]),
  RUN as AnyKind<never>,
  LED as AnyKind<never>,
];

export const kindOfKey = (key: string) => ALL_KINDS.find((kind) => isOfKind(kind, key));
