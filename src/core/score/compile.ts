import type { Side } from '../body';
import type { PropName } from '../catalog';
import { placeInLane } from '../lane';
import { talkMs } from '../pace';
import { goesUp, switchMs } from '../position';
import { groupEffects, itemInForce, lanesOf, type ItemInForce, type Routine } from '../routine';
import { barsOf } from '../limit';
import { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, goCue, spoken, transferCue } from './cues';
import type { Mark, Score, ScorePhrases, Segment, SegmentSide, SpokenCue } from './score';
import { unroll, type Gap, type Play } from './unroll';
import {
  add,
  arrive,
  choicesFor,
  laneTarget,
  laneWork,
  HEAD_LOW_MS,
  newWalk,
  placeAfter,
  slowest,
  waysTo,
  type Doing,
  type LaneBars,
  type Walk,
  type Way,
} from './walk';
import { workOf, type SidePass, type WorkSet } from './work';

/**
 * Times a routine for all its lanes in step.
 * @param phrases the sentences it may speak
 * @param bars what the people of each lane may not be asked to bear; by the routine's own limits
 * when left out
 * @returns the score, in integer milliseconds; it throws where the catalogue lacks a move, since a
 * routine is checked at the door
 */
export function compile(
  routine: Routine,
  phrases: ScorePhrases,
  bars: LaneBars = groupBars(routine),
): Score {
  const walk = newWalk(routine, phrases, bars);
  addSteps(walk, unroll(routine));
  addWayHome(walk);
  return {
    totalMs: walk.nowMs,
    ...sideTotals(walk.segments),
    trips: Object.fromEntries(walk.lanes.map(({ name, trips }) => [name, trips])),
    segments: walk.segments,
  };
}

/** Does plays and gaps one after the other. */
export function addSteps(walk: Walk, steps: readonly (Play | Gap)[]): void {
  for (const step of steps) {
    if (step.kind === 'play') addPlay(walk, step);
    else if (step.restMs === null) add(walk, 'pause', walk.pace.betweenMs, null);
    else add(walk, 'rest', step.restMs, null, cue(walk, walk.phrases.rest));
  }
}

/** What the limits of the whole group bar, the same in every lane. */
function groupBars(routine: Routine): LaneBars {
  const bars = barsOf(groupEffects(routine));
  return new Map(lanesOf(routine).map((lane) => [lane, bars]));
}

function cue(walk: Walk, text: string | undefined): { cues: readonly SpokenCue[] } {
  return { cues: text ? [{ atMs: walk.nowMs, text }] : [] };
}

/** Everybody goes to the end asked for where their lane goes there, else to where they began. */
export function addWayHome(walk: Walk): void {
  const { end } = walk.routine;
  if (end === 'stay') return;
  const ways = waysTo(walk, ({ name, home }) => (end && placeInLane(name, end, null)) ?? home);
  addWays(walk, ways, null);
}

/** Everybody goes where they have to be; the room waits for the lane that takes longest. */
function addWays(walk: Walk, ways: readonly Way[], doing: Doing | null): void {
  const longest = slowest(ways);
  const startMs = walk.nowMs;
  const headUp = walk.headLowMs > HEAD_LOW_MS && longest !== undefined && longest.ms > 0;
  for (const part of longest?.parts ?? []) {
    const spentMs = walk.nowMs - startMs + part.ms;
    const position = Object.fromEntries(
      ways.map((way) => [way.lane.name, placeAfter(way, spentMs)]),
    );
    const text =
      part.kind === 'pause' ? walk.phrases.risingPause : transferCue(part, walk.pace, walk.phrases);
    add(walk, part.kind, part.ms, doing, { ...cue(walk, text), position });
  }
  arrive(ways);
  if (headUp) add(walk, 'pause', walk.pace.headUpMs, doing, cue(walk, walk.phrases.risingPause));
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
  add(walk, 'prop', walk.pace.propMs, doing, cue(walk, walk.phrases.fetch([...fetched])));
}

function addPlay(walk: Walk, play: Play): void {
  const { item, passSide } = play;
  const inForce = itemInForce(item, walk.routine);
  const choices = choicesFor(walk, item);
  const doing: Doing = {
    play: walk.plays++,
    item,
    round: play.round,
    moveName: inForce.move.name,
    choices,
    work: laneWork(item, choices),
  };
  const passes = passesOf(play, inForce, walk);
  const side = passes[0]?.side ?? null;
  const first = inForce.sides.way === 'alternating' ? inForce.sides.first : null;
  const ways = waysTo(walk, (lane) =>
    laneTarget(lane, choices.get(lane.name), 'from', sideOf(side) ?? passSide),
  );
  const longest = slowest(ways);
  if (longest && goesUp(longest.lane.at, longest.to)) {
    addWays(walk, ways, doing);
    addProps(walk, doing);
  } else {
    addProps(walk, doing);
    addWays(walk, ways, doing);
  }
  if (play.firstOfLine) addSetUp(walk, doing, inForce, side, first);
  if (play.turns && passSide) addSwitch(walk, passSide, inForce, doing);
  else add(walk, 'count-in', walk.pace.countInMs, doing, { side });
  passes.forEach((pass, i) => {
    const to = sideOf(pass.side);
    if (i > 0 && to) addSwitch(walk, to, inForce, doing);
    addSets(walk, pass, sideOf(passes[i + 1]?.side ?? null), inForce, first, doing);
  });
}

