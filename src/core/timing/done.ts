import type { PositionId } from '@/core/body';
import {
  cuesOf,
  levelById,
  moveById,
  type Catalogue,
  type Cues,
  type Level,
  type Move,
} from '@/core/moves';
import type { LaneWork, Segment } from './score';

/** What one way of taking part does: a move at a level, with what is said of it there. */
export interface Done {
  readonly move: Move;
  readonly level: Level;
  readonly cues: Cues;
  /** Where its line asks for it, where that is not its level's usual place. */
  readonly at?: PositionId | undefined;
}

/** What a lane does in a segment; undefined where it rests. */
export function doneBy(
  catalogue: Catalogue,
  work: Pick<LaneWork, 'moveId' | 'level'> | undefined,
): Done | undefined {
  if (!work?.moveId || !work.level) return undefined;
  const move = moveById(catalogue, work.moveId);
  const level = levelById(move, work.level);
  return level && { move, level, cues: cuesOf(move, level) };
}

/** What the leading lane does, which is the one that is spoken to. */
export function doneByLeading(catalogue: Catalogue, { lanes }: Pick<Segment, 'lanes'>) {
  return doneBy(catalogue, Object.values(lanes)[0]);
}
