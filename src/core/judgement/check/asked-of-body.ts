import type { Load } from '@/core/body';
import { remember } from '@/core/common';
import type { Challenge, LevelLoad } from '@/core/moves';
import {
  isOwn,
  laneOf,
  loadsOfLevel,
  wishes,
  type Effect,
  type LaneName,
  type LimitWish,
} from '@/core/people';
import type { Item } from '@/core/routine';
import type { LaneDoing, Seen } from './seen';

/** What a lane's work asks of the body: its level's loads, and what the line makes of them. */
export function loadsOf({ move, level, lane }: LaneDoing, item: Item): readonly LevelLoad[] {
  const { challenge } = item;
  const more: Load | undefined = challenge && CHALLENGE_LOADS[challenge];
  const own = loadsOfLevel(level, lane);
  const all = more ? (loadsWith(own).get(more) ?? []) : own;
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
/** What a challenge on a line asks besides the level. */
export const loadOfChallenge = (challenge: Challenge | undefined): Load | undefined =>
  challenge && CHALLENGE_LOADS[challenge];

const CHALLENGE_LOAD_NAMES: readonly Load[] = Object.values(CHALLENGE_LOADS);

const loadsWith = remember(
  (own: readonly LevelLoad[]) =>
    new Map(
      CHALLENGE_LOAD_NAMES.map((load): [Load, readonly LevelLoad[]] => [
        load,
        [...own, { load, on: 'body' }],
      ]),
    ),
);

export function hasLoad(doing: LaneDoing, item: Item, ...wanted: readonly Load[]): boolean {
  return loadsOf(doing, item).some(({ load }) => wanted.includes(load));
}

/**
 * How somebody in a lane, or in any, minds one of these loads by a limit of theirs: as the table says and
 * clearances leave it, and whatever the hands hold.
 */
export function minded(
  { effects }: Seen,
  loads: readonly Load[],
  lane?: LaneName,
): Effect['severity'] | undefined {
  let worst: Effect['severity'] | undefined;
  for (const [name, all] of effects) {
    if (lane !== undefined && name !== lane) continue;
    for (const load of loads) {
      const own = mindedIn(all).get(load);
      if (own === 'out') return 'out';
      worst ??= own;
    }
  }
  return worst;
}

/** How each load is minded by limits of people's own. */
const mindedIn = remember((all: readonly Effect[]) => {
  const map = new Map<Load, Effect['severity']>();
  for (const { load, severity } of all.filter(isOwn)) {
    if (map.get(load) !== 'out') map.set(load, severity);
  }
  return map;
});

/** Whether somebody in a lane, or in any, has a limit that asks for something besides loads. */
export function asksFor(seen: Seen, wish: LimitWish, lane?: LaneName): boolean {
  const ofPeople = seen.part.people
    .filter((person) => !lane || laneOf(person, seen.lanes) === lane)
    .flatMap(({ limits }) => limits ?? []);
  return [...(seen.routine.limits ?? []), ...ofPeople].some(({ limit }) => wishes(limit, wish));
}
