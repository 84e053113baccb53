import { talkMs, type Side } from '@/core/body';
import { LONGEST_MS, withStop } from '@/core/common';
import { cuesOf, type Level, type Move, type WorkPart } from '@/core/moves';
import { itemInForce, type Item, type ItemInForce } from '@/core/routine';
import { COUNT_DOWN_FROM_MS, COUNT_DOWN_MS, goCue, spoken, type GoCue } from './cues';
import { isWork, type Mark, type SegmentSide, type SpokenCue } from './score';
import type { Play } from './unroll';
import { add, partsFor, type Doing, type Walk } from './walk';
import { cueNow, goTo, laneTarget, turnTo, waysBeforeTurn } from './ways';
import { workOf, type SidePass, type WorkSet } from './set-times';

/** Does one play of an item: the way there, set-up, count-in or switch, and its sets. */
export function addPlay(walk: Walk, play: Play): void {
  const { item, passSide } = play;
  const inForce = itemInForce(item, walk.routine);
  const doing: Doing = {
    play: walk.plays++,
    item,
    round: play.round,
    moveName: inForce.move.name,
    ...partsFor(walk, item, play.throughout),
  };
  const passes = passesOf(play, inForce, walk);
  const side = passes[0]?.side ?? null;
  const first = inForce.sides.way === 'alternating' ? inForce.sides.first : null;
  const turn = play.turns ? passSide : null;
  if (turn) waysBeforeTurn(walk, doing, turn);
  else goTo(walk, doing, sideOf(side) ?? passSide);
  const taken = play.takesUp.flatMap(({ words }) => (words === undefined ? [] : [withStop(words)]));
  if (play.firstOfLine && !play.straight) addSetUp(walk, doing, inForce, side, first, taken);
  if (turn) addSwitch(walk, turn, inForce, doing);
  else if (play.straight !== 'work') {
    add(walk, 'count-in', walk.pace.countInMs, doing, { side });
  } else if (passes[0]) tellAhead(walk, doing, inForce, passes[0], first, taken);
  passes.forEach((pass, i) => {
    const to = sideOf(pass.side);
    if (i > 0 && to) addSwitch(walk, to, inForce, doing);
    addSets(walk, pass, sideOf(passes[i + 1]?.side ?? null), inForce, first, doing);
  });
}

/**
 * What flows on is told in the last seconds of what is before, name and go-cue, where they have been
 * kept free; else its go-cue alone is said when it begins.
 */
function tellAhead(
  walk: Walk,
  doing: Doing,
  inForce: ItemInForce,
  { sets: [set] }: SidePass,
  first: Side | null,
  taken: readonly string[],
): void {
  const before = walk.segments.findLastIndex(isWork);
  const last = walk.segments[before];
  if (walk.quiet || !set || !last) return;
  const { text } = goSaid(walk, doing, { ...set, ms: LONGEST_MS }, first);
  const side = sideOf(set.side);
  const sideSaid = side && walk.phrases.side(side);
  // Whose turn it is is heard, where the words of the move do not say it.
  const isSaid = !sideSaid || text.toLowerCase().includes(sideSaid.toLowerCase());
  const called = leadingMove(walk, doing, inForce).name;
  const withSide = sideSaid ? `${called}, ${sideSaid}` : called;
  const name = isSaid ? called : withSide;
  const { talkWpm } = walk.pace;
  // "And rest" and a count-down are not for what goes on.
  const cues = last.cues.filter(({ kind }) => kind !== 'end');
  const freeMs = Math.max(last.startMs, ...cues.map((cue) => cue.atMs + talkMs(cue.text, talkWpm)));
  const done = walk.lanes[0] && doing.choices.get(walk.lanes[0].name)?.move;
  // A set-up of its own is said where there is time; a move that flows on has none of the catalogue's.
  const own = done === inForce.move ? doing.item.setUp : undefined;
  const setUp = own === undefined ? [] : [spoken(own, set.side, first, walk.phrases)];
  const ways = [
    ...(setUp.length > 0 ? [[name, ...setUp, ...taken, text]] : []),
    [name, ...taken, text],
    [name, text],
    [withSide],
  ];
  for (const said of ways) {
    const words = said.map(withStop).join(' ');
    const atMs = last.endMs - talkMs(words, talkWpm);
    // A cue of signs alone takes no time to say, and still stands where it is.
    if (atMs < freeMs || cues.some((cue) => cue.atMs === atMs)) continue;
    walk.segments[before] = { ...last, cues: [...cues, { atMs, kind: 'ahead', text: words }] };
    return;
  }
  walk.segments[before] = { ...last, cues };
}

/** What is said when the leading lane begins a set. */
function goSaid(walk: Walk, doing: Doing, set: WorkSet, first: Side | null): Omit<GoCue, 'fits'> {
  const { move: done, level } = (walk.lanes[0] && doing.choices.get(walk.lanes[0].name)) ?? {};
  if (!done || !level) return { text: walk.phrases.restHere };
  const cues = { ...cuesOf(done, level), sides: done.sides };
  return goCue(ownOf(doing, done), cues, set, first, walk.pace, walk.phrases);
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
  taken: readonly string[],
): void {
  const { pace, phrases } = walk;
  const texts = walk.lanes.map(({ name }) => {
    const { move, level } = doing.choices.get(name) ?? {};
    if (!move || !level) return phrases.restHere;
    const own = move === inForce.move ? doing.item.setUp : undefined;
    const setUp = spoken(own ?? cuesOf(move, level).setUp, side, first, phrases);
    return [taken.length > 0 ? withStop(setUp) : setUp, ...taken].join(' ');
  });
  const levels = walk.lanes.map(({ name }) => doing.choices.get(name)?.level?.setUpMs ?? 0);
  const longestMs = Math.max(...texts.map((text) => talkMs(text, pace.talkWpm) + pace.settlingMs));
  const ms = Math.max(pace.setUpMs, longestMs, ...levels);
  add(walk, 'set-up', ms, doing, { side, cues: cueNow(walk, 'set-up', () => texts[0]) });
}

