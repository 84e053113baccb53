import isEqual from 'fast-deep-equal';
import { useSyncExternalStore } from 'react';
import type { PositionId } from '@/core/body';
import { drawnAt, type Drawn } from '@/core/figure';
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

/** What of a level its figure is found by. */
export type DrawnLevel = Pick<Level, 'id' | 'from' | 'stretched'>;
/** What of a move, written or still being written. */
export interface DrawnMove extends Pick<Move, 'id' | 'family' | 'kind' | 'sides'> {
  readonly levels: readonly Pick<
    Level,
    'id' | 'from' | 'stance' | 'props' | 'loads' | 'stretched' | 'loaded'
  >[];
}

/** How a level is drawn, and whose figure that is where it is not its own. */
export interface Shown {
  readonly drawn: Drawn;
  readonly borrowed?: Move;
  /** It is asked for at another place than it is drawn at. */
  readonly elsewhere?: true;
}

/**
 * The figure of a level: its own, or one of the move that it was copied from, whose levels it still
 * has, or else of another move of its family, since moves that somebody wrote have none.
 */
export function shownFor(
  poses: Poses,
  move: DrawnMove,
  level: DrawnLevel,
  place?: PositionId,
): Shown | undefined {
  const shown = ownOrKin(poses, move, level);
  if (!shown || place === undefined || place === level.from) return shown;
  const there = drawnAt(shown.drawn, place);
  return there ? { ...shown, drawn: there } : { ...shown, elsewhere: true };
}

function ownOrKin(poses: Poses, move: DrawnMove, level: DrawnLevel): Shown | undefined {
  const own = poses[move.id]?.[level.id];
  if (own) return { drawn: own };
  const kin = SHIPPED.byId.get(move.id) ?? mostLike(move);
  if (!kin) return undefined;
  const at = Math.round(
    (move.levels.findIndex(({ id }) => id === level.id) / Math.max(1, move.levels.length - 1)) *
      (kin.levels.length - 1),
  );
  const like =
    kin.levels.find(({ id }) => id === level.id) ??
    kin.levels.find(({ from }) => from === level.from) ??
    kin.levels[Math.max(0, at)];
  const drawn = poses[kin.id]?.[like?.id ?? ''];
  return drawn && { drawn, borrowed: kin };
}

/** Of its family, the move whose levels are most of all the same, and which is most of its kind. */
function mostLike({ family, kind, sides, levels }: DrawnMove): Move | undefined {
  const score = (move: Move) => {
    const same = move.levels.reduce((sum, one) => {
      const own = levels.find(({ id }) => id === one.id);
      return own ? sum + 100 + alike(own, one) : sum;
    }, 0);
    const places = move.levels.filter(({ from }) => levels.some((own) => own.from === from));
    const kinds = Number(move.kind === kind) + Number(move.sides === sides);
    return same + 20 * kinds + places.length - Math.abs(move.levels.length - levels.length);
  };
  return SHIPPED.moves
    .filter((move) => move.family === family)
    .reduce<Move | undefined>(
      (best, one) => (best && score(best) >= score(one) ? best : one),
      undefined,
    );
}

/** How many things of two levels are the same. */
function alike(a: DrawnMove['levels'][number], b: Level): number {
  const things = [
    (one: typeof a) => one.stance,
    (one: typeof a) => one.props,
    (one: typeof a) => one.loads,
    (one: typeof a) => one.stretched,
    (one: typeof a) => one.loaded,
  ];
  return things.filter((thing) => isEqual(thing(a) ?? [], thing(b) ?? [])).length;
}
