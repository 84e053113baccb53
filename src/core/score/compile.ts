import type { Side } from '../body';
import type { PropName } from '../catalog';
import { paceOf, talkMs, type PaceDefaults } from '../pace';
import {
  findRoute,
  goesUp,
  isTripToFloor,
  onSide,
  switchMs,
  timeRoute,
  type PositionId,
} from '../position';
import { itemInForce, type Item, type ItemInForce, type Routine } from '../routine';
import { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, goCue, spoken, transferCue } from './cues';
import type {
  LaneWork,
  Mark,
  Score,
  ScorePhrases,
  Segment,
  SegmentKind,
  SegmentSide,
  SpokenCue,
} from './score';
import { unroll, type Play } from './unroll';
import { workOf, type SidePass, type WorkSet } from './work';

/** What a segment is about; everything else the builder knows. */
type About = Partial<Pick<Segment, 'side' | 'set' | 'marks' | 'cues'>>;

/** Where the walk through the routine has come to. */
interface Walk {
  readonly routine: Routine;
  readonly pace: PaceDefaults;
  readonly phrases: ScorePhrases;
  readonly lane: string;
  readonly segments: Segment[];
  nowMs: number;
  at: PositionId;
  out: ReadonlySet<PropName>;
  trips: number;
  plays: number;
}

interface Doing {
  readonly play: number;
  readonly item: Item;
  readonly round: number;
  readonly work: LaneWork;
  readonly moveName: string;
}

/**
 * Times a routine for the first lane of its pace.
 * @param phrases the sentences it may speak
 * @returns the score, in integer milliseconds; it throws where the catalogue lacks a move, since a
 * routine is checked at the door
 */
export function compile(routine: Routine, phrases: ScorePhrases): Score {
  const pace = paceOf(routine.pace, routine.paceChanges);
  const walk: Walk = {
    routine,
    pace,
    phrases,
    lane: pace.lanes[0] ?? routine.pace,
    segments: [],
    nowMs: 0,
    at: routine.start ?? pace.home,
    out: new Set(),
    trips: 0,
    plays: 0,
  };
  for (const step of unroll(routine)) {
    if (step.kind === 'play') addPlay(walk, step);
    else if (step.rest) {
      add(walk, 'rest', step.rest.restMs, null, {
        cues: [{ atMs: walk.nowMs, text: phrases.rest }],
      });
    } else add(walk, 'pause', pace.betweenMs, null);
  }
  const end = routine.end ?? pace.home;
  if (end !== 'stay') addTransfer(walk, end, null);
  return {
    totalMs: walk.nowMs,
    ...sideTotals(walk.segments),
    trips: { [walk.lane]: walk.trips },
    segments: walk.segments,
  };
}

function add(
  walk: Walk,
  kind: SegmentKind,
  ms: number,
  doing: Doing | null,
  about: About = {},
): void {
  if (ms === 0) return;
  walk.segments.push({
    kind,
    startMs: walk.nowMs,
    endMs: walk.nowMs + ms,
    itemId: doing?.item.id ?? null,
    moveId: doing?.work.moveId ?? null,
    moveName: doing?.moveName ?? null,
    side: null,
    set: null,
    round: doing?.round ?? 1,
    play: doing?.play ?? null,
    position: { [walk.lane]: walk.at },
    lanes: doing ? { [walk.lane]: doing.work } : {},
    marks: [],
    cues: [],
    ...about,
  });
  walk.nowMs += ms;
}

/** The way to a position with its rising pauses. A way that is not there takes no time; a check says so. */
function addTransfer(walk: Walk, to: PositionId, doing: Doing | null): void {
  const route = findRoute(walk.at, to, { pace: walk.routine.pace });
  if (isTripToFloor(walk.at, to)) walk.trips += 1;
  if (!route) {
    walk.at = to;
    return;
  }
  for (const part of timeRoute(route, walk.pace)) {
    walk.at = part.at;
    const text =
      part.kind === 'pause' ? walk.phrases.risingPause : transferCue(part, walk.pace, walk.phrases);
    add(walk, part.kind, part.ms, doing, { cues: text ? [{ atMs: walk.nowMs, text }] : [] });
  }
}

