import { onSide, position, type Stance } from '@/core/body';
import type { Challenge } from '@/core/moves';
import type { Rung } from '@/core/people';
import { longestSetMs, type LaneDoing, type SeenItem } from './seen';

/** How the feet stand in a lane's part of a balance drill; undefined where it is done seated. */
export function stanceOf({ level, move }: LaneDoing): Stance | undefined {
  if (level.stance) return level.stance;
  const standing = position(onSide(level.from, null)).height === 4;
  return standing && move.kind === 'balance' ? 'apart' : undefined;
}

export function challengeOf({ item }: SeenItem): Challenge {
  return item.challenge ?? 'still';
}

/** What a drill asks, as a rung of the ladder. */
export function rungOf(one: SeenItem, doing: LaneDoing): Rung {
  return {
    base: stanceOf(doing) ?? 'seated',
    hands: doing.support,
    challenge: challengeOf(one),
    timeMs: longestSetMs(one),
  };
}
