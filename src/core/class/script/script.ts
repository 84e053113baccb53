import { countWords, paceOf, talkMs, type Pace } from '@/core/body';
import { withStop } from '@/core/common';
import { moveById, type Catalogue, type Cues } from '@/core/moves';
import {
  catalogueFor,
  type Item,
  type ItemInForce,
  type ItemOption,
  type Routine,
} from '@/core/routine';
import {
  COUNT_DOWN_FROM_MS,
  COUNT_DOWN_MS,
  isCounted,
  msOf,
  spoken,
  type Score,
  type ScorePhrases,
  type Segment,
} from '@/core/timing';
import { firstFree, giveBack, lastFree, take, type Span, type TakenTime } from './free-time';
import type { LineKind, ScriptLine } from './script-line';
import { scenesOf, stretchOf, type Scene } from './scenes';

/** The sentences that a script needs beside those of the score; `words` fills the table. */
export interface ScriptPhrases {
  /** Ahead of a move, with its dose where that is not known yet. */
  readonly next: (name: string, dose: string | null) => string;
  /** At the move itself, where there was no time ahead. */
  readonly now: (name: string, dose: string | null) => string;
  /** A dose as it is said: "eight each side". `each` is false where a block gives the side. */
  readonly dose: (inForce: ItemInForce, each: boolean) => string;
  /** What stands under a caption while a move is done. */
  readonly beside: (cues: Pick<Cues, 'watch' | 'breath' | 'easier' | 'further'>) => string;
  /** What anybody may do instead. */
  readonly orElse: (names: readonly string[]) => string;
  readonly halfway: string;
  /** Before a drill with the eyes closed ends. */
  readonly openEyes: string;
  readonly twoMore: (eachSide: boolean) => string;
  readonly lastOne: (eachSide: boolean) => string;
}

/** Shorter work has its go-cue and nothing beside it. */
const POINT_FROM_MS = 20_000;
/** From this length on a watch point stands in each quarter. */
const QUARTERS_FROM_MS = 60_000;
/** "Halfway" that comes later is not true any more. */
const HALF_LATE_MS = 1500;
/** A way out that comes later than this comes too late. */
const WAY_OUT_WITHIN_MS = 3000;
/** The end of a switch is counted. */
const SWITCH_COUNT_MS = 3000;
/** "Two more" is of use where there were more than these. */
const TWO_MORE_FROM = 4;

interface Draft {
  readonly pace: Pace;
  readonly phrases: ScorePhrases & ScriptPhrases;
  readonly lines: ScriptLine[];
  readonly taken: TakenTime;
  /** How many points each item has had, so that every side and round hears another. */
  readonly pointsSaid: Map<string, number>;
  /** Items whose options have been told. */
  readonly offered: Set<string>;
}

/**
 * All that could be said in a class by somebody who is not there: the cues of the score, and in the
 * time they leave, what comes and for how long, watch points and the breath, how far along it is,
 * and the way out. It never lengthens the score, never says two lines at once, and never speaks over
 * a count.
 * @returns lines in order, in integer milliseconds of the score
 */
export function scriptOf(
  routine: Routine,
  score: Score,
  phrases: ScorePhrases & ScriptPhrases,
): readonly ScriptLine[] {
  const draft: Draft = {
    pace: paceOf(routine.group, routine.pace),
    phrases,
    lines: [],
    taken: [],
    pointsSaid: new Map(),
    offered: new Set(),
  };
  score.segments.forEach((segment) => takeSegment(draft, segment));
  const scenes = scenesOf(routine, score);
  scenes.forEach((scene) => scene.sets.forEach((set) => tellEyes(draft, scene, set)));
  scenes.forEach((scene) => scene.sets.forEach((set) => tellCount(draft, scene, set)));
  [undefined, ...scenes].forEach((before, i) => tellBetween(draft, score, before, scenes[i]));
  scenes.forEach((scene) => tellOptions(draft, routine, scene));
  scenes.forEach((scene) => scene.sets.forEach((set) => tellAlong(draft, scene, set)));
  scenes.forEach((scene, i) => showBeside(draft, scene, unsaidOf(draft, scenes, i)));
  return draft.lines.sort((a, b) => a.atMs - b.atMs);
}

/** The score's own cues, and what is counted or pushed through without a word. */
function takeSegment(draft: Draft, { kind, startMs, endMs, cues }: Segment): void {
  for (const cue of cues) {
    draft.lines.push(cue);
    take(draft.taken, spanOf(draft, cue));
  }
  if (kind === 'count-in' || kind === 'press') {
    take(draft.taken, { fromMs: startMs, untilMs: endMs });
  }
  if (kind === 'switch') {
    take(draft.taken, { fromMs: Math.max(startMs, endMs - SWITCH_COUNT_MS), untilMs: endMs });
  }
}

