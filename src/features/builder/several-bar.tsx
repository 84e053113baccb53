import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import {
  changeEach,
  changeItem,
  moveEntries,
  removeEntries,
  rowIds,
  wrapInBlock,
  type Change,
  type Routine,
} from '@/core/routine';
import { Target, useTokens } from '@/design';
import { useNewId } from '@/state';
import { copyRows } from './clip';
import { amountStepper, type Stepper } from '@/features/steps';
import { SEVERAL } from './strings';
import type { Editing } from './use-routine';

interface SeveralBarProps extends Editing {
  readonly picked: ReadonlySet<ItemId>;
  readonly onPicked: (picked: ReadonlySet<ItemId> | undefined) => void;
}

/** What can be done to all rows that are chosen together. */
export function SeveralBar({ routine, change, picked, onPicked }: SeveralBarProps) {
  const t = useTokens();
  const newId = useNewId();
  const ids = [...picked];
  const some = ids.length > 0;
  const dose = (which: 'less' | 'more') =>
    some
      ? changeEach(routine, ids, (grown, item) => {
          const words: Stepper['less'] = amountStepper(item, grown)[which];
          return words && changeItem(grown, item.id, words);
        })
      : undefined;
  const block = some ? wrapInBlock(routine, ids, { rounds: 2 }, newId) : undefined;
  const remove = some ? removeEntries(routine, ids) : undefined;
  const target = (label: string, edit: Change | undefined, after?: () => void) => (
    <Target
      key={label}
      label={label}
      disabled={!edit}
      onPress={() => {
        change(edit);
        after?.();
      }}
    />
  );
  const done = () => onPicked(undefined);
  return (
    <View style={[styles.all, { backgroundColor: t.ground, borderTopColor: t.ink }]}>
      <Text variant="titleMedium" aria-live="polite">
        {some ? SEVERAL.count(ids.length) : SEVERAL.none}
      </Text>
      <View style={styles.targets}>
        {target(SEVERAL.up, moveBy(routine, ids, -1))}
        {target(SEVERAL.down, moveBy(routine, ids, 1))}
        {target(SEVERAL.less, dose('less'))}
        {target(SEVERAL.more, dose('more'))}
        {target(SEVERAL.block, block, done)}
        <Target
          label={SEVERAL.copy}
          disabled={!some}
          onPress={() => {
            copyRows(routine, ids);
            done();
          }}
        />
        {target(SEVERAL.cut, remove, () => {
          copyRows(routine, ids);
          done();
        })}
        {target(SEVERAL.remove, remove, done)}
        <Target look="plain" label={SEVERAL.done} onPress={done} />
      </View>
    </View>
  );
}

/** All of them one row up or down, kept together. */
function moveBy(routine: Routine, ids: readonly ItemId[], by: 1 | -1): Change | undefined {
  const rows = rowIds(routine);
  const places = ids.map((id) => rows.indexOf(id)).sort((a, b) => a - b);
  const [first = 0] = places;
  const beside = by < 0 ? rows[first - 1] : rows[(places.at(-1) ?? 0) + 1];
  if (!beside || ids.length === 0) return undefined;
  return moveEntries(routine, ids, by < 0 ? { before: beside } : { after: beside });
}

const styles = StyleSheet.create({
  all: { borderTopWidth: 2, padding: 12, gap: 8 },
  targets: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
