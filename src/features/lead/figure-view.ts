import { paceOf, type PositionId, type Side } from '@/core/body';
import { ownDose, type Dose, type Level, type Move, type MoveKind } from '@/core/moves';
import { itemInForce, itemsInOrder, type Item, type Routine } from '@/core/routine';
import { isWork, type Done, type Mark, type Segment } from '@/core/timing';
import { beatOf, isStayedIn, type Now } from '@/features/figure';
import { breathOf } from './counted';

/** A level as it is drawn beside the words. */
export interface FigureView {
  readonly move: Move;
  readonly level: Level;
  readonly side: Side | undefined;
  /** Where the line asks for it. */
  readonly place?: PositionId | undefined;
  /** The rep or the hold that it moves with; undefined while nobody works. */
  readonly now: Now | undefined;
}

/** A moment of a class: its segment, and the whole set that this is a part of. */
export interface At {
  readonly segment: Segment;
  readonly span: { readonly startMs: number; readonly ms: number };
  readonly side: Side | undefined;
  readonly placeMs: number;
}

export function itemOf(routine: Routine, { itemId }: Segment): Item | undefined {
  return itemsInOrder(routine).find(({ id }) => id === itemId);
}

/** The rep or breath that a moment belongs to. */
export function turnAt({ marks }: Segment, placeMs: number): Mark | undefined {
  return marks.findLast(({ n, atMs }) => n !== null && atMs <= placeMs);
}

/** How what is done is drawn in a moment, and what it moves with. */
export function figureOf(routine: Routine, at: At, { move, level }: Done): FigureView {
  const { segment, side, placeMs } = at;
  const item = itemOf(routine, segment);
  const own = item?.moveId === move.id ? item : undefined;
  const place = own?.at;
  if (!isWork(segment)) return { move, level, side, place, now: undefined };
  const dose = own ? itemInForce(own, routine).dose : ownDose(move, routine.group);
  const turn = turnAt(segment, placeMs)?.side;
  const drawn = side ?? (turn === 'left' || turn === 'right' ? turn : undefined);
  return { move, level, side: drawn, place, now: nowOf(routine, at, dose, move.kind) };
}

/** Coming out of a hold takes so long, in its last moments. */
const OUT_MS = 1200;

/** What a figure does in this moment of the work: a rep as it is counted, a hold, or by itself. */
function nowOf(routine: Routine, { segment, span, placeMs }: At, dose: Dose, kind: MoveKind): Now {
  const { startMs, endMs, marks, side } = segment;
  const beat = beatOf(dose, kind);
  const turns = side === 'alternating';
  if (isStayedIn(dose, kind)) {
    // Presses and eases are one hold: nobody comes out between them.
    const wayMs = Math.min(beat.wayMs, span.ms / 3);
    const stayMs = Math.max(0, span.ms - wayMs - OUT_MS);
    return { sinceMs: placeMs - span.startMs, wayMs, stayMs, backMs: OUT_MS };
  }
  const turn = turnAt(segment, placeMs);
  if (!turn) return { sinceMs: placeMs - startMs, ...beat, turns, loops: true };
  const nextMs = marks.find(({ n, atMs }) => n !== null && atMs > turn.atMs)?.atMs ?? endMs;
  const sinceMs = placeMs - turn.atMs;
  const held = marks.find(
    ({ kind, atMs }) => kind === 'held' && atMs >= turn.atMs && atMs < nextMs,
  );
  if (held) {
    const [wayMs, stayMs] = [held.atMs - turn.atMs, held.ms ?? 0];
    return { sinceMs, wayMs, stayMs, backMs: Math.max(0, nextMs - held.atMs - stayMs), turns };
  }
  const breath = breathOf(dose, paceOf(routine.group, routine.pace));
  if (!breath) return { sinceMs, ...beat, turns };
  const { inMs, fullMs = 0, outMs } = breath;
  return { sinceMs, wayMs: inMs, stayMs: fullMs, backMs: outMs, turns };
}
