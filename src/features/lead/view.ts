import { type Side, paceOf } from '@/core/body';
import { mayExtend, segmentAt, type Lead } from '@/core/class';
import { cuesOf, moveById, type Catalogue, unitMs, levelById } from '@/core/moves';
import type { LaneName } from '@/core/people';
import { catalogueFor, itemInForce, itemsInOrder, type Routine } from '@/core/routine';
import { type Score, type Segment, isWork, msOf, setKey, type Mark } from '@/core/timing';
import { LANE_TITLES, doseWords, limbName } from '@/words/names';
import { LEAD, STAGE } from './strings';

/** How one side's panel stands. */
export interface PanelView {
  readonly side: Side;
  readonly state: 'working' | 'next' | 'done' | 'quiet';
  /** How far its leaf is filled, 0 to 1. */
  readonly filled: number;
}

/** Everything the stage shows at one place of the score. */
export interface LeadView {
  readonly name: string;
  readonly caption: string;
  readonly working: boolean;
  /** What stands above the seconds: the limb, or what this stretch is for. */
  readonly heading: string;
  /** Undefined where both sides are one panel. */
  readonly sides: readonly PanelView[] | undefined;
  readonly leftMs: number;
  readonly ofMs: number;
  readonly filled: number;
  /** "3 of 8", "easing", "breathe out": a word under the seconds. */
  readonly detail: string;
  readonly swell: number;
  readonly next: string;
  readonly remainingMs: number;
  readonly wayOut: string;
  readonly mayExtend: boolean;
  /** What the other ways of taking part do now. */
  readonly lanes: readonly { readonly title: string; readonly does: string }[];
}

/** What ten seconds more did, for as long as the set that got them goes on. */
export function longerWords(lead: Lead, score: Score, placeMs: number): string {
  const at = segmentAt(score, placeMs);
  if (lead.extensions.at(-1)?.segment !== at) return '';
  const here = score.segments[at];
  const mate = score.segments.some(
    (one, i) => i > at && one.kind === 'switch' && one.play === here?.play,
  );
  return mate ? LEAD.longer : LEAD.longerOne;
}

export function viewAt(routine: Routine, score: Score, placeMs: number): LeadView | undefined {
  const at = segmentAt(score, placeMs);
  const segment = score.segments[at];
  if (!segment) return undefined;
  const about = segment.itemId ? segment : (nextPlay(score, at) ?? segment);
  const span = spanOf(score, at);
  const filled = span.ms > 0 ? Math.min(1, (placeMs - span.startMs) / span.ms) : 0;
  const leftMs = Math.max(0, span.startMs + span.ms - placeMs);
  const catalogue = catalogueFor(routine);
  const side = segment.side === 'left' || segment.side === 'right' ? segment.side : undefined;
  return {
    name: about.moveName ?? LEAD.theEnd,
    caption: captionAt(segment, placeMs),
    working: isWork(segment),
    heading: headingOf(catalogue, segment, side, placeMs),
    sides: side ? panels(score, segment, side, filled) : undefined,
    leftMs,
    ofMs: span.ms,
    filled,
    ...unitAt(routine, segment, placeMs, score, at),
    next: nextWords(routine, score, at),
    remainingMs: Math.max(0, score.totalMs - placeMs),
    wayOut: isWork(segment) ? sided(wayOutOf(catalogue, segment), side) : '',
    mayExtend: mayExtend(routine, score, at),
    lanes: lanesAt(catalogue, about),
  };
}

/** Every lane but the leading one: its level, the move it does instead, or rest. */
/** How the leading lane comes out of what it does, at its level. */
function wayOutOf(catalogue: Catalogue, { lanes }: Segment): string {
  const [leading] = Object.values(lanes);
  const move = leading?.moveId && moveById(catalogue, leading.moveId);
  const level = move && leading.level && levelById(move, leading.level);
  return level ? cuesOf(move, level).wayOut : '';
}

function lanesAt(catalogue: Catalogue, { lanes, moveId }: Segment): LeadView['lanes'] {
  return Object.entries(lanes)
    .slice(1)
    .map(([name, work]) => {
      const title = LANE_TITLES[name as LaneName];
      if (!work.moveId) return { title, does: LEAD.restHere };
      const move = moveById(catalogue, work.moveId);
      const own = work.moveId === moveId ? undefined : move.name;
      const level = work.level && levelById(move, work.level)?.name;
      return { title, does: [own, level].filter(Boolean).join(', ') };
    });
}

