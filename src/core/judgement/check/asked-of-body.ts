import type { Load } from '@/core/body';
import { remember } from '@/core/common';
import type { Challenge, Level, LevelLoad } from '@/core/moves';
import { laneOf, loadsOfLevel, type LaneName, type LimitName } from '@/core/people';
import type { Item } from '@/core/routine';
import type { LaneDoing, Seen } from './seen';

/** What a lane's work asks of the body: its level's loads, and what the line makes of them. */
export function loadsOf({ move, level }: LaneDoing, item: Item): readonly LevelLoad[] {
  const { challenge } = item;
  const more: Load | undefined = challenge && CHALLENGE_LOADS[challenge];
  const all = more ? (loadsWith(level).get(more) ?? []) : loadsOfLevel(level);
  // Own words are of the item's own move, and so is what they ask.
  if (!item.asks || move.id !== item.moveId) return all;
  return [...all, ...item.asks.map((load) => ({ load, on: 'body' as const }))];
}

const CHALLENGE_LOADS: Readonly<Partial<Record<Challenge, Load>>> = {
  'arms moving': 'hands-busy',
  'head turning': 'head-turn-fast',
  'trunk turning': 'head-turn-fast',
  'naming things': 'two-tasks',
  'looking up': 'look-up',
  'eyes closed': 'eyes-closed',
};
const CHALLENGE_LOAD_NAMES: readonly Load[] = Object.values(CHALLENGE_LOADS);

const loadsWith = remember(
  (level: Level) =>
    new Map(
      CHALLENGE_LOAD_NAMES.map((load): [Load, readonly LevelLoad[]] => [
        load,
        [...loadsOfLevel(level), { load, on: 'body' }],
      ]),
    ),
);

export function hasLoad(doing: LaneDoing, item: Item, ...wanted: readonly Load[]): boolean {
  return loadsOf(doing, item).some(({ load }) => wanted.includes(load));
}

/** Whether somebody in a lane, or in any, has one of these limits. */
export function hasLimit(seen: Seen, names: readonly LimitName[], lane?: LaneName): boolean {
  const ofPeople = seen.part.people
    .filter((person) => !lane || laneOf(person, seen.lanes) === lane)
    .flatMap(({ limits }) => limits ?? []);
  return [...(seen.routine.limits ?? []), ...ofPeople].some(({ limit }) => names.includes(limit));
}
