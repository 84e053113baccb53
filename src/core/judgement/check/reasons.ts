import type { ItemId } from '@/core/common';
import type { LaneName } from '@/core/people';
import type { Finding } from './finding';
import type { RuleId } from './table';

/** A finding of one of the rules. */
export type RuleFinding = Finding & { readonly id: RuleId };

/** Where a finding stands, and for whom. */
export interface FindingPlace {
  readonly itemId: ItemId | null;
  readonly lane: LaneName | null;
}

/** A finding with all the places that it stands at for the same reason; its own is the first. */
export type PlacedFinding = RuleFinding & { readonly places: readonly FindingPlace[] };

/** The same check, for the same cause, as grave: one reason, at however many rows. */
function reasonOf({ id, severity, side, numbers, about, accepted }: RuleFinding): string {
  const { lanes: _, ...cause } = about;
  return JSON.stringify([id, severity, side, numbers, cause, accepted]);
}

/** One finding a reason, in the order of their first places. */
export function byReason(findings: readonly RuleFinding[]): readonly PlacedFinding[] {
  return togetherByPlaces(byCause(findings));
}

/** Several loads of the same limits at the very same places are told in one. */
function togetherByPlaces(findings: readonly PlacedFinding[]): readonly PlacedFinding[] {
  const together: PlacedFinding[] = [];
  const placeOf = new Map<string, number>();
  for (const one of findings) {
    const { loads, ...about } = one.about;
    const key = loads && JSON.stringify([reasonOf({ ...one, about }), one.places]);
    const at = key === undefined ? undefined : placeOf.get(key);
    const known = at === undefined ? undefined : together[at];
    if (loads && known && at !== undefined) {
      const all = [...(known.about.loads ?? []), ...loads];
      together[at] = { ...known, about: { ...known.about, loads: all } };
    } else {
      if (key !== undefined) placeOf.set(key, together.length);
      together.push(one);
    }
  }
  return together;
}

function byCause(findings: readonly RuleFinding[]): readonly PlacedFinding[] {
  const reasons = new Map<string, RuleFinding[]>();
  for (const one of findings) {
    const key = reasonOf(one);
    const known = reasons.get(key);
    if (known) known.push(one);
    else reasons.set(key, [one]);
  }
  return [...reasons.values()].flatMap((all) => {
    // The way home stands behind the rows.
    const same = all.toSorted((a, b) => Number(a.itemId === null) - Number(b.itemId === null));
    const [first] = same;
    if (!first) return [];
    const lanes = [...new Set(same.flatMap(({ about }) => about.lanes ?? []))];
    const oneLane = same.every(({ lane }) => lane === first.lane);
    return [
      {
        ...first,
        lane: oneLane ? first.lane : null,
        about: first.about.lanes ? { ...first.about, lanes } : first.about,
        places: same.map(({ itemId, lane }) => ({ itemId, lane })),
      },
    ];
  });
}
