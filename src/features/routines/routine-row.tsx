import { Link, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import { Field, TARGET, useTokens } from '@/design';
import { useWork } from '@/features/frame';
import type { Row } from '@/state/hall';
import { GROUP_TITLES } from '@/words/groups';
import { ROUTINES } from './strings';

/** One routine of the list, with what can be done to it behind one target. */
export function RoutineRow({ row }: { readonly row: Row }) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const [renaming, setRenaming] = useState(false);
  const { id, title, group, totalMs } = row;
  return (
    <View role="listitem" style={[styles.row, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <View style={styles.line}>
        <Link
          href={`/routine/${id}`}
          style={styles.link}
          aria-label={`${title}, ${GROUP_TITLES[group]}, ${printClock(totalMs)}`}
        >
          <View style={styles.words}>
            <Text variant="titleLarge" style={styles.title}>
              {title}
            </Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {GROUP_TITLES[group]}
            </Text>
          </View>
          <Text variant="titleMedium" style={styles.time}>
            {printClock(totalMs)}
          </Text>
        </Link>
        <IconButton
          icon={open ? 'less' : 'more'}
          size={22}
          style={styles.more}
          aria-expanded={open}
          accessibilityLabel={(open ? ROUTINES.less : ROUTINES.more)(title)}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && !renaming && <Actions row={row} onRename={() => setRenaming(true)} />}
      {open && renaming && <Rename row={row} onDone={() => setRenaming(false)} />}
    </View>
  );
}

function Rename({ row, onDone }: { readonly row: Row; readonly onDone: () => void }) {
  const work = useWork();
  const [typed, setTyped] = useState(row.title);
  const keep = () => {
    const title = typed.trim().slice(0, 120);
    if (title) {
      void work(({ renameRoutine }, dispatch) => dispatch(renameRoutine(row.id, title)));
    }
    onDone();
  };
  return (
    <View style={styles.actions}>
      <Field
        style={styles.field}
        label={ROUTINES.renameLabel}
        value={typed}
        maxLength={120}
        autoFocus
        onChangeText={setTyped}
        onSubmitEditing={keep}
      />
      <Button mode="contained" contentStyle={styles.button} onPress={keep}>
        {ROUTINES.keepTitle}
      </Button>
    </View>
  );
}

function Actions({ row, onRename }: { readonly row: Row; readonly onRename: () => void }) {
  const { id, title } = row;
  const work = useWork();
  const router = useRouter();
  const actions = [
    { label: ROUTINES.rename, icon: 'rename', press: onRename },
    {
      label: ROUTINES.duplicate,
      icon: 'copy',
      press: () =>
        void work((to, dispatch) => dispatch(to.duplicateRoutine(id, ROUTINES.copyOf(title)))),
    },
    {
      label: ROUTINES.saveFile,
      icon: 'save',
      press: () => void work((to, dispatch) => dispatch(to.saveRoutineFile(id))),
    },
    {
      label: ROUTINES.saveText,
      icon: 'text',
      press: () => void work((to, dispatch) => dispatch(to.saveRoutineText(id))),
    },
    { label: ROUTINES.print, icon: 'print', press: () => router.push(`/print/${id}`) },
    {
      label: ROUTINES.delete,
      icon: 'delete',
      press: () => void work((to, dispatch) => dispatch(to.deleteRoutine(id))),
    },
  ];
  return (
    <View style={styles.actions}>
      {actions.map(({ label, icon, press }) => (
        <Button
          key={label}
          icon={icon}
          mode="outlined"
          contentStyle={styles.button}
          onPress={press}
        >
          {label}
        </Button>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderWidth: 1, borderRadius: 12 },
  line: { flexDirection: 'row', alignItems: 'center' },
  link: {
    flex: 1,
    display: 'flex',
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    padding: 16,
    minHeight: TARGET,
    textDecorationLine: 'none',
  },
  words: { flex: 1, minWidth: 0 },
  title: { overflowWrap: 'anywhere' } as object,
  time: { fontVariant: ['tabular-nums'] },
  more: { width: TARGET, height: TARGET, margin: 4 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, padding: 16, paddingTop: 0 },
  button: { minHeight: TARGET },
  field: { flexGrow: 1, flexBasis: 200 },
});