function addProp(walk: Walk, props: readonly PropName[], doing: Doing): void {
  if (props.length === 0) return;
  const fetched = props.filter((prop) => !walk.out.has(prop));
  walk.out = new Set(props);
  if (fetched.length === 0) return;
  const cues = [{ atMs: walk.nowMs, text: walk.phrases.fetch(fetched) }];
  add(walk, 'prop', walk.pace.propMs, doing, { cues });
}

function addPlay(walk: Walk, { item, round, firstOfLine }: Play): void {
  const { pace, phrases } = walk;
  const inForce = itemInForce(item, walk.routine.pace);
  const { move, level, sides } = inForce;
  const props = item.props ?? level.props;
  const support = item.support ?? level.support;
  const work = { moveId: move.id, level: level.name, support, props };
  const doing: Doing = { play: walk.plays++, item, round, work, moveName: move.name };
  const passes = workOf(item, inForce, pace);
  const side = passes[0]?.side ?? null;
  const first = sides.way === 'alternating' ? sides.first : null;
  const from = onSide(level.from, sideOf(side));
  if (goesUp(walk.at, from)) {
    addTransfer(walk, from, doing);
    addProp(walk, props, doing);
  } else {
    addProp(walk, props, doing);
    addTransfer(walk, from, doing);
  }
  if (firstOfLine) {
    const text = spoken(item.setUp ?? move.cues.setUp, side, first, phrases);
    const ms = Math.max(pace.setUpMs, talkMs(text, pace.talkWpm) + pace.settlingMs);
    add(walk, 'set-up', ms, doing, { side, cues: [{ atMs: walk.nowMs, text }] });
  }
  add(walk, 'count-in', pace.countInMs, doing, { side });
  passes.forEach((pass, i) => {
    const next = passes[i + 1];
    if (i > 0) addSwitch(walk, pass, inForce, doing);
    addSets(walk, pass, sideOf(next?.side ?? null), inForce, first, doing);
  });
}

function sideOf(side: SegmentSide): Side | null {
  return side === 'left' || side === 'right' ? side : null;
}

function addSwitch(walk: Walk, { side }: SidePass, inForce: ItemInForce, doing: Doing): void {
  const to = sideOf(side);
  if (!to) return;
  walk.at = onSide(inForce.level.from, to);
  const text = walk.phrases.switchTo(to, inForce.move.sideMeans);
  add(walk, 'switch', switchMs(walk.pace, inForce.level.longSwitch), doing, {
    side,
    cues: [{ atMs: walk.nowMs, text }],
  });
}

function addSets(
  walk: Walk,
  { side, sets }: SidePass,
  nextSide: Side | null,
  inForce: ItemInForce,
  first: Side | null,
  doing: Doing,
): void {
  walk.at = onSide(inForce.level.to, sideOf(side));
  sets.forEach((set, i) => {
    if (i > 0) add(walk, 'rest', inForce.dose.restMs, doing, restCue(walk));
    addSet(walk, set, i === sets.length - 1 ? nextSide : null, inForce, first, doing);
  });
}

function restCue(walk: Walk): About {
  return { cues: [{ atMs: walk.nowMs, text: walk.phrases.rest }] };
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
  const cues: SpokenCue[] = [];
  const go = goCue(doing.item, move, set, first, walk.pace, walk.phrases);
  cues.push({ atMs: startMs, text: go.text });
  if (set.ms < COUNT_DOWN_FROM_MS) cues.push({ atMs: endMs, text: walk.phrases.andRest });
  else if (nextSide) {
    const text = walk.phrases.switchSoon(nextSide, move.sideMeans);
    cues.push({ atMs: endMs - COUNT_DOWN_MS, text });
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
