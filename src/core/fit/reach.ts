import type { ItemId } from '../ids';
import {
  applyChange,
  entriesInOrder,
  itemsInOrder,
  replaceEntry,
  type Routine,
  type Step,
} from '../routine';
import { compile, lowersHead, type Score } from '../score';
import type { FitWish } from './fit';
import { doseSteps, movingItems, type Moving } from './moving';
import { isPinned, roundsOf } from './rounds';

export const IN_THE_WAY = ['pinned', 'no-range', 'at-least', 'at-most', 'checked'] as const;

/** Why an item can't move further. */
export interface InTheWay {
  readonly itemId: ItemId;
  readonly why: (typeof IN_THE_WAY)[number];
}

export interface FitLimits {
  readonly minMs: number;
  readonly maxMs: number;
}

/** The least and the greatest length that doses, sets and rounds reach inside their ranges. */
export function lengthLimits(
  routine: Routine,
  before: Score,
  wish: Pick<FitWish, 'phrases' | 'bars'>,
): FitLimits {
  const at = (end: 'least' | 'most', present: readonly Moving[]): number => {
    const steps = entriesInOrder(routine).flatMap(({ entry }): readonly Step[] => {
      if (entry.kind !== 'block' || !entry.rounds || entry.lines.some(isPinned)) return [];
      const rounds = roundsOf(entry);
      const to = end === 'least' ? rounds[0] : rounds.at(-1);
      return to && to !== entry.rounds ? replaceEntry(routine, { ...entry, rounds: to }).steps : [];
    });
    const widened = applyChange(routine, { what: 'fit', steps });
    const score = steps.length > 0 ? compile(widened, wish.phrases, wish.bars) : before;
    const moving = steps.length > 0 ? movingItems(widened, score, 'free') : present;
    const ends = moving.map(({ options }) => (end === 'least' ? options[0] : options.at(-1)));
    if (!lowersHead(routine, score)) {
      return moving.reduce(
        (sum, { oldTimeMs }, i) => sum + (ends[i]?.timeMs ?? oldTimeMs) - oldTimeMs,
        score.totalMs,
      );
    }
    // A head held low for longer adds a pause that only the score knows of.
    const doses = moving.flatMap(({ item }, i) => {
      const option = ends[i];
      return option ? doseSteps(widened, item, option) : [];
    });
    const whole = applyChange(widened, { what: 'fit', steps: doses });
    return compile(whole, wish.phrases, wish.bars).totalMs;
  };
  const present = movingItems(routine, before, 'free');
  return { minMs: at('least', present), maxMs: at('most', present) };
}

/** What keeps a routine from the slot: what is pinned, what has no range, what is at its end. */
export function inTheWay(routine: Routine, score: Score, slotMs: number): readonly InTheWay[] {
  const moving = new Map(
    movingItems(routine, score, 'free').map((one) => [one.item.id, one] as const),
  );
  return itemsInOrder(routine).flatMap((item): readonly InTheWay[] => {
    if (item.pinned) return [{ itemId: item.id, why: 'pinned' }];
    const one = moving.get(item.id);
    if (!one) return [{ itemId: item.id, why: 'no-range' }];
    const end = slotMs < score.totalMs ? one.options[0] : one.options.at(-1);
    if (!end || end.timeMs !== one.oldTimeMs) return [];
    return [{ itemId: item.id, why: slotMs < score.totalMs ? 'at-least' : 'at-most' }];
  });
}
