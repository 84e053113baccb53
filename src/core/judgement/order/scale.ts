import type { Rooms } from './standings';
import type { Unit } from './units';

/** A broken rule outweighs any time. */
export const BROKEN = 1e9;

export type Costs = Int32Array | Float64Array;

/** How costs are kept in the tables: small whole numbers where they fit, which is twice as fast. */
export interface Scale {
  readonly costs: (length: number) => Costs;
  readonly none: number;
  /** One broken rule. */
  readonly broken: number;
  /** From milliseconds with broken rules in them, and back. */
  readonly of: (cost: number) => number;
  readonly back: (kept: number) => number;
}

const PLAIN: Scale = {
  costs: (length) => new Float64Array(length).fill(Infinity),
  none: Infinity,
  broken: BROKEN,
  of: (cost) => cost,
  back: (kept) => kept,
};

const NONE = 0x7fffffff;
const PER_BROKEN = 1 << 16;
const MOST_BROKEN = (1 << 14) - 1;

/** Whole seconds beside a count of broken rules, where every passage and all of them together fit. */
export function scaleOf(
  sections: readonly { readonly units: readonly Unit[] }[],
  rooms: Rooms,
  width: number,
): Scale {
  let longestS = 0;
  for (let standing = 0; standing < width; standing++) {
    const times = sections.flatMap(({ units }) =>
      units.map((unit) => rooms.pass(standing, unit).movingMs),
    );
    for (const ms of [...times, rooms.homeMs(standing)]) {
      if (ms % 1000 !== 0) return PLAIN;
      longestS = Math.max(longestS, ms / 1000);
    }
  }
  const steps = sections.reduce((sum, { units }) => sum + units.length, 1);
  if (longestS * steps >= PER_BROKEN) return PLAIN;
  return {
    costs: (length) => new Int32Array(length).fill(NONE),
    none: NONE,
    broken: PER_BROKEN,
    of: (cost) => {
      const broken = Math.min(MOST_BROKEN, Math.floor(cost / BROKEN));
      return broken * PER_BROKEN + (cost % BROKEN) / 1000;
    },
    back: (kept) => Math.floor(kept / PER_BROKEN) * BROKEN + (kept % PER_BROKEN) * 1000,
  };
}
