import {
  findRoute,
  goesUp,
  isSided,
  isTripToFloor,
  onSide,
  otherSide,
  switchMs,
  timeRoute,
  type PositionId,
  type PositionRef,
  type Side,
  type Step,
  type TransferPart,
} from '@/core/body';
import type { Level, PropName } from '@/core/moves';
import {
  NO_BARS,
  byLane,
  laneGoesTo,
  placeInLane,
  rulesBehind,
  type LaneChoice,
} from '@/core/people';
import { placesOf } from '@/core/routine';
import { transferCue } from './cues';
import type { CueKind, SpokenCue } from './score';
import { HEAD_LOW_MS, add, type Doing, type LaneWalk, type Walk } from './walk';

/** A lane's way to where it has to be, with its times. */
interface Way {
  readonly lane: LaneWalk;
  readonly to: PositionId;
  readonly parts: readonly TransferPart[];
  readonly ms: number;
}

/** A cue at this moment of the walk; none where there is nothing to say. */
export function cueNow(
  walk: Walk,
  kind: CueKind,
  saying: () => string | undefined,
): readonly SpokenCue[] {
  const text = walk.quiet ? undefined : saying();
  return text ? [{ atMs: walk.nowMs, kind, text }] : NOTHING;
}

const NOTHING: readonly SpokenCue[] = [];

/** Where a lane does its part of an item: at its level's place, or where it is while it rests. */
export function laneTarget(
  lane: LaneWalk,
  choice: LaneChoice | undefined,
  which: 'from' | 'to',
  side: Side | null,
  asked?: PositionId,
): PositionId {
  const level = choice?.level;
  if (level && level.from === level.to && level.through.length === 0) {
    const own = asked !== undefined && placeInLane(lane.name, asked, null);
    if (own && placesOf(level).includes(asked)) return own;
    if (staysFor(level, lane.at)) return lane.at;
    const first = placesOf(level).find((ref) => laneGoesTo(lane.name, ref));
    if (first !== undefined) return placeInLane(lane.name, first, side) ?? lane.at;
  }
  const ref: PositionRef | undefined = level?.[which];
  return (ref && (placeInLane(lane.name, ref, side) ?? onSide(ref, side))) ?? lane.at;
}

/** Who stands at a chair, a wall, a counter or a rail stands free right there, hands off. */
const HANDS_OFF: readonly PositionId[] = [
  'stand-chair',
  'stand-wall',
  'stand-counter',
  'stand-rail',
];

/** Whether a level is done where a lane is, though that is not its usual place. */
function staysFor({ from, also, seatBehind }: Level, at: PositionId): boolean {
  if (also?.includes(at)) return true;
  return from === 'stand' && !seatBehind && HANDS_OFF.includes(at);
}

/** Everybody goes where an item is done, and its props come along: after going up, else before. */
export function goTo(walk: Walk, doing: Doing, side: Side | null): void {
  const ways = waysTo(walk, (lane) => {
    const { item, choices } = doing;
    return laneTarget(lane, choices.get(lane.name), 'from', side, item.at);
  });
  const longest = slowest(ways);
  const up = longest !== undefined && goesUp(longest.lane.at, longest.to);
  if (!up) addProps(walk, doing);
  addWays(walk, ways, doing);
  if (up) addProps(walk, doing);
}

/** Everybody goes to the end asked for where their lane goes there, else to where they began. */
export function goHome(walk: Walk): void {
  const { end } = walk.routine;
  if (end === 'stay') return;
  // Whoever goes home comes up, also where home is the very place.
  if (walk.headLowMs > HEAD_LOW_MS) walk.headUpDue = true;
  const ways = waysTo(walk, ({ name, home }) => (end && placeInLane(name, end, null)) ?? home);
  addWays(walk, ways, null);
}

/**
 * Where an item that a lane has just done on one side is now done on the other, and all that lies
 * between is turning over, the change of side is the way.
 */
function turnsOver(lane: LaneWalk, choice: LaneChoice | undefined, to: Side): boolean {
  const from = choice?.level?.from;
  return from !== undefined && isSided(from) && lane.at === onSide(from, otherSide(to));
}

/** Lanes that only turn over in the switch stay where they are until then. */
export function waysBeforeTurn(walk: Walk, doing: Doing, to: Side): void {
  const ways = waysTo(walk, (lane) => {
    const choice = doing.choices.get(lane.name);
    return turnsOver(lane, choice, to)
      ? lane.at
      : laneTarget(lane, choice, 'from', to, doing.item.at);
  });
  addProps(walk, doing);
  addWays(walk, ways, doing);
}

