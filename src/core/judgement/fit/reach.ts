import type { TakingPart } from '@/core/people';
import type { ItemId } from '@/core/common';
import { applyChange, itemsInOrder, type Routine } from '@/core/routine';
import {
  timesOf,
  lowersHead,
  msOf,
  type Score,
  type ScorePhrases,
  type SegmentKind,
} from '@/core/timing';
import { doseSteps, stretchableItems } from './adjustable';
import { repeatedOf, roundsOf } from './rounds';

export const IN_THE_WAY = ['pinned', 'no-range', 'at-least', 'at-most', 'checked'] as const;

/** Why an item can't move further. */
export interface InTheWay {
  readonly itemId: ItemId;
  readonly why: (typeof IN_THE_WAY)[number];
}

export interface FitLimits {
  readonly minMs: number;
  readonly maxMs: number;
}

export type LengthPart = 'work' | 'set-ups' | 'between' | 'rests';

/** What a length is made of, in milliseconds: its parts add up to the whole. */
export type MadeOf = Readonly<Record<LengthPart, number>>;

const PART_OF: Readonly<Record<SegmentKind, LengthPart>> = {
  work: 'work',
  press: 'work',
  prop: 'set-ups',
  'set-up': 'set-ups',
  'count-in': 'set-ups',
  transfer: 'between',
  switch: 'between',
  pause: 'between',
  rest: 'rests',
  notice: 'rests',
};

export function madeOf({ segments }: Score): MadeOf {
  const parts = { work: 0, 'set-ups': 0, between: 0, rests: 0 };
  for (const segment of segments) parts[PART_OF[segment.kind]] += msOf(segment);
  return parts;
}

type End = 'least' | 'most';

interface Reaching {
  readonly part: TakingPart;
  readonly phrases: ScorePhrases;
}

/** Rounds at their least or most, and the doses that can move there. */
function widened(routine: Routine, before: Score, end: End, { part, phrases }: Reaching) {
  // One after the other: the heads of all sections are one header, and each change keeps the others.
  const wide = repeatedOf(routine).reduce((known, one) => {
    const rounds = roundsOf(one);
    const to = end === 'least' ? rounds[0] : rounds.findLast((some) => one.changed(known, some));
    const change = to !== undefined && to !== one.rounds && one.changed(known, to);
    return change ? applyChange(known, change) : known;
  }, routine);
  const score = wide === routine ? before : timesOf(wide, part, phrases);
  const moving = stretchableItems(wide, score).map((one) => ({ ...one, end: one[end] }));
  return { wide, score, moving };
}

/** A routine with its doses, sets and rounds all at one end of their ranges. */
export function atEnd(routine: Routine, before: Score, end: End, reaching: Reaching): Score {
  const { wide, moving } = widened(routine, before, end, reaching);
  const steps = moving.flatMap((one) => doseSteps(wide, one.item, one.end));
  const whole = applyChange(wide, { what: 'fit', steps });
  return timesOf(whole, reaching.part, reaching.phrases);
}

/** The least and the greatest length that doses, sets and rounds reach inside their ranges. */
export function lengthLimits(routine: Routine, before: Score, reaching: Reaching): FitLimits {
  const at = (end: End): number => {
    const { score, moving } = widened(routine, before, end, reaching);
    // A head held low for longer adds a pause that only the score knows of.
    if (lowersHead(routine, score)) return atEnd(routine, before, end, reaching).totalMs;
    return moving.reduce(
      (sum, { oldTimeMs, end: to }) => sum + to.timeMs - oldTimeMs,
      score.totalMs,
    );
  };
  return { minMs: at('least'), maxMs: at('most') };
}

/** What keeps a routine from the slot: what is pinned, what has no range, what is at its end. */
export function inTheWay(routine: Routine, score: Score, slotMs: number): readonly InTheWay[] {
  const moving = new Map(
    stretchableItems(routine, score).map((one) => [one.item.id, one] as const),
  );
  return itemsInOrder(routine).flatMap((item): readonly InTheWay[] => {
    if (item.pinned) return [{ itemId: item.id, why: 'pinned' }];
    const one = moving.get(item.id);
    if (!one) return [{ itemId: item.id, why: 'no-range' }];
    const end = slotMs < score.totalMs ? one.least : one.most;
    if (end.timeMs !== one.oldTimeMs) return [];
    return [{ itemId: item.id, why: slotMs < score.totalMs ? 'at-least' : 'at-most' }];
  });
}
