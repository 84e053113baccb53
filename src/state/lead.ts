import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import {
  afterAction,
  hasBegun,
  ledClass,
  newLead,
  onsetsOf,
  placeAt,
  scriptOf,
  settledAt,
  type KeptLead,
  type Lead,
  type Led,
  type LeadAction,
  type Onset,
  type ScriptLine,
} from '@/core/class';
import type { GroupId, RunId } from '@/core/common';
import type { TakingPart } from '@/core/people';
import { withChoices, type Choices, type Routine } from '@/core/routine';
import type { Score } from '@/core/timing';
import { scorePhrases, scriptPhrases } from '@/words/score';
import { plain } from './plain';

/** The class that is being led; saved, so that a reload finds its place. */
export interface LeadInProgress {
  readonly runId: RunId;
  /** When it was started; until then, when it was made ready. */
  readonly startedAt: string;
  /** Whom it is led for. */
  readonly groupId?: GroupId | undefined;
  /** When it is to begin, where that is known before it has; told to a wall, and not kept. */
  readonly begins?: string | undefined;
  readonly lead: Lead;
  /** Found in storage: the page went away in the middle, so the person is asked first. */
  readonly interrupted: boolean;
}

export interface LeadState {
  readonly current: LeadInProgress | null;
  /** A class that another window leads and this one follows. Momentary. */
  readonly followed: LeadInProgress | null;
  /** All classes that other windows lead, as they were last told. Momentary. */
  readonly heard: Readonly<Record<RunId, LeadInProgress>>;
  /** The one that was chosen to follow, where there were several. Momentary. */
  readonly chosen: RunId | null;
  /** The run that ended last, for the screen that follows. Momentary. */
  readonly endedRun: RunId | null;
  /** Which classes other tabs are leading. Momentary. */
  readonly elsewhere: readonly string[];
  /** What is kept of those, which is theirs to change, and of classes that nobody came back to. */
  readonly others: Readonly<Record<string, KeptLead>>;
}

const initialState: LeadState = {
  current: null,
  followed: null,
  heard: {},
  chosen: null,
  endedRun: null,
  elsewhere: [],
  others: {},
};

const classes = new WeakMap<Lead['edits'], WeakMap<Lead['routine'], Led>>();

/** A class as it is led, worked out once for each routine and what was changed in it. */
export function ledOf(lead: Lead): Led {
  const byRoutine = classes.get(lead.edits) ?? new WeakMap<Lead['routine'], Led>();
  classes.set(lead.edits, byRoutine);
  const known = byRoutine.get(lead.routine) ?? ledClass(lead, scorePhrases);
  byRoutine.set(lead.routine, known);
  return known;
}

/** A class of another window is as that window worked it out: it needs nobody's limits here. */
export function takeLed({ edits, routine }: Lead, led: Led): void {
  const byRoutine = classes.get(edits) ?? new WeakMap<Lead['routine'], Led>();
  classes.set(edits, byRoutine);
  byRoutine.set(routine, led);
}

/** The score of a lead, with what was changed on the way. */
export function scoreOfLead(lead: Lead): Score {
  return ledOf(lead).score;
}

const scripts = new WeakMap<Score, readonly ScriptLine[]>();

/** The script of a lead, by its score. */
export function scriptOfLead(lead: Lead): readonly ScriptLine[] {
  const score = scoreOfLead(lead);
  const script = scripts.get(score) ?? scriptOf(ledOf(lead).routine, score, scriptPhrases);
  scripts.set(score, script);
  return script;
}

/** All that sounds in a lead. */
export function onsetsOfLead(lead: Lead): readonly Onset[] {
  return onsetsOf(scoreOfLead(lead), scriptOfLead(lead));
}

/** The class that is led here, changed. */
function withLead(draft: LeadState, change: (lead: Lead) => Lead): LeadState {
  const state = plain(draft);
  const { current } = state;
  const lead = current && change(current.lead);
  if (!lead || lead === current.lead) return state;
  return { ...state, current: { ...current, lead } };
}

