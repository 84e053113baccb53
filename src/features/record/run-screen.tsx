import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, DataTable, Text } from 'react-native-paper';
import { Screen, TARGET, useTokens } from '@/design';
import { NotFoundScreen } from '@/features/app/not-found-screen';
import { runIdSchema } from '@/core/ids';
import type { SideTime } from '@/core/record';
import { printClock } from '@/core/time';
import { useAppSelector } from '@/state';
import { HOW, RECORD, SIDE_NAMES, dateWords } from './strings';

/** One run: what was planned and what was led, for each item and side. */
export default function RunScreen({ id: address }: { readonly id: string }) {
  const t = useTokens();
  const router = useRouter();
  const id = runIdSchema.safeParse(address).data;
  const run = useAppSelector((state) => (id ? state.runs[id] : undefined));
  const stillThere = useAppSelector((state) => run && state.routines[run.routine.id] !== undefined);
  if (!run) return <NotFoundScreen />;
  return (
    <Screen title={run.routine.title} onBack={() => router.replace('/record')}>
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyLarge">
          {dateWords(run.startedAt)} · {HOW[run.how]}
        </Text>
        <Text variant="titleMedium" style={styles.figure}>
          {RECORD.of(printClock(run.realMs), printClock(run.plannedMs))}
        </Text>
        <DataTable>
          <DataTable.Header>
            <DataTable.Title style={styles.wide} textStyle={{ color: t.ink }}>
              {RECORD.sideHeading}
            </DataTable.Title>
            <DataTable.Title numeric textStyle={{ color: t.ink }}>
              {RECORD.plannedHeading}
            </DataTable.Title>
            <DataTable.Title numeric textStyle={{ color: t.ink }}>
              {RECORD.realHeading}
            </DataTable.Title>
          </DataTable.Header>
          {run.sides.map((side) => (
            <SideRow key={`${side.itemId} ${side.side}`} side={side} />
          ))}
        </DataTable>
        {stillThere && (
          <View style={styles.actions}>
            <Button
              mode="outlined"
              contentStyle={styles.button}
              onPress={() => router.push(`/routine/${run.routine.id}`)}
            >
              {RECORD.openRoutine}
            </Button>
            <Button
              mode="contained"
              contentStyle={styles.button}
              onPress={() => router.push(`/lead/${run.routine.id}`)}
            >
              {RECORD.again}
            </Button>
          </View>
        )}
      </ScrollView>
    </Screen>
  );
}

function SideRow({ side }: { readonly side: SideTime }) {
  const t = useTokens();
  const short = side.realMs < side.plannedMs - 500;
  return (
    <DataTable.Row>
      <DataTable.Cell style={styles.wide} textStyle={styles.text}>
        {side.moveName}, {SIDE_NAMES[side.side]}
      </DataTable.Cell>
      <DataTable.Cell numeric textStyle={[styles.text, styles.figure]}>
        {printClock(side.plannedMs)}
      </DataTable.Cell>
      <DataTable.Cell
        numeric
        textStyle={[styles.text, styles.figure, short && { color: t.clay, fontWeight: '700' }]}
      >
        {printClock(side.realMs)}
      </DataTable.Cell>
    </DataTable.Row>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  figure: { fontVariant: ['tabular-nums'] },
  text: { fontSize: 16 },
  wide: { flex: 3 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  button: { minHeight: TARGET },
});
