import { useRouter } from 'expo-router';
import { memo, useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import type { SideTime } from '@/core/class';
import { runIdSchema, printClock } from '@/core/common';
import { Fold, Screen, TARGET, useTokens } from '@/design';
import { Waiting, useHall } from '@/features/frame';
import { NotFoundScreen } from '@/features/notices';
import { readRun, useAppSelector } from '@/state';
import { laneTitle } from '@/words/names';
import { momentShown } from '@/words/moments';
import { Attendance } from './attendance';
import { HappenedAfter } from './happened-after';
import { HowItWas, MoveByMove, WhatHappened } from './how-it-was';
import { NoticeWords } from './notice-words';
import { WhatFollows } from './what-follows';
import { HOW, RECORD, SIDE_NAMES } from './strings';

/** One run: what was planned and what was led, for each item and side. */
export function RunScreen({ id: address }: { readonly id: string }) {
  const t = useTokens();
  const router = useRouter();
  const id = runIdSchema.safeParse(address).data;
  const run = useAppSelector((state) => (id ? state.runs[id] : undefined));
  const routine = useAppSelector((state) => state.led[run?.led ?? '']?.routine);
  const plan = useAppSelector((state) => state.plans[run?.led ?? '']);
  const stillThere = useAppSelector((state) =>
    run?.routineId ? state.routines[run.routineId]?.routine : undefined,
  );
  const read = useRead(address);
  if (!run) return read ? <NotFoundScreen /> : <Waiting />;
  return (
    <Screen title={run.title} onBack={() => router.replace('/record')}>
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyLarge">
          {momentShown(run.startedAt)} · {HOW[run.how]}
        </Text>
        {run.passedStops !== undefined && (
          <Text variant="bodyLarge" style={{ color: t.clay }}>
            {RECORD.passedStops(run.passedStops)}
          </Text>
        )}
        <Text variant="titleMedium" style={styles.figure}>
          {RECORD.of(printClock(run.realMs), printClock(run.plannedMs))}
        </Text>
        <Attendance run={run} plan={plan} />
        <HowItWas run={run} routine={stillThere} />
        <WhatHappened run={run} routine={routine} />
        <HappenedAfter run={run} />
        <WhatFollows run={run} />
        <NoticeWords run={run} routine={routine} />
        <MoveByMove run={run} routine={routine} />
        {run.sides.length > 0 && (
          <Fold title={RECORD.seconds}>
            <View role="table" aria-label={RECORD.sideHeading}>
              <View role="row" style={[styles.row, { borderBottomColor: t.ink }]}>
                <Heading text={RECORD.sideHeading} wide />
                <Heading text={RECORD.plannedHeading} />
                <Heading text={RECORD.realHeading} />
              </View>
              {run.sides.map((side) => (
                <SideRow key={`${side.itemId} ${side.side}`} side={side} />
              ))}
            </View>
          </Fold>
        )}
        {stillThere && (
          <View style={styles.actions}>
            <Button
              mode="outlined"
              contentStyle={styles.button}
              onPress={() => router.push(`/routine/${stillThere.id}`)}
            >
              {RECORD.openRoutine}
            </Button>
            <Button
              mode="contained"
              contentStyle={styles.button}
              onPress={() => router.push(`/lead/${stillThere.id}`)}
            >
              {RECORD.again}
            </Button>
          </View>
        )}
      </ScrollView>
    </Screen>
  );
}

/** A run is read when it is looked at, with the routine as it was led. */
function useRead(id: string): boolean {
  const { hall } = useHall();
  const [read, setRead] = useState<string>();
  useEffect(() => {
    let wanted = true;
    void readRun(hall, id).then(() => wanted && setRead(id));
    return () => {
      wanted = false;
    };
  }, [hall, id]);
  return read === id;
}

function Heading({ text, wide = false }: { readonly text: string; readonly wide?: boolean }) {
  return (
    <Text variant="labelLarge" role="columnheader" style={wide ? styles.wide : styles.number}>
      {text}
    </Text>
  );
}

const SideRow = memo(function SideRow({ side }: { readonly side: SideTime }) {
  const t = useTokens();
  const short = side.realMs < side.plannedMs - 500;
  return (
    <View role="row" style={[styles.row, { borderBottomColor: t.line }]}>
      <Text variant="bodyLarge" role="cell" style={styles.wide}>
        {side.moveName}, {SIDE_NAMES[side.side]}
        {side.lanes?.map(({ lane, moveName, level }) => (
          <Text key={lane} variant="bodyMedium" style={{ color: t.quiet }}>
            {'\n'}
            {laneTitle(lane)}:{' '}
            {moveName ? [moveName, level].filter(Boolean).join(', ') : RECORD.rested}
          </Text>
        ))}
      </Text>
      <Text variant="bodyLarge" role="cell" style={styles.number}>
        {printClock(side.plannedMs)}
      </Text>
      <Text
        variant="bodyLarge"
        role="cell"
        style={[styles.number, short && { color: t.clay, fontWeight: '700' }]}
      >
        {printClock(side.realMs)}
      </Text>
    </View>
  );
});

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  figure: { fontVariant: ['tabular-nums'] },
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, paddingVertical: 10 },
  wide: { flex: 1, minWidth: 0 },
  number: { width: 72, textAlign: 'right', fontVariant: ['tabular-nums'] },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  button: { minHeight: TARGET },
});
