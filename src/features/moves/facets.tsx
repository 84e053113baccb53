import { withCapital } from '@/core/common';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { REGIONS, SPINE_DIRECTIONS } from '@/core/body';
import { MOVE_KINDS, PROP_NAMES } from '@/core/moves';
import { LANE_NAMES, LIMITS } from '@/core/people';
import { WHERE, type Wanted } from '@/core/writing';
import { Target } from '@/design';
import { DIRECTION_NAMES, LANE_TITLES, LIMIT_NAMES, REGION_NAMES } from '@/words/names';
import { CATALOGUE, KIND_NAMES, WHERE_NAMES } from './strings';

type Facet = keyof typeof CATALOGUE.facets;

const named = (names: Readonly<Record<string, string>>, values: readonly string[]) =>
  values.map((value) => ({ value, text: withCapital(names[value] ?? value) }));

const OPTIONS: Readonly<
  Record<Facet, readonly { readonly value: string; readonly text: string }[]>
> = {
  region: named(REGION_NAMES, REGIONS),
  where: named(WHERE_NAMES, WHERE),
  kind: named(KIND_NAMES, MOVE_KINDS),
  prop: [{ value: 'none', text: withCapital(CATALOGUE.none) }, ...named({}, PROP_NAMES)],
  limit: named(LIMIT_NAMES, LIMITS),
  direction: named(DIRECTION_NAMES, SPINE_DIRECTIONS),
  lane: named(LANE_TITLES, LANE_NAMES),
};

interface FacetsProps {
  readonly wanted: Wanted;
  readonly onWanted: (wanted: Wanted) => void;
}

/** What to narrow the moves down by: one opened at a time, its choice in its name. */
export function Facets({ wanted, onWanted }: FacetsProps) {
  const [open, setOpen] = useState<Facet>();
  const facets = Object.keys(CATALOGUE.facets) as Facet[];
  return (
    <View style={styles.all}>
      <View role="group" aria-label={CATALOGUE.narrow} style={styles.row}>
        {facets.map((facet) => {
          const value = wanted[facet];
          const chosen = OPTIONS[facet].find((option) => option.value === value)?.text;
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
      {open && (
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

const styles = StyleSheet.create({
  all: { gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
