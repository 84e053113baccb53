import { Link, useRouter } from 'expo-router';
import { FlatList, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import type { Run } from '@/core/class';
import { printClock } from '@/core/common';
import { Screen, TARGET, useTokens } from '@/design';
import { saveRuns, useAppDispatch, useAppSelector } from '@/state';
import { HOW, RECORD, dateWords } from './strings';

/** Every class that was led, the latest first. */
export function RecordScreen() {
  const t = useTokens();
  const router = useRouter();
  const kept = useAppSelector((state) => state.runs);
  const runs = Object.values(kept).sort(
    (a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt),
  );
  const dispatch = useAppDispatch();
  const save = () => dispatch(saveRuns(RECORD.fileName, runs));
  return (
    <Screen
      title={RECORD.title}
      onBack={() => router.replace('/')}
      right={
        <Button
          icon="save"
          mode="outlined"
          contentStyle={styles.button}
          disabled={runs.length === 0}
          onPress={save}
        >
          {RECORD.export}
        </Button>
      }
    >
      <FlatList
        data={runs}
        role="list"
        aria-label={RECORD.title}
        keyExtractor={({ id }) => id}
        contentContainerStyle={styles.page}
        renderItem={({ item }) => <RunRow run={item} />}
        ListEmptyComponent={
          <View style={styles.empty}>
            <Text variant="titleMedium">{RECORD.empty}</Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {RECORD.emptyHint}
            </Text>
          </View>
        }
      />
    </Screen>
  );
}

function RunRow({ run }: { readonly run: Run }) {
  const t = useTokens();
  return (
    <View role="listitem">
      <Link
        href={`/record/${run.id}`}
        style={StyleSheet.flatten([styles.row, { backgroundColor: t.sheet, borderColor: t.line }])}
      >
        <View style={styles.words}>
          <Text variant="titleMedium">{run.routine.title}</Text>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {dateWords(run.startedAt)}
          </Text>
        </View>
        <View style={styles.end}>
          <Text variant="titleMedium" style={styles.figure}>
            {RECORD.of(printClock(run.realMs), printClock(run.plannedMs))}
          </Text>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {HOW[run.how]}
          </Text>
        </View>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 8, maxWidth: 760, width: '100%', alignSelf: 'center' },
  button: { minHeight: TARGET },
  row: {
    display: 'flex',
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: 8,
    borderWidth: 1,
    borderRadius: 12,
    borderStyle: 'solid',
    padding: 16,
    minHeight: TARGET,
    textDecorationLine: 'none',
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 180, minWidth: 0 },
  end: { alignItems: 'flex-end', marginLeft: 'auto' },
  figure: { fontVariant: ['tabular-nums'] },
  empty: { paddingVertical: 32, alignItems: 'center', gap: 4 },
});
