import { createSelector } from '@reduxjs/toolkit';
import {
  LEAD_MIGRATIONS,
  LEAD_VERSION,
  RUN_VERSION,
  keptLeadSchema,
  runSchema,
  type KeptLead,
  type Run,
} from '@/core/class';
import { isRecord, moveIdSchema, routineIdSchema, type RoutineId } from '@/core/common';
import { MOVE_MIGRATIONS, MOVE_VERSION, moveSchema, type Move } from '@/core/moves';
import {
  ROUTINE_MIGRATIONS,
  ROUTINE_VERSION,
  migratedRoutine,
  routineSchema,
  type Routine,
} from '@/core/routine';
import { DRAFT_MIGRATIONS, DRAFT_VERSION, moveDraftSchema, type MoveDraft } from '@/core/writing';
import { heldLead } from './held-lead';
import { leadFound, leadLost, type LeadState } from './lead';
import { binEmptied, binFilled, binnedSchema, type Binned } from './bin';
import { historiesOf, historySchema, type History } from './histories';
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
import { runDeleted, runsBrought } from './runs';
import type { AppState } from './slices';
import { versionGone, versionSchema, versionsKept, type Version } from './versions';
import { kindOf, type AnyKind, type Part } from './storage/kind';

/** The routine inside of a run or a class counts its versions for itself. */
const routineInside = (
  within: (value: unknown, to: (routine: unknown) => unknown) => unknown,
): Part => ({
  name: 'routineVersion',
  version: ROUTINE_VERSION,
  broughtUp: (value, version) => within(value, (routine) => migratedRoutine(routine, version)),
});

const inRun = routineInside((run, to) =>
  isRecord(run) ? { ...run, routine: to(run.routine) } : run,
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
    // A run-through leaves nothing behind.
    if (!current || current.lead.runThrough) return others;
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
  failed: ({ id, title }) => ({ kind: 'not-saved', id, title }),
  copied: (routine, newId) => {
    const copyTitle = `${routine.title} (other tab)`.slice(-120).trim();
    const id: RoutineId = routineIdSchema.parse(newId());
    return {
      copy: { ...routine, id, title: copyTitle },
      notice: { kind: 'other-tab', title: routine.title, copyTitle },
    };
  },
  stays: ({ id, title }) => ({ kind: 'not-deleted', id, title }),
});

/** Every class that was led. Read when a record is opened, kept from the start. */
export const RUN = kindOf<AppState, Run>({
  name: 'run',
  many: true,
  version: RUN_VERSION,
  migrations: [],
  parts: [inRun],
  schema: runSchema,
  idOf: ({ id }) => id,
  slice: {
    all: ({ runs }) => runs,
    put: runsBrought,
    remove: runDeleted,
  },
  told: true,
  failed: (run) => ({ kind: 'run-not-saved', run }),
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
  failed: ({ id, name }) => ({ kind: 'move-not-saved', id, name }),
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
});

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
  BINNED,
  VERSION,
  LEAD,
];
