import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RunId } from '@/core/ids';
import {
  afterAction,
  leadScore,
  newLead,
  placeAt,
  settledAt,
  type Lead,
  type LeadAction,
} from '@/core/lead';
import type { Routine } from '@/core/routine';
import type { Score } from '@/core/score';
import { scorePhrases } from '@/words';

/** The class that is being led; saved, so that a reload finds its place. */
export interface LeadInProgress {
  readonly runId: RunId;
  readonly startedAt: string;
  readonly lead: Lead;
  /** Found in storage: the page went away in the middle, so the person is asked first. */
  readonly interrupted: boolean;
}

export interface LeadState {
  readonly current: LeadInProgress | null;
  /** The run that ended last, for the screen that follows. Momentary. */
  readonly endedRun: RunId | null;
}

const initialState: LeadState = { current: null, endedRun: null };

const scores = new WeakMap<Lead['routine'], Map<string, Score>>();

/** The score of a lead, computed once for each routine and what was added to it. */
export function scoreOfLead(lead: Lead): Score {
  const byAdded = scores.get(lead.routine) ?? new Map<string, Score>();
  scores.set(lead.routine, byAdded);
  const key = lead.extensions.map(({ segment }) => segment).join(' ');
  const known = byAdded.get(key);
  if (known) return known;
  const score = leadScore(lead, scorePhrases);
  byAdded.set(key, score);
  return score;
}

const slice = createSlice({
  name: 'lead',
  initialState,
  reducers: {
    leadOpened: (
      _,
      { payload }: PayloadAction<{ routine: Routine; runId: RunId; startedAt: string }>,
    ): LeadState => ({
      current: {
        runId: payload.runId,
        startedAt: payload.startedAt,
        lead: newLead(payload.routine),
        interrupted: false,
      },
      endedRun: null,
    }),
    leadFound: (_, { payload }: PayloadAction<Omit<LeadInProgress, 'interrupted'>>): LeadState => ({
      current: { ...payload, interrupted: true },
      endedRun: null,
    }),
    /** The screen was left: held, and asked about before it goes on. */
    leadLeft: (state, { payload: nowMs }: PayloadAction<number>): LeadState => {
      if (!state.current) return state;
      const { lead } = state.current;
      const held = afterAction(lead, scoreOfLead(lead), { kind: 'hold' }, nowMs);
      return { ...state, current: { ...state.current, lead: held, interrupted: true } };
    },
    leadTakenUp: (state): LeadState =>
      state.current ? { ...state, current: { ...state.current, interrupted: false } } : state,
    leadActed: (
      state,
      { payload: { action, nowMs } }: PayloadAction<{ action: LeadAction; nowMs: number }>,
    ): LeadState => {
      if (!state.current) return state;
      const { lead } = state.current;
      const next = afterAction(lead, scoreOfLead(lead), action, nowMs);
      return { ...state, current: { ...state.current, lead: next } };
    },
    /** Once a second: what was done so far is tallied, so that a crash loses at most that. */
    leadTallied: (state, { payload: nowMs }: PayloadAction<number>): LeadState => {
      if (!state.current) return state;
      const { lead } = state.current;
      if (lead.clockMs === null || nowMs <= lead.clockMs) return state;
      const score = scoreOfLead(lead);
      const settled = settledAt(lead, score, placeAt(lead, score, nowMs));
      return { ...state, current: { ...state.current, lead: { ...settled, clockMs: nowMs } } };
    },
    leadEnded: (_, { payload }: PayloadAction<RunId | null>): LeadState => ({
      current: null,
      endedRun: payload,
    }),
  },
});

export const { leadOpened, leadFound, leadLeft, leadTakenUp, leadActed, leadTallied, leadEnded } =
  slice.actions;
export const leadReducer = slice.reducer;
