import { memo, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import type { PlacedFinding } from '@/core/judgement';
import {
  differencesOf,
  entriesInOrder,
  type Drop,
  type Routine,
  type SectionName,
} from '@/core/routine';
import { WIDE, useTokens } from '@/design';
import { useOwnParts, useScore } from '@/state';
import { doseWords } from '@/words/people';
import { Row, StrandDrag, strandOf, type StrandRow } from './strand';
import { useWaitingLines } from './line-field';
import { BUILD, EDITOR } from './strings';

/** From so wide on there is room for figures beside the words. */
const PICTURED = 520;
const NO_FINDINGS: readonly PlacedFinding[] = [];

interface StrandListProps {
  /** As it is, or as it would be. */
  readonly routine: Routine;
  readonly before: Routine;
  /** Goes with the rows where there is no room above them. */
  readonly head?: ReactNode;
  /** What stands over the rows, and where they will be. */
  readonly top?: ReactNode;
  /** Goes below the rows where there is no room for it beside them. */
  readonly foot?: ReactNode;
  readonly findings: ReadonlyMap<ItemId, readonly PlacedFinding[]>;
  readonly chosen: ItemId | undefined;
  /** Rows that are chosen together, where they are. */
  readonly picked?: ReadonlySet<ItemId> | undefined;
  readonly onChoose: (id: ItemId) => void;
  readonly onSection: (section: SectionName) => void;
  /** Left out where rows stay where they are. */
  readonly onDrop?: ((id: ItemId, drop: Drop) => void) | undefined;
}

/** The rows of a routine, as it is or as it would be, each with its findings. */
export const StrandList = memo(function StrandList({
  routine,
  before,
  head,
  top,
  foot,
  findings,
  chosen,
  picked,
  onChoose,
  onSection,
  onDrop,
}: StrandListProps) {
  const t = useTokens();
  const window = useWindowDimensions().width;
  const isEmpty = entriesInOrder(routine).length === 0;
  const width = isEmpty || window < 360 ? 110 : window >= WIDE ? 230 : 144;
  const [room, setRoom] = useState(0);
  const score = useScore(routine);
  const own = useOwnParts(routine);
  const waiting = useWaitingLines();
  const strand = useMemo(() => strandOf(routine, score), [routine, score]);
  const stop = chosen ?? strand.rows.find(({ kind }) => kind !== 'section' && kind !== 'way')?.key;
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
        {top}
        {isEmpty && (
          <Text variant="bodyLarge" style={[styles.empty, { color: t.quiet }]}>
            {BUILD.empty}
          </Text>
        )}
        <StrandDrag nameOf={(id) => nameOfRow(strand.rows, id)} onDrop={onDrop ?? NO_DROP}>
          {strand.rows.map((row) => (
            <Row
              key={row.key}
              row={row}
              longestMs={strand.longestMs}
              width={width}
              pictured={room >= PICTURED}
              chosen={picked ? picked.has(row.key as ItemId) : row.key === chosen}
              changed={changed.has(row.key)}
              findings={findings.get(row.key as ItemId) ?? NO_FINDINGS}
              isStop={row.key === stop}
              own={[
                ownWords(own.get(row.key as ItemId)),
                waiting.has(row.key) ? EDITOR.lineWaits : '',
              ]
                .filter(Boolean)
                .join(' · ')}
              onChoose={onChoose}
              onSection={onSection}
              draggable={onDrop !== undefined}
            />
          ))}
        </StrandDrag>
      </View>
      {foot}
    </ScrollView>
  );
});

/** Who does other than a line says, each with their name: this page is the instructor's own. */
const ownWords = (parts: ReturnType<ReturnType<typeof useOwnParts>['get']> = []): string =>
  parts.map(({ member, part }) => `${member.name}: ${doseWords(part)}`).join(' · ');

const NO_DROP = () => undefined;

const nameOfRow = (rows: readonly StrandRow[], id: ItemId): string => {
  const row = rows.find(({ key }) => key === id);
  return row?.kind === 'item' ? row.inForce.move.name : BUILD.row;
};

const styles = StyleSheet.create({
  grow: { flex: 1 },
  strand: { paddingVertical: 8 },
  empty: { padding: 24 },
  head: { paddingHorizontal: 16, paddingBottom: 8 },
});