function spanOf(draft: Draft, { atMs, text }: Pick<ScriptLine, 'atMs' | 'text'>): Span {
  return { fromMs: atMs, untilMs: atMs + talk(draft, text) };
}

function talk({ pace }: Draft, text: string): number {
  return talkMs(text, pace.talkWpm);
}

/** Says a line in the first or the last free time of a stretch, if there is enough of it. */
function tell(
  draft: Draft,
  kind: LineKind,
  text: string,
  within: Span,
  find: typeof firstFree = firstFree,
): boolean {
  const atMs = find(draft.taken, talk(draft, text), within);
  if (atMs === undefined) return false;
  const line = { atMs, kind, text };
  draft.lines.push(line);
  take(draft.taken, spanOf(draft, line));
  return true;
}

/** Where the count-down begins; counted work has the last of its count in its place. */
function countDownMs(set: readonly Segment[]): number {
  const { fromMs, untilMs } = stretchOf(set);
  const counts = !isCounted(set) && untilMs - fromMs >= COUNT_DOWN_FROM_MS;
  return counts ? untilMs - COUNT_DOWN_MS : untilMs;
}

/** Nobody's eyes are closed any more when people are to move. It has its time before all else. */
function tellEyes(draft: Draft, { item, done }: Scene, set: readonly Segment[]): void {
  const closed =
    item.challenge === 'eyes closed' ||
    done?.level.loads.some(({ load }) => load === 'eyes-closed');
  if (!done || !closed) return;
  const { fromMs, untilMs } = stretchOf(set);
  const text = draft.phrases.openEyes;
  const before = Math.min(countDownMs(set), untilMs - EYES_OPEN_MS);
  const atMs =
    lastFree(draft.taken, talk(draft, text), { fromMs, untilMs: before }) ??
    Math.max(fromMs, before - talk(draft, text));
  const line: ScriptLine = { atMs, kind: 'eyes', text };
  draft.lines.push(line);
  take(draft.taken, spanOf(draft, line));
}

/** So long the eyes are open before the work ends. */
const EYES_OPEN_MS = 1000;

/** "Two more", "last one", at the moment or soon after; and nothing is said over a count-down. */
function tellCount(draft: Draft, { done }: Scene, set: readonly Segment[]): void {
  const { untilMs } = stretchOf(set);
  const downMs = countDownMs(set);
  if (downMs < untilMs) take(draft.taken, { fromMs: downMs, untilMs });
  const marks = set.flatMap((segment) => segment.marks);
  const last = marks.find(({ kind }) => kind === 'last');
  if (!done || !last?.n) return;
  const turns = marks.filter(({ kind }) => kind === 'last').length;
  const count = last.n;
  const starts = (n: number) => marks.find((mark) => mark.n === n && mark.kind !== 'last')?.atMs;
  const lastMs = starts(count) ?? last.atMs;
  const unitMs = (untilMs - lastMs) / 2;
  const each = turns > 1;
  const beforeMs = starts(count - 1);
  const say = (text: string, atMs: number) =>
    tell(draft, 'count', text, {
      fromMs: atMs,
      untilMs: Math.min(untilMs, atMs + unitMs + talk(draft, text)),
    });
  if (count >= TWO_MORE_FROM && beforeMs !== undefined) say(draft.phrases.twoMore(each), beforeMs);
  if (count > 1) say(draft.phrases.lastOne(each), lastMs);
}

/** Between two moves: the way out of the one, then the name and the dose of the other. */
function tellBetween(
  draft: Draft,
  { segments, totalMs }: Score,
  before: Scene | undefined,
  next: Scene | undefined,
): void {
  const gap = { fromMs: before?.workEndMs ?? 0, untilMs: next?.fromMs ?? totalMs };
  const leaves = segments.find(
    ({ kind, startMs }) =>
      (kind === 'transfer' || kind === 'prop') && startMs >= gap.fromMs && startMs < gap.untilMs,
  );
  const out = before && wayOutOf(draft, before);
  const told =
    out === undefined ||
    tellWayOut(draft, out, gap, leaves?.startMs) ||
    (before !== undefined && isOwnOut(before) && tellInWork(draft, before, out, 'way-out'));
  if (!next) return;
  const ahead: Ahead[] = told || leaves ? [] : [{ kind: 'way-out', text: out }];
  const name = tellNext(draft, before, next, gap, ahead);
  tellAhead(draft, next, name ? [...ahead, name] : ahead, !before);
}