/** In a pass of a per-side block an item of two sides does that side alone. */
function passesOf(play: Play, inForce: ItemInForce, walk: Walk): readonly SidePass[] {
  const passes = workOf(play.item, inForce, walk.pace);
  if (!play.passSide || inForce.sides.way !== 'each') return passes;
  return passes.filter(({ side }) => side === play.passSide);
}

/** The first lane's set-up is spoken; the time is the longest of all lanes'. */
function addSetUp(
  walk: Walk,
  doing: Doing,
  inForce: ItemInForce,
  side: SegmentSide,
  first: Side | null,
): void {
  const { pace, phrases } = walk;
  const texts = walk.lanes.map(({ name }) => {
    const move = doing.choices.get(name)?.move;
    if (!move) return phrases.restHere;
    const own = move === inForce.move ? doing.item.setUp : undefined;
    return spoken(own ?? move.cues.setUp, side, first, phrases);
  });
  const longestMs = Math.max(...texts.map((text) => talkMs(text, pace.talkWpm) + pace.settlingMs));
  const ms = Math.max(pace.setUpMs, longestMs);
  add(walk, 'set-up', ms, doing, { side, ...cue(walk, texts[0]) });
}

function sideOf(side: SegmentSide): Side | null {
  return side === 'left' || side === 'right' ? side : null;
}

function addSwitch(walk: Walk, to: Side, inForce: ItemInForce, doing: Doing): void {
  const times = walk.lanes.map(({ name }) =>
    switchMs(walk.pace, doing.choices.get(name)?.level?.longSwitch),
  );
  for (const lane of walk.lanes) {
    lane.at = laneTarget(lane, doing.choices.get(lane.name), 'from', to);
  }
  const text = walk.phrases.switchTo(to, inForce.move.sideMeans);
  add(walk, 'switch', Math.max(...times), doing, { side: to, ...cue(walk, text) });
}

function addSets(
  walk: Walk,
  { side, sets }: SidePass,
  nextSide: Side | null,
  inForce: ItemInForce,
  first: Side | null,
  doing: Doing,
): void {
  for (const lane of walk.lanes) {
    lane.at = laneTarget(lane, doing.choices.get(lane.name), 'to', sideOf(side));
  }
  sets.forEach((set, i) => {
    if (i > 0) add(walk, 'rest', inForce.dose.restMs, doing, cue(walk, walk.phrases.rest));
    addSet(walk, set, i === sets.length - 1 ? nextSide : null, inForce, first, doing);
  });
}

function addSet(
  walk: Walk,
  set: WorkSet,
  nextSide: Side | null,
  { move }: ItemInForce,
  first: Side | null,
  doing: Doing,
): void {
  const startMs = walk.nowMs;
  const endMs = startMs + set.ms;
  const leading = walk.lanes[0] && doing.choices.get(walk.lanes[0].name)?.move;
  const text = leading
    ? goCue(doing.item, leading, set, first, walk.pace, walk.phrases).text
    : walk.phrases.restHere;
  const cues: SpokenCue[] = [{ atMs: startMs, text }];
  if (set.ms < COUNT_DOWN_FROM_MS) cues.push({ atMs: endMs, text: walk.phrases.andRest });
  else if (nextSide) {
    const soon = walk.phrases.switchSoon(nextSide, move.sideMeans);
    cues.push({ atMs: endMs - COUNT_DOWN_MS, text: soon });
  }
  const marks: readonly Mark[] = set.marks.map((mark) => ({ ...mark, atMs: mark.atMs + startMs }));
  set.parts.forEach((part, i) => {
    const from = walk.nowMs;
    const until = from + part.ms;
    const last = i === set.parts.length - 1;
    const within = ({ atMs }: { atMs: number }) =>
      atMs >= from && (atMs < until || (last && atMs === until));
    const own = part.kind === 'press' ? walk.phrases.press : i > 0 ? walk.phrases.ease : undefined;
    add(walk, part.kind, part.ms, doing, {
      side: set.side,
      set: set.set,
      marks: marks.filter(within),
      cues: [...(own ? [{ atMs: from, text: own }] : []), ...cues.filter(within)],
    });
  });
}

/** Work and press by side; what both sides do counts half to each. */
function sideTotals(segments: readonly Segment[]): Pick<Score, 'leftMs' | 'rightMs'> {
  let leftMs = 0;
  let rightMs = 0;
  for (const { kind, side, startMs, endMs } of segments) {
    if (kind !== 'work' && kind !== 'press') continue;
    const ms = endMs - startMs;
    if (side === 'left') leftMs += ms;
    else if (side === 'right') rightMs += ms;
    else {
      leftMs += ms / 2;
      rightMs += ms / 2;
    }
  }
  return { leftMs: Math.round(leftMs), rightMs: Math.round(rightMs) };
}
