import type { Side, Pace } from '@/core/body';
import {
  alternatingSetMs,
  heldMs,
  pressParts,
  sideSetMs,
  unitCount,
  unitMs,
  type WorkPart,
} from '@/core/moves';
import type { Item, ItemInForce } from '@/core/routine';
import type { Mark, SegmentSide } from './score';

/** From this length on a set is told its half. */
export const HALFWAY_FROM_MS = 40_000;

/** One set on one side, with its marks counted from its own start. */
export interface WorkSet {
  readonly side: SegmentSide;
  readonly set: number;
  readonly ms: number;
  readonly parts: readonly WorkPart[];
  readonly marks: readonly Mark[];
}

/** All sets of one side, which a switch divides from the other side's. */
export interface SidePass {
  readonly side: SegmentSide;
  readonly sets: readonly WorkSet[];
}

/** The work of an item: its sides in order, each with its sets. */
export function workOf(item: Item, inForce: ItemInForce, pace: Pace): readonly SidePass[] {
  const known = workKnown.get(inForce);
  if (known?.pace === pace && known.weak === item.weak) return known.passes;
  const passes = workedOut(item, inForce, pace);
  workKnown.set(inForce, { pace, weak: item.weak, passes });
  return passes;
}

/** Both the score and the checks ask for it, with the same pace. */
const workKnown = new WeakMap<
  ItemInForce,
  { readonly pace: Pace; readonly weak: Item['weak']; readonly passes: readonly SidePass[] }
>();

function workedOut(item: Item, inForce: ItemInForce, pace: Pace): readonly SidePass[] {
  const { dose, sides } = inForce;
  const passSides: readonly SegmentSide[] = sides.way === 'each' ? sides.order : [sides.way];
  return passSides.map((side) => {
    const extraMs = item.weak && item.weak.side === side ? item.weak.extraMs : 0;
    const ms =
      side === 'alternating' ? alternatingSetMs(dose, pace) : sideSetMs(dose, pace) + extraMs;
    const parts: readonly WorkPart[] =
      dose.kind === 'hold' && dose.press ? pressParts(ms, dose.press) : [{ kind: 'work', ms }];
    const first: Side | null = sides.way === 'alternating' ? sides.first : null;
    const marks = marksOf(inForce, pace, ms, parts, side, first);
    const sets = Array.from({ length: dose.sets }, (_, i) => ({
      side,
      set: i + 1,
      ms,
      parts,
      marks,
    }));
    return { side, sets };
  });
}

function marksOf(
  { dose }: ItemInForce,
  pace: Pace,
  setMs: number,
  parts: readonly WorkPart[],
  side: SegmentSide,
  first: Side | null,
): readonly Mark[] {
  const marks: Mark[] = [];
  const oneMs = unitMs(dose, pace);
  const count = unitCount(dose);
  if (oneMs && count) {
    const kind = dose.kind === 'breaths' ? 'breath' : 'rep';
    const turns = first ? ([first, first === 'left' ? 'right' : 'left'] as const) : [side];
    const units = Math.floor(setMs / oneMs);
    const holds = dose.kind === 'reps' && dose.held && !dose.breath ? dose.held : undefined;
    for (let unit = 0; unit < units; unit++) {
      const turn = turns[unit % turns.length] ?? side;
      const n = Math.floor(unit / turns.length) + 1;
      const atMs = unit * oneMs;
      marks.push({ atMs, kind, n, side: turn });
      if (unit + turns.length >= units) marks.push({ atMs, kind: 'last', n, side: turn });
      if (!holds || dose.kind !== 'reps') continue;
      const fromMs = atMs + dose.tempo[0];
      marks.push({ atMs: fromMs, kind: 'held', n, side: turn, ms: heldMs(holds, pace) });
    }
  }
  const halfMs = Math.floor(setMs / 2);
  if (setMs >= HALFWAY_FROM_MS && partAt(parts, halfMs)?.kind === 'work') {
    marks.push({ atMs: halfMs, kind: 'halfway', n: null, side });
  }
  return marks.sort((a, b) => a.atMs - b.atMs);
}

function partAt(parts: readonly WorkPart[], atMs: number): WorkPart | undefined {
  let endMs = 0;
  return parts.find((part) => {
    endMs += part.ms;
    return atMs < endMs;
  });
}
