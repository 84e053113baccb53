import { memo, useMemo, useState } from 'react';
import { FlatList, Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { itemIdSchema, type ItemId } from '@/core/common';
import { usualLevel, type Move } from '@/core/moves';
import { catalogueFor } from '@/core/routine';
import { findMoves, searchSaid } from '@/core/writing';
import { Field, TARGET, useSame, useTokens } from '@/design';
import { Figure } from '@/features/figure';
import { arrowTo } from '@/platform/page';
import { useAppSelector, useNewId } from '@/state';
import { POSITION_NAMES } from '@/words/names';
import { addingChange } from './adding';
import { placeForNew, type GoesTo } from './goes-to';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

/** Each has the room of its figure before that is drawn. */
const FIGURE = { width: 60, height: 45 };

interface CataloguePaneProps extends Editing {
  readonly goesTo: GoesTo;
  readonly onAdded: (id: ItemId) => void;
}

/** The moves to pick from, on a wide screen. */
export const MovesPane = memo(function MovesPane({
  routine,
  change,
  goesTo,
  onAdded,
}: CataloguePaneProps) {
  const newId = useNewId();
  const t = useTokens();
  const [typed, setTyped] = useState('');
  const catalogue = catalogueFor(routine);
  const ownWords = useAppSelector((state) => state.ownWords);
  const moves = useMemo(
    () => searchSaid(catalogue, { words: typed }, ownWords).moves,
    [catalogue, typed, ownWords],
  );
  const clear = useMemo(() => {
    const limits = (routine.limits ?? []).map(({ limit }) => limit);
    return new Set(findMoves(catalogue, { limits }).map(({ id: own }) => own));
  }, [catalogue, routine.limits]);
  const add = useSame((move: Move) => {
    const id = itemIdSchema.parse(newId());
    const entry = { kind: 'item', id, moveId: move.id } as const;
    change(addingChange(routine, entry, id, placeForNew(routine, goesTo)));
    onAdded(id);
  });
  return (
    <View style={[styles.pane, { borderRightColor: t.line }]}>
      <View style={styles.find}>
        <Field label={BUILD.find} value={typed} onChangeText={setTyped} />
      </View>
      <FlatList
        data={moves}
        keyExtractor={({ id }) => id}
        initialNumToRender={14}
        ListEmptyComponent={
          <Text variant="bodyMedium" style={styles.none}>
            {BUILD.noMove}
          </Text>
        }
        renderItem={({ item: move, index }) => (
          <MoveRow move={move} isFirst={index === 0} clear={clear.has(move.id)} onTake={add} />
        )}
      />
    </View>
  );
});

interface MoveRowProps {
  readonly move: Move;
  readonly isFirst: boolean;
  readonly clear: boolean;
  readonly onTake: (move: Move) => void;
}

const MoveRow = memo(function MoveRow({ move, isFirst, clear, onTake }: MoveRowProps) {
  const t = useTokens();
  return (
    <Pressable
      role="button"
      aria-label={BUILD.takeMove(move.name)}
      onPress={() => onTake(move)}
      {...oneStop(isFirst)}
      style={[styles.move, { borderBottomColor: t.line }]}
    >
      <View style={styles.figure}>
        <Figure move={move} level={usualLevel(move)} width={FIGURE.width} height={FIGURE.height} />
      </View>
      <View style={styles.words}>
        <Text variant="titleMedium">{move.name}</Text>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {POSITION_NAMES[usualLevel(move).from]} · {BUILD.levels(move.levels.length)}
        </Text>
        {!clear && (
          <Text variant="bodyMedium" style={{ color: t.clay }}>
            {BUILD.ruledOut}
          </Text>
        )}
      </View>
    </Pressable>
  );
});

/** Tab stops at the list once; the arrow keys go through it. */
const oneStop = (isFirst: boolean) =>
  ({
    tabIndex: isFirst ? 0 : -1,
    dataSet: { moveRow: '' },
    onKeyDown: (event: { key: string; preventDefault: () => void; currentTarget: unknown }) => {
      if (arrowTo('data-move-row', event.currentTarget, event.key)) event.preventDefault();
    },
  }) as object;

const styles = StyleSheet.create({
  pane: { width: 300, borderRightWidth: 1, minHeight: 0 },
  find: { padding: 12 },
  none: { padding: 16 },
  move: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    minHeight: TARGET,
    paddingHorizontal: 12,
    paddingVertical: 8,
    borderBottomWidth: 1,
  },
  figure: FIGURE,
  words: { flex: 1, minWidth: 0 },
});
