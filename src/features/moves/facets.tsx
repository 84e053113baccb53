import { withCapital } from '@/core/common';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { REGIONS, SPINE_DIRECTIONS } from '@/core/body';
import { MOVE_KINDS, PROP_NAMES } from '@/core/moves';
import { LANE_NAMES, LIMITS, type LimitName } from '@/core/people';
import { WHERE, type Wanted } from '@/core/writing';
import { Target } from '@/design';
import { DIRECTION_NAMES, LANE_TITLES, LIMIT_NAMES, REGION_NAMES } from '@/words/names';
import { listWords } from '@/words/findings';
import { CATALOGUE, KIND_NAMES, WHERE_NAMES } from './strings';

type Facet = Exclude<keyof typeof CATALOGUE.facets, 'limits'>;
type Open = Facet | 'limits';

const named = (names: Readonly<Record<string, string>>, values: readonly string[]) =>
  values.map((value) => ({ value, text: withCapital(names[value] ?? value) }));

const OPTIONS: Readonly<
  Record<Facet, readonly { readonly value: string; readonly text: string }[]>
> = {
  region: named(REGION_NAMES, REGIONS),
  where: named(WHERE_NAMES, WHERE),
  kind: named(KIND_NAMES, MOVE_KINDS),
  prop: [{ value: 'none', text: withCapital(CATALOGUE.none) }, ...named({}, PROP_NAMES)],
  direction: named(DIRECTION_NAMES, SPINE_DIRECTIONS),
  lane: named(LANE_TITLES, LANE_NAMES),
};

interface FacetsProps {
  readonly wanted: Wanted;
  readonly onWanted: (wanted: Wanted) => void;
}

/** What to narrow the moves down by: one opened at a time, its choice in its name. */
export function Facets({ wanted, onWanted }: FacetsProps) {
  const [open, setOpen] = useState<Open>();
  const facets = Object.keys(CATALOGUE.facets) as Open[];
  const chosenOf = (facet: Open) =>
    facet === 'limits'
      ? listWords((wanted.limits ?? []).map((limit) => LIMIT_NAMES[limit]))
      : OPTIONS[facet].find((option) => option.value === wanted[facet])?.text;
  return (
    <View style={styles.all}>
      <View role="group" aria-label={CATALOGUE.narrow} style={styles.row}>
        {facets.map((facet) => {
          const chosen = chosenOf(facet);
          return (
            <Target
              key={facet}
              label={
                chosen ? CATALOGUE.facet(CATALOGUE.facets[facet], chosen) : CATALOGUE.facets[facet]
              }
              look={chosen ? 'filled' : 'outlined'}
              icon={open === facet ? 'less' : 'more'}
              expanded={open === facet}
              onPress={() => setOpen(open === facet ? undefined : facet)}
            />
          );
        })}
      </View>
      {open === 'limits' && <LimitsFacet wanted={wanted} onWanted={onWanted} />}
      {open && open !== 'limits' && (
        <View role="radiogroup" aria-label={CATALOGUE.facets[open]} style={styles.row}>
          {[{ value: undefined, text: withCapital(CATALOGUE.any) }, ...OPTIONS[open]].map(
            ({ value, text }) => (
              <Target
                key={text}
                role="radio"
                label={text}
                checked={wanted[open] === value}
                look={wanted[open] === value ? 'filled' : 'outlined'}
                onPress={() => {
                  onWanted({ ...wanted, [open]: value });
                  setOpen(undefined);
                }}
              />
            ),
          )}
        </View>
      )}
    </View>
  );
}

/** Several limits at once; what needs care for them is left out or marked, as one asks. */
function LimitsFacet({ wanted, onWanted }: FacetsProps) {
  const limits = wanted.limits ?? [];
  const toggled = (limit: LimitName) => {
    const next = limits.includes(limit)
      ? limits.filter((one) => one !== limit)
      : [...limits, limit];
    onWanted({ ...wanted, limits: next.length > 0 ? next : undefined });
  };
  return (
    <View role="group" aria-label={CATALOGUE.facets.limits} style={styles.row}>
      <Target
        role="checkbox"
        label={CATALOGUE.careOut}
        checked={wanted.careOut === true}
        icon={wanted.careOut ? 'check' : 'close'}
        look={wanted.careOut ? 'filled' : 'outlined'}
        onPress={() => onWanted({ ...wanted, careOut: wanted.careOut ? undefined : true })}
      />
      {LIMITS.map((limit) => (
        <Target
          key={limit}
          role="checkbox"
          label={withCapital(LIMIT_NAMES[limit])}
          checked={limits.includes(limit)}
          look={limits.includes(limit) ? 'filled' : 'outlined'}
          onPress={() => toggled(limit)}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
