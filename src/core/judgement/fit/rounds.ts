import type { ItemId } from '@/core/common';
import {
  applyChange,
  entriesInOrder,
  replaceEntry,
  type Block,
  type Routine,
} from '@/core/routine';
import type { Score } from '@/core/timing';
import { adjustableItems, doseSteps, type Adjustable } from './adjustable';
import { combine } from './combine';
import type { Option } from './solve';
import { doseCosts, wholeSeconds, type Unit } from './unit';

/** Rounds go up to here: working values. */
const LEAST_ROUNDS = 2;
const MOST_ROUNDS = 4;

/** The blocks whose rounds may change: those that have rounds, and no line that has to stay. */
export function roundBlocks(
  routine: Routine,
  barred: ReadonlySet<ItemId> = new Set(),
): readonly Block[] {
  const stays = (line: Block['lines'][number]) =>
    line.kind === 'item' && (line.pinned === true || barred.has(line.id));
  return entriesInOrder(routine)
    .map(({ entry }) => entry)
    .filter((entry) => entry.kind === 'block')
    .filter(({ rounds, lines }) => rounds && !lines.some(stays));
}

export function roundsOf({ rounds = 1 }: Block): readonly number[] {
  const most = Math.max(MOST_ROUNDS, rounds);
  return Array.from({ length: most - LEAST_ROUNDS + 1 }, (_, i) => LEAST_ROUNDS + i);
}

interface Rounds {
  readonly rounds: number;
  readonly moving: readonly Adjustable[];
  /** How much longer the rest of the routine is than with the rounds of now. */
  readonly elseMs: number;
}

/**
 * A block whose rounds and doses move together.
 * @param before the present doses, whose work is the measure of nearness
 * @param compiled the score of a routine as it would be
 */
export function blockUnit(
  routine: Routine,
  block: Block,
  before: readonly Adjustable[],
  score: Score,
  compiled: (routine: Routine) => Score,
): Unit {
  const ids = new Set(block.lines.map(({ id }) => id));
  const inBlock = (all: readonly Adjustable[]) => all.filter(({ item }) => ids.has(item.id));
  const timeOf = (all: readonly Adjustable[]) =>
    all.reduce((sum, { oldTimeMs }) => sum + oldTimeMs, 0);
  const now = inBlock(before);
  const oldWork = new Map(now.map(({ item, oldWorkMs }) => [item.id, oldWorkMs] as const));
  const all = roundsOf(block).map((rounds): Rounds => {
    if (rounds === block.rounds) return { rounds, moving: now, elseMs: 0 };
    const after = withRounds(routine, block, rounds);
    const then = compiled(after);
    const moving = inBlock(adjustableItems(after, then, 'free'));
    const elseMs = then.totalMs - timeOf(moving) - (score.totalMs - timeOf(now));
    return { rounds, moving, elseMs };
  });
  return {
    oldTimeMs: timeOf(now),
    choices: (aim) => {
      const best = new Map<number, Option & { readonly of: number; readonly at: number }>();
      const sums = all.map(({ moving, elseMs }, of) => {
        const costs = moving.map((one) => doseCosts(one, oldWork.get(one.item.id) ?? 0, aim));
        const sum = combine(costs, aim.slotS);
        sum.options.forEach(({ time, cost }, at) => {
          const whole = time + wholeSeconds(elseMs);
          const known = best.get(whole);
          if (!known || cost < known.cost) best.set(whole, { time: whole, cost, of, at });
        });
        return sum;
      });
      const options = [...best.values()].sort((a, b) => a.time - b.time);
      const steps = (index: number) => {
        const { of = 0, at = 0 } = options[index] ?? {};
        const { rounds = 1, moving = [] } = all[of] ?? {};
        const changed = { ...block, rounds };
        const after = withRounds(routine, block, rounds);
        const chosen = sums[of]?.chosen(at) ?? [];
        return [
          ...(rounds === block.rounds ? [] : (replaceEntry(routine, changed)?.steps ?? [])),
          ...moving.flatMap(({ item, options: doses }, i) => {
            const dose = doses[chosen[i] ?? -1];
            return dose ? doseSteps(after, item, dose) : [];
          }),
        ];
      };
      return { options, steps };
    },
  };
}

function withRounds(routine: Routine, block: Block, rounds: number): Routine {
  const change = replaceEntry(routine, { ...block, rounds });
  return change ? applyChange(routine, change) : routine;
}
