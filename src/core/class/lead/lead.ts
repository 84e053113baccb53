import { cleanText, type PersonId } from '@/core/common';
import type { LaneName, TakingPart } from '@/core/people';
import { itemInForce, itemsInOrder, type Routine } from '@/core/routine';
import { isWork, type Score, type ScorePhrases, type Segment } from '@/core/timing';
import { tallied, type Tally } from '../record/side-times';
import {
  MOST_NOTE,
  type HappenedEvent,
  type LeadEdit,
  type Skip,
  type SkipWhy,
} from '../record/changes';
import { edited, mayEase, mayPlayAgain, maySettle, planned, playAt, type Led } from './edits';
import { mayExtend } from './extend';

/** The count-in after a hold belongs to the run, not to the score. */
export const RESUME_COUNT_IN_MS = 3000;
/** Within its first seconds, "back" means the play before. */
export const BACK_WINDOW_MS = 3000;

/**
 * A class being led, as plain data: it can be kept and taken up again. Clock times are of a
 * monotonic clock; places are in the score.
 */
export interface Lead {
  readonly routine: Routine;
  /** Who takes part, as it was when the class was opened. */
  readonly part: TakingPart;
  /** What was changed on the way, in order. */
  readonly edits: readonly LeadEdit[];
  /** What was left before it was done. */
  readonly skips: readonly Skip[];
  readonly events: readonly HappenedEvent[];
  readonly tally: Tally;
  /** Time led so far, up to `fromMs`. */
  readonly ledMs: number;
  /** Where the stretch that is not tallied yet began. */
  readonly fromMs: number;
  /** The clock when the place was `fromMs`; it may lie ahead, by a count-in. Null while held. */
  readonly clockMs: number | null;
  /** Gone through before the class, and not recorded. */
  readonly runThrough?: true | undefined;
  /** So many stops of the checks the instructor led past, by a deliberate act. */
  readonly passedStops?: number | undefined;
}

export function newLead(routine: Routine, part: TakingPart): Lead {
  return {
    routine,
    part,
    edits: [],
    skips: [],
    events: [],
    tally: {},
    ledMs: 0,
    fromMs: 0,
    clockMs: null,
  };
}

/** Whether its first second has come: until then it is only made ready. */
export function hasBegun({ clockMs, ledMs, fromMs }: Lead): boolean {
  return clockMs !== null || ledMs > 0 || fromMs > 0;
}

/** A class as it is led: its routine and score, with what was changed on the way. */
export function ledClass({ routine, part, edits }: Lead, phrases: ScorePhrases): Led {
  return edits.reduce(
    (led, edit) => edited(led, edit, part, phrases),
    planned(routine, part, phrases),
  );
}

/** The place in the score, from the clock alone: ticks that came late or never don't matter. */
export function placeAt(lead: Lead, score: Score, nowMs: number): number {
  if (lead.clockMs === null) return lead.fromMs;
  const ms = lead.fromMs + Math.max(0, nowMs - lead.clockMs);
  return Math.min(ms, score.totalMs);
}

/** How much of the run's own count-in is left; 0 when the class runs or is held. */
export function countInLeftMs(lead: Lead, nowMs: number): number {
  return lead.clockMs === null ? 0 : Math.max(0, lead.clockMs - nowMs);
}

/** The index of the segment at a place; the last one at the very end, -1 in an empty score. */
export function segmentAt(score: Score, placeMs: number): number {
  const at = score.segments.findIndex(({ endMs }) => placeMs < endMs);
  return at < 0 ? score.segments.length - 1 : at;
}

export type LeadAction =
  | { readonly kind: 'go' }
  | { readonly kind: 'hold' }
  | { readonly kind: 'back' }
  | { readonly kind: 'on' }
  | { readonly kind: 'extend' }
  /** The other side once more, behind this one. */
  | { readonly kind: 'again' }
  /** All that is still to come, one step easier. */
  | { readonly kind: 'ease' }
  /** Straight to what settles. */
  | { readonly kind: 'settle' }
  /** Other ways of taking part, from the next play on. */
  | { readonly kind: 'lanes'; readonly lanes: readonly LaneName[] }
  /** Why the last thing was left before it was done. */
  | { readonly kind: 'why'; readonly why: SkipWhy }
  /** Something happened: the class is held, and the moment is kept. */
  | { readonly kind: 'happened'; readonly at: string }
  /** A word on what happened last. */
  | {
      readonly kind: 'noted';
      readonly note: string;
      /** Whom it happened to; nobody named where it is empty. */
      readonly people?: readonly PersonId[];
    };

