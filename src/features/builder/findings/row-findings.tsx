import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { PlacedFinding } from '@/core/judgement';
import { useTokens } from '@/design';
import { SEVERITY_NAMES, findingWhat } from '@/words/findings';
import { FINDINGS } from '../strings';
import { GRAVEST_FIRST } from './finding-words';
import { SeverityMark } from './severity-mark';

interface Found {
  readonly findings: readonly PlacedFinding[];
}

/**
 * That a row has findings, in a room that is there without them too: rows do not move as the checks
 * come and go. The sentences open with the row.
 */
export function RowMarks({ findings }: Found) {
  const found = GRAVEST_FIRST.filter((severity) =>
    findings.some((one) => one.severity === severity),
  );
  return (
    <View style={styles.marks}>
      {found.map((severity) => (
        <SeverityMark key={severity} severity={severity} />
      ))}
    </View>
  );
}

/** The findings of the chosen row, in words. */
export function EntryFindings({ findings }: Found) {
  const t = useTokens();
  if (findings.length === 0) return null;
  return (
    <View role="list" aria-label={FINDINGS.title} style={[styles.all, { borderColor: t.line }]}>
      {findings.map((finding, i) => (
        <View key={`${finding.id} ${i}`} role="listitem" style={styles.row}>
          <View style={styles.mark}>
            <SeverityMark severity={finding.severity} size={16} />
          </View>
          <Text variant="bodyMedium" style={styles.text}>
            {findingWhat(finding)}
          </Text>
        </View>
      ))}
    </View>
  );
}

/** The same for those who listen: "caution: Balance comes after 75 s of tiring leg work." */
export function findingsLabel(findings: readonly PlacedFinding[]): string {
  return findings
    .map((one) => `, ${SEVERITY_NAMES[one.severity].toLowerCase()}: ${findingWhat(one)}`)
    .join('');
}

const styles = StyleSheet.create({
  marks: { width: 30, alignItems: 'center', justifyContent: 'center', gap: 2 },
  all: { borderWidth: 1, borderRadius: 8, padding: 10, gap: 4 },
  row: { flexDirection: 'row', gap: 8 },
  mark: { paddingTop: 2 },
  text: { flex: 1, minWidth: 0 },
});
