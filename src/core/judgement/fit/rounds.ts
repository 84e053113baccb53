import type { ItemId } from '@/core/common';
import {
  SECTIONS,
  applyChange,
  changeSectionHead,
  replaceEntry,
  type Change,
  type Line,
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

/** Lines that are done in rounds, whose rounds may change: a block, or a section that repeats. */
export interface Repeated {
  readonly rounds: number;
  readonly ids: ReadonlySet<ItemId>;
  /** Undefined where the class would be too much. */
  readonly changed: (routine: Routine, rounds: number) => Change | undefined;
}

/**
 * What is done in rounds and has no line that has to stay. In a section that repeats, its own rounds
 * move and those of its blocks stay: one sum cannot say which of the two was meant.
 */
export function repeatedOf(
  routine: Routine,
  barred: ReadonlySet<ItemId> = new Set(),
): readonly Repeated[] {
  const stays = (line: Line) =>
    line.kind === 'item' && (line.pinned === true || barred.has(line.id));
  return SECTIONS.flatMap((section): readonly Repeated[] => {
    const entries = routine.sections[section];
    const head = routine.heads?.[section];
    const lines = entries.flatMap((one) => (one.kind === 'block' ? one.lines : [one]));
    if (head?.rounds) {
      if (lines.some(stays)) return [];
      const changed = (from: Routine, rounds: number) =>
        changeSectionHead(from, section, { ...head, rounds });
      return [{ rounds: head.rounds, ids: new Set(lines.map(({ id }) => id)), changed }];
    }
    return entries.flatMap((block): readonly Repeated[] => {
      if (block.kind !== 'block' || !block.rounds || block.lines.some(stays)) return [];
      const changed = (from: Routine, rounds: number) => replaceEntry(from, { ...block, rounds });
      const ids = new Set(block.lines.map(({ id }) => id));
      return [{ rounds: block.rounds, ids, changed }];
    });
  });
}

export function roundsOf({ rounds }: Repeated): readonly number[] {
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
 * What is done in rounds, its rounds and doses moving together.
 * @param before the present doses, whose work is the measure of nearness
 * @param compiled the score of a routine as it would be
 */
export function repeatedUnit(
  routine: Routine,
  repeated: Repeated,
  before: readonly Adjustable[],
  score: Score,
  compiled: (routine: Routine) => Score,
): Unit {
  const within = (all: readonly Adjustable[]) =>
    all.filter(({ item }) => repeated.ids.has(item.id));
  const timeOf = (all: readonly Adjustable[]) =>
    all.reduce((sum, { oldTimeMs }) => sum + oldTimeMs, 0);
  const now = within(before);
  const oldWork = new Map(now.map(({ item, oldWorkMs }) => [item.id, oldWorkMs] as const));
  const all = roundsOf(repeated).flatMap((rounds): readonly Rounds[] => {
    if (rounds === repeated.rounds) return [{ rounds, moving: now, elseMs: 0 }];
    const change = repeated.changed(routine, rounds);
    if (!change) return [];
    const after = applyChange(routine, change);
    const then = compiled(after);
    const moving = within(adjustableItems(after, then, 'free'));
    const elseMs = then.totalMs - timeOf(moving) - (score.totalMs - timeOf(now));
    return [{ rounds, moving, elseMs }];
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
        const { rounds = repeated.rounds, moving = [] } = all[of] ?? {};
        const change = rounds === repeated.rounds ? undefined : repeated.changed(routine, rounds);
        const after = change ? applyChange(routine, change) : routine;
        const chosen = sums[of]?.chosen(at) ?? [];
        return [
          ...(change?.steps ?? []),
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
