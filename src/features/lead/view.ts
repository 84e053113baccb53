import { type Side, type Step, paceOf, talkMs } from '@/core/body';
import {
  mayEase,
  mayPlayAgain,
  maySettle,
  passes,
  segmentAt,
  whyNotLonger,
  type Lead,
  type Led,
  type ScriptLine,
} from '@/core/class';
import { withCapital } from '@/core/common';
import {
  doseInForce,
  moveById,
  ownDose,
  type Catalogue,
  type Move,
  type WrittenDose,
} from '@/core/moves';
import { laneEntries, laneValues } from '@/core/people';
import {
  catalogueFor,
  entriesInOrder,
  itemInForce,
  itemsInOrder,
  type Routine,
} from '@/core/routine';
import {
  doneBy,
  doneByLeading,
  isWork,
  msOf,
  type Done,
  type Score,
  type Segment,
} from '@/core/timing';
import {
  doseWords,
  plainDoseWords,
  laneTitle,
  limbName,
  throughoutWords,
  timeWords,
  withSide,
} from '@/words/names';
import { countedAt, type Counted } from './counted';
import { figureOf, itemOf, turnAt, type At, type FigureView } from './figure-view';
import { LEAD, STAGE } from './strings';

/** How one side's panel stands. */
export interface PanelView {
  readonly side: Side;
  readonly state: 'working' | 'next' | 'done' | 'quiet';
  /** How far its leaf is filled, 0 to 1. */
  readonly filled: number;
}

/** The way that the leading lane goes at a moment. */
export interface WayView {
  readonly steps: readonly Step[];
  /** How far it has gone, 0 to 1. */
  readonly gone: number;
}

/** What comes after this, and what it takes to get there. */
export interface NextView {
  readonly name: string;
  /** The way there with its time, what to fetch, or how much of it. */
  readonly more: string;
}

/** What one of the other ways of taking part does now. */
export interface LaneView {
  readonly title: string;
  /** The move, its level and amount; or that it rests. */
  readonly name: string;
  /** Its short cue. */
  readonly cue: string;
  readonly figure?: FigureView;
}

/** What may be asked for at some moments, and not at others. */
export type Offered = 'extend' | 'again' | 'ease' | 'settle';

/** Everything the stage shows at one place of the score. */
export interface LeadView extends Counted {
  /** What the leading way of taking part does, and at which level. */
  readonly name: string;
  readonly level: string;
  readonly caption: string;
  /** What is to be noticed, which has the stage to itself. */
  readonly notice: string;
  readonly working: boolean;
  /** What stands above the seconds: the limb, or what this stretch is for. */
  readonly heading: string;
  /** Undefined where both sides are one panel. */
  readonly sides: readonly PanelView[] | undefined;
  readonly leftMs: number;
  readonly ofMs: number;
  readonly filled: number;
  readonly next: NextView;
  readonly remainingMs: number;
  readonly wayOut: string;
  /** Why what is offered is not to be had now; empty where it is. */
  readonly whyNot: Readonly<Record<Offered, string>>;
  /** What is kept up all along, in the section and the block. */
  readonly throughout: readonly string[];
  /** What the other ways of taking part do now, and what anybody may. */
  readonly lanes: readonly LaneView[];
  /** What the leading way of taking part does, to be drawn; undefined in time to notice. */
  readonly figure: FigureView | undefined;
  /** Stands in place of the figure while people move. */
  readonly way: WayView | undefined;
  /** What to look at and how to change it, for each way of taking part. */
  readonly points: readonly PointsView[];
}

/** All that is known of what one way of taking part does. */
export interface PointsView {
  /** Empty where everybody does the same. */
  readonly title: string;
  readonly watch: readonly string[];
  readonly breath: string;
  readonly easier: string;
  readonly further: string;
}

/** What ten seconds more did, for as long as the set that got them goes on. */
export function longerWords(lead: Lead, score: Score, placeMs: number): string {
  const at = segmentAt(score, placeMs);
  const last = lead.edits.at(-1);
  if (last?.kind !== 'extend' || last.segment !== at) return '';
  const here = score.segments[at];
  const mate = score.segments.some(
    (one, i) => i > at && one.kind === 'switch' && one.play === here?.play,
  );
  return mate ? LEAD.longer : LEAD.longerOne;
}