/** Before anybody walks off, and soon enough to be of use. */
function tellWayOut(draft: Draft, out: string, gap: Span, leavesMs = gap.untilMs): boolean {
  const latestMs = gap.fromMs + WAY_OUT_WITHIN_MS + talk(draft, out);
  return tell(draft, 'way-out', out, { ...gap, untilMs: Math.min(leavesMs, latestMs) });
}

/** Who does two rounds of one thing in a row is not told its name again. */
function tellNext(
  draft: Draft,
  before: Scene | undefined,
  next: Scene,
  gap: Span,
  ahead: readonly Ahead[],
): Ahead | undefined {
  const name = next.done?.move.name;
  if (name === undefined || before?.item === next.item || isTold(before)) return undefined;
  const dose = next.setUp && draft.phrases.dose(next.inForce, !next.oneSide);
  for (const amount of dose === undefined ? [null] : [dose, null]) {
    const text = draft.phrases.next(name, amount);
    if (tell(draft, 'next', text, gap, lastFree)) return undefined;
    const now: Ahead = { kind: 'next', text: draft.phrases.now(name, amount) };
    if (spareMs(draft, next, !before) >= aheadMs(draft, [...ahead, now])) return now;
    if (before && tellInWork(draft, before, text)) return undefined;
  }
  return undefined;
}

/** Whether the score has told in the last work what flows on from it. */
function isTold(before: Scene | undefined): boolean {
  const last = before?.sets.at(-1) ?? [];
  return last.some(({ cues }) => cues.some(({ kind }) => kind === 'ahead'));
}

/** In the second half of the last set before, ahead of its count-down. */
function tellInWork(draft: Draft, { sets }: Scene, text: string, kind: LineKind = 'next'): boolean {
  const set = sets.at(-1) ?? [];
  const { fromMs, untilMs } = stretchOf(set);
  const halfMs = (fromMs + untilMs) / 2;
  return tell(draft, kind, text, { fromMs: halfMs, untilMs: countDownMs(set) }, lastFree);
}

/** A line that is said before the set-up, in the time that the set-up has to spare. */
interface Ahead {
  readonly kind: 'way-out' | 'next';
  readonly text: string;
}

function aheadMs(draft: Draft, ahead: readonly Ahead[]): number {
  return ahead.reduce((sum, { text }) => sum + talk(draft, text), 0);
}

/**
 * What a set-up leaves when its words are said and people have settled. Who has just begun sits
 * already, so that the first name may take of the settling.
 */
function spareMs(draft: Draft, { setUp }: Scene, begins: boolean): number {
  const cue = setUp?.cues[0];
  if (!setUp || !cue) return 0;
  return msOf(setUp) - (begins ? 0 : draft.pace.settlingMs) - talk(draft, cue.text);
}

/** Lines ahead of a set-up push its own words back, inside the same time. */
function tellAhead(draft: Draft, scene: Scene, ahead: readonly Ahead[], begins: boolean): void {
  const cue = scene.setUp?.cues[0];
  if (!cue || ahead.length === 0) return;
  const own = spanOf(draft, cue);
  const untilMs = own.untilMs + spareMs(draft, scene, begins);
  giveBack(draft.taken, own);
  const allMs = aheadMs(draft, ahead) + talk(draft, cue.text);
  // What was said last may still be going on.
  let atMs = firstFree(draft.taken, allMs, { fromMs: cue.atMs, untilMs });
  if (atMs === undefined) return take(draft.taken, own);
  draft.lines.splice(draft.lines.indexOf(cue), 1);
  for (const line of [...ahead, { ...cue }]) {
    draft.lines.push({ ...line, atMs });
    take(draft.taken, spanOf(draft, { ...line, atMs }));
    atMs += talk(draft, line.text);
  }
}

/** An option by what makes it one: of the same move its level alone, of another its level as well. */
function optionSaid(catalogue: Catalogue, item: Item, { moveId, level: id }: ItemOption): string {
  const { name, levels } = moveById(catalogue, moveId);
  const level = levels.find((one) => one.id === id)?.name;
  if (level === undefined) return name;
  return moveId === item.moveId ? level : `${name}, ${level}`;
}

/** What anybody may do instead is told once, in the first set that has time for it. */
function tellOptions(draft: Draft, routine: Routine, { item, sets }: Scene): void {
  const offered = (item.options ?? []).filter(({ lane }) => lane === undefined);
  const [set] = sets;
  if (!set || offered.length === 0 || draft.offered.has(item.id)) return;
  const catalogue = catalogueFor(routine);
  const names = offered.map((option) => optionSaid(catalogue, item, option));
  const span = { fromMs: stretchOf(set).fromMs, untilMs: countDownMs(set) };
  if (tell(draft, 'point', draft.phrases.orElse(names), span)) draft.offered.add(item.id);
}

