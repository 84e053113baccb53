import { levelNamed, moveById } from '../catalog';
import { position } from '../position';
import type { LaneWork, Score } from './score';

/** Whether any lane has its head below the heart at any time, so that a pause may hang on a dose. */
export function lowersHead({ segments }: Score): boolean {
  const seen = new Set<object>();
  return segments.some(({ position: places, lanes }) => {
    const low =
      !seen.has(places) &&
      Object.values(places).some((id) => position(id).loads.includes('head-below-heart'));
    const works = seen.has(lanes) ? [] : Object.values(lanes);
    seen.add(places).add(lanes);
    return low || works.some(isLow);
  });
}

function isLow({ moveId, level }: LaneWork): boolean {
  const loads = (moveId && level && levelNamed(moveById(moveId), level)?.loads) || [];
  return loads.some(({ load }) => load === 'head-below-heart');
}
