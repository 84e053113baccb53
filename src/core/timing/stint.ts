import type { PositionId } from '@/core/body';
import type { PropName } from '@/core/moves';
import type { LaneName, TakingPart } from '@/core/people';
import { type Entry, type Routine, type SectionName } from '@/core/routine';
import { addSteps } from './compile';
import type { Score, ScorePhrases, Segment } from './score';
import { unroll } from './unroll';
import { HEAD_LOW_MS, add, newWalk, type Walk } from './walk';
import { goHome } from './ways';

/** Where a room has come to between two entries: all that the next one's time depends on. */
export interface RoomState {
  readonly lanes: readonly {
    readonly name: LaneName;
    readonly at: PositionId;
    readonly out: readonly PropName[];
  }[];
  readonly headLowMs: number;
  readonly headUpDue: boolean;
  /** Whether the pause between moves is due before the next play. */
  readonly pauseDue: boolean;
}

/** A stint of a routine, timed from where the room stood. */
export interface Stint {
  readonly state: RoomState;
  /** From nought; without a word. */
  readonly segments: readonly Segment[];
  readonly ms: number;
}

/** Times entries of a routine one by one, from wherever the room stands. */
export interface StintTimer {
  readonly start: RoomState;
  /** Lays some entries out once, to be timed from as many rooms as are asked for. */
  readonly of: (section: SectionName, entries: readonly Entry[]) => (state: RoomState) => Stint;
  readonly home: (state: RoomState) => Stint;
}

/** A timer over the entries of a routine, with the same numbers as its score. */
export function stintTimer(routine: Routine, part: TakingPart, phrases: ScorePhrases): StintTimer {
  const first = { ...newWalk(routine, part, phrases), quiet: true };
  const walkFrom = (state: RoomState): Walk => ({
    ...first,
    segments: [],
    nowMs: 0,
    headLowMs: state.headLowMs,
    headUpDue: state.headUpDue,
    lanes: first.lanes.map((lane, i) => {
      const own = state.lanes[i];
      return { ...lane, at: own?.at ?? lane.at, out: new Set(own?.out ?? []) };
    }),
  });
  const ended = (walk: Walk, pauseDue: boolean): Stint => ({
    state: stateOf(walk, pauseDue),
    segments: walk.segments,
    ms: walk.nowMs,
  });
  const timed = (steps: ReturnType<typeof unroll>, state: RoomState): Stint => {
    const walk = walkFrom(state);
    if (state.pauseDue && steps[0]?.kind === 'play') {
      add(walk, 'pause', walk.pace.betweenMs, null);
    }
    addSteps(walk, steps);
    const last = steps.at(-1);
    return ended(walk, last ? last.kind === 'play' : state.pauseDue);
  };
  return {
    start: stateOf(first, false),
    of: (section, entries) => {
      const sections = { ...NO_ENTRIES, [section]: entries };
      const steps = unroll({ ...routine, sections });
      return (state) => timed(steps, state);
    },
    home: (state) => {
      const walk = walkFrom(state);
      goHome(walk);
      return ended(walk, false);
    },
  };
}

const NO_ENTRIES: Routine['sections'] = { 'warm-up': [], main: [], settle: [] };

function stateOf(walk: Walk, pauseDue: boolean): RoomState {
  return {
    lanes: walk.lanes.map(({ name, at, out }) => ({ name, at, out: [...out].sort() })),
    // Longer makes no difference, and rooms that go on alike must count as one.
    headLowMs: Math.min(walk.headLowMs, HEAD_LOW_MS + 1),
    headUpDue: walk.headUpDue,
    pauseDue,
  };
}

/** What changing place costs a class, in milliseconds. */
export interface MovingCost {
  readonly transferMs: number;
  readonly risingMs: number;
  readonly propMs: number;
}

/**
 * Transfers, rising pauses and prop changes; not the pauses between moves.
 * @param home from which segment on a pause belongs to the way home
 */
export function movingCost(segments: readonly Segment[], home = segments.length): MovingCost {
  let transferMs = 0;
  let risingMs = 0;
  let propMs = 0;
  segments.forEach(({ kind, play, startMs, endMs }, at) => {
    const ms = endMs - startMs;
    if (kind === 'transfer') transferMs += ms;
    else if (kind === 'prop') propMs += ms;
    else if (kind === 'pause' && (play !== null || at >= home)) risingMs += ms;
  });
  return { transferMs, risingMs, propMs };
}

/** What changing place costs in a whole score. */
export function scoreMovingCost({ segments }: Score): MovingCost {
  return movingCost(segments, segments.findLastIndex(({ play }) => play !== null) + 1);
}
