import type { PropName } from '../catalog';
import type { LaneChoice, LaneName } from '../lane';
import type { ItemId } from '../ids';
import type { PositionId } from '../position';
import { SECTIONS, type Entry, type Routine, type SectionName } from '../routine';
import { addSteps, addWayHome } from './compile';
import type { Score, ScorePhrases, Segment } from './score';
import { unroll } from './unroll';
import { HEAD_LOW_MS, add, newWalk, type LaneBars, type Walk } from './walk';

/** Where a room has come to between two entries: all that the next one's time depends on. */
export interface RoomState {
  readonly lanes: readonly {
    readonly name: LaneName;
    readonly at: PositionId;
    readonly out: readonly PropName[];
  }[];
  readonly headLowMs: number;
  /** Whether the pause between moves is due before the next play. */
  readonly pauseDue: boolean;
}

/** A stretch of a routine, timed from where the room stood. */
export interface Stretch {
  readonly state: RoomState;
  /** From nought. */
  readonly segments: readonly Segment[];
  readonly ms: number;
}

/** Times entries of a routine one by one, from wherever the room stands. */
export interface StretchTimer {
  readonly start: RoomState;
  readonly entries: (state: RoomState, section: SectionName, entries: Entry[]) => Stretch;
  readonly home: (state: RoomState) => Stretch;
}

/** A timer over the entries of a routine, with the same numbers as its score. */
export function stretchTimer(
  routine: Routine,
  phrases: ScorePhrases,
  bars: LaneBars,
): StretchTimer {
  const first = newWalk(routine, phrases, bars);
  const choices = new Map<ItemId, ReadonlyMap<LaneName, LaneChoice>>();
  const walkFrom = (state: RoomState): Walk => ({
    ...first,
    choices,
    segments: [],
    nowMs: 0,
    headLowMs: state.headLowMs,
    lanes: first.lanes.map((lane, i) => {
      const own = state.lanes[i];
      return { ...lane, at: own?.at ?? lane.at, out: new Set(own?.out ?? []) };
    }),
  });
  const ended = (walk: Walk, pauseDue: boolean): Stretch => ({
    state: stateOf(walk, pauseDue),
    segments: walk.segments,
    ms: walk.nowMs,
  });
  return {
    start: stateOf(first, false),
    entries: (state, section, entries) => {
      const walk = walkFrom(state);
      const sections = Object.fromEntries(
        SECTIONS.map((name) => [name, name === section ? entries : []]),
      ) as Routine['sections'];
      const steps = unroll({ ...routine, sections });
      if (state.pauseDue && steps[0]?.kind === 'play') {
        add(walk, 'pause', walk.pace.betweenMs, null);
      }
      addSteps(walk, steps);
      const last = steps.at(-1);
      return ended(walk, last ? last.kind === 'play' : state.pauseDue);
    },
    home: (state) => {
      const walk = walkFrom(state);
      addWayHome(walk);
      return ended(walk, false);
    },
  };
}

function stateOf(walk: Walk, pauseDue: boolean): RoomState {
  return {
    lanes: walk.lanes.map(({ name, at, out }) => ({ name, at, out: [...out].sort() })),
    // Longer makes no difference, and rooms that go on alike must count as one.
    headLowMs: Math.min(walk.headLowMs, HEAD_LOW_MS + 1),
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
