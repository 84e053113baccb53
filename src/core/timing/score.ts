import type { Side, SideMeaning, PositionId, Step } from '@/core/body';
import type { ItemId, MoveId, LevelId } from '@/core/common';
import type { Move, PropName, Support, WrittenDose } from '@/core/moves';
import type { ByLane, LaneName, LaneReason } from '@/core/people';

export const SEGMENT_KINDS = [
  'transfer',
  'prop',
  'set-up',
  'count-in',
  'work',
  'press',
  'rest',
  'notice',
  'switch',
  'pause',
] as const;
export type SegmentKind = (typeof SEGMENT_KINDS)[number];

export type SegmentSide = Side | 'both' | 'alternating' | null;

export interface Mark {
  readonly atMs: number;
  readonly kind: 'rep' | 'breath' | 'halfway' | 'last' | 'held';
  /** Which rep or breath starts here, counted for its side; null at halfway. */
  readonly n: number | null;
  readonly side: SegmentSide;
  /** How long a rep is held from here on. */
  readonly ms?: number;
}

/** What a cue of the score is for. */
export type CueKind =
  | 'way'
  | 'fetch'
  | 'set-up'
  | 'ahead'
  | 'notice'
  | 'go'
  | 'press'
  | 'ease'
  | 'end'
  | 'switch'
  | 'rest'
  | 'pause';

export interface SpokenCue {
  readonly atMs: number;
  readonly kind: CueKind;
  /** What is said. */
  readonly text: string;
  /** What is shown, where there is only time to say a part of it. */
  readonly whole?: string | undefined;
}

/** What one lane does in a segment. */
export interface LaneWork {
  /** Null where the lane has nothing to do but rest and breathe. */
  readonly moveId: MoveId | null;
  readonly level: LevelId | null;
  readonly support: Support | null;
  readonly props: readonly PropName[];
  /** How much of it, where an option of the line says so. */
  readonly dose?: WrittenDose;
  /** Why it does this and not what is written. */
  readonly why: LaneReason;
}

/** All times in integer milliseconds from the start of the score. */
export interface Segment {
  readonly kind: SegmentKind;
  readonly startMs: number;
  readonly endMs: number;
  readonly itemId: ItemId | null;
  /** The line of a notice. */
  readonly noticeId?: ItemId;
  readonly moveId: MoveId | null;
  readonly moveName: string | null;
  /** In a switch, set-up or count-in the side that it leads to. */
  readonly side: SegmentSide;
  /** Counted from 1, in work and press; null elsewhere. */
  readonly set: number | null;
  readonly round: number;
  /** Which play it belongs to, counted from 0; null for gaps and the way to the end position. */
  readonly play: number | null;
  /** Where each lane is when the segment ends. */
  readonly position: ByLane<PositionId>;
  readonly lanes: ByLane<LaneWork>;
  readonly marks: readonly Mark[];
  readonly cues: readonly SpokenCue[];
  /** In a transfer, the steps that the leading lane goes meanwhile; none while it waits. */
  readonly steps?: readonly Step[];
}

/**
 * Whether a part of a score is work, pressing into a stretch included.
 * @example isWork({ kind: 'press' }) // true
 */
export function isWork({ kind }: Pick<Segment, 'kind'>): boolean {
  return kind === 'work' || kind === 'press';
}

/**
 * How long a part of a score is, in milliseconds.
 * @example msOf({ startMs: 1000, endMs: 3500 }) // 2500
 */
export function msOf({ startMs, endMs }: Pick<Segment, 'startMs' | 'endMs'>): number {
  return endMs - startMs;
}

/** Whether work is counted, in reps or breaths, and not timed. */
export function isCounted(parts: readonly Pick<Segment, 'marks'>[]): boolean {
  return parts.some(({ marks }) => marks.some(({ n }) => n !== null));
}

/** The set that a part of a score belongs to: the same for all its parts, and for no other. */
export function setKey({ play, side, set }: Pick<Segment, 'play' | 'side' | 'set'>): string {
  return `${play} ${side} ${set}`;
}

/** A routine, timed: segments in order, none overlapping, none missing. */
export interface Score {
  readonly totalMs: number;
  /** Work and press on each side; both-sided and alternating work counts half to each. */
  readonly leftMs: number;
  readonly rightMs: number;
  /** Trips to the floor, by lane. */
  readonly trips: ByLane<number>;
  readonly segments: readonly Segment[];
}

/** The sentences that a score speaks; `words` fills the table. */
export interface ScorePhrases {
  /** A way, step by step, as one sentence; with whose it is, where the leading lane stays. */
  readonly way: (steps: readonly Step[], of?: LaneName) => string;
  readonly side: (side: Side) => string;
  readonly fetch: (props: readonly PropName[]) => string;
  readonly switchTo: (side: Side, means: SideMeaning | undefined) => string;
  readonly switchSoon: (side: Side, means: SideMeaning | undefined) => string;
  readonly rest: string;
  readonly risingPause: string;
  readonly press: string;
  /** With where to press, in the instructor's own words. */
  readonly pressInto: (where: string) => string;
  /**
   * A cue of a move for the sides that a line asks for, which may be other than the move's own: who
   * does one side at a time is not told to change.
   */
  readonly forSides: (cue: string, ofMove: Move['sides'], side: SegmentSide) => string;
  readonly ease: string;
  readonly andRest: string;
  /** The same where no rest follows; as many words, so that it takes as long. */
  readonly andStop: string;
  /** For a lane that has no way of taking part in a move. */
  readonly restHere: string;
  /** The same thing noticed a second time: how it is now, beside how it was. */
  readonly noticeAgain: (words: string) => string;
}
