import { useEffect, useState } from 'react';
import type { Drawn } from '@/core/figure';
import type { Poses } from '@/core/figure/poses';
import { SHIPPED, type Level, type Move } from '@/core/moves';

let loaded: Poses | undefined;
let loading: Promise<Poses> | undefined;

/** The poses, which come when a figure is first drawn: no screen waits for them. */
export function usePoses(): Poses | undefined {
  const [poses, setPoses] = useState(loaded);
  useEffect(() => {
    // They may have come between the first drawing and now.
    if (loaded) return setPoses(loaded);
    let isHere = true;
    loading ??= import('@/core/figure/poses').then(({ POSES }) => (loaded = POSES));
    // Without its pictures every screen still says all of it in words.
    loading.then((all) => isHere && setPoses(all)).catch(() => (loading = undefined));
    return () => void (isHere = false);
  }, []);
  return poses;
}

/** How a level is drawn, and whose figure that is where it is not its own. */
export interface Shown {
  readonly drawn: Drawn;
  readonly borrowed?: Move;
}

/**
 * The figure of a level: its own, or the one at its place in a move of the same family, since moves
 * that somebody wrote have none.
 */
export function shownFor(poses: Poses, move: Move, level: Level): Shown | undefined {
  const own = poses[move.id]?.[level.id];
  if (own) return { drawn: own };
  const kin =
    SHIPPED.byId.get(move.id) ?? SHIPPED.moves.find(({ family }) => family === move.family);
  if (!kin) return undefined;
  const at = Math.round(
    (move.levels.indexOf(level) / Math.max(1, move.levels.length - 1)) * (kin.levels.length - 1),
  );
  const drawn = poses[kin.id]?.[kin.levels[Math.max(0, at)]?.id ?? ''];
  return drawn && { drawn, borrowed: kin };
}
