import { memo, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import type { PlacedFinding } from '@/core/judgement';
import { differencesOf, entriesInOrder, type Routine, type SectionName } from '@/core/routine';
import { WIDE, useTokens } from '@/design';
import { scoreOf } from '@/state';
import { Row, strandOf } from './strand';
import { BUILD } from './strings';

/** From so wide on there is room for figures beside the words. */
const PICTURED = 520;
const NO_FINDINGS: readonly PlacedFinding[] = [];

interface StrandListProps {
  /** As it is, or as it would be. */
  readonly routine: Routine;
  readonly before: Routine;
  /** Goes with the rows where there is no room above them. */
  readonly head?: ReactNode;
  readonly findings: ReadonlyMap<ItemId, readonly PlacedFinding[]>;
  readonly chosen: ItemId | undefined;
  readonly onChoose: (id: ItemId) => void;
  readonly onSection: (section: SectionName) => void;
}

/** The rows of a routine, as it is or as it would be, each with its findings. */
export const StrandList = memo(function StrandList({
  routine,
  before,
  head,
  findings,
  chosen,
  onChoose,
  onSection,
}: StrandListProps) {
  const t = useTokens();
  const window = useWindowDimensions().width;
  const isEmpty = entriesInOrder(routine).length === 0;
  const width = isEmpty || window < 360 ? 120 : window >= WIDE ? 230 : 170;
  const [room, setRoom] = useState(0);
  const strand = useMemo(() => strandOf(routine, scoreOf(routine)), [routine]);
  const changed = useMemo(
    () => new Set<string>(differencesOf(before, routine).map(({ id }) => id)),
    [before, routine],
  );
  return (
    <ScrollView style={styles.grow} contentContainerStyle={styles.strand}>
      {head && <View style={styles.head}>{head}</View>}
      <View
        aria-label={BUILD.strand}
        role="group"
        onLayout={({ nativeEvent }) => setRoom(nativeEvent.layout.width)}
      >
        {isEmpty && (
          <Text variant="bodyLarge" style={[styles.empty, { color: t.quiet }]}>
            {BUILD.empty}
          </Text>
        )}
        {strand.rows.map((row) => (
          <Row
            key={row.key}
            row={row}
            longestMs={strand.longestMs}
            width={width}
            pictured={room >= PICTURED}
            chosen={row.key === chosen}
            changed={changed.has(row.key)}
            findings={findings.get(row.key as ItemId) ?? NO_FINDINGS}
            onChoose={onChoose}
            onSection={onSection}
          />
        ))}
      </View>
    </ScrollView>
  );
});

const styles = StyleSheet.create({
  grow: { flex: 1 },
  strand: { paddingVertical: 8 },
  empty: { padding: 24 },
  head: { paddingHorizontal: 16, paddingBottom: 8 },
});
