import type { Lookback, UnitDeeds } from './before';
import type { Open } from './open';
import type { Costs } from './scale';
import type { Rooms } from './standings';
import type { Unit } from './units';

/** A section as the search sees it. */
export interface SearchSection {
  readonly units: readonly Unit[];
  readonly deeds: readonly UnitDeeds[];
  /** Sums over all sections before this one. */
  readonly before: Int32Array;
}

export interface Search {
  readonly sections: readonly SearchSection[];
  readonly rooms: Rooms;
  readonly back: Lookback;
}

/** The passages of a section's units, by unit and standing, and what was spent by way of them. */
export interface Ways {
  readonly to: Int32Array;
  readonly cost: Costs;
  /** The least that each set of done units and standing costs; none where it is not worth a look. */
  readonly spent: Costs;
  readonly open: Open;
  readonly brokenAt: Uint16Array;
}
