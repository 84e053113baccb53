import type { Region } from '../../body';
import type { Catalog } from '../../catalog';
import type { MoveId } from '../../ids';
import type { Rule } from '../finding';

const APART_MS = 48 * 3_600_000;

function trained(catalog: Catalog, moves: readonly MoveId[]): ReadonlySet<Region> {
  return new Set(
    moves
      // A class of the past may have had moves that are gone.
      .flatMap((id) => catalog.byId.get(id) ?? [])
      .filter(({ kind }) => kind === 'strength')
      .flatMap(({ regions }) => regions),
  );
}

/** Strength for the same muscles again before they have rested. */
export const daysApart: Rule = {
  severity: 'caution',
  source: 'acsm-2011',
  values: { apartMs: APART_MS },
  find: ({ catalog, items, group }) => {
    if (!group) return [];
    const at = Date.parse(group.at);
    const now = trained(
      catalog,
      items.map(({ item }) => item.moveId),
    );
    const recent = group.sessions.filter(({ endedAt }) => {
      const ago = at - Date.parse(endedAt);
      return ago >= 0 && ago < APART_MS;
    });
    const again = new Set(
      recent
        .flatMap(({ moves }) => [...trained(catalog, moves)])
        .filter((region) => now.has(region)),
    );
    if (again.size === 0) return [];
    const last = Math.max(...recent.map(({ endedAt }) => Date.parse(endedAt)));
    return [{ numbers: { agoMs: at - last, apartMs: APART_MS }, about: { regions: [...again] } }];
  },
};
