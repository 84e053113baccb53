import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import type { RuleFinding } from '@/core/judgement';
import { hasEntry, type Change, type Routine } from '@/core/routine';
import { Target, useTokens } from '@/design';
import { SEVERITY_NAMES, findingWhat, findingWhy, mendWords } from '@/words/findings';
import { LANE_TITLES } from '@/words/names';
import { entryName } from '../entry-words';
import { PanelTop } from '../panel-top';
import { FINDINGS } from '../strings';
import { SeverityMark } from './severity-mark';
import { useMends, type Findings } from './use-findings';

interface FindingsPanelProps {
  readonly findings: Findings;
  readonly routine: Routine;
  readonly onMend: (finding: RuleFinding, change: Change) => void;
  readonly onChoose: (id: ItemId) => void;
  readonly onClose: () => void;
}

/** Everything the checks found, each with its sentence, its reason and its mend. */
export function FindingsPanel(props: FindingsPanelProps) {
  const t = useTokens();
  const { findings, onClose } = props;
  const mends = useMends(findings);
  return (
    <View style={styles.all}>
      <PanelTop title={FINDINGS.title} onClose={onClose} />
      <View aria-live="polite">
        {findings.state === 'failed' && (
          <Text variant="bodyLarge" style={{ color: t.clay }}>
            {FINDINGS.failedWhole}
          </Text>
        )}
        {findings.state === 'done' && findings.all.length === 0 && (
          <Text variant="bodyLarge">{FINDINGS.none}</Text>
        )}
      </View>
      <View role="list" aria-label={FINDINGS.title}>
        {findings.all.map((finding, i) => (
          <FindingEntry
            key={`${finding.id} ${finding.itemId} ${finding.lane} ${i}`}
            finding={finding}
            mend={mends.get(finding)}
            {...props}
          />
        ))}
      </View>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {FINDINGS.care}
      </Text>
    </View>
  );
}

function FindingEntry({
  finding,
  mend,
  routine,
  onMend,
  onChoose,
}: FindingsPanelProps & { readonly finding: RuleFinding; readonly mend: Change | undefined }) {
  const t = useTokens();
  const { itemId, lane, severity, accepted } = finding;
  const place = itemId && hasEntry(routine, itemId) ? entryName(routine, itemId) : undefined;
  const what = findingWhat(finding);
  // Said once: some sentences name the way of taking part themselves.
  const way = lane && !what.includes(LANE_TITLES[lane]) ? LANE_TITLES[lane] : undefined;
  return (
    <View role="listitem" style={[styles.entry, { borderTopColor: t.line }]}>
      <View style={styles.head}>
        <SeverityMark severity={severity} />
        <Text variant="labelLarge" style={{ color: t.quiet }}>
          {[SEVERITY_NAMES[severity], place, way].filter(Boolean).join(' · ')}
        </Text>
      </View>
      <Text variant="titleMedium">{what}</Text>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {findingWhy(finding)}
      </Text>
      {accepted !== undefined && (
        <Text variant="bodyMedium" style={{ color: t.bark }}>
          {FINDINGS.accepted(accepted)}
        </Text>
      )}
      <View style={styles.actions}>
        {mend && (
          <Target label={mendWords(finding)} icon="mend" onPress={() => onMend(finding, mend)} />
        )}
        {place && itemId && (
          <Target look="plain" label={FINDINGS.goTo(place)} onPress={() => onChoose(itemId)} />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8, padding: 16 },
  entry: { borderTopWidth: 1, paddingVertical: 12, gap: 4 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 },
});
