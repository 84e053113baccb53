import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Screen, TARGET, useTokens } from '@/design';
import { Notices } from '@/features/notices';
import { dayOfDate } from '@/core/common';
import { Places, useHall, useWork } from '@/features/frame';
import { useHallSelector } from '@/state/hall';
import { ListTools } from './list-tools';
import { ResumeLead } from './resume-lead';
import { RoutineRow } from './routine-row';
import { ALL, allTags, shownRows } from './shown-rows';
import { ROUTINES } from './strings';

/** All routines, and the ways to find one. */
export function RoutinesScreen() {
  const { hall } = useHall();
  const today = dayOfDate(hall.platform.clock.wallTime());
  const t = useTokens();
  const router = useRouter();
  const work = useWork();
  const kept = useHallSelector((state) => state.shelf.rows);
  const persistent = useHallSelector((state) => state.notices.persistent);
  const marks = useHallSelector((state) => state.marks);
  const [wanted, setWanted] = useState(ALL);
  const all = Object.values(kept).map((row) => ({ row, mark: marks[row.id] }));
  const rows = shownRows(all, wanted);
  const create = () =>
    work(({ createRoutine }, dispatch) => {
      router.push(`/routine/${dispatch(createRoutine(ROUTINES.untitled))}`);
    });
  return (
    <Screen title={ROUTINES.title} heading={<Places here="Routines" />}>
      <ScrollView contentContainerStyle={styles.page}>
        <ResumeLead />
        <Notices />
        <View style={styles.actions}>
          <Button
            icon="add"
            mode="contained"
            contentStyle={styles.button}
            onPress={() => void create()}
          >
            {ROUTINES.new}
          </Button>
          <Button
            icon="open"
            mode="outlined"
            contentStyle={styles.button}
            onPress={() => router.push('/bring-in')}
          >
            {ROUTINES.bringIn}
          </Button>
        </View>
        {all.length > 0 && <ListTools wanted={wanted} tags={allTags(all)} onWanted={setWanted} />}
        {all.length > 0 && rows.length === 0 && (
          <Text variant="titleMedium">
            {wanted.archived ? ROUTINES.noneArchived : ROUTINES.nothing}
          </Text>
        )}
        {all.length === 0 && (
          <View style={styles.empty}>
            <Text variant="titleMedium">{ROUTINES.empty}</Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {ROUTINES.emptyHint}
            </Text>
          </View>
        )}
        <View role="list" aria-label={ROUTINES.title} style={styles.list}>
          {rows.map(({ row, mark }) => (
            <RoutineRow key={row.id} row={row} mark={mark} today={today} />
          ))}
        </View>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {ROUTINES.inUse} {persistent === true && ROUTINES.kept}
          {persistent === false && ROUTINES.notKept} {ROUTINES.general}
        </Text>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
  list: { gap: 8 },
  empty: { paddingVertical: 32, alignItems: 'center', gap: 4 },
});