/**
 * What is shown at a place.
 * @param captions whether what is said stands there as it is said, or only what is to be done
 */
export function viewAt(
  led: Led,
  script: readonly ScriptLine[],
  placeMs: number,
  captions = true,
): LeadView | undefined {
  const { routine, score } = led;
  const at = segmentAt(score, placeMs);
  const segment = score.segments[at];
  if (!segment) return undefined;
  const about = segment.itemId ? segment : (nextPlay(score, at) ?? segment);
  const span = spanOf(score, at);
  const filled = span.ms > 0 ? Math.min(1, (placeMs - span.startMs) / span.ms) : 0;
  const leftMs = Math.max(0, span.startMs + span.ms - placeMs);
  const catalogue = catalogueFor(routine);
  const leading = doneByLeading(catalogue, about);
  // Who does another thing instead, with both sides at once, has no side to be shown.
  const sided = leading?.move.sides !== 'both';
  const side =
    sided && (segment.side === 'left' || segment.side === 'right') ? segment.side : undefined;
  return {
    name: segment.kind === 'notice' ? LEAD.notice : titleOf(catalogue, about),
    level:
      segment.kind !== 'notice' && leading && leading.move.levels.length > 1
        ? leading.level.name
        : '',
    caption:
      segment.kind === 'notice'
        ? ''
        : captionAt(routine, captions ? script : script.filter(stands), placeMs),
    notice: segment.kind === 'notice' ? (segment.cues[0]?.text ?? '') : '',
    working: isWork(segment),
    heading: headingOf(catalogue, segment, side, placeMs),
    sides: side ? panels(score, segment, side, filled) : undefined,
    leftMs,
    ofMs: span.ms,
    filled,
    ...countedAt(routine, segment, placeMs, score, at),
    figure:
      leading && segment.kind !== 'notice'
        ? figureOf(routine, { segment, span, side, placeMs }, leading)
        : undefined,
    way: segment.steps && { steps: segment.steps, gone: filled },
    next: nextOf(routine, score, at),
    remainingMs: Math.max(0, score.totalMs - placeMs),
    wayOut: isWork(segment) && leading ? withSide(wayOutOf(routine, segment, leading), side) : '',
    whyNot: whyNotAt(led, at),
    ...(segment.kind === 'notice'
      ? QUIET
      : {
          throughout: throughoutAt(routine, about),
          lanes: [
            ...lanesAt(routine, { segment: about, span, side, placeMs }),
            ...offeredAt(routine, about),
          ],
          points: pointsAt(catalogue, about, side),
        }),
  };
}

function whyNotAt(led: Led, at: number): LeadView['whyNot'] {
  const longer = whyNotLonger(led.routine, led.score, at);
  const { whyNot } = LEAD;
  return {
    extend: !longer
      ? ''
      : longer.why === 'range'
        ? whyNot.range(timeWords(longer.most))
        : whyNot[longer.why],
    again: mayPlayAgain(led.score, at) ? '' : whyNot.again,
    ease: mayEase(led, at) ? '' : whyNot.ease,
    settle: maySettle(led, at) ? '' : whyNot.settle,
  };
}

/** What the leading way of taking part does stands large, and not what the others do. */
function titleOf(catalogue: Catalogue, segment: Segment): string {
  const leading = doneByLeading(catalogue, segment);
  if (leading) return leading.move.name;
  if (segment.moveName === null) return LEAD.theEnd;
  return withCapital(LEAD.restHere);
}

