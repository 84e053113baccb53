import { laneValues } from '@/core/people';
import { position } from '@/core/body';
import { levelById, moveById, type Catalogue } from '@/core/moves';
import { catalogueFor, type Routine } from '@/core/routine';
import type { LaneWork, Score } from './score';

/** Whether any lane has its head below the heart at any time, so that a pause may hang on a dose. */
export function lowersHead(routine: Routine, { segments }: Score): boolean {
  const catalogue = catalogueFor(routine);
  const seen = new Set<object>();
  return segments.some(({ position: places, lanes }) => {
    const low =
      !seen.has(places) &&
      laneValues(places).some((id) => position(id).loads.includes('head-below-heart'));
    const works = seen.has(lanes) ? [] : laneValues(lanes);
    seen.add(places).add(lanes);
    return low || works.some((work) => isLow(work, catalogue));
  });
}

function isLow({ moveId, level }: LaneWork, catalogue: Catalogue): boolean {
  const loads = (moveId && level && levelById(moveById(catalogue, moveId), level)?.loads) || [];
  return loads.some(({ load }) => load === 'head-below-heart');
}