function sideOf(side: SegmentSide): Side | null {
  return side === 'left' || side === 'right' ? side : null;
}

function addSwitch(walk: Walk, to: Side, inForce: ItemInForce, doing: Doing): void {
  const text = () => walk.phrases.switchTo(to, leadingMove(walk, doing, inForce).sideMeans);
  add(walk, 'switch', turnTo(walk, doing, to), doing, {
    side: to,
    cues: cueNow(walk, 'switch', text),
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
  for (const lane of walk.lanes) {
    const choice = doing.choices.get(lane.name);
    lane.at = laneTarget(lane, choice, 'to', sideOf(side), doing.item.at);
  }
  sets.forEach((set, i) => {
    if (i > 0) {
      const cues = cueNow(walk, 'rest', () => walk.phrases.rest);
      add(walk, 'rest', inForce.dose.restMs, doing, { cues });
    }
    addSet(walk, set, i === sets.length - 1 ? nextSide : null, inForce, first, doing);
  });
}

function addSet(
  walk: Walk,
  set: WorkSet,
  nextSide: Side | null,
  inForce: ItemInForce,
  first: Side | null,
  doing: Doing,
): void {
  if (walk.quiet) {
    for (const part of set.parts) {
      add(walk, part.kind, part.ms, doing, { side: set.side, set: set.set });
    }
    return;
  }
  const startMs = walk.nowMs;
  const endMs = startMs + set.ms;
  const { move: done, level } = (walk.lanes[0] && doing.choices.get(walk.lanes[0].name)) ?? {};
  const { text, whole } = goSaid(walk, doing, set, first);
  const go: SpokenCue = { atMs: startMs, kind: 'go', text, ...(whole && { whole }) };
  const cues: SpokenCue[] = [go, ...endCues(walk, set, text, endMs)];
  if (set.ms >= COUNT_DOWN_FROM_MS && nextSide) {
    const { sideMeans } = leadingMove(walk, doing, inForce);
    const soon = walk.phrases.switchSoon(nextSide, sideMeans);
    const atMs = Math.max(endMs - COUNT_DOWN_MS, easedMs(walk, set, endMs));
    cues.push({ atMs, kind: 'switch', text: soon });
  }
  const marks: readonly Mark[] = set.marks.map((mark) => ({ ...mark, atMs: mark.atMs + startMs }));
  set.parts.forEach((part, i) => {
    const from = walk.nowMs;
    const until = from + part.ms;
    const last = i === set.parts.length - 1;
    const within = ({ atMs }: { atMs: number }) =>
      atMs >= from && (atMs < until || (last && atMs === until));
    const own = partCue(
      walk,
      part.kind,
      i,
      done && level ? pressOf(walk, doing, done, level, set.side) : undefined,
    );
    add(walk, part.kind, part.ms, doing, {
      side: set.side,
      set: set.set,
      marks: marks.filter(within),
      cues: [...own, ...cues.filter(within)],
    });
  });
}

/** What is spoken of is what the leading lane does; where it rests, the room's move. */
function leadingMove({ lanes }: Walk, { choices }: Doing, { move }: ItemInForce): Move {
  const [leading] = lanes;
  return (leading && choices.get(leading.name)?.move) ?? move;
}

/** Own words are of the item's own move: whoever does another instead hears that one's. */
function ownOf({ item }: Doing, done: Move): Pick<Item, 'cue'> {
  return done.id === item.moveId ? item : NO_OWN_WORDS;
}

const NO_OWN_WORDS: Pick<Item, 'cue'> = {};

function pressOf(
  { phrases }: Walk,
  { item }: Doing,
  done: Move,
  level: Level,
  side: SegmentSide,
): string | undefined {
  const { press } = cuesOf(done, level);
  if (item.pressWhere !== undefined && done.id === item.moveId) {
    return spoken(phrases.pressInto(item.pressWhere), side, null, phrases);
  }
  return press && spoken(press, side, null, phrases);
}

/** Pressing into a stretch and letting go of it are told apart from the work around them. */
function partCue(
  walk: Walk,
  kind: WorkPart['kind'],
  i: number,
  press: string | undefined,
): readonly SpokenCue[] {
  if (kind === 'press') return cueNow(walk, 'press', () => press ?? walk.phrases.press);
  return i > 0 ? cueNow(walk, 'ease', () => walk.phrases.ease) : [];
}

/** When "ease" has been said in a set with presses; in one without, its start. */
function easedMs({ pace, phrases }: Walk, { ms, parts }: WorkSet, endMs: number): number {
  const last = parts.at(-1);
  if (parts.length === 1 || !last) return endMs - ms;
  return endMs - last.ms + talkMs(phrases.ease, pace.talkWpm);
}

/**
 * Work that is too short for a count-down ends with a word, said before the end so that what comes
 * next does not cut it off. Where the cue fills the time, the chime alone says it.
 */
function endCues({ pace, phrases }: Walk, { ms }: WorkSet, go: string, endMs: number): SpokenCue[] {
  const wordMs = talkMs(phrases.andRest, pace.talkWpm);
  // A cue of signs alone is no words, and is said all the same.
  const goMs = Math.max(talkMs(go, pace.talkWpm), wordMs);
  if (ms >= COUNT_DOWN_FROM_MS || goMs + wordMs > ms) return [];
  return [{ atMs: endMs - wordMs, kind: 'end', text: phrases.andRest }];
}
