import type { Region } from '@/core/body';
import type { MoveId } from '@/core/common';
import type { Catalogue } from '@/core/moves';
import type { Rule } from '../finding';

const APART_MS = 48 * 3_600_000;

/** Small work that may be done every day. */
const LIGHT = ['neck-long', 'pelvic-floor', 'hand', 'pillow-squeeze', 'blade-squeeze', 'ankle'];

function trained(catalogue: Catalogue, moves: readonly MoveId[]): ReadonlySet<Region> {
  return new Set(
    moves
      // A class of the past may have had moves that are gone.
      .flatMap((id) => catalogue.byId.get(id) ?? [])
      .filter(({ kind, family }) => kind === 'strength' && !LIGHT.includes(family))
      .flatMap(({ regions }) => regions),
  );
}

/** Strength for the same muscles again before they have rested. */
export const daysApart: Rule<'agoMs' | 'apartMs', 'regions'> = {
  severity: 'caution',
  source: 'acsm-2011',
  anyOrder: true,
  values: { apartMs: APART_MS },
  find: ({ catalogue, items, part }) => {
    const at = Date.parse(part.at);
    const now = trained(
      catalogue,
      items.map(({ item }) => item.moveId),
    );
    const recent = part.sessions.filter(({ endedAt }) => {
      const ago = at - Date.parse(endedAt);
      return ago >= 0 && ago < APART_MS;
    });
    const again = new Set(
      recent
        .flatMap(({ moves }) => [...trained(catalogue, moves)])
        .filter((region) => now.has(region)),
    );
    if (again.size === 0) return [];
    const last = Math.max(...recent.map(({ endedAt }) => Date.parse(endedAt)));
    return [{ numbers: { agoMs: at - last, apartMs: APART_MS }, about: { regions: [...again] } }];
  },
};
