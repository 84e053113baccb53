import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import {
  differencesOf,
  headerDifferencesOf,
  itemInForce,
  type Difference,
  type Routine,
} from '@/core/routine';
import { useTokens } from '@/design';
import { doseWords } from '@/words/names';
import { nameOf, saysOf } from '../entry-words';
import { PROPOSAL } from '../strings';

interface DifferencesProps {
  readonly before: Routine;
  readonly after: Routine;
}

/** What changes, entry by entry, as it was and as it would be. */
export function Differences({ before, after }: DifferencesProps) {
  const t = useTokens();
  const differences = useMemo(() => differencesOf(before, after), [before, after]);
  const header = useMemo(() => headerDifferencesOf(before, after), [before, after]);
  return (
    <View role="list">
      {header.map(({ key, before: was, after: is }) => (
        <View key={key} role="listitem" style={[styles.one, { borderTopColor: t.line }]}>
          <Text variant="titleMedium">{PROPOSAL.header(key)}</Text>
          <Text variant="bodyMedium">
            {PROPOSAL.becomes(was || PROPOSAL.nothing, is || PROPOSAL.nothing)}
          </Text>
        </View>
      ))}
      {differences.map((one) => (
        <Entry key={one.id} difference={one} before={before} after={after} />
      ))}
    </View>
  );
}

function Entry({
  difference,
  before,
  after,
}: DifferencesProps & { readonly difference: Difference }) {
  const t = useTokens();
  const { kind, before: was, after: is } = difference;
  const shown = is ?? was;
  if (!shown) return null;
  const name = nameOf(shown, is ? after : before);
  const says = kind === 'changed' && was && is && saysOf(was, is, before, after);
  const dose = kind === 'added' && is?.kind === 'item' && doseWords(itemInForce(is, after));
  return (
    <View role="listitem" style={[styles.one, { borderTopColor: t.line }]}>
      <View style={styles.head}>
        <Text variant="titleMedium">{name}</Text>
        {kind !== 'changed' && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {PROPOSAL.kinds[kind]}
          </Text>
        )}
      </View>
      {says && <Text variant="bodyMedium">{PROPOSAL.becomes(...says)}</Text>}
      {dose && <Text variant="bodyMedium">{dose}</Text>}
    </View>
  );
}

const styles = StyleSheet.create({
  one: { borderTopWidth: 1, paddingVertical: 8 },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 10 },
});