/**
 * How long the room takes to change to a side, from where each lane is; everybody is there after.
 * @returns milliseconds
 */
export function turnTo(walk: Walk, doing: Doing, to: Side): number {
  const times = walk.lanes.map((lane) => {
    const choice = doing.choices.get(lane.name);
    const from = choice?.level?.from;
    // Who came to this side by a way has turned over on it.
    const turned = from !== undefined && isSided(from) && lane.at === onSide(from, to);
    lane.at = laneTarget(lane, choice, 'from', to, doing.item.at);
    const { longSwitch, switchMs: leastMs = 0 } = choice?.level ?? {};
    return Math.max(switchMs(walk.pace, turned ? undefined : longSwitch), leastMs);
  });
  return Math.max(...times);
}

const NO_PARTS: readonly TransferPart[] = [];

/** The ways of all lanes to their places. A way that is not there takes no time; a check says so. */
function waysTo(walk: Walk, placeOf: (lane: LaneWalk) => PositionId): readonly Way[] {
  return walk.lanes.map((lane) => {
    const to = placeOf(lane);
    if (to === lane.at) return { lane, to, parts: NO_PARTS, ms: 0 };
    const rules = rulesBehind(walk.bars.get(lane.name) ?? NO_BARS)[walk.routine.group];
    const route = findRoute(lane.at, to, rules);
    const parts = route ? timeRoute(route, walk.pace) : NO_PARTS;
    return { lane, to, parts, ms: parts.reduce((sum, part) => sum + part.ms, 0) };
  });
}

/** The way that the room waits for: the longest, the first lane's among equals. */
function slowest(ways: readonly Way[]): Way | undefined {
  return ways.reduce<Way | undefined>(
    (most, way) => (!most || way.ms > most.ms ? way : most),
    undefined,
  );
}

/** Everybody goes where they have to be; the room waits for the lane that takes longest. */
function addWays(walk: Walk, ways: readonly Way[], doing: Doing | null): void {
  const startMs = walk.nowMs;
  const longest = slowest(ways);
  // Where the leading lane stays, the room hears whose way it is.
  const leads = longest === undefined || (ways[0]?.parts.length ?? 0) > 0;
  const of = leads ? undefined : longest.lane.name;
  for (const part of longest?.parts ?? []) {
    const spentMs = walk.nowMs - startMs + part.ms;
    const position = byLane(ways.map((way) => [way.lane.name, placeAfter(way, spentMs)] as const));
    const saying = () =>
      part.kind === 'pause'
        ? walk.phrases.risingPause
        : transferCue(part, walk.pace, walk.phrases, of);
    add(walk, part.kind, part.ms, doing, {
      cues: cueNow(walk, part.kind === 'pause' ? 'pause' : 'way', saying),
      position,
      ...(ways[0] && { steps: stepsWithin(ways[0], spentMs - part.ms, spentMs) }),
    });
  }
  for (const { lane, to } of ways) {
    if (isTripToFloor(lane.at, to)) lane.trips += 1;
    lane.at = to;
  }
  if (!walk.headUpDue) return;
  walk.headUpDue = false;
  const cues = cueNow(walk, 'pause', () => walk.phrases.risingPause);
  add(walk, 'pause', walk.pace.headUpMs, doing, { cues });
}

/** What a lane goes of its way while so much of it passes; each part is gone as it begins. */
function stepsWithin({ parts }: Way, fromMs: number, untilMs: number): readonly Step[] {
  let startMs = 0;
  return parts.flatMap(({ ms, steps }) => {
    const isIn = startMs >= fromMs && startMs < untilMs;
    startMs += ms;
    return isIn ? steps : [];
  });
}

/** Where a lane has come to after some time of its way. */
function placeAfter({ lane, to, parts, ms }: Way, spentMs: number): PositionId {
  if (spentMs >= ms) return to;
  let endMs = 0;
  let at = lane.at;
  for (const part of parts) {
    endMs += part.ms;
    if (endMs > spentMs) break;
    at = part.at;
  }
  return at;
}

/** One change of props for the room, where some lane needs one that is not out. */
function addProps(walk: Walk, doing: Doing): void {
  const fetched = new Set<PropName>();
  for (const lane of walk.lanes) {
    const props = doing.work[lane.name]?.props ?? [];
    if (props.length === 0) continue;
    props.filter((prop) => !lane.out.has(prop)).forEach((prop) => fetched.add(prop));
    lane.out = new Set(props);
  }
  if (fetched.size === 0) return;
  const cues = cueNow(walk, 'fetch', () => walk.phrases.fetch([...fetched]));
  add(walk, 'prop', walk.pace.propMs, doing, { cues });
}
