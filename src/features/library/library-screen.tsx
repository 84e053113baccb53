import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Screen, TARGET, useTokens } from '@/design';
import { createRoutine, useAppDispatch, useAppSelector } from '@/state';
import { Notices } from '@/features/app/notices';
import { ResumeLead } from './resume-lead';
import { RoutineRow } from './routine-row';
import { LIBRARY } from './strings';

/** All routines, by title. */
export function LibraryScreen() {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => state.routines);
  const persistent = useAppSelector((state) => state.notices.persistent);
  const routines = Object.values(kept)
    .map(({ routine }) => routine)
    .sort((a, b) => a.title.localeCompare(b.title));
  const create = () => router.push(`/routine/${dispatch(createRoutine(LIBRARY.untitled))}`);
  return (
    <Screen
      title={LIBRARY.title}
      right={
        <View style={styles.pages}>
          <Button contentStyle={styles.button} onPress={() => router.push('/moves')}>
            {LIBRARY.moves}
          </Button>
          <Button contentStyle={styles.button} onPress={() => router.push('/record')}>
            {LIBRARY.record}
          </Button>
        </View>
      }
    >
      <ScrollView contentContainerStyle={styles.page}>
        <ResumeLead />
        <Notices />
        <View style={styles.actions}>
          <Button icon="add" mode="contained" contentStyle={styles.button} onPress={create}>
            {LIBRARY.new}
          </Button>
          <Button
            icon="open"
            mode="outlined"
            contentStyle={styles.button}
            onPress={() => router.push('/bring-in')}
          >
            {LIBRARY.bringIn}
          </Button>
        </View>
        {routines.length === 0 && (
          <View style={styles.empty}>
            <Text variant="titleMedium">{LIBRARY.empty}</Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {LIBRARY.emptyHint}
            </Text>
          </View>
        )}
        <View role="list" aria-label={LIBRARY.title} style={styles.list}>
          {routines.map((routine) => (
            <RoutineRow key={routine.id} routine={routine} />
          ))}
        </View>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {LIBRARY.inUse} {persistent === true && LIBRARY.kept}
          {persistent === false && LIBRARY.notKept} {LIBRARY.general}
        </Text>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  pages: { flexDirection: 'row' },
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
  list: { gap: 8 },
  empty: { paddingVertical: 32, alignItems: 'center', gap: 4 },
});
