import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import type { FindingPlace, PlacedFinding } from '@/core/judgement';
import { broughtBy, deedOf, hasEntry, lanesOf, type Change, type Routine } from '@/core/routine';
import { Field, Target, useTokens } from '@/design';
import { SEVERITY_NAMES, findingWhat, findingWhy, mendShort } from '@/words/findings';
import { laneTitle } from '@/words/names';
import { entryName } from '../entry-words';
import { PanelTop } from '../panel-top';
import { FINDINGS } from '../strings';
import { SeverityMark } from './severity-mark';
import { useMends, type Findings } from './use-findings';

interface FindingsPanelProps {
  readonly findings: Findings;
  readonly routine: Routine;
  readonly onMend: (finding: PlacedFinding, change: Change) => void;
  /** A caution that stays, with its reason, at all its places. */
  readonly onKeep: (ids: readonly ItemId[], finding: string, why: string) => void;
  readonly onChoose: (id: ItemId) => void;
  readonly onClose: () => void;
}

/** Everything the checks found, each with its sentence, its reason and its mend. */
export function FindingsPanel(props: FindingsPanelProps) {
  const t = useTokens();
  const { findings, onClose } = props;
  const mends = useMends(findings);
  const several = lanesOf(props.routine).length > 1;
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
            mends={mends}
            several={several}
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
  findings,
  mends,
  several,
  routine,
  onMend,
  onKeep,
  onChoose,
}: FindingsPanelProps & {
  readonly finding: PlacedFinding;
  /** What each place can be mended by; nothing for a place whose mends are still looked for. */
  readonly mends: ReadonlyMap<FindingPlace, readonly Change[]>;
  /** Whether there are several ways of taking part. */
  readonly several: boolean;
}) {
  const t = useTokens();
  const { lane, severity, accepted, places } = finding;
  const [asking, setAsking] = useState(false);
  const what = findingWhat(finding);
  // Said once: some sentences name the way of taking part themselves.
  const way = lane && !what.includes(laneTitle(lane)) ? laneTitle(lane) : undefined;
  // A row stands here once, however many ways of taking part it concerns.
  const ids = [...new Set(places.flatMap(({ itemId }) => itemId ?? []))].filter((id) =>
    hasEntry(routine, id),
  );
  const rows = ids.map((id) => {
    const own = places.filter(({ itemId }) => itemId === id);
    const found = own.flatMap((place) => mends.get(place) ?? []);
    const known = own.every((place) => mends.has(place));
    return { itemId: id, name: entryName(routine, id), mends: known ? found : undefined };
  });
  // A line keeps all that one check finds in it, so what else would be kept is told.
  const also = findings.all.filter(
    (one) =>
      one !== finding &&
      one.id === finding.id &&
      one.severity === 'caution' &&
      one.places.some(({ itemId }) => itemId !== null && ids.includes(itemId)),
  );
  const whole = places.length === 1 && rows.length === 0 && places[0];
  const mendsWhole = whole ? mends.get(whole) : [];
  const label = (mend: Change, name = '') => {
    const isOne = isOfOneLane(mend);
    const whose = !several || !lane ? '' : isOne ? laneTitle(lane) : FINDINGS.everybody;
    const out = mend.steps.every(({ kind }) => kind === 'remove');
    const deed = deedOf(routine, mend);
    return mendShort(finding, name, broughtBy(routine, mend), { out, whose, deed });
  };
  const place = rows.length > 1 ? FINDINGS.places(rows.length) : rows[0]?.name;
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
      {whole && (
        <MendLine mends={mendsWhole} label={label} onMend={(mend) => onMend(finding, mend)} />
      )}
      {rows.map(({ itemId, name, mends: own }) => (
        <MendLine
          key={itemId}
          mends={own}
          label={(mend) => label(mend, name)}
          onMend={(mend) => onMend(finding, mend)}
        >
          <Target look="plain" label={FINDINGS.goTo(name)} onPress={() => onChoose(itemId)} />
        </MendLine>
      ))}
      {severity === 'caution' && ids.length > 0 && !asking && (
        <View style={styles.actions}>
          <Target look="plain" label={FINDINGS.keep} onPress={() => setAsking(true)} />
        </View>
      )}
      {asking && (
        <KeepAsk
          also={also.map(findingWhat)}
          onKeep={(why) => onKeep(ids, finding.id, why)}
          onLeave={() => setAsking(false)}
        />
      )}
    </View>
  );
}

/** Whether an edit changes one way of taking part alone. */
const isOfOneLane = ({ steps }: Change): boolean =>
  steps.every(
    (step) =>
      step.kind === 'replace' &&
      step.from.kind === 'item' &&
      step.to.kind === 'item' &&
      step.from.level === step.to.level &&
      step.from.moveId === step.to.moveId &&
      (step.from.laneLevels !== step.to.laneLevels || step.from.options !== step.to.options),
  );

interface MendLineProps {
  /** Undefined while they are looked for. */
  readonly mends: readonly Change[] | undefined;
  readonly label: (mend: Change) => string;
  readonly onMend: (mend: Change) => void;
  readonly children?: ReactNode;
}

/** The mends of one place in a line of its own height from the first sight on: what comes later moves nothing. */
function MendLine({ mends, label, onMend, children }: MendLineProps) {
  const t = useTokens();
  return (
    <ScrollView horizontal style={styles.line} contentContainerStyle={styles.mends}>
      {(mends ?? []).map((mend) => (
        <Target key={label(mend)} label={label(mend)} icon="mend" onPress={() => onMend(mend)} />
      ))}
      {children}
      {mends === undefined && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {FINDINGS.lookingForMends}
        </Text>
      )}
    </ScrollView>
  );
}

/** A caution is kept for a reason, which stands with it from then on. */
function KeepAsk({
  also,
  onKeep,
  onLeave,
}: {
  readonly also: readonly string[];
  readonly onKeep: (why: string) => void;
  readonly onLeave: () => void;
}) {
  const [why, setWhy] = useState('');
  const reason = why.trim().replace(/\s+/g, ' ');
  return (
    <View style={styles.keep}>
      {also.length > 0 && <Text variant="bodyMedium">{FINDINGS.keepsAlso(also.join(' '))}</Text>}
      <Field
        label={FINDINGS.keepWhy}
        value={why}
        maxLength={200}
        autoFocus
        onChangeText={setWhy}
        onSubmitEditing={() => reason && onKeep(reason)}
      />
      <View style={styles.actions}>
        <Target
          look="filled"
          label={FINDINGS.keepIt}
          disabled={reason === ''}
          onPress={() => onKeep(reason)}
        />
        <Target look="plain" label={FINDINGS.keepNot} onPress={onLeave} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8, padding: 16 },
  entry: { borderTopWidth: 1, paddingVertical: 12, gap: 4 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  keep: { gap: 4, paddingTop: 8 },
  line: { height: 56, flexGrow: 0 },
  mends: { gap: 8, alignItems: 'center' },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 },
});
