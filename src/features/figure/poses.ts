import { useSyncExternalStore } from 'react';
import type { Drawn } from '@/core/figure';
import type { POSES, drawnStep, Poses } from '@/core/figure/poses';
import { SHIPPED, type Level, type Move } from '@/core/moves';

/** What is drawn of moves, and of the ways between positions. */
export interface Drawings {
  readonly POSES: typeof POSES;
  readonly drawnStep: typeof drawnStep;
}

let loaded: Drawings | undefined;
let loading: Promise<unknown> | undefined;

const waiting = new Set<() => void>();

function load(): void {
  loading ??= import('@/core/figure/poses')
    .then((drawings) => {
      loaded = drawings;
      waiting.forEach((tell) => tell());
    })
    // Without its pictures every screen still says all of it in words.
    .catch(() => (loading = undefined));
}

function subscribe(tell: () => void): () => void {
  waiting.add(tell);
  load();
  return () => void waiting.delete(tell);
}

/** The poses, which come when a figure is first drawn: no screen waits for them. */
export function usePoses(): Drawings | undefined {
  return useSyncExternalStore(
    subscribe,
    () => loaded,
    () => undefined,
  );
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