/** Every lane that does not do as the leading one: its move, level and short cue, or rest. */
function lanesAt(routine: Routine, at: At): LeadView['lanes'] {
  const { segment, side } = at;
  const { lanes } = segment;
  const catalogue = catalogueFor(routine);
  const [leading] = laneValues(lanes);
  return laneEntries(lanes)
    .filter(([, { moveId, level }]) => moveId !== leading?.moveId || level !== leading.level)
    .map(([name, work]) => {
      const title = laneTitle(name);
      const done = doneBy(catalogue, work);
      if (!done) return { title, name: LEAD.restHere, cue: '' };
      const { move, level, cues } = done;
      const much = work.dose && ownDoseWords(move, work.dose, routine);
      const what = [move.name, move.levels.length > 1 && level.name, much]
        .filter(Boolean)
        .join(', ');
      const figure = figureOf(routine, at, done);
      return { title, figure, name: what, cue: withSide(cues.short, side) };
    });
}

function ownDoseWords(move: Move, dose: WrittenDose, { group }: Routine): string {
  return doseWords({ dose: doseInForce({ dose }, ownDose(move, group)), sides: { way: 'both' } });
}

/** Time to notice something is quiet: its words, and nothing beside them. */
const QUIET: Pick<LeadView, 'throughout' | 'lanes' | 'points'> = {
  throughout: [],
  lanes: [],
  points: [],
};

/** What anybody may do instead. */
function offeredAt(routine: Routine, segment: Segment): LeadView['lanes'] {
  const catalogue = catalogueFor(routine);
  const offered = itemOf(routine, segment)?.options?.filter(({ lane }) => lane === undefined) ?? [];
  return offered.map(({ moveId, dose }) => {
    const move = moveById(catalogue, moveId);
    const much = dose && ownDoseWords(move, dose, routine);
    return { title: LEAD.or, name: [move.name, much].filter(Boolean).join(', '), cue: '' };
  });
}

function throughoutAt(routine: Routine, { itemId }: Segment): readonly string[] {
  const around = entriesInOrder(routine).find(
    ({ entry }) =>
      entry.id === itemId ||
      (entry.kind === 'block' && entry.lines.some(({ id }) => id === itemId)),
  );
  if (!around) return [];
  const { section, entry } = around;
  const own = entry.kind === 'block' ? entry.throughout : undefined;
  return [routine.heads?.[section]?.throughout, own].flatMap((one) =>
    one ? [throughoutWords(one)] : [],
  );
}

/** The way out in own words, where the leading lane does what they are written for. */
function wayOutOf(routine: Routine, segment: Segment, { move, cues }: Done): string {
  const item = itemOf(routine, segment);
  return (item?.moveId === move.id && item.out) || cues.wayOut;
}

function pointsAt(
  catalogue: Catalogue,
  { lanes }: Segment,
  side: Side | undefined,
): readonly PointsView[] {
  const done = laneEntries(lanes).flatMap(([name, work]) => {
    const one = doneBy(catalogue, work);
    return one ? [{ ...one, title: laneTitle(name) }] : [];
  });
  const first = done.filter((one, i) => done.findIndex(({ cues }) => cues === one.cues) === i);
  return first.map(({ title, cues }) => ({
    title: first.length > 1 ? title : '',
    watch: cues.watch.map((text) => withSide(text, side)),
    breath: withSide(cues.breath ?? '', side),
    easier: withSide(cues.easier, side),
    further: withSide(cues.further, side),
  }));
}

/** The whole set that a segment is part of: presses and eases are counted as one. */
function spanOf(score: Score, at: number): { startMs: number; ms: number } {
  const here = score.segments[at];
  if (!here) return { startMs: 0, ms: 0 };
  if (!isWork(here)) return { startMs: here.startMs, ms: msOf(here) };
  const parts = score.segments.filter(
    (one) =>
      isWork(one) && one.play === here.play && one.side === here.side && one.set === here.set,
  );
  const startMs = parts[0]?.startMs ?? here.startMs;
  return { startMs, ms: (parts.at(-1)?.endMs ?? here.endMs) - startMs };
}

function nextPlay(score: Score, at: number): Segment | undefined {
  return score.segments.slice(at).find(({ itemId }) => itemId !== null);
}

/** What stands until the next of its kind, and is no news of a moment. */
const stands = (line: ScriptLine) => !passes(line);

/** News of a moment stands a little longer than it takes to say. */
const NEWS_MORE_MS = 1500;

