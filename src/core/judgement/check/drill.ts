import { remember } from '@/core/common';
import { onSide, position, type Load, type Stance } from '@/core/body';
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
  return placesOf(level).some(({ height }) => height === 4) ? 'apart' : undefined;
}

export function challengeOf({ item }: SeenItem): Challenge {
  return item.challenge ?? 'still';
}

/** What moves the base, makes it less or reaches out of it. */
const MOVES_BASE: readonly Load[] = [
  'moving-feet',
  'step-back',
  'step-up',
  'turn-fast',
  'weight-shift',
  'calf-work',
  'trunk-lowered',
  'lean-out',
  'rise-or-lower',
  'floor-transfer',
  'roll-over',
];

/** Whether the base moves, or the height changes: nothing to do with eyes closed or looking up. */
export function movesBase({ level }: Pick<LaneDoing, 'level'>): boolean {
  return movesBaseOf(level);
}

const movesBaseOf = remember((level: LaneDoing['level']): boolean => {
  const heights = new Set(placesOf(level).map(({ height }) => height));
  const loads = loadsOfLevel(level);
  const lifts = level.stance !== 'one-leg' && loads.some(({ load }) => load === 'one-leg');
  return heights.size > 1 || lifts || loads.some(({ load }) => MOVES_BASE.includes(load));
});

const placesOf = remember(({ from, through, to }: LaneDoing['level']) =>
  [from, ...through, to].map((ref) => position(onSide(ref, null))),
);

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