/** What an instructor does to a class at a moment of the clock. */
export function afterAction(
  lead: Lead,
  led: Led,
  action: LeadAction,
  nowMs: number,
  phrases: ScorePhrases,
): Lead {
  const { score } = led;
  const placeMs = placeAt(lead, score, nowMs);
  const at = segmentAt(score, placeMs);
  const settled = settledAt(lead, score, placeMs);
  const play = playAt(score, at);
  // A class that has come to its end is not changed any more.
  if (placeMs >= score.totalMs && CHANGING.includes(action.kind)) return lead;
  switch (action.kind) {
    case 'go':
      return goOn(lead, led, nowMs);
    case 'hold':
      return { ...settled, clockMs: null };
    case 'back':
      return jumpTo(settled, backFrom(score, placeMs), lead, nowMs);
    case 'on':
      return jumpTo(withSkip(settled, score, placeMs), onFrom(score, placeMs), lead, nowMs);
    case 'extend':
      if (!mayExtend(led.routine, score, at)) return lead;
      return withEdit(lead, { kind: 'extend', segment: at });
    case 'again':
      return mayPlayAgain(score, at) ? withEdit(lead, { kind: 'again', segment: at }) : lead;
    case 'ease':
      if (!mayEase(led, at)) return lead;
      return withEdit(lead, { kind: 'ease', segment: at });
    case 'lanes':
      if (play === undefined || action.lanes.length === 0) return lead;
      return withEdit(lead, { kind: 'lanes', segment: at, lanes: [...action.lanes] });
    case 'settle': {
      if (play === undefined || !maySettle(led, at)) return lead;
      const edit: LeadEdit = { kind: 'settle', segment: at };
      const endMs = score.segments.findLast((one) => one.play === play)?.endMs ?? placeMs;
      const left = withEdit(withSkip(settled, score, placeMs), edit);
      return jumpTo(left, Math.max(placeMs, endMs), lead, nowMs);
    }
    case 'why':
      return withWhy(lead, action.why);
    case 'noted':
      return withNote(lead, action.note, action.people);
    case 'happened': {
      const itemId = score.segments[at]?.itemId;
      const event = { at: action.at, placeMs: Math.round(placeMs), ...(itemId && { itemId }) };
      const events = [...settled.events, event].slice(-MOST_EVENTS);
      return { ...settled, events, clockMs: null };
    }
  }
}

const CHANGING: readonly LeadAction['kind'][] = ['extend', 'again', 'ease', 'lanes', 'settle'];
const MOST_EVENTS = 100;
const MOST_EDITS = 1000;

function withEdit(lead: Lead, edit: LeadEdit): Lead {
  return lead.edits.length < MOST_EDITS ? { ...lead, edits: [...lead.edits, edit] } : lead;
}

/** Notes what is left before its work is done. */
function withSkip(lead: Lead, score: Score, placeMs: number): Lead {
  const here = score.segments[segmentAt(score, placeMs)];
  if (!here?.itemId) return lead;
  const undone = score.segments.some(
    (one) => one.play === here.play && isWork(one) && one.endMs > placeMs,
  );
  if (!undone || lead.skips.length >= MOST_EDITS) return lead;
  return { ...lead, skips: [...lead.skips, { itemId: here.itemId }] };
}

function withWhy(lead: Lead, why: SkipWhy): Lead {
  const last = lead.skips.at(-1);
  return last ? { ...lead, skips: [...lead.skips.slice(0, -1), { ...last, why }] } : lead;
}

function withNote(lead: Lead, note: string, people?: readonly PersonId[]): Lead {
  const last = lead.events.at(-1);
  if (!last) return lead;
  const { note: _, people: known, ...rest } = last;
  const whom = people ?? known ?? [];
  const noted = {
    ...rest,
    ...(note.trim() !== '' && { note: cleanText(note, MOST_NOTE) }),
    ...(whom.length > 0 && { people: [...whom] }),
  };
  return { ...lead, events: [...lead.events.slice(0, -1), noted] };
}

/** A held class takes up where it stopped; balance on one leg or with eyes closed starts again. */
function goOn(lead: Lead, { routine, score }: Led, nowMs: number): Lead {
  if (lead.clockMs !== null) return lead;
  const segment = score.segments[segmentAt(score, lead.fromMs)];
  const fresh = lead.fromMs === 0;
  const again = segment && startsAgain(routine, segment);
  return {
    ...lead,
    fromMs: again ? segment.startMs : lead.fromMs,
    clockMs: fresh ? nowMs : nowMs + RESUME_COUNT_IN_MS,
  };
}

function startsAgain(routine: Routine, segment: Segment): boolean {
  if (segment.kind !== 'work') return false;
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  if (!item) return false;
  if (item.challenge === 'eyes closed') return true;
  const { move, level } = itemInForce(item, routine);
  const risky = level.loads.some(({ load }) => load === 'one-leg' || load === 'eyes-closed');
  return move.kind === 'balance' && risky;
}

/** The lead with everything up to a place tallied. */
export function settledAt(lead: Lead, score: Score, placeMs: number): Lead {
  return {
    ...lead,
    tally: tallied(lead.tally, score, lead.fromMs, placeMs),
    ledMs: lead.ledMs + placeMs - lead.fromMs,
    fromMs: placeMs,
  };
}

function jumpTo(settled: Lead, placeMs: number, before: Lead, nowMs: number): Lead {
  return { ...settled, fromMs: placeMs, clockMs: before.clockMs === null ? null : nowMs };
}

/** Where each play begins for a body that is already there: after its way and its props. */
function playStarts(score: Score): readonly number[] {
  const starts = new Map<number, number>();
  for (const { play, kind, startMs } of score.segments) {
    if (play === null || starts.has(play) || kind === 'transfer' || kind === 'prop') continue;
    if (kind !== 'pause') starts.set(play, startMs);
  }
  return [...starts.values()];
}

function backFrom(score: Score, placeMs: number): number {
  const begun = playStarts(score).filter((startMs) => startMs <= placeMs);
  const current = begun.at(-1) ?? 0;
  return placeMs - current < BACK_WINDOW_MS ? (begun.at(-2) ?? 0) : current;
}

/** The way to the next play, or to the end position after the last. */
function onFrom(score: Score, placeMs: number): number {
  const here = score.segments[segmentAt(score, placeMs)];
  const next = score.segments.find(
    ({ play, startMs }) => startMs > placeMs && play !== null && play !== here?.play,
  );
  if (next) return next.startMs;
  const last = score.segments.filter(({ play }) => play !== null).at(-1);
  return last && placeMs < last.endMs ? last.endMs : score.totalMs;
}
