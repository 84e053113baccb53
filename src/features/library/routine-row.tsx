import { Link } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { Field, TARGET, useTokens } from '@/design';
import { changeHead, writeRoutineFile, writeRoutineText, type Routine } from '@/core/routine';
import { printClock } from '@/core/time';
import { fileName, saveFile } from '@/platform/files';
import { deleteRoutine, duplicateRoutine, routineChanged, scoreOf, useAppDispatch } from '@/state';
import { PACE_TITLES } from '@/words';
import { LIBRARY } from './strings';

/** One routine of the list, with what can be done to it behind one target. */
export function RoutineRow({ routine }: { readonly routine: Routine }) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const [renaming, setRenaming] = useState(false);
  const { totalMs } = scoreOf(routine);
  return (
    <View role="listitem" style={[styles.row, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <View style={styles.line}>
        <Link
          href={`/routine/${routine.id}`}
          style={styles.link}
          aria-label={`${routine.title}, ${PACE_TITLES[routine.pace]}, ${printClock(totalMs)}`}
        >
          <View style={styles.words}>
            <Text variant="titleLarge" style={styles.title}>
              {routine.title}
            </Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {PACE_TITLES[routine.pace]}
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
          accessibilityLabel={(open ? LIBRARY.less : LIBRARY.more)(routine.title)}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && !renaming && <Actions routine={routine} onRename={() => setRenaming(true)} />}
      {open && renaming && <Rename routine={routine} onDone={() => setRenaming(false)} />}
    </View>
  );
}

function Rename({ routine, onDone }: { readonly routine: Routine; readonly onDone: () => void }) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState(routine.title);
  const keep = () => {
    const title = typed.trim().slice(0, 120);
    if (title && title !== routine.title) {
      dispatch(routineChanged({ id: routine.id, change: changeHead(routine, { title }) }));
    }
    onDone();
  };
  return (
    <View style={styles.actions}>
      <Field
        style={styles.field}
        label={LIBRARY.renameLabel}
        value={typed}
        maxLength={120}
        autoFocus
        onChangeText={setTyped}
        onSubmitEditing={keep}
      />
      <Button mode="contained" contentStyle={styles.button} onPress={keep}>
        {LIBRARY.keepTitle}
      </Button>
    </View>
  );
}

function Actions({
  routine,
  onRename,
}: {
  readonly routine: Routine;
  readonly onRename: () => void;
}) {
  const dispatch = useAppDispatch();
  const actions = [
    { label: LIBRARY.rename, icon: 'rename', press: onRename },
    {
      label: LIBRARY.duplicate,
      icon: 'copy',
      press: () => dispatch(duplicateRoutine(routine.id, LIBRARY.copyOf(routine.title))),
    },
    {
      label: LIBRARY.saveFile,
      icon: 'save',
      press: () =>
        saveFile(fileName(routine.title, 'json'), writeRoutineFile(routine), 'application/json'),
    },
    {
      label: LIBRARY.saveText,
      icon: 'text',
      press: () =>
        saveFile(fileName(routine.title, 'txt'), writeRoutineText(routine), 'text/plain'),
    },
    { label: LIBRARY.delete, icon: 'delete', press: () => dispatch(deleteRoutine(routine.id)) },
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