const sided = (text: string, side: Side | undefined) =>
  text
    .replaceAll('{side}', side ?? 'left')
    .replaceAll('{other}', side === 'right' ? 'left' : 'right');

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

/** The cue that was last to be said; it stays until the next. */
function captionAt(segment: Segment, placeMs: number): string {
  return segment.cues.filter(({ atMs }) => atMs <= placeMs).at(-1)?.text ?? '';
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
  const turn = segment.marks.filter(({ atMs, n }) => n !== null && atMs <= placeMs).at(-1)?.side;
  return turn === 'left' || turn === 'right' ? limbOf(catalogue, segment, turn) : LEAD.alternating;
}

function limbOf(catalogue: Catalogue, segment: Segment, side: Side): string {
  return limbName(side, segment.moveId ? moveById(catalogue, segment.moveId).sideMeans : undefined);
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

/** Counting of reps and breaths, press or ease, and sets. */
function unitAt(
  routine: Routine,
  segment: Segment,
  placeMs: number,
  score: Score,
  at: number,
): Pick<LeadView, 'detail' | 'swell'> {
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  if (!item || !isWork(segment)) return { detail: '', swell: 1 };
  const { dose } = itemInForce(item, routine);
  const set = dose.sets > 1 && segment.set ? LEAD.set(segment.set, dose.sets) : '';
  const join = (...parts: readonly string[]) => parts.filter(Boolean).join(' · ');
  if (segment.kind === 'press') return { detail: join(LEAD.press, set), swell: 1 };
  if (dose.kind === 'hold') {
    const pressed = dose.press && score.segments[at - 1]?.kind === 'press';
    return { detail: join(pressed ? LEAD.ease : '', set), swell: 1 };
  }
  const started = segment.marks.filter(({ atMs, n }) => n !== null && atMs <= placeMs);
  const n = started.at(-1)?.n ?? 0;
  // What the marks count is what is done: a weak side may get more than the dose says.
  const count = setMarks(score, segment).findLast(({ kind }) => kind === 'last')?.n;
  if (!n || !count) return { detail: set, swell: 1 };
  const counted = n === count && count > 1 ? LEAD.lastOne : LEAD.count(n, count);
  if (dose.kind !== 'breaths') return { detail: join(counted, set), swell: 1 };
  const pace = paceOf(routine.group, routine.pace);
  const inMs = dose.inMs ?? pace.breathInMs;
  const since = placeMs - (started.at(-1)?.atMs ?? placeMs);
  const inward = since < inMs;
  const outMs = (unitMs(dose, pace) ?? inMs) - inMs;
  const swell = inward ? since / inMs : 1 - Math.min(1, (since - inMs) / outMs);
  return { detail: join(inward ? LEAD.breatheIn : LEAD.breatheOut, counted), swell };
}

function setMarks({ segments }: Score, here: Segment): readonly Mark[] {
  return segments.filter((one) => setKey(one) === setKey(here)).flatMap(({ marks }) => marks);
}

function workWords(routine: Routine, work: Segment): string {
  const item = itemsInOrder(routine).find(({ id }) => id === work.itemId);
  const side = work.side === 'left' || work.side === 'right' ? work.side : undefined;
  const { dose } = item ? itemInForce(item, routine) : {};
  const amount = dose && doseWords({ dose, sides: { way: 'both' } });
  return [side && limbOf(catalogueFor(routine), work, side), amount].filter(Boolean).join(', ');
}

/** What comes after this: the work itself, the other side, or the next move with its way. */
function nextWords(routine: Routine, score: Score, at: number): string {
  const here = score.segments[at];
  const later = score.segments.slice(at + 1);
  const work = later.find((one) => isWork(one) && one.play === here?.play);
  if (here && here.play !== null && !isWork(here) && work) return workWords(routine, work);
  const change = later.find(({ kind, play }) => kind === 'switch' && play === here?.play);
  if (change && here?.side !== change.side) {
    const side = change.side === 'right' ? 'right' : 'left';
    return limbOf(catalogueFor(routine), change, side);
  }
  const next = later.find(({ play }) => play !== null && play !== here?.play);
  const way = later.find(
    ({ kind, play }) => kind === 'transfer' && (next ? play === next.play : play === null),
  );
  const walked = way?.cues[0]?.text.replace(/\.$/, '').toLowerCase();
  if (!next) return walked ? walked : LEAD.theEnd;
  return [walked, next.moveName].filter(Boolean).join(', ');
}