/** Along the work: a watch point or the breath, and that half of it is done. */
function tellAlong(draft: Draft, scene: Scene, set: readonly Segment[]): void {
  const { fromMs, untilMs } = stretchOf(set);
  const ms = untilMs - fromMs;
  if (!scene.done || ms < POINT_FROM_MS) return;
  const downMs = countDownMs(set);
  const half = set.flatMap(({ marks }) => marks).find(({ kind }) => kind === 'halfway');
  const within = (atMs: number, lateMs: number, text: string): Span => ({
    fromMs: Math.round(atMs),
    untilMs: Math.min(downMs, Math.round(atMs + lateMs) + talk(draft, text)),
  });
  const point = (share: number, ahead?: string): boolean => {
    const own = nextPoint(draft, scene, set);
    if (own === undefined) return false;
    const text = ahead ? `${ahead} ${own}` : own;
    // A point may wait; that it is half done is only true at the half.
    const span = within(fromMs + ms * share, ahead ? HALF_LATE_MS : ms / 5, text);
    const said = tell(draft, ahead ? 'half' : 'point', text, span);
    if (said) draft.pointsSaid.set(scene.item.id, (draft.pointsSaid.get(scene.item.id) ?? 0) + 1);
    return said;
  };
  const quarters = ms >= QUARTERS_FROM_MS;
  const { halfway } = draft.phrases;
  if (quarters) point(1 / 4);
  if (!half || !point(1 / 2, halfway)) {
    if (half) tell(draft, 'half', halfway, within(half.atMs, HALF_LATE_MS, halfway));
    point(1 / 2);
  }
  if (quarters) point(3 / 4);
}

/** Words of a line's own that no time was found for: they are shown. */
function unsaidOf(draft: Draft, scenes: readonly Scene[], i: number): readonly string[] {
  const scene = scenes[i];
  if (!scene || scene.done?.move.id !== scene.item.moveId) return [];
  const { setUp, cue, pressWhere, out } = scene.item;
  const own = [setUp, cue, pressWhere, out].filter((words) => countWords(words ?? '') > 0);
  if (own.length === 0) return [];
  const fromMs = scenes[i - 1]?.fromMs ?? 0;
  const untilMs = scenes[i + 1]?.workEndMs ?? Infinity;
  const near = draft.lines.filter(({ atMs }) => atMs >= fromMs && atMs <= untilMs);
  const said = near.map(({ text, whole }) => folded(`${text} ${whole ?? ''}`));
  return own.flatMap((words = '') => {
    const sides = scene.sets.map((set) => sided(draft, words, set[0]));
    const isSaid = sides.some((one) => said.some((text) => text.includes(folded(one))));
    return isSaid ? [] : [withStop(sides[0] ?? words)];
  });
}

const folded = (text: string) => text.toLowerCase();

/** Beside the first go-cue of a move: all there is to watch, its options, and words of its own. */
function showBeside(draft: Draft, { done, sets }: Scene, own: readonly string[]): void {
  const go = sets[0]?.[0]?.cues[0];
  const at = go ? draft.lines.indexOf(go) : -1;
  if (!done || !go || at < 0) return;
  const about = sided(draft, draft.phrases.beside(done.cues), sets[0]?.[0]);
  const beside = [...own, about].join(' ');
  draft.lines[at] = { ...go, beside };
}

/** Watch points and the breath in turn, so that each side, set and round hears another. */
function nextPoint(
  draft: Draft,
  { item, inForce, done }: Scene,
  set: readonly Segment[],
): string | undefined {
  if (!done) return undefined;
  const breath = done.cues.breath ? [done.cues.breath] : [];
  // What is led with the breath tells of it first.
  const led = inForce.dose.kind === 'reps' && inForce.dose.breath;
  const points = led ? [...breath, ...done.cues.watch] : [...done.cues.watch, ...breath];
  const text = points[(draft.pointsSaid.get(item.id) ?? 0) % points.length];
  return text && withStop(sided(draft, text, set[0]));
}

const isOwnOut = ({ item, done }: Scene): boolean =>
  done?.move.id === item.moveId && countWords(item.out ?? '') > 0;

function wayOutOf(draft: Draft, scene: Scene): string | undefined {
  const { item, done, sets } = scene;
  const last = sets.at(-1)?.[0];
  const own = isOwnOut(scene) ? item.out : undefined;
  return done && withStop(sided(draft, own ?? done.cues.wayOut, last));
}

function sided(draft: Draft, text: string, segment: Segment | undefined): string {
  return spoken(text, segment?.side ?? null, null, draft.phrases);
}