const slice = createSlice({
  name: 'lead',
  initialState,
  reducers: {
    leadOpened: (
      state,
      {
        payload,
      }: PayloadAction<{
        routine: Routine;
        part: TakingPart;
        groupId: GroupId | undefined;
        runId: RunId;
        at: string;
      }>,
    ): LeadState => ({
      ...state,
      current: {
        runId: payload.runId,
        startedAt: payload.at,
        ...(payload.groupId && { groupId: payload.groupId }),
        lead: newLead(payload.routine, payload.part),
        interrupted: false,
      },
      endedRun: null,
    }),
    /** The first second: from here on the record counts. */
    leadStarted: (state, { payload: at }: PayloadAction<string>): LeadState =>
      state.current ? { ...state, current: { ...state.current, startedAt: at } } : state,
    /** What was left to choose is chosen: this is the class that is led. */
    leadDecided: (state, { payload: choices }: PayloadAction<Choices>): LeadState =>
      withLead(state, (lead) => ({ ...lead, routine: withChoices(lead.routine, choices) })),
    /** The class is gone through first: another routine made of it, and no record. */
    leadTried: (state, { payload: routine }: PayloadAction<Routine>): LeadState =>
      withLead(state, (lead) => ({ ...lead, routine, runThrough: true })),
    /** When it is to begin, for who waits in front of a wall. */
    leadWaits: (state, { payload: begins }: PayloadAction<string | undefined>): LeadState =>
      state.current && state.current.begins !== begins
        ? { ...state, current: { ...state.current, begins } }
        : state,
    /** A class that another window leads is as it says: followed where it is the one, or the first. */
    leadHeardOf: (state, { payload }: PayloadAction<LeadInProgress>): LeadState => {
      const heard = { ...state.heard, [payload.runId]: payload };
      const isFollowed = !state.followed || state.followed.runId === payload.runId;
      return { ...state, heard, followed: isFollowed ? payload : state.followed };
    },
    /** It has ended, or is held by a question: another that is led is not followed for that unasked. */
    leadGone: (state, { payload: runId }: PayloadAction<RunId>): LeadState => {
      const { [runId]: _, ...heard } = state.heard;
      const isFollowed = state.followed?.runId === runId;
      return { ...state, heard, followed: isFollowed ? null : state.followed };
    },
    leadsForgotten: (state): LeadState => ({ ...state, heard: {}, followed: null }),
    /** Of several classes this is the one to follow. */
    leadFollowed: (state, { payload: runId }: PayloadAction<RunId>): LeadState => ({
      ...state,
      followed: state.heard[runId] ?? state.followed,
      chosen: runId,
    }),
    /** The instructor saw the stops, and leads it all the same. */
    leadPassed: (state, { payload: passedStops }: PayloadAction<number>): LeadState =>
      withLead(state, (lead) => ({ ...lead, passedStops })),
    leadsElsewhere: (state, { payload }: PayloadAction<readonly string[]>): LeadState => ({
      ...state,
      elsewhere: payload,
    }),
    /** From storage: the latest is asked about, unless another tab is leading it. */
    leadFound: (state, { payload }: PayloadAction<readonly KeptLead[]>): LeadState => {
      const [last] = payload
        // What an earlier version kept of a page that was only made ready is no class.
        .filter(({ runId, lead }) => !state.elsewhere.includes(runId) && hasBegun(lead))
        .toSorted((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt));
      const others = payload.filter((one) => one !== last || state.current);
      return {
        ...state,
        current: state.current ?? (last ? { ...last, interrupted: true } : null),
        others: {
          ...state.others,
          ...Object.fromEntries(others.map((one) => [one.runId, one])),
        },
      };
    },
    /** One that has become a record, or is gone. */
    leadLost: (state, { payload: id }: PayloadAction<string>): LeadState => ({
      ...state,
      others: Object.fromEntries(Object.entries(state.others).filter(([runId]) => runId !== id)),
    }),
    /** Somebody is taken out: what a class keeps of them bears no name, and is timed as before. */
    leadUnnamed: (state, { payload: name }: PayloadAction<string>): LeadState => {
      const unnamed = <T extends { readonly lead: Pick<Lead, 'part'> }>(one: T): T => {
        const { part } = one.lead;
        const people = part.people.map((own) => (own.name === name ? { ...own, name: '–' } : own));
        return { ...one, lead: { ...one.lead, part: { ...part, people } } };
      };
      const others = Object.entries(state.others).map(([id, one]) => [id, unnamed(one)]);
      return {
        ...state,
        current: state.current && unnamed(state.current),
        others: Object.fromEntries(others) as LeadState['others'],
      };
    },
    /** The screen was left: held, and asked about before it goes on. */
    leadLeft: (state, { payload: nowMs }: PayloadAction<number>): LeadState => {
      const held = withLead(state, (lead) =>
        afterAction(lead, ledOf(lead), { kind: 'hold' }, nowMs, scorePhrases),
      );
      return held.current ? { ...held, current: { ...held.current, interrupted: true } } : held;
    },
    leadTakenUp: (state): LeadState =>
      state.current ? { ...state, current: { ...state.current, interrupted: false } } : state,
    leadActed: (
      state,
      { payload: { action, nowMs } }: PayloadAction<{ action: LeadAction; nowMs: number }>,
    ): LeadState =>
      withLead(state, (lead) => afterAction(lead, ledOf(lead), action, nowMs, scorePhrases)),
    /** Once a second: what was done so far is tallied, so that a crash loses at most that. */
    leadTallied: (state, { payload: nowMs }: PayloadAction<number>): LeadState =>
      withLead(state, (lead) => {
        if (lead.clockMs === null || nowMs <= lead.clockMs) return lead;
        const score = scoreOfLead(lead);
        return { ...settledAt(lead, score, placeAt(lead, score, nowMs)), clockMs: nowMs };
      }),
    /** The runner fell silent and starts anew; the class is where its clock says. */
    leadNudged: (state) => state,
    leadEnded: (state, { payload }: PayloadAction<RunId | null>): LeadState => ({
      ...state,
      current: null,
      endedRun: payload,
    }),
  },
});

export const {
  leadOpened,
  leadDecided,
  leadPassed,
  leadFollowed,
  leadGone,
  leadHeardOf,
  leadsForgotten,
  leadTried,
  leadWaits,
  leadStarted,
  leadsElsewhere,
  leadFound,
  leadLost,
  leadLeft,
  leadUnnamed,
  leadTakenUp,
  leadActed,
  leadTallied,
  leadNudged,
  leadEnded,
} = slice.actions;
export const leadReducer = slice.reducer;
