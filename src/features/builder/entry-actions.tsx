import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { duplicateEntry, nudgeEntry, removeEntry, wrapInBlock, type Entry } from '@/core/routine';
import { TARGET } from '@/design';
import { useNewId } from '@/state';
import { EDITOR } from './strings';
import type { Editing } from './use-routine';

interface EntryActionsProps extends Editing {
  readonly entry: Entry;
  readonly onGone: () => void;
}

/** What can be done to any row. */
export function EntryActions({ entry, routine, change, onGone }: EntryActionsProps) {
  const newId = useNewId();
  const up = nudgeEntry(routine, entry.id, -1);
  const down = nudgeEntry(routine, entry.id, 1);
  const wrap =
    entry.kind === 'item' ? wrapInBlock(routine, [entry.id], { rounds: 2 }, newId) : undefined;
  const copy = duplicateEntry(routine, entry.id, newId);
  const remove = () => {
    onGone();
    change(removeEntry(routine, entry.id));
  };
  return (
    <View style={styles.actions}>
      <Button
        icon="up"
        mode="outlined"
        contentStyle={styles.button}
        disabled={!up}
        onPress={() => change(up)}
      >
        {EDITOR.up}
      </Button>
      <Button
        icon="down"
        mode="outlined"
        contentStyle={styles.button}
        disabled={!down}
        onPress={() => change(down)}
      >
        {EDITOR.down}
      </Button>
      <Button
        icon="copy"
        mode="outlined"
        contentStyle={styles.button}
        disabled={!copy}
        onPress={() => change(copy)}
      >
        {EDITOR.duplicate}
      </Button>
      {wrap && (
        <Button mode="outlined" contentStyle={styles.button} onPress={() => change(wrap)}>
          {EDITOR.makeBlock}
        </Button>
      )}
      <Button icon="delete" mode="outlined" contentStyle={styles.button} onPress={remove}>
        {EDITOR.remove}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingVertical: 8 },
  button: { minHeight: TARGET },
});
