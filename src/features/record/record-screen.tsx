import { Link, useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { readPeopleCsv, type RunRow, type TableFault } from '@/core/class';
import { printClock } from '@/core/common';
import { Fold, Screen, TARGET, Target, useTokens } from '@/design';
import { Places, useHall } from '@/features/frame';
import { pickFile } from '@/platform/files';
import {
  bringTable,
  planTable,
  readAllRuns,
  saveAllRuns,
  savePeople,
  selectRows,
  useAppDispatch,
  useAppSelector,
  useToday,
  type TablePlan,
} from '@/state';
import { momentShown } from '@/words/moments';
import { ATTENDANCE, HOW, RECORD, TABLES, WENT_WORDS } from './strings';

/** Every class that was led, the latest first. */
export function RecordScreen() {
  const t = useTokens();
  const rows = useAppSelector(selectRows);
  const [shown, setShown] = useState(PAGE);
  const latest = rows.slice(-shown).reverse();
  return (
    <Screen title={RECORD.title} heading={<Places here="Record" />}>
      <ScrollView contentContainerStyle={styles.page}>
        <Tables empty={rows.length === 0} />
        {rows.length === 0 && (
          <View style={styles.empty}>
            <Text variant="titleMedium">{RECORD.empty}</Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {RECORD.emptyHint}
            </Text>
          </View>
        )}
        <View role="list" aria-label={RECORD.title} style={styles.list}>
          {latest.map((run) => (
            <RunLine key={run.id} run={run} />
          ))}
        </View>
        {shown < rows.length && (
          <Target
            label={RECORD.earlier(rows.length - shown)}
            onPress={() => setShown(shown + PAGE)}
          />
        )}
      </ScrollView>
    </Screen>
  );
}

/** So many classes are shown at first, and so many more at each press. */
const PAGE = 40;

/** Tables out and in, and a class by hand. */
function Tables({ empty }: { readonly empty: boolean }) {
  const t = useTokens();
  const { hall } = useHall();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const today = useToday();
  const [plan, setPlan] = useState<TablePlan>();
  const [said, setSaid] = useState<readonly string[]>([]);
  const saveAll = async () => {
    await readAllRuns(hall);
    dispatch(saveAllRuns(RECORD.fileName));
  };
  const choose = async () => {
    const file = await pickFile();
    if (file.kind === 'too-big') return setSaid([TABLES.tooBig(file.name)]);
    if (file.kind !== 'text') return undefined;
    const read = readPeopleCsv(file.text, today);
    if (!read.ok) return setSaid(read.faults.map(faultWords).concat(TABLES.unchanged));
    setSaid([]);
    return setPlan(dispatch(planTable(read.classes)));
  };
  const add = () => {
    if (plan) setSaid([TABLES.added(dispatch(bringTable(plan)))]);
    setPlan(undefined);
  };
  return (
    <View style={styles.tables}>
      <View style={styles.actions}>
        <Button
          mode="outlined"
          icon="add"
          contentStyle={styles.button}
          onPress={() => router.push('/by-hand')}
        >
          {TABLES.byHand}
        </Button>
      </View>
      <Fold title={TABLES.title}>
        <Target
          label={TABLES.people}
          icon="save"
          look="plain"
          disabled={empty}
          onPress={() => dispatch(savePeople(TABLES.fileName))}
        />
        <Target
          label={TABLES.runs}
          icon="save"
          look="plain"
          disabled={empty}
          onPress={() => void saveAll()}
        />
        <Target label={TABLES.bring} icon="open" look="plain" onPress={() => void choose()} />
      </Fold>
      <View aria-live="polite">
        {said.map((words) => (
          <Text key={words} variant="bodyLarge">
            {words}
          </Text>
        ))}
      </View>
      {plan && (
        <View style={[styles.plan, { borderColor: t.ink, backgroundColor: t.sheet }]}>
          <Text variant="bodyLarge">
            {TABLES.plan(
              plan.classes.length,
              plan.classes.reduce((sum, { people }) => sum + people.length, 0),
            )}
          </Text>
          {plan.known > 0 && <Text variant="bodyLarge">{TABLES.known(plan.known)}</Text>}
          {plan.unclear.length > 0 && (
            <Text variant="bodyLarge">{TABLES.unclear(plan.unclear)}</Text>
          )}
          {plan.newPeople.length > 0 && (
            <Text variant="bodyLarge">{TABLES.newPeople(plan.newPeople.join(', '))}</Text>
          )}
          {plan.newGroups.length > 0 && (
            <Text variant="bodyLarge">{TABLES.newGroups(plan.newGroups.join(', '))}</Text>
          )}
          <View style={styles.actions}>
            <Button
              mode="contained"
              contentStyle={styles.button}
              disabled={plan.classes.length === 0}
              onPress={add}
            >
              {TABLES.add}
            </Button>
            <Button mode="outlined" contentStyle={styles.button} onPress={() => setPlan(undefined)}>
              {TABLES.leave}
            </Button>
          </View>
        </View>
      )}
    </View>
  );
}

function faultWords(fault: TableFault): string {
  switch (fault.code) {
    case 'missing-columns':
      return TABLES.missing(fault.columns.join(', '));
    case 'too-many-rows':
      return TABLES.tooMany(fault.most);
    case 'empty':
      return TABLES.empty;
    case 'wrong-value':
      return TABLES.wrong(fault.line, fault.column, fault.value);
  }
}

function RunLine({ run }: { readonly run: RunRow }) {
  const t = useTokens();
  const group = useAppSelector((state) => (run.groupId ? state.groups[run.groupId] : undefined));
  const came = run.people?.filter((one) => one.came).length;
  const about = [
    momentShown(run.startedAt),
    group?.name,
    came === undefined
      ? run.headcount
        ? RECORD.came(run.headcount)
        : ''
      : `${came} / ${run.people?.length ?? 0}`,
    run.overall ? WENT_WORDS[run.overall].toLowerCase() : '',
  ];
  return (
    <View role="listitem">
      <Link
        href={`/record/${run.id}`}
        style={StyleSheet.flatten([styles.row, { backgroundColor: t.sheet, borderColor: t.line }])}
      >
        <View style={styles.words}>
          <Text variant="titleMedium">{run.title}</Text>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {about.filter(Boolean).join(' · ')}
          </Text>
        </View>
        <View style={styles.end}>
          <Text variant="titleMedium" style={styles.figure}>
            {RECORD.of(printClock(run.realMs), printClock(run.plannedMs))}
          </Text>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {run.byHand ? ATTENDANCE.byHand : HOW[run.how]}
          </Text>
        </View>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 8, maxWidth: 760, width: '100%', alignSelf: 'center' },
  button: { minHeight: TARGET },
  tables: { gap: 8, marginBottom: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 4, alignItems: 'center' },
  plan: { borderWidth: 2, borderRadius: 12, padding: 16, gap: 8 },
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
  list: { gap: 8 },
  empty: { paddingVertical: 32, alignItems: 'center', gap: 4 },
});
