import type { SaidWanted } from '@/core/writing';
import { LANE_TITLES, LIMIT_NAMES, REGION_NAMES } from '@/words/names';
import { plainLane } from '@/core/people';
import { CATALOGUE, KIND_NAMES, WHERE_NAMES } from './strings';

/** What a search was taken for, in the words that the narrowings have. */
export function saidWords(said: SaidWanted): string {
  const { regions, where, kind, prop, limits, lane, words } = said;
  return [
    kind && KIND_NAMES[kind],
    regions.length > 0 && regions.map((region) => REGION_NAMES[region]).join(' or '),
    where && WHERE_NAMES[where],
    prop,
    lane && CATALOGUE.inLane(LANE_TITLES[plainLane(lane)]),
    ...limits.map((limit) => CATALOGUE.noLimit(LIMIT_NAMES[limit])),
    words && `“${words}”`,
  ]
    .filter(Boolean)
    .join(' · ');
}
