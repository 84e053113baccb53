import { onSide, position, type Stance } from '@/core/body';
import type { Challenge } from '@/core/moves';
import { loadsOfLevel, type Rung } from '@/core/people';
import { longestSetMs } from './seen-times';
import type { LaneDoing, SeenItem } from './seen';

/** How the feet stand in a lane's part of a balance drill; undefined where it is done seated. */
export function stanceOf({ level, move }: LaneDoing): Stance | undefined {
  return move.kind === 'balance' ? standingOf({ level }) : level.stance;
}

/** How the feet stand in any standing work. */
export function standingOf({ level }: Pick<LaneDoing, 'level'>): Stance | undefined {
  if (level.stance) return level.stance;
  return position(onSide(level.from, null)).height === 4 ? 'apart' : undefined;
}

export function challengeOf({ item }: SeenItem): Challenge {
  return item.challenge ?? 'still';
}

const WALKS: readonly string[] = [
  'walk',
  'taps',
  'march',
  'knee-lift',
  'step-up',
  'jacks',
  'one-leg-work',
];

/** Whether the feet move, or one is lifted: nothing to do with eyes closed or looking up. */
export function movesFeet({ move, level }: LaneDoing): boolean {
  const loads = loadsOfLevel(level).map(({ load }) => load);
  return (
    WALKS.includes(move.family) ||
    loads.includes('turn-fast') ||
    loads.includes('step-back') ||
    (level.stance !== 'one-leg' && loads.includes('one-leg'))
  );
}

/** Whether work needs a steady stand: balance drills, and all that stands on one leg. */
export function asksBalance({ move, level }: LaneDoing): boolean {
  return move.kind === 'balance' || loadsOfLevel(level).some(({ load }) => load === 'one-leg');
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