/** The line that was last to be said; behind news of a moment the line before it stands again. */
function captionAt(routine: Routine, script: readonly ScriptLine[], placeMs: number): string {
  const { talkWpm } = paceOf(routine.group, routine.pace);
  const line = script.findLast(
    (one) =>
      one.atMs <= placeMs &&
      (!passes(one) || placeMs < one.atMs + talkMs(one.text, talkWpm) + NEWS_MORE_MS),
  );
  return line ? (line.whole ?? line.text) : '';
}

function headingOf(
  catalogue: Catalogue,
  segment: Segment,
  side: Side | undefined,
  placeMs: number,
): string {
  if (segment.kind !== 'work' && segment.kind !== 'press') {
    if (segment.kind === 'switch' && side) return limbOf(catalogue, segment, side);
    return STAGE[segment.kind];
  }
  if (side) return limbOf(catalogue, segment, side);
  if (segment.side !== 'alternating') return LEAD.both;
  const turn = turnAt(segment, placeMs)?.side;
  return turn === 'left' || turn === 'right' ? limbOf(catalogue, segment, turn) : LEAD.alternating;
}

function limbOf(catalogue: Catalogue, segment: Segment, side: Side): string {
  const leading = doneByLeading(catalogue, segment);
  const move = leading?.move ?? (segment.moveId && moveById(catalogue, segment.moveId));
  return limbName(side, move ? move.sideMeans : undefined);
}

function panels(score: Score, here: Segment, working: Side, filled: number): readonly PanelView[] {
  return (['left', 'right'] as const).map((side) => {
    if (side === working) {
      const state = isWork(here) ? 'working' : 'next';
      return { side, state, filled: isWork(here) ? filled : 0 };
    }
    const own = score.segments.filter(
      (one) => isWork(one) && one.play === here.play && one.side === side,
    );
    if (own.length === 0) return { side, state: 'quiet', filled: 0 };
    const done = own.every(({ endMs }) => endMs <= here.startMs);
    return { side, state: done ? 'done' : 'next', filled: done ? 1 : 0 };
  });
}

/** The side and the amount of what is about to be done. */
function workWords(routine: Routine, work: Segment): NextView {
  const item = itemsInOrder(routine).find(({ id }) => id === work.itemId);
  const side = work.side === 'left' || work.side === 'right' ? work.side : undefined;
  const { dose } = item ? itemInForce(item, routine) : {};
  const amount = dose ? plainDoseWords({ dose, sides: { way: 'both' } }) : '';
  if (!side) return { name: amount.replace(/^for /, ''), more: '' };
  return { name: limbOf(catalogueFor(routine), work, side), more: amount };
}

/** What comes after this: the work itself, the other side, or the next move with its way. */
function nextOf(routine: Routine, score: Score, at: number): NextView {
  const here = score.segments[at];
  const later = score.segments.slice(at + 1);
  const work = later.find((one) => isWork(one) && one.play === here?.play);
  if (here && here.play !== null && !isWork(here) && work) return workWords(routine, work);
  const change = later.find(({ kind, play }) => kind === 'switch' && play === here?.play);
  if (change && here?.side !== change.side) {
    const side = change.side === 'right' ? 'right' : 'left';
    return { name: limbOf(catalogueFor(routine), change, side), more: '' };
  }
  const next = later.find(({ play }) => play !== null && play !== here?.play);
  const before = later.filter(
    ({ kind, play }) =>
      (kind === 'transfer' || kind === 'prop') && (next ? play === next.play : play === null),
  );
  const more = before.map((one) => {
    const words = one.cues[0]?.text.replace(/\.$/, '') ?? '';
    const lower = one.kind === 'transfer' ? words.toLowerCase() : words.replace(/^./, lowered);
    return [lower, timeWords(msOf(one))].filter(Boolean).join(', ');
  });
  const name = next ? titleOf(catalogueFor(routine), next) : LEAD.theEnd;
  return { name, more: more.join(' · ') };
}

const lowered = (letter: string) => letter.toLowerCase();
