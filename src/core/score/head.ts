import { levelNamed, moveById, type Catalog } from '../catalog';
import { position } from '../position';
import { catalogFor, type Routine } from '../routine';
import type { LaneWork, Score } from './score';

/** Whether any lane has its head below the heart at any time, so that a pause may hang on a dose. */
export function lowersHead(routine: Routine, { segments }: Score): boolean {
  const catalog = catalogFor(routine);
  const seen = new Set<object>();
  return segments.some(({ position: places, lanes }) => {
    const low =
      !seen.has(places) &&
      Object.values(places).some((id) => position(id).loads.includes('head-below-heart'));
    const works = seen.has(lanes) ? [] : Object.values(lanes);
    seen.add(places).add(lanes);
    return low || works.some((work) => isLow(work, catalog));
  });
}

function isLow({ moveId, level }: LaneWork, catalog: Catalog): boolean {
  const loads = (moveId && level && levelNamed(moveById(catalog, moveId), level)?.loads) || [];
  return loads.some(({ load }) => load === 'head-below-heart');
}
