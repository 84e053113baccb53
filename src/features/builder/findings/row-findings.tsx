import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { PlacedFinding } from '@/core/judgement';
import { useTokens } from '@/design';
import { SEVERITY_NAMES, findingWhat } from '@/words/findings';
import { FINDINGS } from '../strings';
import { SeverityMark } from './severity-mark';

/** More on one row would hide what it is about; the list has them all. */
const MOST_SHOWN = 2;

/** The findings of a row, where its dose stands. */
export function RowFindings({ findings }: { readonly findings: readonly PlacedFinding[] }) {
  const t = useTokens();
  const more = findings.length - MOST_SHOWN;
  return (
    <>
      {findings.slice(0, MOST_SHOWN).map((finding, i) => (
        <View key={`${finding.id} ${i}`} style={styles.row}>
          <View style={styles.mark}>
            <SeverityMark severity={finding.severity} size={16} />
          </View>
          <Text variant="bodyMedium" style={styles.text}>
            {findingWhat(finding)}
          </Text>
        </View>
      ))}
      {more > 0 && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {FINDINGS.more(more)}
        </Text>
      )}
    </>
  );
}

/** The same for those who listen: "caution: Balance comes after 75 s of tiring leg work." */
export function findingsLabel(findings: readonly PlacedFinding[]): string {
  return findings
    .map((one) => `, ${SEVERITY_NAMES[one.severity].toLowerCase()}: ${findingWhat(one)}`)
    .join('');
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 6, paddingTop: 2 },
  mark: { paddingTop: 2 },
  text: { flex: 1, minWidth: 0 },
});
